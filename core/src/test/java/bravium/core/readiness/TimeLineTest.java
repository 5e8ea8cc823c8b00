package bravium.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Rules;
import bravium.core.activity.Thinking;
import bravium.core.activity.TitlePage;
import bravium.core.games.Games;
import bravium.core.json.Extra;
import bravium.core.question.Feedback;
import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.core.question.TrueFalse;
import bravium.core.samples.Activities;
import java.util.List;
import org.junit.jupiter.api.Test;

class TimeLineTest {

  /** 17 words, so 10 seconds at 105 and 7 at 160 words a minute, rounded up with the rest. */
  private static final Question PICK =
      new PickOne(
          "q",
          "How many sides does each cell of the bees’ comb have in this picture?",
          List.of(new Option("a", "six", true), new Option("b", "about five", false)),
          new Feedback(null, null));

  @Test
  void aClassOfYearFourReadsThinksAndTakesInTheMark() {
    TimeLine time = Games.readiness(inYear(4, Activities.asWritten(null, 80), PICK)).time();

    // 17 words at 139 a minute are 7.338 s, at 91 they are 11.208 s; 10 s to think, 3 to take in.
    assertThat(time.least()).isEqualTo(21);
    assertThat(time.most()).isEqualTo(25);
  }

  @Test
  void theTeachersOwnThinkingTimeCounts() {
    Rules usual = Activities.asWritten(null, 80);
    Rules slower = usual.withThinking(List.of(new Thinking("true-false", 30, Extra.NONE)));
    Question statement = new TrueFalse("q", "Bees dance", true, Feedback.USUAL);

    TimeLine before = Games.readiness(inYear(4, usual, statement)).time();
    TimeLine after = Games.readiness(inYear(4, slower, statement)).time();

    assertThat(after.most() - before.most()).isEqualTo(24);
    assertThat(after.thinking()).contains(new ThinkingTime("true-false", 30, 6));
  }

  @Test
  void whereQuestionsAreDrawnTheirMeanCounts() {
    Question short1 = new TrueFalse("q1", "Bees dance", true, Feedback.USUAL);

    TimeLine one = Games.readiness(inYear(4, Activities.asWritten(1, 80), short1, PICK)).time();
    TimeLine both = Games.readiness(inYear(4, Activities.asWritten(null, 80), short1, PICK)).time();

    assertThat(2 * one.most() - both.most()).isBetween(0, 1);
  }

  @Test
  void withoutAYearNothingIsSaid() {
    assertThat(Games.readiness(Activities.quiz(Activities.asWritten(null, 80), 3)).time()).isNull();
  }

  @Test
  void aQuestionThatTakesLongToReadIsFound() {
    Question wordy =
        new PickOne(
            "w",
            "bees ".repeat(150),
            List.of(new Option("a", "yes", true), new Option("b", "no", false)),
            Feedback.USUAL);

    assertThat(Games.readiness(inYear(4, Activities.asWritten(null, 80), wordy)).findings())
        .contains(Finding.of("w", Check.LONG_READ, Weight.LOOK, 81, 4));
    assertThat(Games.readiness(inYear(13, Activities.asWritten(null, 80), wordy)).findings())
        .extracting(Finding::check)
        .doesNotContain(Check.LONG_READ);
  }

  private static Activity inYear(int year, Rules rules, Question... questions) {
    return Activities.quiz(rules, List.of(questions))
        .withTitlePage(new TitlePage("Bees", null, year, null, List.of(), null, Extra.NONE));
  }
}
