package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Answers;
import bravium.core.activity.Clock;
import bravium.core.activity.Rules;
import bravium.core.activity.Tries;
import bravium.core.json.Extra;
import bravium.core.play.showing.Review;
import bravium.core.play.showing.Showing;
import bravium.core.question.Basics;
import bravium.core.question.Discussion;
import bravium.core.question.Feedback;
import bravium.core.question.FreeAnswer;
import bravium.core.question.Information;
import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.core.question.Response;
import bravium.core.rich.Words;
import bravium.core.samples.Activities;
import bravium.core.samples.Player;
import bravium.core.samples.Plays;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Tries, hints, lives, the clock and the teacher's marks, in plays. */
class RulesOfPlayTest {

  private static final Rules RULES = Activities.asWritten(null, 50);

  @Test
  void aQuestionIsTriedAtOnceUntilItsTriesAreUsedUp() {
    Player player = playing(RULES.withTries(new Tries(Tries.Again.AT_ONCE, 2)), 2);
    player.start();
    Turn first = player.pick("b");

    assertThat(first.sitting().resultOf("q1")).isEmpty();
    assertThat(showing(player).feedback().right()).isNull();
    assertThat(player.goOn().sitting().now()).isEqualTo("q1");

    player.pick("b");
    assertThat(player.sitting().resultOf("q1").orElseThrow().verdict()).isEqualTo(Verdict.WRONG);
    assertThat(showing(player).feedback().rightIds()).containsExactly("a");
    assertThat(player.goOn().sitting().now()).isEqualTo("q2");
  }

  @Test
  void whatIsSaidToAnyWrongAnswerWaitsUntilThereIsNoFurtherTry() {
    Feedback telling = new Feedback("Yes", "It is wax");
    List<Option> options = List.of(new Option("a", "wax", true), new Option("b", "clay", false));
    Activity activity =
        Activities.quiz(
            RULES.withTries(new Tries(Tries.Again.AT_ONCE, 2)),
            List.of(new PickOne("q1", "What is a comb made of?", options, telling)));
    Player player = new Player(activity);
    player.start();
    player.pick("b");

    assertThat(shownBy(activity, player).feedback().text()).isNull();
    player.goOn();
    player.pick("b");
    assertThat(shownBy(activity, player).feedback().text()).isEqualTo(Words.of("It is wax"));
  }

  @Test
  void aQuestionThatIsTriedLaterComesAgainWhenTheOthersHaveHadTheirTurn() {
    Player player = playing(RULES.withTries(new Tries(Tries.Again.LATER, 2)), 2);
    player.start();
    player.pick("b");
    player.goOn();

    assertThat(player.sitting().now()).isEqualTo("q2");
    assertThat(showing(player).markers().getFirst().state()).isEqualTo(Markers.State.RETRY);

    player.pick("a");
    player.goOn();
    assertThat(player.sitting().now()).isEqualTo("q1");
    player.pick("a");
    player.goOn();
    assertThat(player.sitting().outcome().points()).isEqualTo(20);
  }

  @Test
  void untilRightAsksAgainAndAgainButCanNotBeLeft() {
    Player player = playing(RULES.withTries(new Tries(Tries.Again.UNTIL_RIGHT, null)), 1);
    player.start();
    for (int i = 0; i < 12; i++) {
      player.pick("b");
      player.goOn();
    }

    assertThat(player.play(new Action.Settle("q1")).refusal()).isEqualTo(Refusal.NOT_OPEN);
    player.pick("a");
    assertThat(player.goOn().sitting().outcome().won()).isTrue();
  }

  @Test
  void aQuestionMayBeLeftAtTheBestTrySoFar() {
    Player player = playing(RULES.withTries(new Tries(Tries.Again.AT_ONCE, 3)), 2);
    player.start();
    assertThat(player.play(new Action.Settle("q1")).refusal()).isEqualTo(Refusal.NOT_OPEN);
    player.pick("b");

    Turn left = player.play(new Action.Settle("q1"));

    assertThat(left.sitting().now()).isEqualTo("q2");
    assertThat(left.sitting().resultOf("q1").orElseThrow().verdict()).isEqualTo(Verdict.WRONG);
  }

