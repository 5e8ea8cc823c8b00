package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.activity.Prices;
import bravium.core.activity.Rules;
import bravium.core.activity.TakeOver;
import bravium.core.activity.Team;
import bravium.core.activity.Teams;
import bravium.core.games.Games;
import bravium.core.games.quizshow.Board;
import bravium.core.games.quizshow.Line;
import bravium.core.games.quizshow.Trail;
import bravium.core.play.showing.Showing;
import bravium.core.question.Response;
import bravium.core.readiness.Check;
import bravium.core.readiness.Finding;
import bravium.core.samples.Activities;
import bravium.core.samples.Player;
import bravium.core.samples.Plays;
import bravium.core.samples.RandomActivities;
import bravium.core.samples.RandomMoves;
import java.util.List;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** Teams at the front of the class. */
class TeamsTest {

  private static final List<Team> THREE =
      List.of(
          new Team("Ash", Team.Sign.LEAF),
          new Team("Beech", Team.Sign.ACORN),
          new Team("Cedar", Team.Sign.KITE));
  private static final Teams IN_ORDER = new Teams(THREE, Teams.Turns.IN_ORDER, null, false);
  private static final Teams TAKING =
      new Teams(THREE, Teams.Turns.IN_ORDER, new TakeOver(5, null), false);

  @Example
  void teamsTakeTurnsAndTheOneWithMostPointsWins() {
    Player player = playing(IN_ORDER, 6);
    assertThat(turn(player)).isEqualTo(0);
    player.pickInTurn("a", "b", "b", "a", "a", "b");

    assertThat(points(player)).containsExactly(20, 10, 0);
    assertThat(player.sitting().outcome().winners()).containsExactly(0);
    assertThat(player.sitting().outcome().won()).isTrue();
  }

  /** Whoever comes late begins with nothing, is last in turn, and can be taken out again. */
  @Example
  void aTeamMayJoinLate() {
    Player player = playing(IN_ORDER, 6);
    player.pickInTurn("a", "b");
    Team late = new Team("Dogwood", Team.Sign.LANTERN);
    Move joining = new Move("joins", Mover.TEACHER, new Action.JoinTeam(late));
    assertThat(player.send(joining).refusal()).isNull();
    assertThat(points(player)).containsExactly(10, 0, 0, 0);
    player.pickInTurn("b", "a");
    assertThat(points(player)).containsExactly(10, 0, 0, 10);

    // Sent twice it joins once; rebuilt from where it began it stands the same.
    assertThat(player.send(joining).repeated()).isTrue();
    Sitting here = player.sitting();
    assertThat(Engine.openedWith(here).teams()).isEqualTo(THREE);
    assertThat(Plays.rebuild(player.activity(), Engine.openedWith(here), here.log()))
        .isEqualTo(here);
    Move alone = new Move("not hers", Mover.PLAYER, new Action.JoinTeam(late));
    assertThat(player.send(alone).refusal()).isEqualTo(Refusal.FOR_THE_TEACHER);
    player.send(new Move("four", Mover.TEACHER, new Action.JoinTeam(late)));
    player.play(new Action.TakeBack("four"));
    assertThat(player.sitting().opening().teams()).hasSize(4);
    player.send(new Move("five", Mover.TEACHER, new Action.JoinTeam(late)));
    player.send(new Move("six", Mover.TEACHER, new Action.JoinTeam(late)));
    assertThat(player.send(new Move("7", Mover.TEACHER, new Action.JoinTeam(late))).refusal())
        .isEqualTo(Refusal.NO_SUCH_TEAM);
  }

  @Example
  void aMissedQuestionIsTakenOverOnceByTheNextTeamForWhatTheTeacherSet() {
    Player player = playing(TAKING, 6);
    Turn missed = player.pick("b");
    assertThat(missed.happenings()).contains(new Happening.TurnGiven(1, true));
    assertThat(shown(player).feedback().settled()).isFalse();
    assertThat(shown(player).feedback().right()).isNull();
    player.goOn();
    assertThat(player.sitting().now()).isEqualTo("q1");
    assertThat(shown(player).teams())
        .extracting(Showing.Side::answers)
        .containsExactly(false, true, false);

    player.pick("a");
    player.goOn();

    assertThat(points(player)).containsExactly(0, 5, 0);
    // The turn after it is the one that would have come anyway.
    assertThat(turn(player)).isEqualTo(1);
    assertThat(player.sitting().now()).isEqualTo("q2");
  }

  @Example
  void whoTakesOverAndMissesEndsTheQuestion() {
    Player player = playing(TAKING, 6);
    player.pick("b");
    player.goOn();
    player.pick("b");

    assertThat(player.sitting().resultOf("q1").orElseThrow().verdict()).isEqualTo(Verdict.WRONG);
    assertThat(points(player)).containsExactly(0, 0, 0);
  }

