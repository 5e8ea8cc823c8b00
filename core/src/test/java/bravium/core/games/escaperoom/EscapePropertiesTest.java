package bravium.core.games.escaperoom;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.activity.Rules;
import bravium.core.codec.Codec;
import bravium.core.games.Games;
import bravium.core.play.Action;
import bravium.core.play.Audience;
import bravium.core.play.Engine;
import bravium.core.play.Markers;
import bravium.core.play.Mover;
import bravium.core.play.Opening;
import bravium.core.play.Played;
import bravium.core.play.Prepared;
import bravium.core.play.Result;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Turn;
import bravium.core.play.Verdict;
import bravium.core.play.showing.Showing;
import bravium.core.question.Question;
import bravium.core.readiness.Readiness;
import bravium.core.readiness.Winnable;
import bravium.core.samples.RandomActivities;
import bravium.core.samples.RandomEscapes;
import bravium.core.samples.RandomMoves;
import bravium.core.samples.SideBySide;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Random;
import java.util.Set;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** What holds in every escape, whatever is tried. */
class EscapePropertiesTest {

  /**
   * She knows an answer once all that helps with it was shown to her, and puts key pieces in order
   * once she has them; what she goes by is what is shown, never what is written.
   */
  @Property(tries = 200)
  void whoUsesOnlyWhatIsShownGetsOutExactlyWhenReadinessSaysSo(@ForAll long seed) {
    Random random = new Random(seed);
    Activity activity = new RandomEscapes(random).finished(random.nextInt(12));
    activity = activity.withRules(Rules.usual());
    EscapeRoom room = (EscapeRoom) activity.game();
    Prepared game = Games.prepared(activity);
    Sitting sitting = Engine.open(game, new Opening("s", 0, false));
    sitting = Engine.act(game, sitting, Mover.PLAYER, new Action.Start(), 1).sitting();

    Optional<Action> next = next(room, game, sitting);
    while (next.isPresent()) {
      Turn turn = Engine.act(game, sitting, Mover.PLAYER, next.get(), 2);
      assertThat(turn.refusal()).as("what is shown as open is taken").isNull();
      sitting = turn.sitting();
      next = next(room, game, sitting);
    }
    boolean out = sitting.outcome() != null && sitting.outcome().won();
    Readiness readiness = Games.readiness(activity);
    assertThat(out).isEqualTo(readiness.winnable() == Winnable.ALWAYS);
    assertThat(EscapePlan.of(room).escapable()).isEqualTo(out);
  }

  private static Optional<Action> next(EscapeRoom room, Prepared game, Sitting sitting) {
    Showing showing = Showing.of(game, sitting, Audience.PLAYER, 2);
    if (showing.stage() != Stage.PLAYING) {
      return Optional.empty();
    }
    EscapeScene scene = (EscapeScene) showing.scene();
    Set<String> seen = new LinkedHashSet<>();
    scene.rooms().forEach(r -> r.things().forEach(thing -> seen.add(thing.id())));
    return scene.rooms().stream()
        .flatMap(r -> r.locks().stream())
        .filter(EscapeScene.SeenLock::takes)
        .filter(lock -> seen.containsAll(helping(room, lock.id())))
        .flatMap(lock -> opening(room, game, sitting, lock).stream())
        .findFirst();
  }

  private static List<String> helping(EscapeRoom room, String lock) {
    return room.things().stream()
        .filter(thing -> thing.helps().contains(lock))
        .map(RoomThing::id)
        .toList();
  }

  private static Optional<Action> opening(
      EscapeRoom room, Prepared game, Sitting sitting, EscapeScene.SeenLock lock) {
    Optional<Question> question = game.question(lock.id());
    if (question.isPresent()) {
      Question asked = question.get();
      return asked
          .rightResponse()
          .or(asked::wrongResponse)
          .map(response -> new Action.Answer(lock.id(), lock.attempt(), response));
    }
    Escape escape = new Escape(room);
    Opener.ByPieces pieces = (Opener.ByPieces) escape.lock(escape.number(lock.id())).by();
    Found found = new Found(escape, EscapePlay.state(sitting).opened());
    return KeyPieces.chosen(escape, found, escape.order(pieces), true)
        .map(put -> new Action.Own(new EscapeAction.UsePieces(lock.id(), lock.attempt(), put)));
  }