  @Test
  void hintsComeOneAtATimeAndTheirTextOnlyThen() {
    Question question = Activities.question("q1", "a", "a", "b");
    Activity activity =
        Activities.quiz(
            RULES,
            List.of(
                question.with(
                    question.basics().withHints(Activities.words("Small", " ", "Brown")))));
    Player player = new Player(activity);
    player.start();

    assertThat(shownBy(activity, player).question().help())
        .isEqualTo(new Showing.Help(List.of(), 2, 0));
    player.play(new Action.Hint("q1"));
    assertThat(shownBy(activity, player).question().help().hints())
        .containsExactly(Words.of("Small"));
    player.play(new Action.Hint("q1"));
    assertThat(player.play(new Action.Hint("q1")).refusal()).isEqualTo(Refusal.NO_HINT_LEFT);
  }

  @Test
  void withNoLivesTheFirstMistakeEndsTheGame() {
    Player player = playing(RULES.withLives(0), 3);
    player.start();

    assertThat(player.pick("b").happenings()).contains(new Happening.LifeLost(0));
    Outcome outcome = player.goOn().sitting().outcome();

    assertThat(outcome.ended()).isEqualTo(Outcome.Ended.LIVES);
    assertThat(outcome.won()).isFalse();
  }

  @Test
  void twoLivesForgiveTwoMistakes() {
    Player player = playing(RULES.withLives(2), 4);
    player.start();
    for (String option : List.of("b", "b", "a", "a")) {
      player.pick(option);
      player.goOn();
    }

    assertThat(player.sitting().outcome().won()).isTrue();
  }

  @Test
  void runningOutOfTimeIsAWrongTryAtTheMomentItDid() {
    Activity activity = Activities.quiz(RULES.withClock(perQuestion(20)), 2);
    Sitting sitting = started(activity, null);

    Showing before = Plays.show(activity, sitting, Audience.PLAYER, 20_000);
    Showing after = Plays.show(activity, sitting, Audience.PLAYER, 20_001);

    assertThat(before.clock().left()).isZero();
    assertThat(before.stage()).isEqualTo(Stage.QUESTION);
    assertThat(after.stage()).isEqualTo(Stage.FEEDBACK);
    assertThat(after.feedback().verdict()).isEqualTo(Verdict.MISSED);
    assertThat(after.score().mistakes()).isEqualTo(1);
  }

  @Test
  void anAnswerIsOnTimeWithinHalfASecondOfGraceAndNotAfter() {
    Activity activity = Activities.quiz(RULES.withClock(perQuestion(20)), 2);
    Sitting sitting = started(activity, null);

    assertThat(Plays.play(activity, sitting, picking(null), 20_500).refusal()).isNull();
    assertThat(Plays.play(activity, sitting, picking(null), 20_501).refusal())
        .isEqualTo(Refusal.NOT_OPEN);
  }

  @Test
  void anOutageIsMadeUpForUpToTwoMinutes() {
    Activity activity = Activities.quiz(RULES.withClock(perQuestion(20)), 2);
    Sitting sitting = started(activity, null);

    assertThat(Plays.play(activity, sitting, picking(60_000L), 79_000).refusal()).isNull();
    assertThat(Plays.play(activity, sitting, picking(900_000L), 141_000).refusal())
        .isEqualTo(Refusal.NOT_OPEN);
  }

  @Test
  void entitledLearnersHaveMoreTime() {
    Activity activity = Activities.quiz(RULES.withClock(perQuestion(20)), 2);
    Sitting sitting = started(activity, 150);

    assertThat(Plays.show(activity, sitting, Audience.PLAYER, 29_000).clock())
        .isEqualTo(new Showing.Countdown(Clock.Per.QUESTION, 1_000, 30_000, false, false));
  }

  @Test
  void theGamesClockStandsWhileFeedbackIsShownAndLosesTheGameAtItsEnd() {
    Activity activity = Activities.quiz(RULES.withClock(new Clock(Clock.Per.GAME, 30)), 2);
    Sitting sitting = started(activity, null);
    sitting = Plays.play(activity, sitting, picking(null), 10_000).sitting();
    Move goOn = new Move("go", Mover.PLAYER, new Action.Continue("q1"));
    sitting = Plays.play(activity, sitting, goOn, 500_000).sitting();

    assertThat(Plays.show(activity, sitting, Audience.PLAYER, 519_000).clock().left())
        .isEqualTo(1_000);
    Showing ended = Plays.show(activity, sitting, Audience.PLAYER, 520_001);
    assertThat(ended.ending().outcome().ended()).isEqualTo(Outcome.Ended.TIME);
    assertThat(ended.ending().outcome().won()).isFalse();
    assertThat(ended.markers().getLast().state()).isEqualTo(Markers.State.MISSED);
  }

