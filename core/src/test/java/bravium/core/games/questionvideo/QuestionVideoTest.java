package bravium.core.games.questionvideo;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.activity.Endings;
import bravium.core.activity.Rules;
import bravium.core.activity.TitlePage;
import bravium.core.activity.Tries;
import bravium.core.games.Games;
import bravium.core.json.Extra;
import bravium.core.measure.Stretch;
import bravium.core.play.Action;
import bravium.core.play.Audience;
import bravium.core.play.Engine;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.play.Opening;
import bravium.core.play.Outcome;
import bravium.core.play.Prepared;
import bravium.core.play.Refusal;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Turn;
import bravium.core.play.Verdict;
import bravium.core.play.Watched;
import bravium.core.play.showing.PastGame;
import bravium.core.play.showing.Review;
import bravium.core.play.showing.Showing;
import bravium.core.question.Basics;
import bravium.core.question.Feedback;
import bravium.core.question.Information;
import bravium.core.question.Question;
import bravium.core.question.Response;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Readiness;
import bravium.core.samples.Activities;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** Short films, watched and read. */
class QuestionVideoTest {

  private static final Rules TWO_GOES =
      Activities.asWritten(null, 50).withTries(new Tries(Tries.Again.AT_ONCE, 2, Extra.NONE));

  private static Question asked(String id) {
    return Activities.question(id, "a", "a", "b");
  }

  private static QuestionVideo film(Stop... stops) {
    List<Question> questions = List.of(stops).stream().map(stop -> asked(stop.question())).toList();
    return QuestionVideo.of(Film.of("f".repeat(64), 60_000), questions, List.of(stops));
  }

  private static WatchRule rule(boolean back, boolean ahead, boolean skip, int fastest) {
    return new WatchRule(back, ahead, skip, fastest, false, 90, WatchRule.Pennants.ALL, Extra.NONE);
  }

  private static Activity activity(QuestionVideo video, Rules rules) {
    return new Activity(TitlePage.of("A film"), video, rules, Endings.usual());
  }

  /** A learner who watches in time. */
  private static final class Watching {

    private final Prepared game;
    private final Mover by;
    private Sitting sitting;
    private long now = 1_000;
    private int keys;

    Watching(QuestionVideo video, Rules rules) {
      this(video, rules, Mover.PLAYER);
    }

    Watching(QuestionVideo video, Rules rules, Mover by) {
      this.game = Games.prepared(activity(video, rules));
      this.by = by;
      this.sitting = Engine.open(game, new Opening("s", 0, false));
      act(new Action.Start());
    }

    Turn act(Action action) {
      Turn turn = Engine.play(game, sitting, new Move("k" + keys++, by, action), now);
      sitting = turn.sitting();
      return turn;
    }

    Refusal watches(int from, int to) {
      return act(new Action.Own(new VideoAction.Watch(from, to))).refusal();
    }

    /** Takes as long as the film does. */
    void sees(int from, int to) {
      now += to - from;
      assertThat(watches(from, to)).isNull();
    }

    void answers(String option) {
      int attempt = sitting.effortFor(sitting.now()).tries() + 1;
      act(new Action.Answer(sitting.now(), attempt, new Response.Picked(option)));
    }

    void goesOn() {
      act(new Action.Continue(sitting.now()));
    }

    FilmScene scene() {
      return (FilmScene) Showing.of(game, sitting, Audience.PLAYER, now).scene();
    }
  }

  /** A stop where something is only read stays to do until it was read, and no longer. */
  @Test
  void aStopToReadIsDoneWithOnceItIsLeft() {
    QuestionVideo video =
        QuestionVideo.of(
            Film.of("f".repeat(64), 60_000),
            List.of(
                new Information(Basics.of("card", "Now look closely", Feedback.USUAL), Extra.NONE),
                Activities.question("q1", "a", "a", "b")),
            List.of(Stop.of("card", 10_000), Stop.of("q1", 50_000)));
    Watching she = new Watching(video, Rules.usual());
    she.sees(0, 10_000);
    assertThat(she.sitting.now()).isEqualTo("card");
    assertThat(she.scene().pennants()).extracting(FilmScene.Pennant::passed).containsOnly(false);
    she.goesOn();
    assertThat(she.scene().pennants())
        .filteredOn(FilmScene.Pennant::passed)
        .extracting(FilmScene.Pennant::question)
        .containsExactly("card");
  }

