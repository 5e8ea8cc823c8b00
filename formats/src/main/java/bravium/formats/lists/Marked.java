package bravium.formats.lists;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.IntPredicate;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/**
 * The lines of a list without the markers before them. A bullet or a box is always one; a number, a
 * letter or a Roman number is one only where the lines count on with it: in {@code 2 candles} the
 * number belongs to the thing, in {@code T. rex} the letter.
 */
public final class Marked {

  /** What a line is before anything is known of what the list holds. */
  public enum Kind {
    /** Nothing stands there, or a rule of signs. */
    BLANK,
    /** It is marked as a heading. */
    HEADING,
    /** A marker stood before it. */
    MARKED,
    PLAIN
  }

  /**
   * A line.
   *
   * @param place from 1
   * @param raw as it stands there
   * @param words without its marker and what isn't seen
   */
  public record Line(int place, String raw, String words, Kind kind) {

    /** Whether nothing is written there. */
    public boolean blank() {
      return kind == Kind.BLANK;
    }

    private Line unmarked(String rest) {
      return new Line(place, raw, rest, Kind.MARKED);
    }
  }

  private static final Pattern RULE = Pattern.compile("[-=_*~#+|:•·—–\\s]{3,}");
  private static final Pattern HEADING = Pattern.compile("^#{1,6}\\s+(?=\\S)");
  private static final Pattern BULLET =
      Pattern.compile(
          "^(?:[•‣▪◦·⁃∙●○■□▫►▶➢➤➔→⇒✓✔✗✘☐☑☒✅❌✦★☆◆◇❖\u27a4\uf0b7\uf0a7]\ufe0f?\\s*"
              + "|\\x{1F449}\\s*|[-–—*+]\\s+|\\[[ xX✓]?]\\s*)(?=\\S)");
  private static final Pattern LETTER_O = Pattern.compile("^o\\s+(?=\\S)");
  private static final Pattern NUMBER =
      Pattern.compile(
          "^[(\\[（]?(\\p{Nd}{1,3})(?:[.．](?!\\p{Nd})|[):\\]）、]|\\s?[-–]\\s)\\s*(?=\\S|$)");
  private static final Pattern BARE = Pattern.compile("^(\\p{Nd}{1,3})[\\t ]+(?=\\S)");
  private static final Pattern LETTER = Pattern.compile("^\\(?(\\p{L})(?:[.]\\s+|\\)\\s*)(?=\\S)");
  private static final Pattern ROMAN = Pattern.compile("^\\(?([ivxIVX]{1,6})[.)]\\s+(?=\\S)");
  private static final List<String> ROMANS =
      List.of(
          "i", "ii", "iii", "iv", "v", "vi", "vii", "viii", "ix", "x", "xi", "xii", "xiii", "xiv",
          "xv", "xvi", "xvii", "xviii", "xix", "xx");
  private static final Pattern EMPHASIS =
      Pattern.compile("^(\\*\\*|__|\\*|_)(?=\\S)([^*_]+)(?<=\\S)\\1$");

  private Marked() {}

  /** The lines of a text. */
  public static List<Line> of(String text) {
    return of(text, true);
  }

  /** The same, but numbers before a tab stay: they may be a column with a head. */
  public static List<Line> ofRows(String text) {
    return of(text, text.indexOf('\t') < 0);
  }

  private static List<Line> of(String text, boolean counted) {
    List<String> raw = Lines.of(text);
    List<Line> lines = new ArrayList<>();
    for (int i = 0; i < raw.size(); i++) {
      lines.add(line(i + 1, raw.get(i), i + 1 < raw.size() ? raw.get(i + 1) : ""));
    }
    without(lines, BULLET, (values, all) -> true);
    if (counted) {
      withoutCounts(lines, text.indexOf('\t') >= 0);
    }
    lines.replaceAll(Marked::plain);
    return lines;
  }

  private static void withoutCounts(List<Line> lines, boolean tabs) {
    without(lines, LETTER_O, (values, all) -> values.size() > 1 && half(values, all));
    without(lines, ROMAN, (values, all) -> counts(values.values().stream().map(Marked::roman)));
    without(lines, NUMBER, Marked::half);
    without(lines, BARE, (values, all) -> bare(values, all, tabs));
    without(
        lines,
        LETTER,
        (values, all) ->
            counts(values.values().stream().map(v -> Character.toLowerCase(v.codePointAt(0))))
                && half(values, all));
  }

  /** Without signs that make all of it bold or italic. */
  private static Line plain(Line line) {
    Matcher whole = EMPHASIS.matcher(line.words);
    return whole.matches() ? new Line(line.place, line.raw, whole.group(2), line.kind) : line;
  }

  private static Line line(int place, String raw, String next) {
    String words = Lines.plain(raw);
    boolean rule =
        RULE.matcher(words).matches() && words.chars().noneMatch(Character::isLetterOrDigit);
    if (words.isEmpty() || rule) {
      return new Line(place, raw, "", Kind.BLANK);
    }
    Matcher hash = HEADING.matcher(words);
    if (hash.find()) {
      return new Line(place, raw, words.substring(hash.end()), Kind.HEADING);
    }
    boolean ruled = Lines.plain(next).matches("={3,}");
    return new Line(place, raw, words, ruled ? Kind.HEADING : Kind.PLAIN);
  }

  /** Whether what stands before some lines, by their places, is a marker. */
  private interface Accepts {
    boolean markers(Map<Integer, String> values, long all);
  }

  private static void without(List<Line> lines, Pattern marker, Accepts accepts) {
    Map<Integer, String> values = new LinkedHashMap<>();
    Map<Integer, String> rests = new HashMap<>();
    long all = 0;
    for (int i = 0; i < lines.size(); i++) {
      Line line = lines.get(i);
      if (line.blank() || line.kind == Kind.HEADING) {
        continue;
      }
      all++;
      Matcher before = marker.matcher(line.words);
      if (before.find()) {
        values.put(i, before.groupCount() > 0 ? before.group(1) : "");
        rests.put(i, line.words.substring(before.end()).strip());
      }
    }
    if (!values.isEmpty() && accepts.markers(values, all)) {
      rests.forEach((place, rest) -> lines.set(place, lines.get(place).unmarked(rest)));
    }
  }

  private static boolean half(Map<Integer, String> values, long all) {
    return values.size() * 2L >= all;
  }

  /** Numbers without a sign behind them: they count from 1, line for line. */
  private static boolean bare(Map<Integer, String> values, long all, boolean tabs) {
    int fewest = tabs ? 2 : 3;
    return values.size() >= fewest
        && half(values, all)
        && counts(values.values().stream().map(Marked::number));
  }

  private static int number(String digits) {
    int number = 0;
    for (int i = 0; i < digits.length(); i++) {
      number = number * 10 + Character.digit(digits.charAt(i), 10);
    }
    return number;
  }

  private static int roman(String text) {
    return ROMANS.indexOf(text.toLowerCase(Locale.ROOT)) + 1;
  }

  /** Whether these count on one by one from the first of their kind, and are several. */
  private static boolean counts(Stream<Integer> values) {
    List<Integer> all = values.toList();
    IntPredicate begins = n -> n == 1 || n == 'a' || n == 'а' || n == 'א' || n == 'α' || n == 'أ';
    if (all.size() < 2 || !begins.test(all.getFirst())) {
      return false;
    }
    for (int i = 1; i < all.size(); i++) {
      boolean again = begins.test(all.get(i));
      boolean alphabet = all.getFirst() == 'أ';
      if (!again && !alphabet && all.get(i) != all.get(i - 1) + 1) {
        return false;
      }
    }
    return true;
  }
}
