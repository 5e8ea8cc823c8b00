package bravium.core.games.quizshow;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bravium.core.activity.Activity;
import bravium.core.activity.Order;
import bravium.core.activity.Rules;
import bravium.core.activity.Team;
import bravium.core.activity.Teams;
import bravium.core.activity.Tries;
import bravium.core.games.Games;
import bravium.core.json.Extra;
import bravium.core.play.Audience;
import bravium.core.play.Markers;
import bravium.core.play.Opening;
import bravium.core.play.Outcome;
import bravium.core.play.Scorecard;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.showing.Showing;
import bravium.core.question.Basics;
import bravium.core.question.Feedback;
import bravium.core.question.Information;
import bravium.core.question.Question;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Readiness;
import bravium.core.readiness.Winnable;
import bravium.core.samples.Activities;
import bravium.core.samples.Player;
import bravium.core.samples.Plays;
import bravium.core.samples.RandomActivities;
import bravium.core.samples.RandomMoves;
import bravium.core.samples.RandomQuestions;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

class ClimbTest {

  private static final Rules RULES = Activities.asWritten(null, 80);
  private static final Climb FIVE =
      new Climb(5, Climb.Rise.EVEN, List.of(), List.of(2), Climb.Miss.REST);

  @Example
  void theWorthRisesEvenlyALittleMoreEachTimeOrIsTheTeachersOwn() {
    assertThat(FIVE.series(10)).containsExactly(10, 20, 30, 40, 50);
    // By 10, 15, 20, 25, 30; and, of a unit of 1, by 1, 1.5, 2, 2.5, 3, halves rounded up.
    Climb growing = new Climb(5, Climb.Rise.GROWING, List.of(), List.of(), null);
    assertThat(growing.series(10)).containsExactly(10, 25, 45, 70, 100);
    assertThat(growing.series(1)).containsExactly(1, 3, 5, 8, 11);
    assertThat(FIVE.withWorths(List.of(5, 15, 30)).series(10)).containsExactly(5, 15, 30, 45, 60);
  }

  @Example
  void noSeriesGoesBeyondTheMostThatAStepIsWorth() {
    List<Integer> worths = List.of(1, 500_000_000, 999_999_999);
    List<Integer> series = new Climb(30, Climb.Rise.OWN, worths, List.of(), null).series(10_000);

    assertThat(series.getLast()).isEqualTo(Climb.MOST_WORTH);
    assertThat(series).isSorted();
  }

  @Example
  void aClimbWhoseTopNoTeamCanReachIsFoundAndMended() {
    Activity climb =
        Activities.on(
            new Climb(6, Climb.Rise.EVEN, List.of(), List.of(), Climb.Miss.REST),
            Activities.quiz(Activities.asWritten(null, 80), 10));
    Activity inTeams =
        climb.withRules(
            climb
                .rules()
                .withTeams(
                    new Teams(
                        List.of(
                            new Team("Moss", Team.Sign.LEAF), new Team("Fern", Team.Sign.ACORN)),
                        Teams.Turns.IN_ORDER,
                        null,
                        false)));

    assertThat(Games.readiness(climb).findings()).isEmpty();
    Finding few = Games.readiness(inTeams).findings().getFirst();
    assertThat(few.own()).isEqualTo(QuizShowChecks.FEW_FOR_TEAMS);
    // Ten questions in turn are five for each of two teams.
    assertThat(few.values()).containsExactly("5", "6", "2");
    assertThat(Games.readiness(Games.mended(inTeams, few)).findings()).isEmpty();
  }

  @Example
  void rightAnswersLeadToTheTopAndWin() {
    Player player = climbing(FIVE, 8);
    for (int i = 0; i < 5; i++) {
      player.pick("a");
      player.goOn();
    }

    assertThat(player.sitting().outcome())
        .isEqualTo(new Outcome(true, 50, 50, 40, Outcome.Ended.PLAYED, 0));
  }

  @Example
  void aMissGoesBackToTheLastRestingPlaceWhichKeepsWhatWasWon() {
    Player player = climbing(FIVE, 8);
    player.pickInTurn("a", "a", "a", "b");

    assertThat(scene(player).heights()).containsExactly(2);
    assertThat(shown(player).score().points()).isEqualTo(20);
    assertThat(player.sitting().now()).isEqualTo("q5");
  }

