package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.json.Extra;
import bravium.core.play.showing.Showing;
import bravium.core.question.Basics;
import bravium.core.question.Feedback;
import bravium.core.question.FreeAnswer;
import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.question.TrueFalse;
import bravium.core.rich.Words;
import bravium.core.samples.Activities;
import bravium.core.samples.Player;
import bravium.core.samples.Plays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** A question taken apart with the whole class. */
class TalkTest {

  private static final Activity FOUR =
      Activities.quiz(Activities.asWritten(null, 60), List.of(four(List.of())));

  @Test
  void eachStrikeTakesTheNextWrongOptionAndShowsWhyItIsWrong() {
    Player teacher = teacher(FOUR);
    teacher.play(new Action.Strike("q"));

    assertThat(shown(teacher).talk().struck())
        .containsExactly(new Showing.Struck("a", Words.of("Not a, because")));
    teacher.play(new Action.Strike("q"));
    assertThat(shown(teacher).talk().struck())
        .extracting(Showing.Struck::option)
        .containsExactly("a", "c");
    assertThat(shown(teacher).talk().done()).isFalse();
    teacher.play(new Action.Strike("q"));
    assertThat(shown(teacher).talk().done()).isTrue();
    assertThat(teacher.play(new Action.Strike("q")).refusal()).isEqualTo(Refusal.NOT_OPEN);
  }

  @Test
  void theOrderIsTheTeachersWhereSheChoseOne() {
    Player teacher =
        teacher(Activities.quiz(Activities.asWritten(null, 60), List.of(four(List.of("d", "b")))));
    for (int i = 0; i < 3; i++) {
      teacher.play(new Action.Strike("q"));
    }

    // “b” is right and stays, whatever the order says.
    assertThat(shown(teacher).talk().struck())
        .extracting(Showing.Struck::option)
        .containsExactly("d", "a", "c");
  }

  @Test
  void oneStepIsUndone() {
    Player teacher = teacher(FOUR);
    teacher.play(new Action.Strike("q"));
    teacher.play(new Action.Strike("q"));
    teacher.play(new Action.TakeBack(teacher.sitting().log().getLast().move().key()));

    assertThat(shown(teacher).talk().struck()).hasSize(1);
  }

  @Test
  void whatStaysIsExplainedAndTheQuestionCountsForNothing() {
    Player teacher = teacher(FOUR);
    teacher.play(new Action.Reveal("q"));
    Turn explained = teacher.goOn();

    assertThat(explained.refusal()).isNull();
    assertThat(shown(teacher).feedback().rightIds()).containsExactly("b");
    assertThat(shown(teacher).passMark().possible()).isZero();
    teacher.goOn();
    assertThat(teacher.sitting().outcome().awaiting()).isZero();
  }

  /** The class says it, and nobody types: then there is nothing to mark. */
  @Test
  void aFreeAnswerThatTheClassSaidIsPassedAndWaitsForNoMark() {
    Player teacher = teacher(free("Because of the wax."));
    assertThat(teacher.goOn().refusal()).isNull();
    assertThat(teacher.sitting().outcome().awaiting()).isZero();
    assertThat(teacher.sitting().resultOf("q").orElseThrow().verdict()).isEqualTo(Verdict.GIVEN);
    assertThat(shown(teacher).score().marked())
        .as("of how many it is said that they are right")
        .isZero();

    Player learner = new Player(free("Because of the wax."));
    learner.start();
    assertThat(learner.goOn().refusal()).isEqualTo(Refusal.NOT_OPEN);
  }

  @Test
  void whatTheTeacherWouldLikeToReadIsShownWhenSheRevealsItAndNotBefore() {
    Player teacher = teacher(free("Because of the wax."));
    assertThat(shown(teacher).toString()).doesNotContain("the wax");
    assertThat(teacher.play(new Action.Reveal("q")).refusal()).isNull();
    assertThat(shown(teacher).talk().opened().right()).containsExactly("Because of the wax.");
    teacher.goOn();
    teacher.goOn();
    assertThat(teacher.sitting().outcome().awaiting()).isZero();

    Player nothingWritten = teacher(free(null));
    assertThat(nothingWritten.play(new Action.Reveal("q")).refusal()).isEqualTo(Refusal.NOT_OPEN);
  }

  private static Activity free(String model) {
    return Activities.quiz(
        Activities.asWritten(null, 60),
        List.of(new FreeAnswer(Basics.of("q", "Why?", Feedback.USUAL), model, Extra.NONE)));
  }

