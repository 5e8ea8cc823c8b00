package bravium.core.answer;

import java.util.Arrays;
import java.util.function.Predicate;

/**
 * Small slips in words: one letter in a word of 5 to 8, two in a longer one, none in a shorter one
 * or in a number. A letter too many, too few or another is a slip, and so are two neighbours that
 * changed places (Damerau, <i>A technique for computer detection and correction of spelling
 * errors</i>, Communications of the ACM 7:3, 1964); no part is changed twice (optimal string
 * alignment).
 */
final class Slips {

  private static final int MOST = 2;

  /** The vowels and tails of Korean syllables (Unicode, Hangul Jamo). */
  private static final int VOWELS = 0x1160;

  private static final int AFTER_TAILS = 0x1200;

  private Slips() {}

  /** How many slips a word forgives. */
  static int allowed(String word) {
    int letters = letters(word).length;
    return Digits.at(word, 0) || letters < 5 ? 0 : letters <= 8 ? 1 : MOST;
  }

  /**
   * The slips between two words, up to 2; 3 stands for more. It looks only at places that are near
   * each other, so O(letters).
   */
  static int between(String one, String other) {
    int tooMany = MOST + 1;
    int[] a = letters(one);
    int[] b = letters(other);
    // A slip changes at most two of the letters that there are: most words are far apart.
    if (Integer.bitCount(there(a) ^ there(b)) > 2 * MOST) {
      return tooMany;
    }
    if (Math.abs(a.length - b.length) > MOST) {
      return tooMany;
    }
    int[] twoBack = new int[b.length + 1];
    int[] back = new int[b.length + 1];
    int[] row = new int[b.length + 1];
    for (int j = 0; j <= b.length; j++) {
      back[j] = Math.min(j, tooMany);
    }
    for (int i = 1; i <= a.length; i++) {
      Arrays.fill(row, Math.max(0, i - MOST - 2), Math.min(row.length, i + MOST + 2), tooMany);
      int from = Math.max(1, i - MOST);
      if (from == 1) {
        row[0] = Math.min(i, tooMany);
      }
      for (int j = from; j <= Math.min(b.length, i + MOST); j++) {
        int best = back[j - 1] + (a[i - 1] == b[j - 1] ? 0 : 1);
        best = Math.min(best, Math.min(back[j], row[j - 1]) + 1);
        if (i > 1 && j > 1 && a[i - 1] == b[j - 2] && a[i - 2] == b[j - 1]) {
          best = Math.min(best, twoBack[j - 2] + 1);
        }
        row[j] = Math.min(best, tooMany);
      }
      int[] free = twoBack;
      twoBack = back;
      back = row;
      row = free;
    }
    return back[b.length];
  }

  /** Which letters there are, one bit for several that are never told apart here. */
  private static int there(int[] letters) {
    int there = 0;
    for (int letter : letters) {
      there |= 1 << (letter & 31);
    }
    return there;
  }

  /**
   * The letters of a word as its reader counts them, each a number of its own: with the marks on
   * it, and with the vowel and the tail of a Korean syllable (extended grapheme clusters, Unicode
   * Standard Annex #29, as far as letters go).
   */
  static int[] letters(String word) {
    int[] letters = new int[word.length()];
    int count = 0;
    for (int i = 0; i < word.length(); ) {
      int point = word.codePointAt(i);
      i += Character.charCount(point);
      if (count > 0 && (Forms.isMark(point) || point >= VOWELS && point < AFTER_TAILS)) {
        letters[count - 1] = letters[count - 1] * 31 + point;
      } else {
        letters[count++] = point;
      }
    }
    return Arrays.copyOf(letters, count);
  }

  /** Beyond so many words nobody means that they may come in any order with slips in them. */
  private static final int MOST_MATCHED = 20;

  /**
   * What slips may not touch.
   *
   * @param others whether a word is one that a slip may not make: it means something else here
   * @param signs whether signs within words have to be right
   */
  record Kept(Predicate<String> others, boolean signs) {}