  @Test
  void aPlayWithTheClockIsRebuiltFromItsMovesTheSame() {
    Activity activity = Activities.quiz(RULES.withClock(perQuestion(20)), 2);
    Sitting sitting = started(activity, null);
    Move goOn = new Move("go", Mover.PLAYER, new Action.Continue("q1"));
    sitting = Plays.play(activity, sitting, goOn, 30_000).sitting();

    assertThat(sitting.now()).isEqualTo("q2");
    assertThat(Plays.rebuild(activity, sitting.opening(), sitting.log())).isEqualTo(sitting);
  }

  @Test
  void inARehearsalTheClockStands() {
    Activity activity = Activities.quiz(RULES.withClock(perQuestion(20)), 2);
    Player player = new Player(activity, Mover.TEACHER, new Opening("s", 0, true));
    player.start();

    Showing showing = Plays.show(activity, player.sitting(), Audience.PLAYER, 900_000);
    assertThat(showing.clock())
        .isEqualTo(new Showing.Countdown(Clock.Per.QUESTION, 20_000, 20_000, true, false));
  }

  @Test
  void aFreeAnswerWaitsForTheTeachersMark() {
    FreeAnswer free = new FreeAnswer(Basics.of("f", "Why?", Feedback.USUAL), "Because", Extra.NONE);
    Activity activity =
        Activities.quiz(RULES, List.of(Activities.question("q1", "a", "a", "b"), free));
    Player player = new Player(activity);
    player.start();
    player.pick("b");
    player.goOn();
    player.answer(new Response.Typed("To keep warm"));
    player.goOn();
    assertThat(player.sitting().outcome().awaiting()).isEqualTo(1);

    assertThat(player.play(new Action.Mark("f", 5, null)).refusal())
        .isEqualTo(Refusal.FOR_THE_TEACHER);
    assertThat(player.send(mark(11)).refusal()).isEqualTo(Refusal.NO_SUCH_MARK);
    assertThat(player.send(mark(4)).happenings()).contains(new Happening.Lost(4));
    assertThat(player.send(mark(10)).sitting().outcome())
        .isEqualTo(new Outcome(true, 10, 20, 10, Outcome.Ended.PLAYED, 0));
  }

  @Test
  void lookingBackTheTeacherSeesEveryAnswerAndWhatWouldBeRightWhileTheGameGoesOn() {
    FreeAnswer free = new FreeAnswer(Basics.of("f", "Why?", Feedback.USUAL), "Because", Extra.NONE);
    Activity activity =
        Activities.quiz(
            RULES.withAnswers(Answers.NEVER),
            List.of(
                Activities.question("q1", "a", "a", "b"),
                free,
                Activities.question("q2", "a", "a", "b")));
    Player player = new Player(activity);
    player.start();
    player.pick("b");
    player.goOn();
    player.answer(new Response.Typed("To keep warm"));

    Review review = Plays.review(activity, player.sitting(), 900_000);

    assertThat(review.outcome()).isNull();
    assertThat(review.waiting()).isEqualTo(1);
    assertThat(review.answers()).extracting(r -> r.question().id()).containsExactly("q1", "f");
    assertThat(review.answers().get(0).told().rightIds()).containsExactly("a");
    assertThat(review.answers().get(1).model()).isEqualTo("Because");
    Long last = review.last();

    player.send(mark(4));
    Review marked = Plays.review(activity, player.sitting(), 900_000);
    assertThat(marked.waiting()).isZero();
    assertThat(marked.answers().get(1).told().comment()).isEqualTo("Well seen");
    assertThat(marked.last()).isEqualTo(last);
  }

  @Test
  void theTeacherLeavesADiscussionThatTheClassTalkedOver() {
    Discussion talk = new Discussion(Basics.of("d", "Why?", Feedback.USUAL), Extra.NONE);
    Activity activity =
        Activities.quiz(RULES, List.of(talk, Activities.question("q1", "a", "a", "b")));
    Player player = new Player(activity);
    player.start();

    assertThat(player.goOn().refusal()).isEqualTo(Refusal.NOT_OPEN);
    Turn left = player.send(new Move("talked", Mover.TEACHER, new Action.Continue("d")));

    assertThat(left.sitting().now()).isEqualTo("q1");
    assertThat(left.sitting().resultOf("d"))
        .contains(new Result("d", null, Verdict.GIVEN, 0, 0, null));
  }