  @Example
  void theTeacherCanLeaveItWithoutATakeOver() {
    Player player = playing(TAKING, 6);
    player.pick("b");
    player.play(new Action.Settle("q1"));

    assertThat(player.sitting().now()).isEqualTo("q2");
    assertThat(player.sitting().resultOf("q1").orElseThrow().team()).isEqualTo(0);
  }

  @Example
  void aWrongAnswerCostsTheTeamThatGaveIt() {
    Rules rules = Activities.asWritten(null, 60).withPrices(new Prices(0, 2)).withTeams(TAKING);
    Player player = playing(rules, new Line(), 6);
    player.pick("b");
    player.goOn();
    player.pick("a");

    assertThat(points(player)).containsExactly(-2, 5, 0);
    assertThat(player.sitting().resultOf("q1").orElseThrow().points()).isEqualTo(3);
  }

  @Example
  void aTeamThatTakesOverHasItsOwnClock() {
    Teams quick = new Teams(THREE, Teams.Turns.IN_ORDER, new TakeOver(null, 7), false);
    Rules rules =
        Activities.asWritten(null, 60)
            .withClock(new Clock(Clock.Per.QUESTION, 30))
            .withTeams(quick);
    Player player = playing(rules, new Line(), 6);
    assertThat(shown(player).clock().total()).isEqualTo(30_000);
    player.pick("b");
    player.goOn();

    assertThat(shown(player).clock().total()).isEqualTo(7_000);
    player.pick("a");
    assertThat(points(player)).containsExactly(0, 10, 0);
  }

  @Example
  void whereTheTeacherGivesTheTurnNobodyAnswersBefore() {
    Teams called = new Teams(THREE, Teams.Turns.BY_TEACHER, null, false);
    Player player = playing(called, 3);
    assertThat(player.pick("a").refusal()).isEqualTo(Refusal.NO_SUCH_TEAM);
    assertThat(player.play(new Action.GiveTurn(3)).refusal()).isEqualTo(Refusal.NO_SUCH_TEAM);

    player.play(new Action.GiveTurn(2));
    player.play(new Action.GiveTurn(1));
    player.pick("a");

    assertThat(points(player)).containsExactly(0, 10, 0);
    assertThat(player.play(new Action.GiveTurn(0)).refusal()).isEqualTo(Refusal.NOT_OPEN);
  }

  @Example
  void pointsAreGivenAndTakenByHandAndTakenBack() {
    Player player = playing(IN_ORDER, 3);
    player.play(new Action.GivePoints(1, 5));
    Turn taken = player.play(new Action.GivePoints(1, -2));
    assertThat(taken.happenings()).containsExactly(new Happening.TeamAwarded(1, -2, 3));
    assertThat(points(player)).containsExactly(0, 3, 0);

    player.play(new Action.TakeBack(player.sitting().log().getLast().move().key()));
    assertThat(points(player)).containsExactly(0, 5, 0);
  }

  @Example
  void aTieIsATie() {
    Player player = playing(IN_ORDER, 3);
    player.pickInTurn("a", "a", "b");

    assertThat(player.sitting().outcome().winners()).containsExactly(0, 1);
    assertThat(player.sitting().outcome().won()).isFalse();
  }

  @Example
  void aTieGoesToADecidingQuestionThatTheTiedTeamsGetOneAfterAnother() {
    Player player = tied();
    assertThat(player.sitting().draw().counts(player.sitting().now())).isFalse();
    assertThat(player.sitting().front().deciding()).containsExactly(0, 1);
    player.pick("b");
    player.goOn();
    assertThat(shown(player).teams().get(1).answers()).isTrue();
    player.pick("a");
    player.goOn();

    assertThat(player.sitting().outcome().winners()).containsExactly(1);
    assertThat(points(player)).containsExactly(10, 10, 0);
    assertThat(shown(player).markers()).hasSize(3);
  }

  @Example
  void aDecidingQuestionThatNobodyKnowsLeadsToTheNextAndThenToATie() {
    Player player = tied();
    String first = player.sitting().now();
    player.pickInTurn("b", "b");
    assertThat(player.sitting().now()).isNotEqualTo(first);
    player.pickInTurn("b", "b");

    assertThat(player.sitting().outcome().tied()).isTrue();
  }

  @Example
  void whoGoesBackToAQuestionWhileATieIsDecidedPlaysItForPoints() {
    Opening rehearsal = new Opening("seed", 0, true).withTeams(THREE);
    Player player = new Player(tied().activity(), Mover.TEACHER, rehearsal);
    player.start();
    player.pickInTurn("a", "a", "b");
    String decider = player.sitting().now();
    String won = player.sitting().draw().ids().getFirst();
    player.play(new Action.GoTo(won));
    assertThat(player.sitting().draw().find(decider)).isEmpty();
    assertThat(points(player)).containsExactly(0, 10, 0);
    player.pick("a");
    player.goOn();

    assertThat(points(player).stream().mapToInt(p -> p).sum()).isEqualTo(20);
  }