  @Example
  void whereAMissEndsTheClimbWhatWasKeptMayStillWin() {
    Climb ends = new Climb(5, Climb.Rise.EVEN, List.of(), List.of(4), Climb.Miss.END);
    Player player = climbing(ends, 8);
    player.pickInTurn("a", "a", "a", "a", "b");

    assertThat(player.sitting().outcome())
        .isEqualTo(new Outcome(true, 40, 50, 40, Outcome.Ended.FALL, 0));
  }

  @Example
  void informationIsReadOnTheWayAndLeadsNowhere() {
    List<Question> questions = new ArrayList<>();
    questions.add(Activities.question("q1", "a", "a", "b"));
    questions.add(new Information(Basics.of("i", "Read this", Feedback.USUAL), Extra.NONE));
    questions.add(Activities.question("q2", "a", "a", "b"));
    Climb ends = new Climb(3, Climb.Rise.EVEN, List.of(), List.of(), Climb.Miss.END);
    Player player = new Player(Activities.on(ends, Activities.quiz(RULES, questions)));
    player.start();
    player.pick("a");
    player.goOn();
    assertThat(player.sitting().now()).isEqualTo("i");
    player.goOn();

    assertThat(player.sitting().now()).isEqualTo("q2");
    assertThat(shown(player).score().points()).isEqualTo(10);
  }

  @Example
  void withoutQuestionsLeftTheClimbEndsWhereOneStands() {
    Player player = climbing(FIVE, 5);
    player.pickInTurn("a", "b", "a", "a", "a");

    assertThat(player.sitting().outcome())
        .isEqualTo(new Outcome(false, 30, 50, 40, Outcome.Ended.PLAYED, 0));
  }

  @Property(tries = 300)
  void aClimbNeverShowsMoreOrLessThanItsStepsSay(@ForAll long seed) {
    Random random = new Random(seed);
    Climb climb =
        new Climb(
            3 + random.nextInt(6),
            Climb.Rise.values()[random.nextInt(3)],
            List.of(3, 4, 20),
            List.of(1 + random.nextInt(4), 2 + random.nextInt(9)),
            Climb.Miss.values()[random.nextInt(2)]);
    Activity activity = Activities.on(climb, new RandomActivities(random).finished(9));
    List<Integer> worths = climb.series(activity.rules().worth());
    Opening opening = new RandomActivities(random).atTheFront(activity, "s" + seed, 0);
    Sitting sitting = Plays.open(activity, opening);
    RandomMoves moves = new RandomMoves(random);

    for (int step = 0; step < 25 && sitting.stage() != Stage.END; step++) {
      sitting = Plays.play(activity, sitting, moves.next(activity, sitting), step).sitting();
      Showing showing = Plays.show(activity, sitting, Audience.PLAYER, step);
      BoardScene.OfClimb scene = (BoardScene.OfClimb) showing.scene();
      boolean alone = opening.teams().isEmpty();
      for (int who = 0; who < scene.heights().size(); who++) {
        int height = scene.heights().get(who);
        int team = who;
        int byHand =
            sitting.front().awards().stream()
                .filter(a -> a.team() == team && a.question() == null)
                .mapToInt(a -> a.points())
                .sum();
        int points = alone ? showing.score().points() : showing.teams().get(who).points() - byHand;
        assertThat(points).isEqualTo(height == 0 ? 0 : worths.get(height - 1));
      }
      Integer turn = sitting.front().turn();
      assertThat(showing.markers()).hasSize(climb.steps());
      assertThat(showing.markers().stream().filter(m -> m.state() == Markers.State.RIGHT))
          .hasSize(scene.heights().get(turn == null ? 0 : turn));
    }
  }

  @Property(tries = 300)
  void onTheOtherBoardsMarkersEqualTheScoreAtEveryMoment(@ForAll long seed) {
    Random random = new Random(seed);
    Board board = random.nextBoolean() ? new Line() : new Trail(null, List.of());
    Activity activity = Activities.on(board, new RandomActivities(random).finished(6));
    Opening opening = new RandomActivities(random).atTheFront(activity, "s" + seed, 0);
    Sitting sitting = Plays.open(activity, opening);
    RandomMoves moves = new RandomMoves(random);

    for (int step = 0; step < 25; step++) {
      sitting = Plays.play(activity, sitting, moves.next(activity, sitting), step).sitting();
      Showing showing = Plays.show(activity, sitting, Audience.PROJECTOR, step);
      Scorecard score = showing.score();
      assertThat(count(showing, Markers.State.RIGHT)).isEqualTo(score.right());
      assertThat(count(showing, Markers.State.WRONG)).isEqualTo(score.wrong());
      assertThat(count(showing, Markers.State.PARTLY)).isEqualTo(score.partly());
      assertThat(count(showing, Markers.State.GIVEN)).isEqualTo(score.given());
      assertThat(showing.markers()).hasSize(score.asked());
      if (showing.scene() instanceof BoardScene.OfTrail trail) {
        assertThat(trail.places())
            .extracting(BoardScene.TrailPlace::state)
            .containsExactlyElementsOf(showing.markers().stream().map(m -> m.state()).toList());
      }
    }
  }

