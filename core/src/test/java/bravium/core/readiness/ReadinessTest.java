package bravium.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Rules;
import bravium.core.question.Feedback;
import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.core.question.TrueFalse;
import bravium.core.samples.Activities;
import java.util.Arrays;
import java.util.List;
import org.junit.jupiter.api.Test;

class ReadinessTest {

  private static final Rules RULES = Activities.asWritten(null, 80);

  @Test
  void aFinishedQuizCanBeWonAndHasNothingToLookAt() {
    Readiness readiness = Readiness.of(Activities.quiz(RULES, 7));

    assertThat(readiness.winnable()).isEqualTo(Winnable.ALWAYS);
    assertThat(readiness.passMark().rightNeeded()).isEqualTo(6);
    assertThat(readiness.findings()).isEmpty();
  }

  @Test
  void aQuestionWithoutARightOptionIsFoundAndCountsAgainstThePassMark() {
    Readiness readiness =
        of(Activities.question("q1", "none", "a", "b"), Activities.question("q2", "a", "a", "b"));

    assertThat(readiness.findings())
        .containsExactly(
            new Finding(Check.NO_RIGHT_OPTION, Weight.STOP, "q1", null, List.of()),
            new Finding(Check.PASS_MARK_UNREACHABLE, Weight.STOP, null, null, List.of("16", "10")));
    assertThat(readiness.winnable()).isEqualTo(Winnable.NEVER);
  }

  @Test
  void twoRightOptionsAreFound() {
    Readiness readiness = of(options(option("a", "wax", true), option("b", "honey", true)));

    assertThat(checks(readiness)).containsExactly(Check.TWO_RIGHT_OPTIONS);
    assertThat(readiness.findings().getFirst().values()).containsExactly("2");
  }

  @Test
  void emptyTextIsFoundInQuestionsAndOptions() {
    Question noText =
        new PickOne(
            "q",
            " ",
            List.of(option("a", "wax", true), option("b", "", false), option("c", "honey", false)),
            Feedback.USUAL);

    assertThat(checks(of(noText)))
        .contains(Check.EMPTY_QUESTION, Check.EMPTY_OPTION, Check.NOTHING_TO_ASK);
  }

  @Test
  void aLineNotYetBegunIsNothingToSpeakOf() {
    Readiness readiness =
        of(
            Activities.question("q1", "a", "a", "b"),
            new PickOne("q2", "", List.of(), Feedback.USUAL),
            new TrueFalse("q3", "", null, Feedback.USUAL));

    assertThat(readiness.findings()).isEmpty();
    assertThat(readiness.askable()).isEqualTo(1);
  }

  @Test
  void aStatementNeitherTrueNorFalseIsFound() {
    assertThat(checks(of(new TrueFalse("q", "Bees dance.", null, Feedback.USUAL))))
        .contains(Check.NO_RIGHT_OPTION);
  }

  @Test
  void optionsThatReadTheSameAreFound() {
    assertThat(checks(of(options(option("a", "Wax ", true), option("b", "wax", false)))))
        .containsExactly(Check.SAME_OPTIONS);
  }

  @Test
  void oneOptionAndNoOptionAreFound() {
    assertThat(checks(of(options(option("a", "wax", true))))).containsExactly(Check.ONE_OPTION);
    assertThat(checks(of(options()))).containsExactly(Check.NO_OPTIONS, Check.NOTHING_TO_ASK);
  }

  @Test
  void askingMoreThanThereIsIsFound() {
    Readiness readiness = Readiness.of(Activities.quiz(Activities.asWritten(9, 80), 4));

    assertThat(readiness.findings())
        .containsExactly(
            new Finding(Check.ASKS_TOO_MANY, Weight.LOOK, null, null, List.of("9", "4")));
    assertThat(readiness.passMark().asked()).isEqualTo(4);
  }

  @Test
  void withADrawWinningMayDependOnWhichQuestionsCome() {
    Activity activity =
        Activities.quiz(
            Activities.asWritten(2, 100),
            List.of(
                Activities.question("q1", "none", "a", "b"),
                Activities.question("q2", "a", "a", "b"),
                Activities.question("q3", "a", "a", "b")));

    assertThat(Readiness.of(activity).winnable()).isEqualTo(Winnable.SOMETIMES);
  }

  @Test
  void aGameThatEverybodyWinsIsWorthALook() {
    assertThat(checks(Readiness.of(Activities.quiz(Activities.asWritten(null, 0), 2))))
        .containsExactly(Check.ALWAYS_WON);
  }

  private static Readiness of(Question... questions) {
    return Readiness.of(Activities.quiz(RULES, Arrays.asList(questions)));
  }

  private static Question options(Option... options) {
    return new PickOne("q", "What is a comb made of?", List.of(options), Feedback.USUAL);
  }

  private static Option option(String id, String text, boolean right) {
    return new Option(id, text, right);
  }

  private static List<Check> checks(Readiness readiness) {
    return readiness.findings().stream().map(Finding::check).toList();
  }
}