  @Test
  void itHaltsAtEachStopAndEndsWithTheLast() {
    Watching she = new Watching(film(Stop.of("q1", 10_000), Stop.of("q2", 60_000)), Rules.usual());
    assertThat(she.sitting.stage()).isEqualTo(Stage.BOARD);
    assertThat(she.scene().halt()).isEqualTo(10_000);

    she.sees(0, 10_000);
    assertThat(she.sitting.now()).isEqualTo("q1");
    she.answers("a");
    she.goesOn();
    assertThat(she.sitting.stage()).isEqualTo(Stage.BOARD);
    assertThat(she.scene().place()).isEqualTo(10_000);
    she.sees(10_000, 60_000);
    assertThat(she.sitting.now()).isEqualTo("q2");
    she.answers("a");
    she.goesOn();

    assertThat(she.sitting.outcome().won()).isTrue();
    Watched watched = Review.of(she.game, she.sitting, she.now).watched();
    assertThat(watched.share()).isEqualTo(100);
    assertThat(watched.stretches()).containsExactly(new Stretch(0, 60_000));
  }

  @Test
  void whatRanPastAStopIsLedBackToIt() {
    Watching she = new Watching(film(Stop.of("q1", 10_000)), Rules.usual());
    she.sees(0, 14_000);
    assertThat(she.sitting.now()).isEqualTo("q1");
    assertThat(she.scene().place()).isEqualTo(10_000);
  }

  @Test
  void stopsAtTheVeryStartAndAtOneMomentComeInTheirOrder() {
    Watching she =
        new Watching(
            film(Stop.of("b", 0), Stop.of("c", 5_000), Stop.of("d", 5_000), Stop.of("a", 0)),
            Rules.usual());
    assertThat(she.sitting.now()).isEqualTo("b");
    she.answers("a");
    she.goesOn();
    assertThat(she.sitting.now()).isEqualTo("a");
    she.answers("a");
    she.goesOn();
    she.sees(0, 5_000);
    assertThat(she.sitting.now()).isEqualTo("c");
    she.answers("b");
    she.goesOn();
    assertThat(she.sitting.now()).isEqualTo("d");
  }

  @Test
  void aWrongAnswerLeadsBackAndIsAskedAgainThere() {
    Watching she =
        new Watching(
            film(new Stop("q1", 20_000, 12_000, Extra.NONE)).with(rule(false, false, false, 100)),
            TWO_GOES);
    she.sees(0, 20_000);
    she.answers("b");
    she.goesOn();
    assertThat(she.sitting.stage()).isEqualTo(Stage.BOARD);
    assertThat(she.scene().place()).isEqualTo(12_000);
    assertThat(she.scene().back()).isEqualTo(12_000);

    she.sees(12_000, 20_000);
    assertThat(she.sitting.now()).isEqualTo("q1");
    she.answers("a");
    assertThat(she.sitting.resultOf("q1").orElseThrow().verdict()).isEqualTo(Verdict.RIGHT);
    she.goesOn();
    assertThat(she.scene().place()).isEqualTo(20_000);
  }

  @Test
  void skippingGoingBackAndWatchingTooMuchAreRefusedAsTheRulesSay() {
    Watching she = new Watching(film().with(rule(false, false, false, 100)), Rules.usual());
    she.sees(0, 5_000);
    she.now += 60_000;
    assertThat(she.watches(9_000, 9_500)).isEqualTo(Refusal.NOT_REACHED);
    assertThat(she.watches(1_000, 2_000)).isEqualTo(Refusal.PASSED);
    assertThat(she.watches(5_000, 6_000)).isNull();

    Watching fast = new Watching(film().with(rule(true, true, false, 150)), Rules.usual());
    fast.now += 10_000;
    assertThat(fast.watches(0, 17_001)).isEqualTo(Refusal.TOO_SOON);
    assertThat(fast.watches(0, 17_000)).isNull();
    assertThat(fast.watches(30_000, 30_000)).isNull();
  }

  /** A report that nobody's player makes: it tells of film behind a stop that is still shut. */
  @Test
  void whatLiesBehindAStopThatWasNeverAnsweredIsNotCountedAsWatched() {
    for (boolean ahead : new boolean[] {false, true}) {
      Watching forger =
          new Watching(
              film(Stop.of("q1", 15_000)).with(rule(true, ahead, false, 100)), Rules.usual());
      forger.now += 600_000;
      assertThat(forger.watches(0, 60_000)).isNull();
      assertThat(forger.sitting.now()).isEqualTo("q1");
      assertThat(forger.scene().share()).isEqualTo(25);

      forger.answers("a");
      forger.goesOn();
      forger.sees(15_000, 60_000);
      assertThat(forger.scene() == null ? 100 : forger.scene().share()).isEqualTo(100);
    }
  }

