package bravium.core.answer;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.samples.TypedAnswer;
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
  @MethodSource("answers")
  void eachIsJudgedAsAFairTeacherWould(TypedAnswer answer) {
    Judgement judgement =
        Comparison.with(answer.accepted(), List.of(), answer.how()).judge(answer.typed());

    assertThat(judgement.right()).isEqualTo(answer.right());
  }

  static Stream<TypedAnswer> answers() {
    return TypedAnswer.all();
  }
}
