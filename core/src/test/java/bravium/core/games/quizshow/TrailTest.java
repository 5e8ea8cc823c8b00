package bravium.core.games.quizshow;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.activity.Endings;
import bravium.core.activity.Rules;
import bravium.core.activity.TitlePage;
import bravium.core.activity.Tries;
import bravium.core.games.Games;
import bravium.core.json.Extra;
import bravium.core.play.Action;
import bravium.core.play.Audience;
import bravium.core.play.Markers;
import bravium.core.play.Opening;
import bravium.core.play.Refusal;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.showing.Showing;
import bravium.core.question.Basics;
import bravium.core.question.Feedback;
import bravium.core.question.Information;
import bravium.core.question.Question;
import bravium.core.readiness.Finding;
import bravium.core.rich.Picture;
import bravium.core.rich.Words;
import bravium.core.samples.Activities;
import bravium.core.samples.Player;
import bravium.core.samples.Plays;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

class TrailTest {

  private static final Rules RULES = Activities.asWritten(null, 60);
  private static final Trail TRAIL =
      new Trail(
          null,
          List.of(
              new TrailMarker("q1", 200, 200),
              new TrailMarker("q2", 500, 500),
              new TrailMarker("q3", 800, 800)));

  @Test
  void theClassPicksAnyMarkerAndComesBackToThePicture() {
    Player player = new Player(trail(RULES));
    player.start();
    assertThat(player.sitting().stage()).isEqualTo(Stage.BOARD);

    player.play(new Action.Pick("q3"));
    assertThat(player.sitting().now()).isEqualTo("q3");
    player.pick("a");
    assertThat(state(player, "q3")).isEqualTo(Markers.State.RIGHT);
    player.goOn();

    assertThat(player.sitting().stage()).isEqualTo(Stage.BOARD);
    assertThat(places(player))
        .extracting(BoardScene.TrailPlace::open)
        .containsExactly(true, true, false);
  }

  @Test
  void anAnsweredMarkerIsLockedAndTheLastOneEndsTheGame() {
    Player player = new Player(trail(RULES));
    player.start();
    play(player, "q2", "b");
    assertThat(player.play(new Action.Pick("q2")).refusal()).isEqualTo(Refusal.NOT_OPEN);

    play(player, "q1", "a");
    play(player, "q3", "a");

    assertThat(player.sitting().outcome().won()).isTrue();
    assertThat(player.sitting().outcome().points()).isEqualTo(20);
  }

  @Test
  void untilRightAMarkerThatIsNotRightStaysOpenAndSaysSo() {
    Player player = new Player(trail(RULES.withTries(new Tries(Tries.Again.UNTIL_RIGHT, null))));
    player.start();
    play(player, "q2", "b");

    assertThat(player.sitting().stage()).isEqualTo(Stage.BOARD);
    assertThat(state(player, "q2")).isEqualTo(Markers.State.RETRY);
    play(player, "q2", "a");
    assertThat(state(player, "q2")).isEqualTo(Markers.State.RIGHT);
  }

  @Test
  void aQuestionWithoutAMarkerStandsAtTheLowerEdge() {
    Player player = new Player(Activities.on(TRAIL.without("q2"), Activities.quiz(RULES, 3)));
    player.start();

    assertThat(places(player).get(1).y()).isGreaterThan(900);
    assertThat(player.play(new Action.Pick("q2")).refusal()).isNull();
  }

  @Test
  void informationIsReadBeforeTheQuestionItBelongsToAndAtTheEnd() {
    List<Question> questions = new ArrayList<>();
    questions.add(Activities.question("q1", "a", "a", "b"));
    questions.add(information("i1"));
    questions.add(Activities.question("q2", "a", "a", "b"));
    questions.add(information("i2"));
    Player player = new Player(Activities.on(TRAIL, Activities.quiz(RULES, questions)));
    player.start();

    player.play(new Action.Pick("q2"));
    assertThat(player.sitting().now()).isEqualTo("i1");
    player.goOn();
    assertThat(player.sitting().now()).isEqualTo("q2");
    player.pick("a");
    player.goOn();
    play(player, "q1", "a");
    assertThat(player.sitting().now()).isEqualTo("i2");
    player.goOn();
    assertThat(player.sitting().stage()).isEqualTo(Stage.END);
  }