  @Test
  void theClassCanStillAnswerBetweenWhatIsLeftButNotWithWhatIsStruckOut() {
    Player teacher = teacher(FOUR);
    teacher.play(new Action.Strike("q"));

    assertThat(teacher.pick("a").refusal()).isEqualTo(Refusal.NO_SUCH_OPTION);
    assertThat(teacher.pick("b").refusal()).isNull();
    assertThat(teacher.sitting().results().getFirst().points()).isEqualTo(10);
  }

  @Test
  void afterAnAnswerTheOthersCanBeTalkedThroughToo() {
    Player teacher = teacher(FOUR);
    teacher.pick("b");
    teacher.play(new Action.Strike("q"));

    assertThat(shown(teacher).talk().struck()).hasSize(1);
    assertThat(shown(teacher).feedback().verdict()).isEqualTo(Verdict.RIGHT);
  }

  @Test
  void trueOrFalseHasOneStep() {
    Player teacher =
        teacher(
            Activities.quiz(
                Activities.asWritten(null, 60),
                List.of(new TrueFalse("q", "Bees sleep", true, Feedback.USUAL))));
    teacher.play(new Action.Strike("q"));

    assertThat(shown(teacher).talk().struck().getFirst().option()).isEqualTo(TrueFalse.FALSE);
    assertThat(shown(teacher).talk().done()).isTrue();
  }

  @Test
  void handsAreCountedAndCountedAnew() {
    Player teacher = teacher(FOUR);
    teacher.play(new Action.CountHands("q", List.of(new Talk.Vote("a", 3), new Talk.Vote("b", 9))));
    teacher.play(new Action.CountHands("q", List.of(new Talk.Vote("a", 4))));

    assertThat(shown(teacher).talk().votes()).containsExactly(new Talk.Vote("a", 4));
    assertThat(shown(teacher).talk().struck()).isEmpty();
    assertThat(teacher.play(new Action.CountHands("q", List.of(new Talk.Vote("z", 1)))).refusal())
        .isEqualTo(Refusal.NO_SUCH_OPTION);
  }

  @Test
  void whileAQuestionIsTalkedThroughItsClockIsHeld() {
    Activity timed =
        Activities.quiz(
            Activities.asWritten(null, 60).withClock(new Clock(Clock.Per.QUESTION, 20)),
            List.of(four(List.of())));
    Player teacher = teacher(timed);
    teacher.play(new Action.Strike("q"));
    Showing later = Plays.show(timed, teacher.sitting(), Audience.PROJECTOR, 500_000);

    assertThat(later.stage()).isEqualTo(Stage.QUESTION);
    assertThat(later.clock().held()).isTrue();
    assertThat(later.clock().left()).isEqualTo(19_000);
  }

  @Test
  void theTeacherHoldsTheClockLetsItRunAndGivesMore() {
    Activity timed =
        Activities.quiz(
            Activities.asWritten(null, 60).withClock(new Clock(Clock.Per.QUESTION, 20)), 1);
    Player teacher = teacher(timed);
    teacher.play(new Action.HoldClock("q1"));
    teacher.play(new Action.AddTime("q1", 30));
    teacher.play(new Action.RunClock("q1"));

    // Opened at 2 s, held from 3 to 5 s: 49 of 50 seconds are left then.
    assertThat(Plays.show(timed, teacher.sitting(), Audience.PLAYER, 5_000).clock())
        .isEqualTo(new Showing.Countdown(Clock.Per.QUESTION, 49_000, 20_000, false, false));
  }

  @Test
  void learnersCanDoNoneOfThis() {
    Player learner = new Player(FOUR);
    learner.start();
    for (Action action :
        List.of(
            new Action.Strike("q"),
            new Action.Reveal("q"),
            new Action.CountHands("q", List.of()),
            new Action.GiveTurn(0),
            new Action.GivePoints(0, 5),
            new Action.HoldClock("q"),
            new Action.RunClock("q"),
            new Action.AddTime("q", 9))) {
      assertThat(learner.play(action).refusal()).isEqualTo(Refusal.FOR_THE_TEACHER);
    }
  }

  private static PickOne four(List<String> strikeOrder) {
    List<Option> options =
        List.of("a", "b", "c", "d").stream()
            .map(
                id ->
                    new Option(
                        id,
                        Words.of("Option " + id),
                        id.equals("b"),
                        false,
                        Words.of("Not " + id + ", because"),
                        Extra.NONE))
            .toList();
    return new PickOne(Basics.of("q", "Which?", Feedback.USUAL), options, strikeOrder, Extra.NONE);
  }

  private static Player teacher(Activity activity) {
    Player teacher = new Player(activity, Mover.TEACHER, new Opening("s", 0, false));
    teacher.start();
    return teacher;
  }

  private static Showing shown(Player player) {
    long at = 1_000L * (player.sitting().log().size() + 1);
    return Plays.show(player.activity(), player.sitting(), Audience.PROJECTOR, at);
  }
}
