package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.activity.Rules;
import bravium.core.games.Games;
import bravium.core.games.quizshow.Climb;
import bravium.core.json.Extra;
import bravium.core.play.showing.PastGame;
import bravium.core.play.showing.Review;
import bravium.core.play.showing.Showing;
import bravium.core.question.Basics;
import bravium.core.question.Discussion;
import bravium.core.question.Feedback;
import bravium.core.question.Marking;
import bravium.core.question.Question;
import bravium.core.question.Response;
import bravium.core.samples.Activities;
import bravium.core.samples.Player;
import bravium.core.samples.Plays;
import bravium.core.samples.RandomActivities;
import bravium.core.samples.RandomMoves;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

/** What was judged at once, and the teacher marks otherwise later. */
class MarkedAnewTest {

  private static final Rules RULES = Activities.asWritten(null, 50);
  private int keys;

  @Test
  void itBringsPointsAndTheSignAndWinsWhatItWins() {
    Player player = played(RULES, "b", "b");
    assertThat(player.sitting().outcome().won()).isFalse();

    Turn turn = player.send(mark("q1", 10));

    assertThat(turn.refusal()).isNull();
    assertThat(turn.sitting().outcome())
        .isEqualTo(new Outcome(true, 10, 20, 10, Outcome.Ended.PLAYED, 0));
    assertThat(Scorecard.of(turn.sitting()).right()).isEqualTo(1);
    assertThat(Scorecard.mistakes(turn.sitting())).as("how it was played stays").isEqualTo(2);
    Showing.Told told = review(player).find("q1").orElseThrow().told();
    assertThat(told.verdict()).isEqualTo(Verdict.RIGHT);
    assertThat(told.markedAnew()).isTrue();
    assertThat(told.comment()).isEqualTo("Meant so");
  }

  @Test
  void theFirstMarkBringsBackWhatWas() {
    Player player = played(RULES, "b", "a");
    Sitting before = player.sitting();
    player.send(mark("q1", 10));
    player.send(new Move("back", Mover.TEACHER, new Action.Mark("q1", 0, null)));

    assertThat(player.sitting().outcome()).isEqualTo(before.outcome());
    assertThat(Scorecard.of(player.sitting())).isEqualTo(Scorecard.of(before));
    assertThat(review(player).find("q1").orElseThrow().told().markedAnew()).isFalse();
  }

  @Test
  void aPlayThatWasLostByItsLivesStaysLost() {
    Player player = played(RULES.withLives(1).withPassMark(10), "b", "b");
    assertThat(player.sitting().outcome().ended()).isEqualTo(Outcome.Ended.LIVES);

    Outcome outcome = player.send(mark("q1", 10)).sitting().outcome();

    assertThat(outcome.points()).isEqualTo(10);
    assertThat(outcome.won()).isFalse();
    assertThat(outcome.why()).isEqualTo(Outcome.OutcomeReason.LIVES);
  }

  @Test
  void aPlayThatRanOutOfTimeStaysLost() {
    Activity activity = Activities.quiz(RULES.withClock(new Clock(Clock.Per.GAME, 60)), 2);
    Player player = new Player(activity);
    player.start();
    player.pickInTurn("b");
    Sitting late = Engine.settled(Games.prepared(activity), player.sitting(), 90_000);
    assertThat(late.outcome().ended()).isEqualTo(Outcome.Ended.TIME);

    Sitting after = Plays.play(activity, late, mark("q1", 10), 91_000).sitting();
    assertThat(after.outcome()).isEqualTo(new Outcome(false, 10, 20, 10, Outcome.Ended.TIME, 0));
  }

  @Test
  void whatCantBeMarkedIsRefused() {
    Discussion talk = new Discussion(Basics.of("d", "Why?", Feedback.USUAL), Extra.NONE);
    Question free = Activities.question("q2", "a", "a", "b");
    Activity activity =
        Activities.quiz(
            RULES,
            List.of(
                Activities.question("q1", "a", "a", "b"),
                free.with(free.basics().withWorth(0)),
                talk,
                Activities.question("q3", "a", "a", "b")));
    Player player = new Player(activity);
    player.start();
    assertThat(player.send(mark("q1", 10)).refusal()).isEqualTo(Refusal.NO_SUCH_QUESTION);
    player.pickInTurn("b", "b");
    player.answer(new Response.Typed("Bees"));
    player.goOn();
    assertThat(player.send(mark("q1", 11)).refusal()).isEqualTo(Refusal.NO_SUCH_MARK);
    assertThat(player.send(mark("q1", -1)).refusal()).isEqualTo(Refusal.NO_SUCH_MARK);
    assertThat(player.send(mark("q2", 0)).refusal()).isEqualTo(Refusal.NO_SUCH_QUESTION);
    assertThat(player.send(mark("d", 0)).refusal()).isEqualTo(Refusal.NO_SUCH_QUESTION);
    assertThat(player.send(mark("q3", 0)).refusal()).isEqualTo(Refusal.NO_SUCH_QUESTION);
    assertThat(player.play(new Action.Mark("q1", 5, null)).refusal())
        .isEqualTo(Refusal.FOR_THE_TEACHER);
  }

