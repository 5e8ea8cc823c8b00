package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Rules;
import bravium.core.activity.Team;
import bravium.core.play.showing.Review;
import bravium.core.play.showing.Showing;
import bravium.core.question.Marking;
import bravium.core.rehearsal.Aid;
import bravium.core.rehearsal.TestAids;
import bravium.core.rich.Words;
import bravium.core.samples.Activities;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.junit.jupiter.api.Test;

/**
 * The frame plays a game that it has never seen: a play of this test's own, with its own items,
 * move, state, scene and clocks. Whoever lights all lamps before the night is over has won; the
 * lamp in the porch can be lit only once the porch is open, and one that is blown at goes out.
 */
class FrameTest {

  private static final List<String> ALL = List.of("hall", "stairs", "porch");
  private static final Activity ACTIVITY = Activities.quiz(Activities.asWritten(null, 80), 1);
  private static final Prepared LAMPS = Prepared.of(ACTIVITY, new Lamps(10, ACTIVITY.rules()));

  private Prepared game = LAMPS;
  private Sitting sitting = Engine.open(game, new Opening("seed", 0, false));
  private int keys;

  /** Lights a lamp, or says where one looks. */
  private record Light(String lamp, boolean looksOnly) implements OwnAction {

    @Override
    public boolean reports() {
      return looksOnly;
    }
  }

  private record Night(int matches, boolean porchOpen, List<String> looks) implements State {}

  private record View(int matches, int lit) implements Scene {}

  private record Lamps(int matches, Rules rules) implements Play {

    private static final String PORCH = "porch";
    private static final String NIGHT = "night";

    @Override
    public Draw draw(Opening opening) {
      return new Draw(ALL.stream().map(id -> new Draw.Drawn(id, List.of(), 5, true)).toList());
    }

    @Override
    public List<Item> items() {
      List<Words> hints = List.of(Words.of("It is near the door"));
      return ALL.stream()
          .map(id -> new Item(id, Words.of("Lamp in the " + id), hints, Marking.AT_ONCE))
          .toList();
    }

    @Override
    public Optional<State> begin(Draw draw, Opening opening) {
      return Optional.of(new Night(matches, false, List.of()));
    }

    @Override
    public Turn start(Point at) {
      Clocks clocks =
          at.sitting().clocks().started(NIGHT, 60_000, at.at()).started(PORCH, 10_000, at.at());
      return Turn.of(at.sitting().with(clocks).at(Stage.PLAYING, null));
    }

    @Override
    public Set<String> open(Sitting now) {
      return now.stage() == Stage.PLAYING ? Set.copyOf(ALL) : Set.of();
    }

    @Override
    public Turn act(Point at, Action action) {
      Sitting sitting = at.sitting();
      if (!(action instanceof Action.Own(Light light)) || sitting.stage() != Stage.PLAYING) {
        return at.refused(Refusal.NOT_OPEN);
      }
      Night night = (Night) sitting.state();
      if (light.looksOnly()) {
        List<String> looks = new ArrayList<>(night.looks());
        looks.add(light.lamp());
        return Turn.of(
            sitting.with(new Night(night.matches(), night.porchOpen(), List.copyOf(looks))));
      }
      boolean can = !light.lamp().equals(PORCH) || night.porchOpen();
      boolean fresh = ALL.contains(light.lamp()) && sitting.resultOf(light.lamp()).isEmpty();
      Sitting struck =
          sitting.with(new Night(night.matches() - 1, night.porchOpen(), night.looks()));
      Sitting entered =
          struck.with(
              Entry.of(
                  light.lamp(),
                  fresh ? light.lamp() : null,
                  can && fresh ? Verdict.RIGHT : Verdict.WRONG,
                  true,
                  sitting.front().answering(),
                  at.at()));
      return can && fresh
          ? new Attempts(at.with(entered)).tried(light.lamp(), true, Tried.of(Verdict.RIGHT, 5))
          : Turn.of(entered);
    }

