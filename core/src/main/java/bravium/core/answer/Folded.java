package bravium.core.answer;

import bravium.core.words.Texts;
import java.util.ArrayList;
import java.util.List;

/**
 * A text as its words are compared: what does not matter is gone.
 *
 * @param words without spaces; articles are left out where they are free
 */
record Folded(List<String> words) {

  private static final String SINGLE_QUOTES = "\u2018\u2019\u201a\u201b\u2032\u00b4`";
  private static final String DOUBLE_QUOTES = "\u201c\u201d\u201e\u201f\u2033\u00ab\u00bb";
  private static final String DASHES = "\u2010\u2011\u2012\u2013\u2014\u2212";
  private static final String UNSEEN =
      "\u00ad\u200b\u200e\u200f\u202a\u202b\u202c\u202d\u202e\u2060\u2066\u2067\u2068\u2069\ufeff";

  /** Signs between words; a full stop is gone without a trace, so that U.K. is UK. */
  private static final String SIGNS = ",;:!?\u00a1\u00bf\u2026";

  /** Articles of languages that are commonly taught: English, French, German, Spanish, Italian. */
  private static final List<String> ARTICLES =
      List.of(
          "a", "an", "the", "le", "la", "les", "un", "une", "des", "der", "die", "das", "den",
          "dem", "ein", "eine", "einen", "el", "los", "las", "una", "il", "lo", "gli", "uno");

  static Folded of(String text, Comparing how) {
    String folded = how.caseMatters() ? Forms.decomposed(text) : Forms.caseFolded(text);
    String tidied = tidied(folded, how);
    List<String> words = new ArrayList<>();
    for (String word : Texts.split(tidied, ' ')) {
      if (!word.isEmpty()) {
        words.add(word);
      }
    }
    if (how.articles()) {
      List<String> others = words.stream().filter(w -> !ARTICLES.contains(w)).toList();
      words = others.isEmpty() ? words : new ArrayList<>(others);
    }
    if (how.anyOrder()) {
      words.sort(null);
    }
    return new Folded(List.copyOf(words));
  }

  boolean isEmpty() {
    return words.isEmpty();
  }

  private static String tidied(String text, Comparing how) {
    StringBuilder out = new StringBuilder(text.length());
    boolean plainLetter = false;
    for (int i = 0; i < text.length(); ) {
      int c = text.codePointAt(i);
      int next = i + Character.charCount(c);
      if (Forms.isMark(c)) {
        if (how.accentsMatter() || !plainLetter) {
          out.appendCodePoint(c);
        }
      } else {
        boolean inNumber = i > 0 && digit(text, i - 1) && digit(text, next);
        int kept = sign(how.accentsMatter() ? c : Letters.plain(c), how, inNumber);
        if (kept >= 0) {
          out.appendCodePoint(kept);
        }
        plainLetter = Letters.takesAccents(c);
      }
      i = next;
    }
    return out.toString();
  }

  private static boolean digit(String text, int place) {
    return place < text.length() && text.charAt(place) >= '0' && text.charAt(place) <= '9';
  }

  /** What stands for a character: itself, its plain form, a space, or nothing (-1). */
  private static int sign(int c, Comparing how, boolean inNumber) {
    if (Texts.space(c)) {
      return ' ';
    }
    if (UNSEEN.indexOf(c) >= 0) {
      return -1;
    }
    if (SINGLE_QUOTES.indexOf(c) >= 0) {
      return '\'';
    }
    if (DOUBLE_QUOTES.indexOf(c) >= 0) {
      return '"';
    }
    if (DASHES.indexOf(c) >= 0) {
      return '-';
    }
    if (how.signsMatter() || inNumber) {
      return c;
    }
    return c == '.' ? -1 : SIGNS.indexOf(c) >= 0 ? ' ' : c;
  }
}