  @Test
  void aQuestionIsLeftUnansweredOnlyWhereThatIsAllowed() {
    Watching may =
        new Watching(film(Stop.of("q1", 0)).with(rule(true, false, true, 100)), Rules.usual());
    may.goesOn();
    assertThat(may.sitting.resultOf("q1").orElseThrow().verdict()).isEqualTo(Verdict.MISSED);
    Watching not = new Watching(film(Stop.of("q1", 0)), Rules.usual());
    assertThat(not.act(new Action.Continue("q1")).refusal()).isEqualTo(Refusal.NOT_OPEN);
  }

  @Test
  void whoWatchedTooLittleCanGoToTheRestOrFinishAndLose() {
    QuestionVideo video = film().with(rule(true, true, false, 100));
    Watching she = new Watching(video, Activities.asWritten(null, 0));
    she.sees(0, 10_000);
    she.sees(50_000, 60_000);
    assertThat(she.scene().share()).isEqualTo(33);
    assertThat(she.scene().finishes()).isTrue();
    she.act(new Action.Own(new VideoAction.FinishFilm()));
    assertThat(she.sitting.outcome().won()).isFalse();

    Watching other = new Watching(video, Activities.asWritten(null, 0));
    other.sees(0, 10_000);
    other.sees(50_000, 60_000);
    other.sees(10_000, 50_000);
    other.sees(50_000, 60_000);
    assertThat(other.sitting.outcome().won()).isTrue();
  }

  @Test
  void noMarkWinsAFilmOfWhichTooLittleWasWatched() {
    QuestionVideo video = film(Stop.of("q1", 5_000)).with(rule(true, true, false, 100));
    Watching she = new Watching(video, Activities.asWritten(null, 50));
    she.sees(0, 5_000);
    she.answers("b");
    she.goesOn();
    she.sees(50_000, 60_000);
    she.act(new Action.Own(new VideoAction.FinishFilm()));
    assertThat(she.sitting.outcome().won()).isFalse();

    Review kept = Review.of(she.game, she.sitting, she.now);
    Action.Mark mark = new Action.Mark("q1", 10, null);
    Turn turn =
        Engine.play(she.game, she.sitting, new Move("mark", Mover.TEACHER, mark), she.now + 1_000);
    Outcome outcome = turn.sitting().outcome();
    assertThat(outcome.points()).isEqualTo(10);
    assertThat(outcome.points()).isGreaterThanOrEqualTo(outcome.needed());
    assertThat(outcome.won()).isFalse();
    assertThat(outcome.why()).isEqualTo(Outcome.OutcomeReason.GOAL_MISSED);
    assertThat(PastGame.marked(she.game.activity(), kept, mark).outcome()).isEqualTo(outcome);
  }

  @Test
  void takingBackTakesAnAnswerAndNeverWhatWasWatched() {
    Watching class4 =
        new Watching(film(Stop.of("q1", 10_000), Stop.of("q2", 20_000)), TWO_GOES, Mover.TEACHER);
    class4.sees(0, 10_000);
    class4.answers("b");
    class4.goesOn();
    class4.answers("a");
    class4.goesOn();
    class4.sees(10_000, 20_000);
    assertThat(class4.sitting.now()).isEqualTo("q2");
    class4.act(new Action.TakeBack("k5"));
    class4.act(new Action.TakeBack("k4"));

    assertThat(class4.sitting.now()).isEqualTo("q1");
    assertThat(class4.sitting.resultOf("q1")).isEmpty();
    assertThat(VideoCourse.state(class4.sitting).watched().all())
        .containsExactly(new Stretch(0, 20_000));
    assertThat(class4.scene().place()).isEqualTo(10_000);
  }

  @Test
  void onlyWhatIsShownCountsAndStopsOutsideAreNotAsked() {
    QuestionVideo video =
        film(Stop.of("early", 1_000), Stop.of("in", 30_000), Stop.of("late", 59_000))
            .with(Film.of("f".repeat(64), 60_000).trimmed(20_000, 40_000));
    Watching she = new Watching(video, Rules.usual());
    assertThat(she.scene().place()).isEqualTo(20_000);
    assertThat(she.scene().pennants())
        .extracting(FilmScene.Pennant::question)
        .containsExactly("in");
    she.sees(20_000, 30_000);
    she.answers("a");
    she.goesOn();
    she.sees(30_000, 40_000);
    assertThat(she.sitting.outcome().won()).isTrue();
    assertThat(own(video, Rules.usual()))
        .containsExactly(
            QuestionVideoChecks.NO_CAPTIONS,
            QuestionVideoChecks.OUTSIDE,
            QuestionVideoChecks.OUTSIDE);
  }

