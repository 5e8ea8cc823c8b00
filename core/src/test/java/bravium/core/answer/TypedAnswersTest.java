package bravium.core.answer;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.json.Extra;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/**
 * More than a hundred typed answers in many languages, with what a fair teacher says of them.
 * Common practice of the languages: their articles, quotation marks, punctuation, ligatures and
 * points.
 */
class TypedAnswersTest {

  @ParameterizedTest(name = "{0}")
  @MethodSource("lines")
  void eachIsJudgedAsAFairTeacherWould(String line) {
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

    Judgement judgement =
        Comparison.with(List.of(cells.get(1).split(";")), List.of(), how).judge(cells.get(3));

    assertThat(judgement.right()).isEqualTo(cells.get(4).equals("right"));
  }

  static Stream<String> lines() throws IOException {
    try (InputStream file = TypedAnswersTest.class.getResourceAsStream("/typed-answers.txt")) {
      return new String(file.readAllBytes(), StandardCharsets.UTF_8)
          .lines()
          .filter(line -> !line.startsWith("#"));
    }
  }
}