  @Test
  void lookingBackSettlesWhatRanOutMeanwhile() {
    Activity activity = Activities.quiz(RULES.withClock(new Clock(Clock.Per.GAME, 60)), 2);
    Sitting sitting = started(activity, null);

    assertThat(Plays.review(activity, sitting, 59_000).outcome()).isNull();
    assertThat(Plays.review(activity, sitting, 61_000).outcome().ended())
        .isEqualTo(Outcome.Ended.TIME);
  }

  @Test
  void whatMarksCanNoLongerChangeIsDecidedAtOnce() {
    FreeAnswer free = new FreeAnswer(Basics.of("f", "Why?", Feedback.USUAL), null, Extra.NONE);
    Activity activity =
        Activities.quiz(RULES, List.of(Activities.question("q1", "a", "a", "b"), free));
    Player player = new Player(activity);
    player.start();
    player.pick("a");
    player.goOn();
    player.answer(new Response.Typed("To keep warm"));

    assertThat(player.goOn().sitting().outcome().won()).isTrue();
  }

  @Test
  void informationComesBeforeItsQuestionAndCountsAsNone() {
    Information card = new Information(Basics.of("i", "Bees dance.", Feedback.USUAL), Extra.NONE);
    Activity activity =
        Activities.quiz(RULES, List.of(card, Activities.question("q1", "a", "a", "b")));
    Player player = new Player(activity);

    assertThat(player.start().sitting().now()).isEqualTo("i");
    assertThat(Plays.show(activity, player.sitting(), Audience.PLAYER, 0).markers()).hasSize(1);
    assertThat(player.goOn().sitting().now()).isEqualTo("q1");
    assertThat(showing(player).score().missed()).isZero();
    player.pick("a");
    assertThat(player.goOn().sitting().outcome().points()).isEqualTo(10);
  }

  @Test
  void answersAreGivenAwayWhenTheRulesSaySo() {
    for (Answers rule : Answers.values()) {
      Activity activity = Activities.quiz(RULES.withAnswers(rule), 1);
      Player player = new Player(activity);
      player.start();
      player.pick("b");
      Showing feedback = Plays.show(activity, player.sitting(), Audience.PLAYER, 0);
      player.goOn();
      Showing end = Plays.show(activity, player.sitting(), Audience.PLAYER, 0);

      assertThat(feedback.feedback().right() != null).isEqualTo(rule == Answers.AFTER_LAST_TRY);
      assertThat(end.ending().answers().getFirst().told().right() != null)
          .isEqualTo(rule != Answers.NEVER);
    }
  }

  @Test
  void whoGivesTheGameMaySayWhenAnswersAreGivenAway() {
    Activity activity = Activities.quiz(RULES.withAnswers(Answers.AFTER_LAST_TRY), 1);
    Opening test = new Opening("s", 0, false).withAnswers(Answers.NEVER);
    Player player = new Player(activity, Mover.PLAYER, test);
    player.start();
    player.pick("b");
    assertThat(showing(player).feedback().right()).isNull();
    player.goOn();
    assertThat(showing(player).ending().answers().getFirst().told().right()).isNull();
  }

  private static Move mark(int points) {
    return new Move("mark " + points, Mover.TEACHER, new Action.Mark("f", points, "Well seen"));
  }

  private static Move picking(Long held) {
    return new Move(
        "pick", Mover.PLAYER, new Action.Answer("q1", 1, new Response.Picked("a"), held));
  }

  private static Sitting started(Activity activity, Integer time) {
    Sitting open = Plays.open(activity, new Opening("s", 0, false, time));
    return Plays.play(activity, open, new Move("s", Mover.PLAYER, new Action.Start()), 0).sitting();
  }

  private static Clock perQuestion(int seconds) {
    return new Clock(Clock.Per.QUESTION, seconds);
  }

  private static Player playing(Rules rules, int questions) {
    return new Player(Activities.quiz(rules, questions));
  }

  private static Showing showing(Player player) {
    return shownBy(player.activity(), player);
  }

  private static Showing shownBy(Activity activity, Player player) {
    return Plays.show(activity, player.sitting(), Audience.PLAYER, 0);
  }
}