  @Test
  void stopsThatDoNotShowAreSeenOnceMet() {
    WatchRule hidden =
        new WatchRule(true, false, false, 100, false, 0, WatchRule.Pennants.MET, Extra.NONE);
    Watching she =
        new Watching(film(Stop.of("q1", 10_000), Stop.of("q2", 20_000)).with(hidden), TWO_GOES);
    assertThat(she.scene().pennants()).isEmpty();
    she.sees(0, 10_000);
    assertThat(she.scene().pennants()).hasSize(1);
  }

  @Test
  void twoHundredStopsAreMetAndNoMoreAreTaken() {
    Stop[] stops =
        IntStream.range(0, QuestionVideo.MOST)
            .mapToObj(i -> Stop.of("q" + i, i / 4 * 1_000))
            .toArray(Stop[]::new);
    Watching she = new Watching(film(stops), Rules.usual());
    she.now += 120_000;
    for (int steps = 0; she.sitting.stage() != Stage.END && steps < 2_000; steps++) {
      switch (she.sitting.stage()) {
        case QUESTION -> she.answers("a");
        case FEEDBACK -> she.goesOn();
        default -> she.watches(she.scene().place(), she.scene().halt());
      }
    }
    assertThat(she.sitting.outcome().won()).isTrue();
    assertThat(she.sitting.results()).hasSize(QuestionVideo.MOST);

    Stop[] more = Arrays.copyOf(stops, stops.length + 1);
    more[stops.length] = Stop.of("one more", 0);
    assertThatThrownBy(() -> film(more)).hasMessageContaining("at most 200 stops");
  }

  private static List<String> own(QuestionVideo video, Rules rules) {
    Readiness readiness = Games.readiness(activity(video, rules));
    return readiness.findings().stream().map(Finding::own).filter(own -> own != null).toList();
  }

  @Test
  void readinessNamesWhatAColleagueWouldSee() {
    assertThat(own(film().with((Film) null), Rules.usual()))
        .containsExactly(QuestionVideoChecks.NO_FILM);
    QuestionVideo said =
        film(Stop.of("q1", 10_000), Stop.of("q2", 11_000))
            .withScript(List.of(ScriptLine.said(0, 1_000, "Look")));
    assertThat(own(said, Rules.usual())).containsExactly(QuestionVideoChecks.NEAR);
    assertThat(own(said.withStops(List.of(Stop.of("q1", 10_000))), Rules.usual()))
        .containsExactly(QuestionVideoChecks.NO_MOMENT);
    QuestionVideo back =
        said.withStops(
            List.of(
                new Stop("q1", 10_000, 12_000, Extra.NONE),
                new Stop("q2", 30_000, 12_000, Extra.NONE)));
    assertThat(own(back, Rules.usual()))
        .containsExactly(QuestionVideoChecks.LEADS_ON, QuestionVideoChecks.ONE_GO);
    assertThat(own(back, TWO_GOES)).containsExactly(QuestionVideoChecks.LEADS_ON);
    Rules clock = Rules.usual().withClock(new Clock(Clock.Per.GAME, 30));
    assertThat(own(said.withStops(List.of(Stop.of("q1", 0), Stop.of("q2", 60_000))), clock))
        .containsExactly(QuestionVideoChecks.CLOCK);
    QuestionVideo lesson = said.with(Film.of("f".repeat(64), 50 * 60_000));
    assertThat(own(lesson, Rules.usual()))
        .contains(QuestionVideoChecks.LONG_FILM, QuestionVideoChecks.NEAR);
  }

  /** Hasbrouck and Tindal (2017): who reads slowly in year 4 needs over a minute for 200 words. */
  @Test
  void aCardThatIsLongForTheAgeIsNamed() {
    Basics basics = Basics.of("card", "bee ".repeat(200), Feedback.USUAL);
    QuestionVideo video =
        QuestionVideo.of(
                Film.of("f".repeat(64), 60_000),
                List.of(new Information(basics, Extra.NONE)),
                List.of(Stop.of("card", 5_000)))
            .withScript(List.of(ScriptLine.said(0, 1_000, "Look")));
    TitlePage year4 = new TitlePage("A film", null, 4, null, List.of(), null, Extra.NONE);
    Activity activity = new Activity(year4, video, Rules.usual(), Endings.usual());

    assertThat(Games.readiness(activity).findings())
        .extracting(Finding::own)
        .contains(QuestionVideoChecks.LONG_CARD);
  }
}