  private static Player tied() {
    Teams deciding = new Teams(THREE, Teams.Turns.IN_ORDER, null, true);
    Player player = playing(Activities.asWritten(3, 60).withTeams(deciding), new Line(), 5);
    // Which three are drawn is chance; the two that are left may decide.
    player.pickInTurn("a", "a", "b");
    return player;
  }

  @Property(tries = 300)
  void theSumOfTeamPointsEqualsWhatWasGiven(@ForAll long seed) {
    Random random = new Random(seed);
    RandomActivities activities = new RandomActivities(random);
    Activity any = activities.finished(6);
    Board board = random.nextBoolean() ? new Line() : new Trail(null, List.of());
    Teams teams =
        new Teams(
            THREE,
            Teams.Turns.values()[random.nextInt(2)],
            random.nextBoolean() ? new TakeOver(3, null) : null,
            random.nextBoolean());
    Activity activity = Activities.on(board, any.withRules(any.rules().withTeams(teams)));
    Sitting sitting = Plays.open(activity, new Opening("s" + seed, 0, false).withTeams(THREE));
    RandomMoves moves = new RandomMoves(random);
    int byHand = 0;

    for (int step = 0; step < 40; step++) {
      Move move = moves.next(activity, sitting);
      if (move.action() instanceof Action.TakeBack) {
        continue;
      }
      Turn turn = Plays.play(activity, sitting, move, step);
      sitting = turn.sitting();
      boolean gives = move.action() instanceof Action.GivePoints && turn.refusal() == null;
      byHand += gives && !turn.repeated() ? ((Action.GivePoints) move.action()).points() : 0;
      int answered = sitting.results().stream().mapToInt(Result::points).sum();
      int sum =
          Plays.show(activity, sitting, Audience.PROJECTOR, step).teams().stream()
              .mapToInt(Showing.Side::points)
              .sum();
      Set<String> settled = sitting.settled();
      int paid =
          sitting.draw().ids().stream()
              .filter(id -> !settled.contains(id))
              .mapToInt(sitting.front()::broughtBy)
              .sum();
      assertThat(sum).isEqualTo(answered + byHand + paid);
      assertThat(paid).isLessThanOrEqualTo(0);
    }
  }

  @Example
  void unequalTurnsAreFoundAndMended() {
    Activity activity = Activities.quiz(Activities.asWritten(null, 60).withTeams(IN_ORDER), 7);
    Finding unequal =
        Games.readiness(activity).findings().stream()
            .filter(f -> f.check() == Check.UNEQUAL_TURNS)
            .findFirst()
            .orElseThrow();

    assertThat(unequal.values()).containsExactly("3", "6", "7");
    assertThat(Games.mended(activity, unequal).rules().ask()).isEqualTo(6);
  }

  @Example
  void theLiveGameFollowsWhenTeamsAreChanged() {
    Activity alone = Activities.quiz(Activities.asWritten(null, 60), 3);
    Sitting sitting = Plays.open(alone, new Opening("s", 0, true));
    Move start = new Move("k", Mover.TEACHER, new Action.Start());
    sitting = Plays.play(alone, sitting, start, 0).sitting();
    Activity inTeams = alone.withRules(alone.rules().withTeams(IN_ORDER));

    Sitting followed = Plays.follow(inTeams, sitting);
    assertThat(followed.opening().teams()).hasSize(3);
    Move answer =
        new Move(
            "l", Mover.TEACHER, new Action.Answer(followed.now(), 1, new Response.Picked("a")));
    followed = Plays.play(inTeams, followed, answer, 1).sitting();
    assertThat(followed.front().points(0)).isEqualTo(10);
    assertThat(Plays.follow(inTeams, followed).front().points(0)).isEqualTo(10);
    assertThat(Plays.follow(alone, followed).opening().teams()).isEmpty();
  }

  private static Player playing(Teams teams, int questions) {
    return playing(Activities.asWritten(null, 60).withTeams(teams), new Line(), questions);
  }

  private static Player playing(Rules rules, Board board, int questions) {
    Activity activity = Activities.on(board, Activities.quiz(rules, questions));
    Player player =
        new Player(activity, Mover.TEACHER, new Opening("seed", 0, false).withTeams(THREE));
    player.start();
    return player;
  }

  private static Showing shown(Player player) {
    long at = 1_000L * (player.sitting().log().size() + 1);
    return Plays.show(player.activity(), player.sitting(), Audience.PROJECTOR, at);
  }

  private static List<Integer> points(Player player) {
    return shown(player).teams().stream().map(Showing.Side::points).toList();
  }

  private static Integer turn(Player player) {
    return player.sitting().front().turn();
  }
}
