package bravium.formats.lists;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

/** Lists as people paste them, with the reason why each is messy, and what a person reads there. */
public record MessyLists(String reason, String text, List<String> expected) {

  private static final Pattern ESCAPE = Pattern.compile("\\\\(?:u([0-9a-f]{4})|([tnr]))");

  @Override
  public String toString() {
    return reason;
  }

  /** The lists of a file, in their order. */
  public static Stream<MessyLists> in(String file) throws IOException {
    try (InputStream in = MessyLists.class.getResourceAsStream("/lists/" + file)) {
      String all = new String(in.readAllBytes(), StandardCharsets.UTF_8);
      List<MessyLists> lists = new ArrayList<>();
      for (String list : Arrays.stream(all.split("(?m)^= ")).skip(1).toList()) {
        int name = list.indexOf('\n');
        String[] parts = list.substring(name + 1).split("(?m)^->\n");
        lists.add(
            new MessyLists(
                list.substring(0, name),
                unescaped(parts[0].stripTrailing()),
                parts[1].lines().map(MessyLists::unescaped).map(String::strip).toList()));
      }
      return lists.stream();
    }
  }

  private static String unescaped(String text) {
    Matcher escape = ESCAPE.matcher(text);
    return escape.replaceAll(
        found ->
            Matcher.quoteReplacement(
                found.group(1) != null
                    ? String.valueOf((char) Integer.parseInt(found.group(1), 16))
                    : switch (found.group(2)) {
                      case "t" -> "\t";
                      case "n" -> "\n";
                      default -> "\r";
                    }));
  }
}