    @Override
    public List<Deadline> deadlines(Sitting now) {
      return now.clocks().running().stream()
          .filter(clock -> clock.held() == null)
          // What opens by itself does so when trying out, too.
          .filter(clock -> clock.name().equals(PORCH) || !now.stands())
          .map(c -> new Deadline(c.name(), c.end(), c.name().equals(PORCH)))
          .toList();
    }

    @Override
    public Turn ranOut(Point at, Deadline deadline) {
      Sitting sitting = at.sitting();
      if (!deadline.opens()) {
        return at.game().ended(sitting, new End(Outcome.Ended.TIME, false));
      }
      Night night = (Night) sitting.state();
      return Turn.of(
          sitting
              .with(sitting.clocks().without(PORCH))
              .with(new Night(night.matches(), true, night.looks())));
    }

    @Override
    public Optional<End> over(Sitting now) {
      boolean all = now.results().size() == ALL.size();
      boolean none = now.state() instanceof Night night && night.matches() == 0;
      return all || none ? Optional.of(new End(Outcome.Ended.PLAYED, all)) : Optional.empty();
    }

    @Override
    public Optional<PassMark> passMark(Draw draw) {
      return Optional.empty();
    }

    @Override
    public Optional<Scene> scene(Sitting now, Audience audience) {
      return now.state() instanceof Night night
          ? Optional.of(new View(night.matches(), now.results().size()))
          : Optional.empty();
    }

    @Override
    public Optional<Action> aid(Sitting now, boolean right) {
      return switch (now.stage()) {
        case TITLE -> Optional.of(new Action.Start());
        case PLAYING ->
            Optional.of(
                new Action.Own(
                    new Light(
                        right
                            ? ALL.stream()
                                .filter(lamp -> now.resultOf(lamp).isEmpty())
                                .findFirst()
                                .orElseThrow()
                            : "cellar",
                        false)));
        default -> Optional.empty();
      };
    }
  }

  @Test
  void itIsWonByItsOwnRule() {
    start();
    light("hall", 1_000);
    light("stairs", 2_000);
    light("porch", 10_000);

    assertThat(sitting.outcome().won()).isTrue();
    assertThat(sitting.outcome().points()).isEqualTo(15);
    assertThat(sitting.entries()).extracting(Entry::item).containsExactlyElementsOf(ALL);
    assertThat(shown(10_000).markers())
        .extracting(Markers.Marker::state)
        .containsOnly(Markers.State.RIGHT);
  }

  @Test
  void itIsLostWhenItsOwnStateSaysSo() {
    game = Prepared.of(ACTIVITY, new Lamps(2, ACTIVITY.rules()));
    sitting = Engine.open(game, new Opening("seed", 0, false));
    start();
    light("hall", 1_000);
    light("cellar", 2_000);

    assertThat(sitting.outcome().won()).isFalse();
    assertThat(sitting.outcome().points()).isEqualTo(5);
    assertThat(sitting.entries().getLast().item()).isNull();
    Review review = Review.of(game, sitting, 3_000);
    assertThat(review.score().right()).isEqualTo(1);
  }

  @Test
  void itsTimeRunsOut() {
    start();
    light("hall", 1_000);

    assertThat(shown(60_000).stage()).isEqualTo(Stage.PLAYING);
    assertThat(shown(60_001).ending().outcome().ended()).isEqualTo(Outcome.Ended.TIME);
  }

  @Test
  void whatOpensByItselfDoesSoAtItsMomentAlsoWhenTryingOut() {
    sitting = Engine.open(game, new Opening("seed", 0, true));
    start();
    light("porch", 9_999);
    assertThat(sitting.results()).isEmpty();

    light("porch", 10_000);

    assertThat(sitting.results()).hasSize(1);
    assertThat(shown(900_000).stage()).as("the night has no end").isEqualTo(Stage.PLAYING);
  }

  @Test
  void whatIsSeenIsItsOwnScene() {
    start();
    light("hall", 1_000);

    assertThat(shown(1_000).scene()).isEqualTo(new View(9, 1));
  }