  @Example
  void readinessKnowsHowFarAClimbLeads() {
    Readiness readiness = Games.readiness(Activities.on(FIVE, Activities.quiz(RULES, 5)));

    assertThat(readiness.winnable()).isEqualTo(Winnable.ALWAYS);
    assertThat(readiness.passMark().rightNeeded()).isEqualTo(4);
    // Of two options each: 4 or more of 5 without a fall below what is left to climb.
    // By hand: all right 1/32; the last one wrong leads from 4 back to 2; so only all right and
    // none else reaches step 4 or 5 at the end, besides a miss on the ground or at the rest that
    // leaves enough questions: wrong, right x4 (height 4).
    assertThat(readiness.guessing() / 1e9).isCloseTo(3 / 32.0, within(1e-9));
    assertThat(readiness.guessingOff()).isZero();
  }

  @Example
  void aTextThatHasToBeRightIsNeverGuessedThoughNothingIsNeeded() {
    Rules rules = Activities.mixed(null, 0).withTries(new Tries(Tries.Again.UNTIL_RIGHT, null));
    Question typed = new RandomQuestions(new Random(1)).ofKind(3, "t", true);
    Activity picked = Activities.on(FIVE, Activities.quiz(rules, 5));
    List<Question> questions = new ArrayList<>(picked.game().questions());
    questions.set(2, typed);
    Activity one = picked.withQuestions(questions);

    assertThat(Games.readiness(picked).guessing()).isEqualTo(1_000_000_000);
    assertThat(Games.readiness(one).guessing()).isZero();
  }

  @Property(tries = 40)
  void guessingAgreesWithEveryWayThatAClimbCanGo(@ForAll long seed) {
    Random random = new Random(seed);
    int questions = 3 + random.nextInt(6);
    Climb climb =
        new Climb(
            3 + random.nextInt(3),
            Climb.Rise.EVEN,
            List.of(),
            List.of(1 + random.nextInt(4)),
            Climb.Miss.values()[random.nextInt(2)]);
    Rules rules = new Rules(null, Order.AS_WRITTEN, Order.AS_WRITTEN, 10, 70, Extra.NONE);
    Activity activity = Activities.on(climb, Activities.quiz(rules, questions));

    double chance = 0;
    for (int way = 0; way < 1 << questions; way++) {
      Player player = new Player(activity);
      player.start();
      for (int i = 0; player.sitting().stage() != Stage.END; i++) {
        player.pick((way >> i & 1) == 1 ? "a" : "b");
        player.goOn();
      }
      chance += player.sitting().outcome().won() ? Math.pow(0.5, questions) : 0;
    }

    assertThat(Games.readiness(activity).guessing() / 1e9).isCloseTo(chance, within(1e-8));
  }

  @Example
  void whatIsWrongWithAClimbIsFoundAndMended() {
    Climb odd = new Climb(6, Climb.Rise.OWN, List.of(10, 20, 15), List.of(3, 9), Climb.Miss.REST);
    Activity activity = Activities.on(odd, Activities.quiz(RULES, 4));
    List<Finding> found = Games.readiness(activity).findings();

    assertThat(found)
        .extracting(Finding::own)
        .contains("climb-falls", "rest-above-top", "few-for-climb");
    Activity mended = activity;
    for (Finding finding : found) {
      mended = Games.mended(mended, finding);
    }
    assertThat(Games.readiness(mended).findings())
        .extracting(Finding::own)
        .doesNotContain("climb-falls", "rest-above-top", "few-for-climb");
  }

  private static long count(Showing showing, Markers.State state) {
    return showing.markers().stream().filter(m -> m.state() == state).count();
  }

  private static Player climbing(Climb climb, int questions) {
    Player player = new Player(Activities.on(climb, Activities.quiz(RULES, questions)));
    player.start();
    return player;
  }

  private static Showing shown(Player player) {
    return Plays.show(player.activity(), player.sitting(), Audience.PLAYER, 99_000);
  }

  private static BoardScene.OfClimb scene(Player player) {
    return (BoardScene.OfClimb) shown(player).scene();
  }
}
