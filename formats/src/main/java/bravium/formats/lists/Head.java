package bravium.formats.lists;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.regex.Pattern;

/**
 * What the head of a column means, or a title, or a word before a colon, in the languages that
 * {@code heads.txt} has. One word can mean several things: who asks says which of them can be.
 */
public enum Head {
  NUMBER,
  KIND,
  QUESTION,
  RIGHT,
  /** What holds an answer, right or not. */
  ANSWER,
  WRONG,
  OPTION,
  HINT,
  IF_RIGHT,
  IF_WRONG,
  FEEDBACK,
  WORTH,
  NAME,
  FIRST,
  LAST,
  THING,
  OTHERS,
  ACCEPTED,
  WORD,
  CLUE,
  DIRECTION,
  TITLE,
  TRUE,
  FALSE;

  /** No head is longer; what is, is not looked at. */
  private static final int LONGEST = 80;

  private static final Map<Head, Set<String>> CALLED = called();
  private static final Pattern BETWEEN = Pattern.compile("[\\s_-]+");
  private static final Pattern BEHIND = Pattern.compile("(?: ?\\d+)?[ :*]*$");

  /** Whether a text is called so; case, signs behind and numbers behind don't matter. */
  public boolean names(String text) {
    return text.length() <= LONGEST && CALLED.get(this).contains(key(text));
  }

  private static String key(String text) {
    String plain = Lines.plain(text).replace("**", "").toLowerCase(Locale.ROOT);
    String key = BETWEEN.matcher(plain).replaceAll(" ").strip();
    String without = BEHIND.matcher(key).replaceFirst("").strip();
    return without.isEmpty() ? key : without;
  }

  private static Map<Head, Set<String>> called() {
    Map<Head, Set<String>> called = new EnumMap<>(Head.class);
    for (Head head : values()) {
      called.put(head, new HashSet<>());
    }
    try (InputStream file = Head.class.getResourceAsStream("heads.txt")) {
      String all = new String(file.readAllBytes(), StandardCharsets.UTF_8);
      all.lines()
          .filter(line -> !line.startsWith("#"))
          .forEach(
              line -> {
                int colon = line.indexOf(':');
                String meaning = line.substring(0, colon).replace('-', '_');
                Set<String> words = called.get(valueOf(meaning.toUpperCase(Locale.ROOT)));
                for (String word : line.substring(colon + 1).split(",")) {
                  words.add(word.strip());
                }
              });
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return called;
  }
}
