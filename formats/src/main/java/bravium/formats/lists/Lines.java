package bravium.formats.lists;

import java.util.List;
import java.util.regex.Pattern;

/**
 * A text as its lines, whatever ends them: slides end a line with a vertical tab, some programs
 * with the Unicode Standard's line and paragraph separators (section 5.8, newline guidelines).
 */
public final class Lines {

  private static final Pattern ENDS = Pattern.compile("\r\n|[\n\r\u000b\f\u0085\u2028\u2029]");

  /** What isn't seen: direction marks, zero-width spaces, byte-order marks, soft hyphens. */
  private static final Pattern UNSEEN =
      Pattern.compile(
          "[\u00ad\u061c\u200b\u200e\u200f\u202a-\u202e\u2060-\u2064\u2066-\u206f\ufeff]");

  private static final Pattern SPACES =
      Pattern.compile("[\u00a0\u1680\u2000-\u200a\u202f\u205f\u3000]");

  private static final Pattern RUNS = Pattern.compile(" {2,}");

  /** The bars around the cells of a line. */
  private static final Pattern BARS = Pattern.compile("^\\|\\s*|\\s*\\|$");

  private Lines() {}

  /** The lines of a text as they stand there, the blank ones among them. */
  public static List<String> of(String text) {
    return List.of(ENDS.split(text, -1));
  }

  /** The text with line feeds alone at the ends of its lines. */
  public static String ended(String text) {
    return ENDS.matcher(text).replaceAll("\n");
  }

  /** A text without what isn't seen, and with plain spaces; tabs and line ends stay. */
  public static String seen(String text) {
    return SPACES.matcher(UNSEEN.matcher(text).replaceAll("")).replaceAll(" ");
  }

  /** A line without what isn't seen, with single spaces and none around it; tabs in it stay. */
  public static String plain(String line) {
    return RUNS.matcher(seen(line)).replaceAll(" ").strip();
  }

  /** A line of cells without the bars before the first and behind the last. */
  public static String withoutBars(String line) {
    return BARS.matcher(line).replaceAll("");
  }
}
