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

  private static final String SINGLE_QUOTES = "\u2018\u2019\u201a\u201b\u2032\u00b4`\u02bc";
  private static final String DOUBLE_QUOTES =
      "\u201c\u201d\u201e\u201f\u2033\u00ab\u00bb\u2039\u203a\u300a\u300b\u300c\u300d\u300e\u300f"
          + "\u3008\u3009";
  private static final String DASHES = "\u2010\u2011\u2012\u2013\u2014\u2212\u05be\u30a0";

  /** Characters that are not seen, and the stroke that only makes Arabic words longer. */
  private static final String UNSEEN =
      "\u00ad\u0640\u200b\u200e\u200f\u202a\u202b\u202c\u202d\u202e\u2060\u2066\u2067\u2068\u2069"
          + "\ufeff";

  /** Signs between words; a full stop is gone without a trace, so that U.K. is UK. */
  private static final String SIGNS =
      ",;:!?\u00a1\u00bf\u2026\u3001\u3002\u061f\u060c\u061b\u06d4\u0964\u0965\u055e\u055c\u055d"
          + "\u0589\u1362\u1363\u1364\u1365\u00b7\u0387\u2022\u203d\u17d4\u104a\u104b\u05c3";

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
    String plain = Forms.compatible(text);
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

  /** One that is nothing but articles keeps them. */
  private static List<String> withoutArticles(List<String> words) {
    List<String> others = new ArrayList<>();
    for (String word : words) {
      String small = Forms.caseFolded(word);
      if (!ARTICLES.contains(bare(small))) {
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
    return others.isEmpty() ? words : others;
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
        boolean inNumber = i > 0 && digit(text, i - 1) && digit(text, next);
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

  private static boolean digit(String text, int place) {
    return place < text.length() && text.charAt(place) >= '0' && text.charAt(place) <= '9';
  }

  /** Writes what stands for a character: itself, its plain form, a space, or nothing. */
  private static void sign(
      int c, Comparing how, boolean inNumber, String text, int place, StringBuilder out) {
    if (UNSEEN.indexOf(c) >= 0) {
      return;
    }
    int plain =
        Texts.space(c)
            ? ' '
            : SINGLE_QUOTES.indexOf(c) >= 0
                ? '\''
                : DOUBLE_QUOTES.indexOf(c) >= 0 ? '"' : DASHES.indexOf(c) >= 0 ? '-' : c;
    if (inNumber) {
      out.appendCodePoint(plain);
    } else if (how.signsMatter()) {
      boolean spaced = SPACED.indexOf(plain) >= 0;
      out.append(spaced ? " " : "").appendCodePoint(plain).append(spaced ? " " : "");
    } else if (plain == '-') {
      // A minus stays, a hyphen is as good as a space.
      out.append(digit(text, place + 1) && !letterBefore(text, place) ? '-' : ' ');
    } else if (plain != '.') {
      boolean space = plain == '"' || SIGNS.indexOf(plain) >= 0;
      out.appendCodePoint(space ? ' ' : plain);
    }
  }

  private static boolean letterBefore(String text, int place) {
    return place > 0 && !Texts.space(text.charAt(place - 1)) && !digit(text, place - 1);
  }
}
