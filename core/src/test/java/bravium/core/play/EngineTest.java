package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.question.Response;
import bravium.core.samples.Activities;
import bravium.core.samples.Player;
import bravium.core.samples.Plays;
import java.util.List;
import org.junit.jupiter.api.Test;

class EngineTest {

  private final Activity three = Activities.quiz(Activities.asWritten(null, 60), 3);
  private final Player player = new Player(three);

  @Test
  void aPlayBeginsOnItsTitlePageAndStartOpensTheFirstQuestion() {
    assertThat(player.sitting().stage()).isEqualTo(Stage.TITLE);

    Turn turn = player.start();

    assertThat(turn.sitting().now()).isEqualTo("q1");
    assertThat(turn.happenings())
        .containsExactly(
            new Happening.QuestionOpened("q1"),
            new Happening.MarkerChanged("q1", Markers.State.NOW));
  }

  @Test
  void aRightAnswerBringsItsPointsAndTurnsItsMarker() {
    player.start();

    Turn turn = player.pick("a");

    assertThat(turn.happenings())
        .containsExactly(
            new Happening.AnswerMarked("q1", Verdict.RIGHT),
            new Happening.PointsGiven(10, 10),
            new Happening.MarkerChanged("q1", Markers.State.RIGHT));
    assertThat(turn.sitting().stage()).isEqualTo(Stage.FEEDBACK);
  }

  @Test
  void aWrongAnswerBringsNothingAndCanNotBeGivenAgain() {
    player.start();
    player.pick("b");

    Turn again = player.play(new Action.Answer("q1", 1, new Response.Picked("a")));

    assertThat(again.refusal()).isEqualTo(Refusal.NOT_OPEN);
    assertThat(again.sitting().results())
        .containsExactly(new Result("q1", new Response.Picked("b"), Verdict.WRONG, 0, 0, null));
  }

  @Test
  void twoOfThreeRightWinAtSixtyPerCent() {
    playAll("a", "b", "a");

    assertThat(player.sitting().outcome())
        .isEqualTo(new Outcome(true, 20, 30, 18, Outcome.Ended.PLAYED, 0));
  }

  @Test
  void oneOfThreeRightLosesAtSixtyPerCent() {
    playAll("b", "a", "b");

    assertThat(player.sitting().outcome())
        .isEqualTo(new Outcome(false, 10, 30, 18, Outcome.Ended.PLAYED, 0));
    assertThat(player.sitting().stage()).isEqualTo(Stage.END);
  }

  @Test
  void theSameMovesAlwaysLeadToTheSameSitting() {
    playAll("a", "b", "a");
    Sitting sitting = player.sitting();

    assertThat(Plays.rebuild(three, sitting.opening(), sitting.log())).isEqualTo(sitting);
  }

  @Test
  void aMoveSentTwiceIsAppliedOnceAndAnsweredTheSame() {
    player.start();
    Move move =
        new Move("once", Mover.PLAYER, new Action.Answer("q1", 1, new Response.Picked("a")));
    Turn first = player.send(move);
    player.goOn();

    Turn second = player.send(move);

    assertThat(second.repeated()).isTrue();
    assertThat(second.happenings()).isEqualTo(first.happenings());
    assertThat(second.sitting().now()).isEqualTo("q2");
    assertThat(second.sitting().log()).hasSize(3);
  }

  @Test
  void aKeyUsedForAnotherMoveIsRefused() {
    player.send(new Move("once", Mover.PLAYER, new Action.Start()));

    Turn turn = player.send(new Move("once", Mover.PLAYER, new Action.Continue("q1")));

    assertThat(turn.refusal()).isEqualTo(Refusal.KEY_USED);
  }

  @Test
  void whatIsNotOpenIsRefusedAndChangesNothing() {
    player.start();
    Sitting before = player.sitting();

    for (Action action :
        List.of(
            new Action.Start(),
            new Action.Continue("q1"),
            new Action.Answer("q2", 1, new Response.Picked("a")),
            new Action.Answer("q1", 2, new Response.Picked("a")),
            new Action.Answer("q1", 1, new Response.Picked("z")))) {
      Turn turn = player.play(action);
      assertThat(turn.refusal()).as("%s", action).isNotNull();
      assertThat(turn.sitting()).isEqualTo(before);
    }
  }

  @Test
  void onlyTheTeacherGoesToAQuestionOrTakesBack() {
    player.start();

    assertThat(player.play(new Action.GoTo("q3")).refusal()).isEqualTo(Refusal.FOR_THE_TEACHER);
    assertThat(player.play(new Action.TakeBack("k0")).refusal()).isEqualTo(Refusal.FOR_THE_TEACHER);
  }

  @Test
  void takingBackReturnsToWhereThePlayStoodAndStaysInTheLog() {
    Player teacher = new Player(three, Mover.TEACHER, new Opening("s", 0, false));
    teacher.start();
    Sitting before = teacher.sitting();
    teacher.pick("b");

    Turn back = teacher.play(new Action.TakeBack("k1"));

    assertThat(back.happenings()).containsExactly(new Happening.MoveTakenBack("k1"));
    assertThat(back.sitting().results()).isEmpty();
    assertThat(back.sitting().now()).isEqualTo(before.now());
    assertThat(back.sitting().log()).hasSize(3);
    assertThat(Plays.rebuild(three, back.sitting().opening(), back.sitting().log()))
        .isEqualTo(back.sitting());
  }

  @Test
  void severalStepsCanBeTakenBackOneAfterAnother() {
    Player teacher = new Player(three, Mover.TEACHER, new Opening("s", 0, false));
    teacher.start();
    teacher.pick("a");
    teacher.goOn();

    teacher.play(new Action.TakeBack("k2"));
    Turn turn = teacher.play(new Action.TakeBack("k1"));

    assertThat(turn.refusal()).isNull();
    assertThat(turn.sitting().stage()).isEqualTo(Stage.QUESTION);
    assertThat(turn.sitting().now()).isEqualTo("q1");
  }

  @Test
  void afterGoingToAQuestionTheLeftOutOnesComeAtTheEnd() {
    Player teacher = new Player(three, Mover.TEACHER, new Opening("s", 0, false));
    teacher.start();
    teacher.play(new Action.GoTo("q3"));
    teacher.pick("a");

    teacher.goOn();

    assertThat(teacher.sitting().now()).isEqualTo("q1");
  }

  @Test
  void aClockThatGoesBackDoesNotTurnTheLogAround() {
    Sitting opened = Plays.open(three, new Opening("s", 5_000, false));
    Sitting started =
        Plays.play(three, opened, new Move("a", Mover.PLAYER, new Action.Start()), 4_000).sitting();

    assertThat(started.log().getLast().at()).isEqualTo(5_000);
    assertThat(Plays.show(three, started, Audience.PLAYER, 1).at()).isEqualTo(5_000);
  }

  @Test
  void nothingToAskCanNotBeStarted() {
    Player empty = new Player(Activities.quiz(Activities.mixed(null, 80), List.of()));

    assertThat(empty.start().refusal()).isEqualTo(Refusal.NOTHING_TO_ASK);
  }

  private void playAll(String... options) {
    player.start();
    for (String option : options) {
      player.pick(option);
      player.goOn();
    }
  }
}