  @Test
  void theClockOfTheGameAlsoRunsWhileAMarkerIsPicked() {
    Activity activity = trail(RULES.withClock(new Clock(Clock.Per.GAME, 10)));
    Player player = new Player(activity);
    player.start();

    assertThat(Plays.show(activity, player.sitting(), Audience.PLAYER, 7_000).clock().left())
        .isEqualTo(5_000);
    Sitting late = player.sitting();
    assertThat(Plays.show(activity, late, Audience.PLAYER, 20_000).ending().outcome().won())
        .isFalse();
  }

  @Test
  void onlyWhatIsDrawnIsOnThePicture() {
    Player player = new Player(trail(Activities.asWritten(2, 60)));
    player.start();

    assertThat(places(player)).hasSize(2);
  }

  @Test
  void oneQuestionAloneIsOpenedAtOnce() {
    Activity activity = trail(RULES);
    Player player =
        new Player(
            activity, bravium.core.play.Mover.TEACHER, new Opening("s", 0, false).onlyFor("q2"));
    player.start();
    assertThat(player.sitting().now()).isEqualTo("q2");
    player.pick("a");
    player.goOn();
    assertThat(player.sitting().stage()).isEqualTo(Stage.END);
  }

  private static void play(Player player, String question, String option) {
    player.play(new Action.Pick(question));
    player.pick(option);
    player.goOn();
  }

  private static Question information(String id) {
    return new Information(Basics.of(id, "Read " + id, Feedback.USUAL), Extra.NONE);
  }

  private static Activity trail(Rules rules) {
    return Activities.on(TRAIL, Activities.quiz(rules, 3));
  }

  private static Showing shown(Player player) {
    return Plays.show(player.activity(), player.sitting(), Audience.PLAYER, 9_000);
  }

  private static List<BoardScene.TrailPlace> places(Player player) {
    return ((BoardScene.OfTrail) shown(player).scene()).places();
  }

  private static Markers.State state(Player player, String question) {
    return shown(player).markers().stream()
        .filter(m -> m.question().equals(question))
        .findFirst()
        .orElseThrow()
        .state();
  }

  @Test
  void oneMendLaysAllMarkersThatAreMissingAndNoTwoTouch() {
    Activity bare =
        trail(RULES)
            .withGame(
                new QuizShow(
                    new Trail(null, List.of(new TrailMarker("q2", 500, 500))),
                    trail(RULES).game().questions(),
                    Extra.NONE));
    Finding missing =
        Games.readiness(bare).findings().stream()
            .filter(f -> QuizShowChecks.QUESTION_WITHOUT_MARKER.equals(f.own()))
            .findFirst()
            .orElseThrow();

    Trail mended = (Trail) ((QuizShow) Games.mended(bare, missing).game()).board();

    assertThat(mended.markers())
        .extracting(TrailMarker::question)
        .containsExactlyInAnyOrder("q1", "q2", "q3");
    for (TrailMarker one : mended.markers()) {
      for (TrailMarker other : mended.markers()) {
        assertThat(one == other || Math.hypot(one.x() - other.x(), one.y() - other.y()) > 60)
            .isTrue();
      }
    }
    assertThat(mended.markers()).contains(new TrailMarker("q2", 500, 500));
  }

  @Test
  void itsPictureStandsForItBeforeItIsPlayed() {
    Picture garden = new Picture("a".repeat(64), "The garden");
    Activity shown =
        trail(RULES)
            .withGame(
                new QuizShow(
                    new Trail(garden, List.of()), trail(RULES).game().questions(), Extra.NONE));

    assertThat(titlePage(shown).cover().picture()).isEqualTo(garden);
    assertThat(titlePage(trail(RULES)).cover().picture()).isNull();
  }

  /**
   * Said again only where it isn't hidden, it would tell that a picture lies hidden in the game.
   */
  @Test
  void aPictureOfTheIntroductionIsNotSaidAgain() {
    Words bees = Words.of(List.of(new Picture("b".repeat(64), "Bees")));
    TitlePage page = new TitlePage("", null, null, null, List.of(), bees, Extra.NONE);
    Activity shown = new Activity(page, trail(RULES).game(), RULES, Endings.usual());

    assertThat(titlePage(shown).cover().introduction()).isEqualTo(bees);
    assertThat(titlePage(shown).cover().picture()).isNull();
  }

  @Test
  void beginningAnewIsOffUnlessTheRulesAllowIt() {
    assertThat(titlePage(trail(RULES)).terms().startAgain()).isFalse();
    assertThat(titlePage(trail(RULES.withStartAgain(true))).terms().startAgain()).isTrue();
  }

  private static Showing titlePage(Activity activity) {
    Player player = new Player(activity);
    return Showing.of(Games.prepared(activity), player.sitting(), Audience.PLAYER, 0);
  }
}
