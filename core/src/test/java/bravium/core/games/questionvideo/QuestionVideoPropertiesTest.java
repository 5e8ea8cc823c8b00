package bravium.core.games.questionvideo;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.codec.Codec;
import bravium.core.games.Games;
import bravium.core.measure.Stretch;
import bravium.core.play.Action;
import bravium.core.play.Audience;
import bravium.core.play.Engine;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.play.Opening;
import bravium.core.play.Played;
import bravium.core.play.Prepared;
import bravium.core.play.Refusal;
import bravium.core.play.Result;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Turn;
import bravium.core.play.showing.Review;
import bravium.core.play.showing.Showing;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Readiness;
import bravium.core.samples.RandomActivities;
import bravium.core.samples.RandomMoves;
import bravium.core.samples.RandomVideos;
import bravium.core.samples.SideBySide;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.Deque;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** What holds in every question video, whatever is done and reported. */
class QuestionVideoPropertiesTest {

  @Property(tries = 300)
  void placeStopsAndSharesAgree(@ForAll long seed) {
    Random random = new Random(seed);
    Activity activity = new RandomVideos(random).any();
    Opening opening = new RandomActivities(random).atTheFront(activity, "s", 0);
    Prepared game = Games.prepared(activity);
    Sitting sitting = Engine.open(game, opening);
    RandomMoves moves = new RandomMoves(random);
    long at = 0;
    for (int i = 0; i < 40; i++) {
      at += random.nextInt(700);
      sitting = Engine.play(game, sitting, moves.next(activity, sitting), at).sitting();
      agree((QuestionVideo) activity.game(), game, sitting, at);
    }
    // With what was taken back: the clocks then go on with what was left before it.
    List<Played> log = new ArrayList<>();
    sitting.log().forEach(log::add);
    assertThat(Engine.rebuild(game, opening, log).results()).isEqualTo(sitting.results());
  }

  private static void agree(QuestionVideo video, Prepared game, Sitting sitting, long at) {
    Codec.SHOWING.write(Showing.of(game, sitting, Audience.PLAYER, at));
    Showing showing = Showing.of(game, sitting, Audience.TEACHER, at);
    if (video.film() == null || sitting.opening().only() != null) {
      assertThat(showing.scene()).isNull();
      return;
    }
    FilmScene scene = (FilmScene) showing.scene();
    Stretch shown = video.shown();
    assertThat(scene.place()).isBetween(shown.from(), shown.to());
    assertThat(scene.halt()).isBetween(scene.place(), shown.to());
    assertThat(scene.back()).isLessThanOrEqualTo(scene.place());
    assertThat(scene.reach()).isGreaterThanOrEqualTo(scene.place());
    BitSet watched = new BitSet();
    FilmState state = VideoCourse.state(sitting);
    state.watched().all().forEach(one -> watched.set(one.from(), one.to()));
    int part = watched.get(shown.from(), shown.to()).cardinality();
    assertThat(scene.share()).isEqualTo((int) Math.round(100.0 * part / shown.length()));
    assertThat(scene.pennants()).extracting(FilmScene.Pennant::at).isSorted();
    if (sitting.stage() == Stage.QUESTION) {
      assertThat(scene.place()).isEqualTo(video.stopOf(sitting.now()).orElseThrow().at());
    }
    if (sitting.outcome() != null && !sitting.opening().inTeams() && sitting.outcome().won()) {
      assertThat(scene.share()).isGreaterThanOrEqualTo(scene.needed());
    }
    Review review = Review.of(game, sitting, at);
    assertThat(review.watched().share()).isEqualTo(scene.share());
  }

  /**
   * Whoever watches as she may, with pauses, at any speed that is allowed, over a network that is
   * out for as long as it likes, is never refused.
   */
  @Property(tries = 500)
  void noHonestWatchIsRefused(@ForAll long seed) {
    Random random = new Random(seed);
    Activity any = new RandomVideos(random).finished(1 + random.nextInt(4));
    Activity activity = any.withRules(any.rules().withClock(null));
    QuestionVideo video = (QuestionVideo) activity.game();
    Prepared game = Games.prepared(activity);
    Watcher watcher = new Watcher(random, game, video);
    for (int i = 0; i < 60 && watcher.sitting.stage() != Stage.END; i++) {
      watcher.goesOn(activity);
    }
  }

  /** A learner and her device: reports wait while the network is out. */
  private static final class Watcher {

    private final Random random;
    private final Prepared game;
    private final WatchRule rule;
    private final Deque<Action> waiting = new ArrayDeque<>();
    private Sitting sitting;
    private long now = 1_000;
    private int place;
    private int keys;

    Watcher(Random random, Prepared game, QuestionVideo video) {
      this.random = random;
      this.game = game;
      this.rule = video.watching();
      this.sitting = Engine.open(game, new Opening("s", 0, false));
      send(new Action.Start());
    }

    private void send(Action action) {
      Turn turn = Engine.play(game, sitting, new Move("k" + keys++, Mover.PLAYER, action), now);
      if (action instanceof Action.Own) {
        assertThat(turn.refusal()).as("%s at %s of %s", action, now, rule).isNull();
      }
      sitting = turn.sitting();
    }

    private FilmScene scene() {
      return (FilmScene) Showing.of(game, sitting, Audience.PLAYER, now).scene();
    }

