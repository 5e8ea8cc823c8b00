package bravium.formats;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Options that stand behind one another in a line: “a) wax b) honey”. */
final class InlineOptions {

  private static final Pattern INLINE = Pattern.compile("(?:^|\\s)[(\\[]?([A-Ha-h])[.)\\]]\\s+");

  private InlineOptions() {}

  /** Whether letters within a line go on where its own one stops: “A. wax B. honey”. */
  static boolean follows(char letter, List<String> inline) {
    return !inline.isEmpty()
        && inline.getFirst().toLowerCase(Locale.ROOT).replaceAll("[^a-h]", "").charAt(0)
            == letter + 1;
  }

  /** The letters “a)”, “b)” … within a text, as they stand there; empty where they don't follow. */
  static List<String> inline(String text) {
    List<String> found = new ArrayList<>();
    Matcher letter = INLINE.matcher(text);
    char next = 0;
    while (letter.find()) {
      char small = Character.toLowerCase(letter.group(1).charAt(0));
      if (next == 0 ? small == 'a' || small == 'b' : small == next) {
        found.add(letter.group());
        next = (char) (small + 1);
      }
    }
    return found;
  }

  static List<String> split(String text) {
    List<String> parts = new ArrayList<>();
    Matcher letter = INLINE.matcher(text);
    int from = -1;
    while (letter.find()) {
      if (from >= 0) {
        parts.add(text.substring(from, letter.start()).strip());
      }
      from = letter.start();
    }
    if (from >= 0) {
      parts.add(text.substring(from).strip());
    }
    return parts;
  }
}
