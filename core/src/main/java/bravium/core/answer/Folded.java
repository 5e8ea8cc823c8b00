package bravium.core.answer;

import bravium.core.rich.Texts;
import java.util.ArrayList;
import java.util.List;

/**
 * A text as its words are compared: what does not matter is gone.
 *
 * @param words without spaces; articles are left out where they are free
 */
record Folded(List<String> words) {

  private static final String SINGLE_QUOTES = "\u2018\u2019\u201a\u201b\u2032\u00b4`\u02bc\u05f3";
  private static final String DOUBLE_QUOTES =
      "\u201c\u201d\u201e\u201f\u2033\u00ab\u00bb\u2039\u203a\u300a\u300b\u300c\u300d\u300e\u300f"
          + "\u3008\u3009";
  private static final String DASHES = "\u2010\u2011\u2012\u2013\u2014\u2212\u05be\u30a0";

  /**
   * Characters that are not seen, those that choose between two drawings of a sign, and the stroke
   * that only makes Arabic words longer.
   */
  private static final String UNSEEN =
      "\u00ad\u0640\u200b\u200e\u200f\u202a\u202b\u202c\u202d\u202e\u2060\u2066\u2067\u2068\u2069"
          + "\ufe0e\ufe0f\ufeff";

  /** Signs between words; a full stop is gone without a trace, so that U.K. is UK. */
  private static final String SIGNS =
      ",;:!?\u00a1\u00bf\u2026\u3001\u3002\u061f\u060c\u061b\u06d4\u0964\u0965\u055e\u055c\u055d"
          + "\u0589\u1362\u1363\u1364\u1365\u00b7\u0387\u2022\u203d\u17d4\u104a\u104b\u05c3";

  /** Brackets, each with what closes it. */
  private static final String BRACKETS =
      "()[]{}<>\u00ab\u00bb\u2039\u203a\u201c\u201d\u2018\u2019\u201e\u201c\u201a\u2018\"\"''";

  /** Signs that stand by themselves, with spaces beside them or none. */
  private static final String ALONE = "&=+\u00d7\u00f7";

  /** Signs that have a space before or behind them in one language and none in another. */
  private static final String SPACED = ",;:!?";

  /**
   * Articles of languages that are commonly taught: English, French, German, Spanish, Italian,
   * Portuguese, Dutch, Catalan, Swedish, Danish, Norwegian, Hungarian, Irish, Welsh, Greek.
   */
  private static final List<String> ARTICLES =
      List.of(
          "a",
          "an",
          "the",
          "le",
          "la",
          "les",
          "un",
          "une",
          "des",
          "der",
          "die",
          "das",
          "den",
          "dem",
          "ein",
          "eine",
          "einen",
          "einem",
          "einer",
          "eines",
          "el",
          "los",
          "las",
          "una",
          "unos",
          "unas",
          "il",
          "lo",
          "gli",
          "i",
          "uno",
          "o",
          "os",
          "as",
          "um",
          "uma",
          "uns",
          "umas",
          "de",
          "het",
          "een",
          "els",
          "en",
          "ett",
          "et",
          "ei",
          "det",
          "az",
          "egy",
          "na",
          "y",
          "yr",
          "\u03bf",
          "\u03b7",
          "\u03c4\u03bf",
          "\u03bf\u03b9",
          "\u03c4\u03b1");

  /** Articles that have lost their vowel and stand before a word: l'abeille, un'ape. */
  private static final List<String> SHORTENED = List.of("l'", "un'", "gl'", "y'r");

  static Folded of(String text, Comparing how) {
    String plain = Forms.compatible(how.signsMatter() ? text : unbracketed(text));
    String folded = how.caseMatters() ? Forms.decomposed(plain) : Forms.caseFolded(plain);
    List<String> words = new ArrayList<>();
    for (String word : Texts.split(tidied(folded, how), ' ')) {
      String bare = how.signsMatter() ? word : withoutQuotes(word);
      if (!bare.isEmpty()) {
        words.add(bare);
      }
    }
    if (how.articles()) {
      words = withoutArticles(words);
    }
    if (how.anyOrder()) {
      words.sort(null);
    }
    return new Folded(List.copyOf(words));
  }

  boolean isEmpty() {
    return words.isEmpty();
  }

  /** The words that join two things, as {@code &} does, in the languages of the articles. */
  private static final List<String> JOINING =
      List.of(
          "and",
          "und",
          "et",
          "y",
          "e",
          "i",
          "en",
          "och",
          "og",
          "ja",
          "\u0438",
          "\u0456",
          "\u0439",
          "\u0442\u0430",
          "ve",
          "\u00e9s",
          "\u0219i",
          "\u03ba\u03b1\u03b9");

  private static final String AND = "&";

  /** Whether a word joins two things, or a sign does. */
  static boolean joins(String word) {
    return word.equals(AND) || JOINING.contains(bare(word));
  }

  /** Whether it is the same but for {@code &} where the other has a word for it. */
  boolean equalsButAnd(Folded other) {
    boolean same = words.size() == other.words.size();
    for (int i = 0; same && i < words.size(); i++) {
      String one = words.get(i);
      String two = other.words.get(i);
      same = one.equals(two) || (one.equals(AND) ? joins(two) : two.equals(AND) && joins(one));
    }
    return same;
  }