    void goesOn(Activity activity) {
      now += random.nextInt(3) == 0 ? random.nextInt(60_000) : 0;
      if (sitting.stage() != Stage.BOARD) {
        Action action = new RandomMoves(random).fitting(activity, sitting).action();
        if (!(action instanceof Action.Own)) {
          send(action);
        }
        return;
      }
      FilmScene scene = scene();
      if (waiting.isEmpty()) {
        place = scene.place();
      }
      if (scene.finishes() && random.nextBoolean()) {
        arrive();
        if (sitting.stage() == Stage.BOARD && scene().finishes()) {
          send(new Action.Own(new VideoAction.FinishFilm()));
        }
        return;
      }
      if (random.nextInt(4) == 0 && waiting.isEmpty()) {
        int latest = Math.min(scene.reach(), scene.halt());
        int to = scene.back() + random.nextInt(Math.max(1, latest - scene.back() + 1));
        waiting.add(watch(to, to));
        place = to;
      }
      int speed = 50 + random.nextInt(rule.fastest() - 49);
      int real = random.nextInt(900);
      int to = Math.min(scene.halt(), place + real * speed / 100);
      if (to > place) {
        now += real;
        waiting.add(watch(place, to));
        place = to;
      }
      if (place >= scene.halt() || random.nextBoolean()) {
        now += random.nextInt(200);
        arrive();
      }
    }

    private static Action watch(int from, int to) {
      return new Action.Own(new VideoAction.Watch(from, to));
    }

    private void arrive() {
      while (!waiting.isEmpty()) {
        Action next = waiting.poll();
        // What comes after the end has nothing to tell any more.
        if (sitting.stage() == Stage.END) {
          continue;
        }
        send(next);
      }
    }
  }

  /** Whatever is reported: no more than time allows, nothing skipped, no stop passed. */
  @Property(tries = 500)
  void noForgedReportSkips(@ForAll long seed) {
    Random random = new Random(seed);
    Activity activity = new RandomVideos(random).finished(1 + random.nextInt(4));
    QuestionVideo video = (QuestionVideo) activity.game();
    Stretch shown = video.shown();
    WatchRule rule = video.watching();
    Prepared game = Games.prepared(activity);
    Sitting sitting = Engine.open(game, new Opening("s", 0, false));
    long now = random.nextInt(5_000);
    long begun = now;
    sitting =
        Engine.play(game, sitting, new Move("start", Mover.PLAYER, new Action.Start()), now)
            .sitting();
    for (int i = 0; i < 40 && sitting.stage() != Stage.END; i++) {
      now += random.nextInt(200);
      int from = random.nextInt(video.film().millis() + 500);
      int to = from + random.nextInt(3_000);
      boolean free = sitting.stage() == Stage.BOARD && scene(game, sitting, now).finishes();
      FilmState before = VideoCourse.state(sitting);
      Action action =
          random.nextInt(5) == 0
              ? new RandomMoves(random).fitting(activity, sitting).action()
              : new Action.Own(new VideoAction.Watch(from, to));
      Turn turn = Engine.play(game, sitting, new Move("k" + i, Mover.PLAYER, action), now);
      sitting = turn.sitting();
      FilmState state = VideoCourse.state(sitting);
      assertThat(state.watched().length())
          .isLessThanOrEqualTo((now - begun) * rule.fastest() / 100 + 2_000);
      if (action instanceof Action.Own(VideoAction.Watch watch) && turn.refusal() == null) {
        int start = new Stretch(watch.from(), watch.to()).within(shown).from();
        boolean reached = start <= before.reach(shown) + VideoCourse.SLACK;
        boolean kept = start >= before.place() - VideoCourse.SLACK;
        assertThat(rule.ahead() || reached).isTrue();
        assertThat(rule.back() || free || kept).isTrue();
      }
      if (action instanceof Action.Own(VideoAction.Watch watch) && turn.refusal() != null) {
        assertThat(turn.refusal())
            .isIn(Refusal.NOT_REACHED, Refusal.PASSED, Refusal.TOO_SOON, Refusal.NOT_OPEN);
        assertThat(state).isEqualTo(before);
      }
      passesNoStop(video, sitting, state);
    }
  }

  private static FilmScene scene(Prepared game, Sitting sitting, long now) {
    return (FilmScene) Showing.of(game, sitting, Audience.PLAYER, now).scene();
  }

  private static void passesNoStop(QuestionVideo video, Sitting sitting, FilmState state) {
    for (String id : sitting.draw().ids()) {
      boolean settled = sitting.resultOf(id).map(Result::verdict).isPresent();
      int at = video.stopOf(id).orElseThrow().at();
      assertThat(settled || at >= state.place())
          .as("stop %s at %s, film at %s", id, at, state.place())
          .isTrue();
    }
  }

  /** What the teacher noted, what is right, and where stops lie that don't show. */
  @Property(tries = 300)
  void nothingShowsBeforeItIsGivenAway(@ForAll long seed) {
    Random random = new Random(seed);
    Activity activity = new RandomVideos(random).finished(1 + random.nextInt(5));
    SideBySide.looksAlike(random, activity, QuestionVideoPropertiesTest::givenAway);
  }

  private static boolean givenAway(Sitting one, Sitting two, String item) {
    return one.stage() == Stage.END
        || one.effortFor(item).tries() > 0
        || one.resultOf(item).isPresent()
        || two.resultOf(item).isPresent();
  }

  @Property(tries = 200)
  void whatIsWrittenIsReadAgainAndMendsHold(@ForAll long seed) {
    Activity activity = new RandomVideos(new Random(seed)).any();
    assertThat(Codec.ACTIVITY.read(Codec.ACTIVITY.write(activity))).isEqualTo(activity);
    Readiness readiness = Games.readinessWithMends(activity);
    for (Finding finding : readiness.findings()) {
      if (finding.mend() != null && finding.own() != null) {
        assertThat(Games.readiness(Games.mended(activity, finding)).findings())
            .as(finding.own())
            .doesNotContain(finding);
      }
    }
  }
}
