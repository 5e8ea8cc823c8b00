package bravium.formats;

import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A line of a quiz as people type it, taken apart: what stands before its words (a number, a
 * letter, a box, a star, a dash), what stands behind them, and the words.
 *
 * @param place on which line it is, from 1
 * @param raw as it stands there
 * @param words without what stands around them
 * @param number the number before them; 0 for a word such as “Question”; null for none
 * @param letter the letter before them, as a small one; null for none
 * @param box whether a box, tick or cross stands before them
 * @param ticked whether that says that it is right
 * @param star whether a star stands before or behind them
 * @param bold whether all of them are bold
 * @param said whether they are said to be right: “(correct)”, a tick behind them
 * @param denied whether they are said to be wrong: “(false)”, a cross behind them
 * @param bullet whether a dash or a bullet stands before them
 */
record QuizLine(
    int place,
    String raw,
    String words,
    @Nullable Integer number,
    @Nullable Character letter,
    boolean box,
    boolean ticked,
    boolean star,
    boolean bold,
    boolean said,
    boolean denied,
    boolean bullet) {

  /** The letters that count options, of several alphabets: eight of each. */
  static final String LETTERS = "A-Ha-hабвгдежзАБВГДЕЖЗאבגדהוזחαβγδεζηθΑΒΓΔΕΖΗΘأبجدهوزح";

  private static final List<String> ALPHABETS =
      List.of("abcdefgh", "абвгдежз", "אבגדהוזח", "αβγδεζηθ", "أبجدهوزح");

  private static final String TICKED =
      "\u2713\u2714\u2611\u2612\u2705\u25a0\u25cf\u25c9\u2b24\u25fc";
  private static final String EMPTY = "\u2610\u25a1\u25fb\u25cb\u25ef\u2b1c\u2717\u2718\u274c";

  /** An arrow or a plus before some options marks them, one before each is a bullet. */
  private static final String ARROWS = "\u2192\u21d2\u2794\u27a4\u25ba\u25b6";

  private static final String BULLETS = "-\u2022\u2023\u25aa\u25e6\u2013\u2014\u00b7\u2043";

  private static final Pattern NUMBER =
      Pattern.compile(
          "^(?:(?:question|q|no)\\.?\\s*)?\\(?(\\d{1,3})\\s*[.):\\]]\\s+(?=\\S)", flags());
  private static final Pattern NAMED =
      Pattern.compile("^(?:question|q)\\s*(\\d{1,3})?\\s*[.:)]\\s*(?=\\S)", flags());
  private static final Pattern NAMED_ALONE =
      Pattern.compile("^question\\s+(\\d{1,3})\\s*[.:)]?$", flags());
  private static final Pattern LETTER =
      Pattern.compile(
          "^[(\\[]?(["
              + LETTERS
              + "])\\s*[.):\\]]\\s*(?=\\S)|^[(\\[](["
              + LETTERS
              + "])[)\\]]\\s*(?=\\S)");
  private static final Pattern BOX =
      Pattern.compile("^[\\[(]\\s*([xX*\u2713\u2714]?)\\s*[\\])]\\s+(?=\\S)");
  private static final Pattern SAID =
      Pattern.compile(
          "\\s*(?:[\u2713\u2714\u2705]|[(\\[](?:correct|right|correct answer|right answer|answer)[)\\]]"
              + "|<?[-=\u2013]+>?\\s*(?:correct|right))\\s*$",
          flags());

  private static final Pattern BEHIND =
      Pattern.compile("\\s*[(\\[]([^()\\[\\]]{2,30})[)\\]]\\s*[.]?$");
  private static final Pattern CROSSED = Pattern.compile("\\s*[\u2717\u2718\u274c]\\s*$");

  private static final Pattern RUNS = Pattern.compile("\\s+");

  private static final Pattern PICTURES_BEHIND =
      Pattern.compile("(?:\\s{0,9}!\\[[^\\]]{0,300}]\\([^()\\s]{1,100}\\))+$");

  private static int flags() {
    return Pattern.CASE_INSENSITIVE;
  }

  /** Nobody writes longer lines in a quiz: of one that is, nothing is taken apart. */
  static final int LONGEST = 4_000;

  static QuizLine of(int place, String raw) {
    if (raw.length() > LONGEST) {
      return new QuizLine(
          place, raw, raw.strip(), null, null, false, false, false, false, false, false, false);
    }
    Cut cut = new Cut(RUNS.matcher(raw).replaceAll(" ").strip());
    cut.cut();
    return new QuizLine(
        place,
        raw,
        cut.rest,
        cut.number,
        cut.letter,
        cut.box,
        cut.ticked,
        cut.star,
        cut.bold,
        cut.said,
        cut.denied,
        cut.bullet);
  }

  /** The Latin letter at the same place of its alphabet; the letter itself where there is none. */
  static char latin(char letter) {
    char small = Character.toLowerCase(letter);
    for (String alphabet : ALPHABETS) {
      int place = alphabet.indexOf(small);
      if (place >= 0) {
        return (char) ('a' + place);
      }
    }
    return small;
  }

  /** Whether it is longer than what is looked at. */
  boolean isLong() {
    return raw.length() > LONGEST;
  }

  boolean blank() {
    return raw.isBlank();
  }

  /** Whether something says that it is right; bold alone does so only beside what is not. */
  boolean marked() {
    return ticked || star || said;
  }

  /** Whether something before it makes it one of several. */
  boolean listed() {
    return letter != null || box || bullet;
  }

  boolean asks() {
    String spoken = spoken(words);
    return spoken.endsWith("?") || spoken.endsWith("\uff1f") || spoken.endsWith("\u061f");
  }

  /** The words without the pictures behind them. */
  private static String spoken(String words) {
    return words.endsWith(")") ? PICTURES_BEHIND.matcher(words).replaceFirst("") : words;
  }

  /** Whether it leads to what stands below it. */
  boolean leads() {
    String spoken = spoken(words);
    return asks()
        || spoken.endsWith(":")
        || spoken.endsWith("\u2026")
        || spoken.endsWith("...")
        || words.contains("__");
  }

  String lower() {
    return words.toLowerCase(Locale.ROOT);
  }

  /** Takes away what stands around the words, piece by piece. */
  private static final class Cut {
    private String rest;
    private Integer number;
    private Character letter;
    private boolean box;
    private boolean ticked;
    private boolean star;
    private boolean bold;
    private boolean said;
    private boolean denied;
    private boolean bullet;

    Cut(String text) {
      this.rest = text;
    }

    void cut() {
      for (String before = null; !rest.equals(before); ) {
        before = rest;
        boldness();
        signs();
        marker();
      }
      Matcher right = SAID.matcher(rest);
      if (right.find() && right.start() > 0) {
        said = true;
        rest = rest.substring(0, right.start()).strip();
      }
      judged();
      if (rest.length() > 1 && rest.endsWith("*") && !rest.endsWith("**")) {
        star = true;
        rest = rest.substring(0, rest.length() - 1).strip();
      }
      boldness();
    }

    /** “(richtig)”, “(faux)” and a cross behind the words. */
    private void judged() {
      Matcher crossed = CROSSED.matcher(rest);
      Matcher behind = BEHIND.matcher(rest);
      if (crossed.find() && crossed.start() > 0) {
        denied = true;
        rest = rest.substring(0, crossed.start()).strip();
      } else if (behind.find() && behind.start() > 0 && !said) {
        Boolean judged = Truth.word(behind.group(1));
        said = Boolean.TRUE.equals(judged);
        denied = Boolean.FALSE.equals(judged);
        rest = judged == null ? rest : rest.substring(0, behind.start()).strip();
      }
    }

    private void boldness() {
      for (String sign : new String[] {"**", "__"}) {
        boolean whole =
            rest.length() > 4
                && rest.startsWith(sign)
                && rest.endsWith(sign)
                && rest.indexOf(sign, 2) == rest.length() - 2
                && rest.chars().anyMatch(Character::isLetterOrDigit);
        if (whole) {
          bold = true;
          rest = rest.substring(2, rest.length() - 2).strip();
        }
      }
    }

    private void signs() {
      if (rest.length() < 2) {
        return;
      }
      char first = rest.charAt(0);
      Matcher boxed = BOX.matcher(rest);
      if (letter == null && boxed.find()) {
        box = true;
        ticked |= !boxed.group(1).isEmpty();
        rest = rest.substring(boxed.end());
      } else if (TICKED.indexOf(first) >= 0 || EMPTY.indexOf(first) >= 0) {
        box = true;
        ticked |= TICKED.indexOf(first) >= 0;
        rest = rest.substring(1).strip();
      } else if (first == '*' && rest.charAt(1) != '*') {
        star = true;
        bullet |= rest.charAt(1) == ' ';
        rest = rest.substring(1).strip();
      } else if (ARROWS.indexOf(first) >= 0
          || first == '+' && Character.isWhitespace(rest.charAt(1))) {
        star = true;
        bullet = true;
        rest = rest.substring(1).strip();
      } else if (BULLETS.indexOf(first) >= 0 && Character.isWhitespace(rest.charAt(1))) {
        bullet = true;
        rest = rest.substring(1).strip();
      }
    }

    private void marker() {
      Matcher alone = NAMED_ALONE.matcher(rest);
      Matcher found = NUMBER.matcher(rest);
      if (number != null || letter != null) {
        return;
      }
      if (alone.find()) {
        number = Integer.valueOf(alone.group(1));
        rest = "";
      } else if (found.find()) {
        number = Integer.valueOf(found.group(1));
        rest = rest.substring(found.end());
      } else if ((found = NAMED.matcher(rest)).find()) {
        number = found.group(1) == null ? 0 : Integer.valueOf(found.group(1));
        rest = rest.substring(found.end());
      } else if ((found = LETTER.matcher(rest)).find() && spaced(found)) {
        String sign = found.group(1) == null ? found.group(2) : found.group(1);
        letter = latin(sign.charAt(0));
        rest = rest.substring(found.end());
      }
    }

    /** “a.m.” is no letter of an option: a space or a bracket stands behind it. */
    private boolean spaced(Matcher found) {
      String sign = found.group();
      return sign.endsWith(" ") || sign.contains(")") || sign.contains("]");
    }
  }
}