  /** Whether a character can't be seen, and says nothing. */
  static boolean isUnseen(int c) {
    return UNSEEN.indexOf(c) >= 0;
  }

  /** A text without brackets or quotation marks that stand around the whole of it. */
  static String unbracketed(String text) {
    String inner = Texts.trimmed(text);
    while (inner.length() > 2) {
      int last = inner.length() - 1;
      int at = opening(inner.charAt(0), inner.charAt(last));
      boolean around = at >= 0 && inner.indexOf(BRACKETS.charAt(at + 1), 1) == last;
      if (!around || Texts.blank(inner.substring(1, last))) {
        return inner;
      }
      inner = Texts.trimmed(inner.substring(1, last));
    }
    return inner;
  }

  private static int opening(char first, char last) {
    for (int i = 0; i < BRACKETS.length(); i += 2) {
      if (BRACKETS.charAt(i) == first && BRACKETS.charAt(i + 1) == last) {
        return i;
      }
    }
    return -1;
  }

  /** A last word is no article: it is the A of plan A. */
  private static List<String> withoutArticles(List<String> words) {
    List<String> others = new ArrayList<>();
    for (int i = 0; i < words.size(); i++) {
      String word = words.get(i);
      String small = Forms.caseFolded(word);
      if (i == words.size() - 1 || !ARTICLES.contains(bare(small))) {
        int from = 0;
        for (String article : SHORTENED) {
          from =
              small.startsWith(article) && word.length() > article.length()
                  ? article.length()
                  : from;
        }
        others.add(word.substring(from));
      }
    }
    return others;
  }

  /** A word without case and accents, for what is compared without either. */
  static String bare(String word) {
    return String.join(" ", of(word, Comparing.FAIR).words);
  }

  /** Apostrophes at its ends are quotation marks; within it they belong to it. */
  private static String withoutQuotes(String word) {
    int start = 0;
    int end = word.length();
    while (start < end && word.charAt(start) == '\'') {
      start++;
    }
    while (end > start && word.charAt(end - 1) == '\'') {
      end--;
    }
    return word.substring(start, end);
  }

  private static String tidied(String text, Comparing how) {
    StringBuilder out = new StringBuilder(text.length());
    boolean plainLetter = false;
    for (int i = 0; i < text.length(); ) {
      int c = text.codePointAt(i);
      int next = i + Character.charCount(c);
      if (Forms.isMark(c)) {
        if (how.accentsMatter() || !plainLetter && !Letters.isPoint(c)) {
          out.appendCodePoint(c);
        }
      } else {
        boolean inNumber = Digits.at(text, i - 1) && Digits.at(text, next);
        String apart = how.accentsMatter() ? null : Letters.apart(c);
        if (apart != null) {
          out.append(apart);
        } else {
          sign(how.accentsMatter() ? c : Letters.plain(c), how, inNumber, text, i, out);
        }
        plainLetter = Letters.takesAccents(c);
      }
      i = next;
    }
    return out.toString();
  }

  /** Writes what stands for a character: itself, its plain form, a space, or nothing. */
  private static void sign(
      int c, Comparing how, boolean inNumber, String text, int place, StringBuilder out) {
    if (isUnseen(c)) {
      return;
    }
    if (!how.signsMatter() && (c == '"' || c == '\u05f4') && inHebrew(text, place)) {
      return;
    }
    if (ALONE.indexOf(c) >= 0 && !how.signsMatter()) {
      out.append(' ').appendCodePoint(c).append(' ');
      return;
    }
    int before = out.length() - 1;
    if (c == '%' && before > 0 && out.charAt(before) == ' ' && Digits.is(out.charAt(before - 1))) {
      // With a space before it or without.
      out.setLength(before);
    }
    int plain =
        Texts.space(c)
            ? ' '
            : SINGLE_QUOTES.indexOf(c) >= 0
                ? '\''
                : DOUBLE_QUOTES.indexOf(c) >= 0 ? '"' : DASHES.indexOf(c) >= 0 ? '-' : c;
    if (inNumber && plain != ';') {
      out.appendCodePoint(plain);
    } else if (how.signsMatter()) {
      boolean spaced = SPACED.indexOf(plain) >= 0;
      out.append(spaced ? " " : "").appendCodePoint(plain).append(spaced ? " " : "");
    } else if (plain == '-') {
      // A minus stays, a hyphen is as good as a space.
      out.append(Digits.at(text, place + 1) && !letterBefore(text, place) ? '-' : ' ');
    } else if (plain != '.') {
      boolean space = plain == '"' || SIGNS.indexOf(plain) >= 0;
      out.appendCodePoint(space ? ' ' : plain);
    }
  }

  /**
   * Between two Hebrew letters a double stroke makes a short word of them, and is often left out.
   */
  private static boolean inHebrew(String text, int place) {
    return place > 0
        && place + 1 < text.length()
        && isHebrew(text.charAt(place - 1))
        && isHebrew(text.charAt(place + 1));
  }

  private static boolean isHebrew(char c) {
    return c >= 0x5d0 && c <= 0x5ea;
  }

  private static boolean letterBefore(String text, int place) {
    return place > 0 && !Texts.space(text.charAt(place - 1)) && !Digits.at(text, place - 1);
  }
}