  @Test
  void takingBackGivesBackWhatWasLeftOnTheClocks() {
    start();
    light("hall", 5_000);
    play(Mover.TEACHER, new Action.TakeBack("k1"), 30_000);

    assertThat(sitting.results()).isEmpty();
    assertThat(sitting.clocks().find("night").orElseThrow().left(30_000)).isEqualTo(55_000);
  }

  @Test
  void whatOnlyReportsIsPassedOverAndKept() {
    start();
    light("hall", 5_000);
    play(Mover.PLAYER, new Action.Own(new Light("stairs", true)), 6_000);
    Turn back = play(Mover.TEACHER, new Action.TakeBack("k1"), 7_000);

    assertThat(back.refusal()).isNull();
    assertThat(sitting.results()).isEmpty();
    assertThat(((Night) sitting.state()).looks()).containsExactly("stairs");
  }

  @Test
  void oneClockIsHeldAndGivenTimeByItsName() {
    start();
    play(Mover.TEACHER, new Action.HoldClock("porch"), 5_000);
    play(Mover.TEACHER, new Action.AddTime("night", 30), 6_000);

    light("porch", 20_000);
    assertThat(sitting.results()).as("the porch is not open yet").isEmpty();
    play(Mover.TEACHER, new Action.RunClock("porch"), 21_000);
    light("porch", 26_000);
    assertThat(sitting.results()).hasSize(1);
    assertThat(shown(89_000).stage()).isEqualTo(Stage.PLAYING);
  }

  @Test
  void hintsTeamsAndPointsByHandAreTheFrames() {
    List<Team> two =
        List.of(new Team("Owls", Team.Sign.values()[0]), new Team("Bats", Team.Sign.values()[1]));
    sitting = Engine.open(game, new Opening("seed", 0, false).withTeams(two));
    start();
    assertThat(play(Mover.PLAYER, new Action.Hint("hall"), 1_000).refusal())
        .isEqualTo(Refusal.NO_SUCH_TEAM);
    play(Mover.TEACHER, new Action.GiveTurn(1), 2_000);
    assertThat(play(Mover.PLAYER, new Action.Hint("hall"), 3_000).refusal()).isNull();
    light("hall", 4_000);
    play(Mover.TEACHER, new Action.GivePoints(0, 3), 5_000);

    assertThat(shown(5_000).teams()).extracting(Showing.Side::points).containsExactly(3, 5);
  }

  @Test
  void itIsClosedAndTriedOutLikeAnyOther() {
    start();
    assertThat(Engine.close(game, sitting, Outcome.Ended.CLOSED, 1_000).outcome().ended())
        .isEqualTo(Outcome.Ended.CLOSED);
    Sitting open = Engine.open(game, new Opening("seed", 0, true));
    assertThat(TestAids.use(game, open, Aid.LOSS, 20_000).outcome().won()).isFalse();
    assertThat(TestAids.use(game, open, Aid.RIGHT, 20_000).results()).hasSize(1);
  }

  @Test
  void withoutKeyAndLogItComesOutTheSame() {
    start();
    light("hall", 1_000);
    Sitting plain = Engine.open(game, new Opening("seed", 0, false));
    plain = Engine.act(game, plain, Mover.PLAYER, new Action.Start(), 0).sitting();
    Action hall = new Action.Own(new Light("hall", false));
    plain = Engine.act(game, plain, Mover.PLAYER, hall, 1_000).sitting();

    assertThat(plain.log()).isEmpty();
    assertThat(plain.withMoves(sitting.log())).isEqualTo(sitting);
  }

  private void start() {
    play(Mover.PLAYER, new Action.Start(), 0);
  }

  private void light(String lamp, long at) {
    play(Mover.PLAYER, new Action.Own(new Light(lamp, false)), at);
  }

  private Turn play(Mover by, Action action, long at) {
    Turn turn = Engine.play(game, sitting, new Move("k" + keys++, by, action), at);
    sitting = turn.sitting();
    return turn;
  }

  private Showing shown(long at) {
    return Showing.of(game, sitting, Audience.PROJECTOR, at);
  }
}