  /**
   * The slips with which one text's words can be read as another's; -1 if they can't.
   *
   * <p>A slip is in the letters: it never makes up for capitals, accents or signs where these
   * matter, for they are still in the words then.
   */
  static int reading(Folded typed, Folded meant, boolean anyOrder, Kept kept) {
    int n = meant.words().size();
    if (n != typed.words().size()) {
      return anyOrder ? -1 : apart(typed, meant, kept);
    }
    int[] partner = new int[n];
    if (!anyOrder || n > MOST_MATCHED) {
      for (int i = 0; i < n; i++) {
        partner[i] = i;
      }
    } else if (!matched(typed, meant, kept, partner)) {
      return -1;
    }
    int sum = 0;
    for (int i = 0; i < n; i++) {
      int slips = slips(typed.words().get(partner[i]), meant.words().get(i), kept);
      if (slips < 0) {
        return -1;
      }
      sum += slips;
    }
    return sum;
  }

  /**
   * The slips where a space or a hyphen was left out or put in: it is one, and stands alone in a
   * short word; -1 if they can't be read so. Where one word becomes many, or figures are moved, it
   * is none.
   */
  private static int apart(Folded typed, Folded meant, Kept kept) {
    boolean near = Math.abs(typed.words().size() - meant.words().size()) <= MOST;
    String all = String.join("", meant.words());
    String written = String.join("", typed.words());
    if (!near
        || hasDigit(all)
        || hasDigit(written)
        || typed.words().stream().anyMatch(kept.others)) {
      return -1;
    }
    if (written.equals(all)) {
      return 1;
    }
    int letters = slips(written, all, kept);
    return letters > 0 && letters < allowed(Folded.bare(all)) ? letters + 1 : -1;
  }

  private static int slips(String typed, String meant, Kept kept) {
    if (typed.equals(meant)) {
      return 0;
    }
    int slips = between(typed, meant);
    if (slips > MOST || isPlain(meant) && slips > allowed(meant)) {
      return -1;
    }
    if (hasDigit(typed) || hasDigit(meant)) {
      return -1;
    }
    String bareTyped = Folded.bare(typed);
    String bareMeant = Folded.bare(meant);
    if (bareMeant.isEmpty() || kept.signs && !signs(typed).equals(signs(meant))) {
      return -1;
    }
    // Were case and accents all the same, there would be as many.
    boolean inLetters = slips == between(bareTyped, bareMeant);
    return inLetters && slips <= allowed(bareMeant) && !kept.others.test(typed) ? slips : -1;
  }

  /** Whether a word has letters alone that are bare already, so that it need not be folded. */
  private static boolean isPlain(String word) {
    for (int i = 0; i < word.length(); i++) {
      char c = word.charAt(i);
      if ((c < 'a' || c > 'z') && (c < 'A' || c > 'Z')) {
        return false;
      }
    }
    return !word.isEmpty();
  }

  private static boolean hasDigit(String word) {
    return word.chars().anyMatch(Digits::is);
  }

  /** What of the common signs is in a word. */
  private static String signs(String word) {
    StringBuilder signs = new StringBuilder();
    for (int i = 0; i < word.length(); i++) {
      char c = word.charAt(i);
      boolean letter = c >= 'A' && c <= 'Z' || c >= 'a' && c <= 'z' || c >= 0x80;
      signs.append(letter ? "" : String.valueOf(c));
    }
    return signs.toString();
  }

  /** Gives each word that is meant a typed one (augmenting paths, Kuhn 1955). */
  private static boolean matched(Folded typed, Folded meant, Kept kept, int[] partner) {
    Arrays.fill(partner, -1);
    for (int word = 0; word < partner.length; word++) {
      if (!augmented(word, typed, meant, kept, partner, new boolean[partner.length])) {
        return false;
      }
    }
    return true;
  }

  private static boolean augmented(
      int word, Folded typed, Folded meant, Kept kept, int[] partner, boolean[] tried) {
    for (int m = 0; m < partner.length; m++) {
      boolean fits = slips(typed.words().get(word), meant.words().get(m), kept) >= 0;
      if (fits && !tried[m]) {
        tried[m] = true;
        if (partner[m] < 0 || augmented(partner[m], typed, meant, kept, partner, tried)) {
          partner[m] = word;
          return true;
        }
      }
    }
    return false;
  }
}
