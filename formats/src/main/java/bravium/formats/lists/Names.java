package bravium.formats.lists;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What stands in one line of a list, parted into names. */
final class Names {

  private static final Pattern COMMA = Pattern.compile("(?<!\\p{Nd}),|,(?!\\p{Nd})|[،、，]");
  private static final Pattern SIGN = Pattern.compile("\\s+[/|=]\\s+|\\s*\\|\\s*");
  private static final Pattern BRACKETS = Pattern.compile("^(\\S.*?)\\s+[(（]([^()（）]+)[)）]$");
  private static final Pattern QUOTED = Pattern.compile("[“„«»”‟\"']([^“”„«»\"]+)[”“»«\"']");

  /** What parts nothing, whatever stands in it. */
  private static final Pattern ENCLOSED =
      Pattern.compile(QUOTED.pattern() + "|\\s[(（][^()（）]*[)）]");

  private static final Pattern ENDED = Pattern.compile("[,;،、，；]+$");
  private static final Pattern STOPPED = Pattern.compile("^(.*\\p{L}{3,})[.。]$");
  private static final Pattern JOINED =
      Pattern.compile(
          "\\s+(?:and|or|und|oder|et|ou|y|o|e|en|of|och|eller|og|ja|tai|i|lub|a|nebo|és|vagy|şi|și"
              + "|sau|in|ali|ve|veya|και|ή|и|или|і|та|або|ו|או|و|أو|&)\\s+");
  private static final String SPREADSHEET_TEXT = "'=";

  private Names() {}

  /** Where a list's names are parted. */
  enum Parting {
    /** At tabs. */
    TABS,
    /** At semicolons; commas belong to the names. */
    SEMICOLONS,
    /** At commas, spaced strokes and equals signs. */
    COMMAS,
    /** Nowhere. */
    NOWHERE
  }

  /** The parts of a line, none of them empty. */
  static List<String> of(String line, Parting parting) {
    String text = ENDED.matcher(line.strip()).replaceFirst("").strip();
    List<String> parts =
        switch (parting) {
          case TABS -> List.of(text.split("\t+"));
          case SEMICOLONS -> List.of(text.split("[;；]"));
          case COMMAS -> commas(text);
          case NOWHERE -> text.isEmpty() ? List.of() : List.of(text.replace('\t', ' '));
        };
    List<String> names = new ArrayList<>();
    for (String part : parts) {
      if (parting == Parting.NOWHERE) {
        // A text, maybe a sentence: its full stop belongs to it.
        Matcher quoted = QUOTED.matcher(part);
        names.add(quoted.matches() ? quoted.group(1).strip() : part);
      } else {
        withBrackets(names, part.strip());
      }
    }
    return names;
  }

  private static void withBrackets(List<String> names, String part) {
    Matcher behind = BRACKETS.matcher(part);
    if (!behind.matches()) {
      add(names, part);
      return;
    }
    add(names, behind.group(1));
    commas(behind.group(2)).forEach(one -> add(names, one));
  }

  private static void add(List<String> names, String part) {
    String name = bare(part);
    if (!name.isEmpty()) {
      names.add(name);
    }
  }

  /** A name without quotation marks around it, and the full stop of a sentence. */
  static String bare(String part) {
    String name = part.strip();
    if (name.startsWith(SPREADSHEET_TEXT) || name.matches("'\\p{L}[^']*")) {
      name = name.substring(1);
    }
    Matcher quoted = QUOTED.matcher(name);
    if (quoted.matches()) {
      return quoted.group(1).strip();
    }
    Matcher stopped = STOPPED.matcher(name);
    return stopped.matches() ? stopped.group(1) : name;
  }

  /** Between commas that stand in no quotation marks or brackets, and between spaced signs. */
  private static List<String> commas(String text) {
    List<String> parts = new ArrayList<>();
    StringBuilder kept = new StringBuilder(text);
    Matcher enclosed = ENCLOSED.matcher(text);
    while (enclosed.find()) {
      kept.replace(enclosed.start(), enclosed.end(), "_".repeat(enclosed.end() - enclosed.start()));
    }
    int from = 0;
    Matcher end = Pattern.compile(COMMA + "|" + SIGN).matcher(kept);
    while (end.find()) {
      parts.add(text.substring(from, end.start()));
      from = end.end();
    }
    parts.add(text.substring(from));
    return parts;
  }

  /** The parts of a list on one line: the last two may be joined by a word. */
  static List<String> ofOneLine(String line) {
    List<String> parts = new ArrayList<>(of(line, Parting.COMMAS));
    if (parts.size() < 2) {
      return parts;
    }
    String last = parts.removeLast();
    Matcher joined = JOINED.matcher(" " + last);
    if (joined.find()) {
      add(parts, (" " + last).substring(0, joined.start()));
      add(parts, (" " + last).substring(joined.end()));
    } else {
      parts.add(last);
    }
    return parts;
  }

  /** What two names have alike that are one: case and spaces don't tell two apart. */
  static String key(String name) {
    return Normalizer.normalize(name, Normalizer.Form.NFKC)
        .toLowerCase(Locale.ROOT)
        .replaceAll("\\s+", " ")
        .strip();
  }
}
