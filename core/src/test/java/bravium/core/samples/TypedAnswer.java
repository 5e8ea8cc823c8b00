package bravium.core.samples;

import bravium.core.answer.Comparing;
import bravium.core.json.Extra;
import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;

/**
 * Something that a child types, and what a fair teacher says of it.
 *
 * @param line as it stands in the list
 */
public record TypedAnswer(
    String line, List<String> accepted, Comparing how, String typed, boolean right) {

  /** All of the list {@code typed-answers.txt}, whose head says what is in a line. */
  public static Stream<TypedAnswer> all() {
    try (InputStream file = TypedAnswer.class.getResourceAsStream("/typed-answers.txt")) {
      return new String(file.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .filter(line -> !line.startsWith("#"))
          .map(TypedAnswer::of);
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static TypedAnswer of(String line) {
    List<String> cells = Stream.of(line.split("\\|")).map(String::strip).toList();
    String switches = cells.get(2);
    Comparing how =
        new Comparing(
            switches.contains("c"),
            switches.contains("s"),
            switches.contains("a"),
            switches.contains("l"),
            switches.contains("o"),
            switches.contains("r"),
            Extra.NONE);
    return new TypedAnswer(
        line, List.of(cells.get(1).split(";")), how, cells.get(3), cells.get(4).equals("right"));
  }

  @Override
  public String toString() {
    return line;
  }
}