  @Test
  void onAClimbTheStepsStay() {
    Climb three = new Climb(3, Climb.Rise.EVEN, List.of(), List.of(), null);
    Activity climb = Activities.on(three, Activities.quiz(RULES, 3));
    Player player = new Player(climb);
    player.start();
    player.pickInTurn("a", "b");

    assertThat(player.send(mark("q2", 10)).refusal()).isEqualTo(Refusal.NO_SUCH_QUESTION);
    Review.Reviewed answer = review(player).find("q2").orElseThrow();
    assertThat(answer.canBeMarked(Games.prepared(climb))).isFalse();
  }

  /** What is kept of a game that can't be played again is marked as one that can. */
  @Property(tries = 400)
  void aPastGameIsMarkedAsOneOfToday(@ForAll long seed) {
    Random random = new Random(seed);
    Activity activity = new RandomActivities(random).finished(1 + random.nextInt(6));
    Prepared game = Games.prepared(activity);
    Sitting sitting = Plays.open(activity, new Opening("s" + seed, 0, false));
    RandomMoves moves = new RandomMoves(random);
    for (int step = 0; step < 60 && sitting.outcome() == null; step++) {
      sitting =
          Plays.play(activity, sitting, moves.fitting(activity, sitting), 1_000L * step).sitting();
    }
    if (sitting.outcome() == null) {
      return;
    }
    Review kept = Review.of(game, sitting, 100_000);
    for (Review.Reviewed answer : kept.answers()) {
      int points = random.nextInt(answer.question().worth() + 2);
      Action.Mark mark = new Action.Mark(answer.question().id(), points, "Seen");
      Move move = new Move("mark " + keys++, Mover.TEACHER, mark);
      Turn turn = Engine.play(game, sitting, move, 100_000);
      assertThat(PastGame.refused(game, kept, mark)).isEqualTo(turn.refusal());
      boolean marked = answer.told().response() != null && !answer.waits();
      assertThat(answer.mark() != null).isEqualTo(marked && answer.marking() != Marking.NONE);
      if (turn.refusal() == null) {
        Review today = Review.of(game, turn.sitting(), 100_000);
        Review past = PastGame.marked(activity, kept, mark);
        assertThat(past.score().points()).as("%s", mark).isEqualTo(today.score().points());
        assertThat(past.score().right()).isEqualTo(today.score().right());
        assertThat(past.outcome()).isEqualTo(today.outcome());
        assertThat(past.find(mark.question()).orElseThrow().told().points())
            .isEqualTo(today.find(mark.question()).orElseThrow().told().points());
        assertThat(today.find(mark.question()).orElseThrow().mark()).isEqualTo(points);
        assertThat(today.last()).as("when she played last").isEqualTo(kept.last());
      }
    }
  }

  @Test
  void theSameAnswerIsTheSameHoweverItWasWritten() {
    assertSame(new Response.Typed(" Honey  bee. "), new Response.Typed("honey bee"), true);
    assertSame(new Response.Typed("1.5"), new Response.Typed("15"), false);
    assertSame(
        new Response.PickedAll(List.of("a", "b")), new Response.PickedAll(List.of("b", "a")), true);
    assertSame(new Response.PickedAll(List.of("a")), new Response.PickedAll(List.of()), false);
    assertSame(
        new Response.Ordered(List.of("a", "b")), new Response.Ordered(List.of("b", "a")), false);
    assertSame(
        new Response.Filled(List.of("Wax", "")), new Response.Filled(List.of("wax", "")), true);
    assertSame(new Response.Filled(List.of("wax")), new Response.Filled(List.of("wax", "")), false);
    assertSame(new Response.Shaded(4, List.of(0, 1)), new Response.Shaded(4, List.of(1, 0)), true);
    assertSame(new Response.Shaded(4, List.of(0)), new Response.Shaded(8, List.of(0)), false);
    assertSame(new Response.Picked("a"), new Response.Typed("a"), false);
  }

  private static void assertSame(Response one, Response other, boolean same) {
    assertThat(one.saysTheSame(other)).as("%s and %s", one, other).isEqualTo(same);
    assertThat(other.saysTheSame(one)).as("%s and %s", other, one).isEqualTo(same);
  }

  private static Player played(Rules rules, String... options) {
    Player player = new Player(Activities.quiz(rules, 2));
    player.start();
    player.pickInTurn(options);
    return player;
  }

  private static Review review(Player player) {
    return Plays.review(player.activity(), player.sitting(), 900_000);
  }

  private Move mark(String question, int points) {
    return new Move("mark " + keys++, Mover.TEACHER, new Action.Mark(question, points, "Meant so"));
  }
}
