package bravium.formats;

import bravium.core.rich.Texts;
import bravium.formats.lists.Head;
import bravium.formats.lists.Lines;
import java.util.ArrayList;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

/**
 * A text as its reader likes it: nothing in it that isn't seen, tabs only between cells, and the
 * bars of a Markdown table as tabs. Each line stays on its line.
 */
final class TidyText {

  private static final Pattern RULE =
      Pattern.compile("\\|?\\s*:?-{2,}:?\\s*(?:\\|\\s*:?-{2,}:?\\s*)*\\|?");
  private static final Pattern MARKER =
      Pattern.compile(
          "^(\\s*)(?:(\\d{1,3}[.):]?)|(["
              + QuizLine.LETTERS
              + "])([.):]?)|([-\u2013\u2014\u2022\u00b7o\u25cb\u25cf]))\t+(?=\\S)");
  private static final Pattern ALONE =
      Pattern.compile(
          "^\\s*(\\p{L}{2,20})\\s+([(\\[]?(?:[" + QuizLine.LETTERS + "]|\\d{1,2})[)\\].]?)\\s*$");
  private static final Pattern NUMBERED_ANSWER =
      Pattern.compile("^\\s*A\\s?\\d{1,3}\\s*:\\s*(\\S.*)$");
  private static final Pattern BARE_LETTER = Pattern.compile("^\\s*([A-H]) (?=\\S)");
  private static final Pattern CALLED = Pattern.compile("^(\\s*[^\t:]{2,40}):?\t+(\\S[^\t]*)$");

  /** What no text has while a bar is looked for. */
  private static final String ESCAPED = "\u0001";

  private TidyText() {}

  /**
   * The tidy text.
   *
   * @param quiz whether signs are put where a quiz leaves them out; a list with boxes has its own
   */
  static String of(String text, boolean quiz) {
    List<String> lines = new ArrayList<>(List.of(Lines.seen(Lines.ended(text)).split("\n", -1)));
    unbar(lines);
    long tabbed = lines.stream().filter(TidyText::hasCells).count();
    if (quiz) {
      lines.replaceAll(TidyText::called);
      bracketLetters(lines);
    }
    List<String> marked = lines.stream().map(TidyText::marked).toList();
    long cells = marked.stream().filter(TidyText::hasCells).count();
    // Where most cells are gone with the markers, these were no cells.
    return String.join("\n", cells * 2 < tabbed ? marked : lines);
  }

  private static boolean hasCells(String line) {
    return line.strip().indexOf('\t') >= 0;
  }

  /** A line with a space instead of the tab behind its number, letter or bullet. */
  private static String marked(String line) {
    Matcher marker = MARKER.matcher(line);
    if (marker.find()) {
      String rest = line.substring(marker.end());
      String sign = line.substring(marker.end(1), marker.end()).strip();
      boolean bare = sign.length() == 1 && marker.group(3) != null || sign.matches("\\d+");
      boolean bullet = marker.group(5) != null;
      return marker.group(1) + (bullet ? "-" : sign) + (bare ? ". " : " ") + rest;
    }
    Matcher called = CALLED.matcher(line);
    return called.matches() && Head.RIGHT.names(called.group(1))
        ? called.group(1) + ": " + called.group(2)
        : line;
  }

  /** “Answer B” and “A2: wax” as “Answer: B” and “Answer: wax”. */
  private static String called(String line) {
    Matcher alone = ALONE.matcher(line);
    if (alone.matches() && Head.RIGHT.names(alone.group(1))) {
      return alone.group(1) + ": " + alone.group(2);
    }
    Matcher numbered = NUMBERED_ANSWER.matcher(line);
    return numbered.matches() ? "Answer: " + numbered.group(1) : line;
  }

  /** Letters without a sign, “A wax” above “B honey”, where lines count on with them. */
  private static void bracketLetters(List<String> lines) {
    int run = 0;
    for (int i = 0; i <= lines.size(); i++) {
      Matcher letter = BARE_LETTER.matcher(i < lines.size() ? lines.get(i) : "");
      boolean next = letter.find() && letter.group(1).charAt(0) == 'A' + run;
      if (next) {
        run++;
        continue;
      }
      for (int j = i - run; run > 1 && j < i; j++) {
        String line = lines.get(j).strip();
        lines.set(j, line.charAt(0) + ") " + line.substring(2));
      }
      run = 0;
    }
  }

  /** Markdown's tables with tabs for their bars; the rule below their heads is blank. */
  private static void unbar(List<String> lines) {
    for (int i = 0; i < lines.size(); i++) {
      boolean rule = lines.get(i).indexOf('|') >= 0 && RULE.matcher(lines.get(i).strip()).matches();
      if (!rule) {
        continue;
      }
      lines.set(i, "");
      for (int up = i - 1; up >= 0 && lines.get(up).indexOf('|') >= 0; up--) {
        lines.set(up, cells(lines.get(up)));
      }
      for (int down = i + 1; down < lines.size() && lines.get(down).indexOf('|') >= 0; down++) {
        lines.set(down, cells(lines.get(down)));
      }
    }
  }

  private static String cells(String line) {
    String inner = line.strip().replaceAll("^\\||\\|$", "").replace("\\|", ESCAPED);
    return Texts.split(inner, '|').stream()
        .map(cell -> cell.strip().replace(ESCAPED, "|"))
        .collect(Collectors.joining("\t"));
  }

  /** The text with the lines of its tables blank. */
  static String withoutTables(String text) {
    return part(text, false);
  }

  /** The text with all other lines blank. */
  static String tablesOf(String text) {
    return part(text, true);
  }

  private static String part(String text, boolean tables) {
    List<String> out = new ArrayList<>();
    text.lines().forEach(line -> out.add(hasCells(line) == tables ? line : ""));
    return String.join("\n", out);
  }
}
