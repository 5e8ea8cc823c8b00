package bravium.core.assignment;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatIllegalArgumentException;

import bravium.core.assignment.Standing.Phase;
import bravium.core.assignment.Terms.AtClosing;
import bravium.core.assignment.Terms.Counts;
import bravium.core.assignment.Terms.WhenTold;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Random;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** When an assignment can be played, how often, and which game counts. */
class StandingTest {

  private static final Go RUNNING = new Go(false, 0, 100);

  private static Terms terms(Integer goes, AtClosing atClosing) {
    return new Terms(
        1_000L,
        2_000L,
        goes,
        Counts.BEST,
        WhenTold.AFTER_CLOSING,
        atClosing,
        Terms.WhenMarked.AT_ONCE);
  }

  private static Go ended(int points) {
    return new Go(true, points, 100);
  }

  private static Standing at(long at, Terms terms, Allowance own, Go... games) {
    return Standing.of(terms, own, List.of(games), at);
  }

  @Example
  void itOpensAtItsMomentAndIsClosedFromItsClosingMomentOn() {
    Terms terms = terms(null, AtClosing.FINISH);

    assertThat(at(999, terms, Allowance.NONE).phase()).isEqualTo(Phase.NOT_YET);
    assertThat(at(1_000, terms, Allowance.NONE).phase()).isEqualTo(Phase.OPEN);
    assertThat(at(1_999, terms, Allowance.NONE).phase()).isEqualTo(Phase.OPEN);
    assertThat(at(2_000, terms, Allowance.NONE).phase()).isEqualTo(Phase.CLOSED);
    assertThat(at(2_000, Terms.usual(), Allowance.NONE).begins()).isTrue();
  }

  @Example
  void whoWasAbsentHasDatesOfHerOwn() {
    Allowance later = new Allowance(null, 3_000L, 0, false);
    Allowance another = new Allowance(5_000L, 6_000L, 0, false);

    assertThat(at(2_500, terms(null, AtClosing.END), later).begins()).isTrue();
    assertThat(at(2_500, terms(null, AtClosing.END), later).closes()).isEqualTo(3_000L);
    assertThat(at(2_500, terms(null, AtClosing.END), another).phase()).isEqualTo(Phase.NOT_YET);
    assertThat(at(5_000, terms(null, AtClosing.END), another).begins()).isTrue();
  }

  @Example
  void goesAreCountedOutAndOneMoreCanBeGiven() {
    Terms two = terms(2, AtClosing.FINISH);
    Allowance more = new Allowance(null, null, 1, false);

    assertThat(at(1_500, two, Allowance.NONE).left()).isEqualTo(2);
    assertThat(at(1_500, two, Allowance.NONE, ended(10), ended(20)).begins()).isFalse();
    assertThat(at(1_500, two, more, ended(10), ended(20)).left()).isEqualTo(1);
    assertThat(at(1_500, two, more, ended(10), ended(20)).begins()).isTrue();
    assertThat(at(1_500, two, Allowance.NONE, ended(10), ended(20), ended(30)).left()).isZero();
  }

  @Example
  void whoHasAGameRunningGoesOnWithIt() {
    Standing now = at(1_500, terms(null, AtClosing.FINISH), Allowance.NONE, ended(50), RUNNING);

    assertThat(now.running()).isTrue();
    assertThat(now.begins()).isFalse();
  }

  @Example
  void atClosingTimeAGameIsFinishedOrEndsAsTheTeacherChose() {
    Terms finish = terms(null, AtClosing.FINISH);
    Terms end = terms(null, AtClosing.END);

    assertThat(at(2_500, finish, Allowance.NONE, RUNNING).running()).isTrue();
    assertThat(at(2_500, finish, Allowance.NONE).begins()).isFalse();
    assertThat(at(2_500, end, Allowance.NONE, RUNNING).running()).isFalse();
    assertThat(Standing.ended(finish, Allowance.NONE, 2_500)).isNull();
    assertThat(Standing.ended(end, Allowance.NONE, 2_500)).isEqualTo(2_000);
    assertThat(Standing.ended(end, Allowance.NONE, 1_999)).isNull();
    assertThat(Standing.ended(end, new Allowance(null, 9_000L, 0, false), 2_500)).isNull();
  }