  @Property(tries = 150)
  void locksResultsAndMarkersAgree(@ForAll long seed) {
    Random random = new Random(seed);
    Activity activity = new RandomEscapes(random).any();
    Opening opening = new RandomActivities(random).atTheFront(activity, "s", 0);
    Prepared game = Games.prepared(activity);
    Sitting sitting = Engine.open(game, opening);
    RandomMoves moves = new RandomMoves(random);

    for (int i = 0; i < 30; i++) {
      Turn turn = Engine.play(game, sitting, moves.next(activity, sitting), i * 1_000L);
      assertThat(turn.refusal() != null && turn.sitting() != sitting)
          .as("a refused move changes nothing")
          .isFalse();
      sitting = turn.sitting();
      agree(game, sitting, i * 1_000L);
    }
    List<Played> log = new ArrayList<>();
    sitting.log().forEach(log::add);
    assertThat(Engine.rebuild(game, opening, log)).isEqualTo(sitting);
  }

  private static void agree(Prepared game, Sitting sitting, long at) {
    Showing showing = Showing.of(game, sitting, Audience.PLAYER, at);
    Codec.SHOWING.write(showing);
    EscapeScene scene = (EscapeScene) showing.scene();
    List<EscapeScene.SeenLock> locks =
        scene.rooms().stream().flatMap(r -> r.locks().stream()).toList();
    Set<String> met = new LinkedHashSet<>(locks.stream().map(EscapeScene.SeenLock::id).toList());
    assertThat(met).hasSameSizeAs(locks);
    if (showing.stage() != Stage.PLAYING) {
      return;
    }
    assertThat(showing.markers().stream().map(Markers.Marker::question).toList())
        .as("markers only of locks that were met")
        .allMatch(met::contains);
    assertThat(showing.score().asked()).isEqualTo(showing.markers().size());
    assertThat(showing.questions().stream().map(one -> one.asked().id()).toList())
        .allMatch(met::contains);
    for (EscapeScene.SeenLock lock : locks) {
      Verdict verdict = sitting.resultOf(lock.id()).map(Result::verdict).orElse(null);
      boolean drawn = sitting.draw().find(lock.id()).isPresent();
      assertThat(lock.open())
          .as("%s %s %s", lock, verdict, sitting.log().getLast())
          .isEqualTo(drawn ? verdict != null : lock.open());
      assertThat(lock.open() && lock.takes()).isFalse();
    }
  }

  /** What is behind a lock, and what opens it, shows only once it is open. */
  @Property(tries = 250)
  void nothingBehindALockShowsBeforeItIsOpen(@ForAll long seed) {
    Random random = new Random(seed);
    Activity activity = new RandomEscapes(random).finished(1 + random.nextInt(6));
    SideBySide.looksAlike(
        random,
        activity.withRules(activity.rules().withClock(new Clock(Clock.Per.GAME, 600))),
        EscapePropertiesTest::givenAway);
  }

  private static boolean givenAway(Sitting one, Sitting two, String item) {
    boolean end = one.stage() == Stage.END || two.stage() == Stage.END;
    boolean open =
        EscapePlay.state(one).opened().contains(item)
            || EscapePlay.state(two).opened().contains(item);
    var here = one.effortFor(item).last();
    var there = two.effortFor(item).last();
    boolean otherwise =
        here != null
            && there != null
            && (here.verdict() != there.verdict()
                || here.earned()
                || !Objects.equals(here.feedback(), there.feedback()));
    return end || open || otherwise || (here == null) != (there == null);
  }

  /** A mend that is offered holds: the finding goes away and no other comes. */
  @Property(tries = 150)
  void mendsHold(@ForAll long seed) {
    Activity activity = new RandomEscapes(new Random(seed)).any();
    Readiness readiness = Games.readinessWithMends(activity);
    readiness.findings().stream()
        .filter(finding -> finding.mend() != null && finding.own() != null)
        .forEach(
            finding ->
                assertThat(Games.readiness(Games.mended(activity, finding)).findings())
                    .as(finding.own())
                    .doesNotContain(finding));
  }

  /** Whatever was there before: each pattern can be escaped once its questions are finished. */
  @Property(tries = 150)
  void everyPatternWorks(@ForAll long seed) {
    Random random = new Random(seed);
    EscapeRoom room =
        (EscapeRoom) new RandomEscapes(random).finished(1 + random.nextInt(25)).game();
    for (EscapePattern pattern : EscapePattern.values()) {
      EscapeRoom laid = pattern.laidOut(room.withThings(List.of()));
      EscapePlan plan = EscapePlan.of(laid);
      boolean asks = room.questions().stream().anyMatch(q -> room.asks(q) && !q.off());
      assertThat(plan.escapable() || !asks).as(pattern.name()).isTrue();
      assertThat(laid.questions()).isEqualTo(room.questions());
      assertThat(Codec.ESCAPE_ROOM.read(Codec.ESCAPE_ROOM.tree(laid))).isEqualTo(laid);
    }
  }
}
