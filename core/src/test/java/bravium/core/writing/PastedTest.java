package bravium.core.writing;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class PastedTest {

  @Test
  void aLineIsAQuestionAndEmptyLinesArePassedOver() {
    List<Question> questions = Pasted.questions("What is wax for?\r\n\r\n  Who dances? \n");

    assertThat(questions)
        .extracting(Question::text)
        .containsExactly("What is wax for?", "Who dances?");
    assertThat(questions).allMatch(q -> ((PickOne) q).choices().isEmpty());
  }

  @Test
  void inARowOfATableTheSecondCellIsRightAndTheOthersAreNot() {
    List<Question> questions = Pasted.questions("Sides of a cell?\tsix\tfive\t\t seven ");

    assertThat(questions).hasSize(1);
    assertThat(((PickOne) questions.getFirst()).choices())
        .extracting(Option::text)
        .containsExactly("six", "five", "seven");
    assertThat(((PickOne) questions.getFirst()).choices())
        .extracting(Option::right)
        .containsExactly(true, false, false);
  }

  @ParameterizedTest
  @ValueSource(strings = {"", "one line", "one line\n", "\n\n", "\t"})
  void aSingleLineIsNoBlock(String text) {
    assertThat(Pasted.isBlock(text)).isFalse();
  }

  @ParameterizedTest
  @ValueSource(strings = {"one\ntwo", "one\r\n\r\ntwo", "one\ttwo"})
  void severalLinesOrCellsAreABlock(String text) {
    assertThat(Pasted.isBlock(text)).isTrue();
  }

  @Test
  void aBookOfLinesIsCutAtFiveHundred() {
    assertThat(Pasted.questions("bee\n".repeat(3_000))).hasSize(500);
  }
}
