package bravium.formats;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.question.Question;
import bravium.formats.lists.MessyLists;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Common practice: how people number, mark, key and paste questions. */
class MessyQuestionsTest {

  static Stream<MessyLists> questions() throws IOException {
    return MessyLists.in("questions.txt");
  }

  @ParameterizedTest(name = "{0}")
  @MethodSource("questions")
  void questionsAreReadAsAPersonWould(MessyLists list) {
    Understood read = QuestionTexts.read(list.text());

    List<String> said = new ArrayList<>();
    for (int i = 0; i < read.questions().size(); i++) {
      Question question = read.questions().get(i);
      int line = read.places().get(i);
      boolean asks = read.doubts().stream().anyMatch(doubt -> doubt.line() == line);
      said.add(PastesTest.words(question) + (asks ? " | asks" : ""));
    }
    read.left().forEach(left -> said.add("left: " + left.text()));
    assertThat(said).isEqualTo(list.expected());
  }
}