  @Example
  void whatIsRightIsToldAtOnceAfterClosingOrNotAtAll() {
    Terms after = terms(null, AtClosing.FINISH);
    Terms never =
        new Terms(
            null,
            null,
            1,
            Counts.FIRST,
            WhenTold.NEVER,
            AtClosing.FINISH,
            Terms.WhenMarked.AT_ONCE);

    assertThat(at(1_500, after, Allowance.NONE, ended(1)).tells(after)).isFalse();
    assertThat(at(2_000, after, Allowance.NONE, ended(1)).tells(after)).isTrue();
    assertThat(at(2_000, after, Allowance.NONE, RUNNING).tells(after)).isFalse();
    assertThat(at(9_000, never, Allowance.NONE).tells(never)).isFalse();
    assertThat(at(0, Terms.usual(), Allowance.NONE).tells(Terms.usual())).isTrue();
  }

  @Example
  void theBestTheLastOrTheFirstGameCountsAndOnlyOneThatWasPlayedToItsEnd() {
    List<Go> games = List.of(RUNNING, ended(40), ended(70), ended(70), ended(10), RUNNING);

    assertThat(Standing.counting(Counts.FIRST, games)).contains(1);
    assertThat(Standing.counting(Counts.BEST, games)).contains(2);
    assertThat(Standing.counting(Counts.LAST, games)).contains(4);
    assertThat(Standing.counting(Counts.BEST, List.of(RUNNING))).isEmpty();
    assertThat(Standing.counting(Counts.LAST, List.of())).isEmpty();
  }

  /** Another draw can be worth more: what counts is the share of the points. */
  @Example
  void gamesOfDifferentWorthAreComparedByTheirShare() {
    List<Go> games = List.of(new Go(true, 50, 60), new Go(true, 70, 100), new Go(true, 5, 0));

    assertThat(Standing.counting(Counts.BEST, games.subList(0, 2))).contains(0);
    assertThat(Standing.counting(Counts.BEST, games)).contains(2);
  }

  @Example
  void termsThatContradictThemselvesAreNone() {
    assertThatIllegalArgumentException()
        .isThrownBy(
            () ->
                new Terms(
                    5L,
                    5L,
                    null,
                    Counts.BEST,
                    WhenTold.AT_ONCE,
                    AtClosing.FINISH,
                    Terms.WhenMarked.AT_ONCE));
    assertThatIllegalArgumentException()
        .isThrownBy(
            () ->
                new Terms(
                    null,
                    null,
                    0,
                    Counts.BEST,
                    WhenTold.AT_ONCE,
                    AtClosing.FINISH,
                    Terms.WhenMarked.AT_ONCE));
    assertThatIllegalArgumentException()
        .isThrownBy(
            () ->
                new Terms(
                    5L,
                    null,
                    1,
                    Counts.BEST,
                    WhenTold.AFTER_CLOSING,
                    AtClosing.FINISH,
                    Terms.WhenMarked.AT_ONCE));
    assertThatIllegalArgumentException().isThrownBy(() -> new Allowance(7L, 6L, 0, false));
    assertThatIllegalArgumentException().isThrownBy(() -> new Allowance(null, null, -1, false));
  }

  /** Of all games that came to their end the best one is none that another beats. */
  @Property(tries = 300)
  void nothingBeatsTheBest(@ForAll long seed) {
    Random random = new Random(seed);
    List<Go> games = new ArrayList<>();
    for (int i = random.nextInt(8); i > 0; i--) {
      games.add(new Go(random.nextInt(4) > 0, random.nextInt(120), random.nextInt(3) * 50));
    }
    Optional<Integer> best = Standing.counting(Counts.BEST, games);

    assertThat(best.isPresent()).isEqualTo(games.stream().anyMatch(Go::ended));
    best.ifPresent(
        place ->
            assertThat(games)
                .filteredOn(Go::ended)
                .noneMatch(
                    go ->
                        (double) go.points() / Math.max(1, go.possible())
                            > (double) games.get(place).points()
                                    / Math.max(1, games.get(place).possible())
                                + 1e-12));
  }
}
