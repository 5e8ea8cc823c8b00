package bravium.core.games.wordhunt;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Endings;
import bravium.core.activity.Rules;
import bravium.core.activity.TitlePage;
import bravium.core.answer.Comparing;
import bravium.core.games.Games;
import bravium.core.json.Extra;
import bravium.core.play.Action;
import bravium.core.play.Audience;
import bravium.core.play.Engine;
import bravium.core.play.Entry;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.play.Opening;
import bravium.core.play.Prepared;
import bravium.core.play.Result;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Turn;
import bravium.core.play.Verdict;
import bravium.core.play.showing.Showing;
import bravium.core.readiness.Readiness;
import bravium.core.readiness.Winnable;
import bravium.core.rehearsal.Aid;
import bravium.core.samples.Plays;
import bravium.core.samples.RandomActivities;
import bravium.core.samples.RandomHunts;
import bravium.core.samples.RandomMoves;
import bravium.core.samples.SideBySide;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.assertj.core.data.Offset;

/** What holds in every word hunt, whatever is entered. */
class WordHuntPropertiesTest {

  @Property(tries = 300)
  void entriesFindsAndScoreAgree(@ForAll long seed) {
    Random random = new Random(seed);
    Activity activity = new RandomHunts(random).any();
    WordHunt hunt = (WordHunt) activity.game();
    Opening opening = new RandomActivities(random).atTheFront(activity, "s", 0);
    Prepared game = Games.prepared(activity);
    Sitting sitting = Engine.open(game, opening);
    RandomMoves moves = new RandomMoves(random);

    for (int i = 0; i < 30; i++) {
      Turn turn = Engine.play(game, sitting, moves.next(activity, sitting), i);
      assertThat(turn.refusal() != null && turn.sitting() != sitting)
          .as("a refused move changes nothing")
          .isFalse();
      sitting = turn.sitting();
      agree(hunt, game, sitting);
    }
    assertThat(Engine.rebuild(game, opening, sitting.log().standing()).results())
        .isEqualTo(sitting.results());
  }

  private static void agree(WordHunt hunt, Prepared game, Sitting sitting) {
    List<Result> found =
        sitting.results().stream().filter(r -> r.verdict() == Verdict.RIGHT).toList();
    List<Entry> finding =
        sitting.entries().stream()
            .filter(e -> e.verdict() == Verdict.RIGHT && e.counted())
            .toList();
    assertThat(finding.size()).isLessThanOrEqualTo(found.size());
    assertThat(found.stream().map(Result::question).toList())
        .doesNotHaveDuplicates()
        .containsAll(finding.stream().map(Entry::item).toList());
    if (hunt.oneByOne()) {
      assertThat(finding).hasSameSizeAs(found);
    }
    Showing showing = Showing.of(game, sitting, Audience.PLAYER, 99);
    int worth =
        found.stream()
            .mapToInt(
                r ->
                    Math.max(
                        0,
                        sitting.draw().worthOf(r.question())
                            - sitting.effortFor(r.question()).hints()
                                * game.activity().rules().costs().hint()))
            .sum();
    if (sitting.outcome() == null) {
      assertThat(showing.score().points()).isEqualTo(worth);
      assertThat(showing.score().right()).isEqualTo(found.size());
    }
    int teams = Math.max(1, sitting.opening().teams().size());
    long counted = sitting.entries().stream().filter(Entry::counted).count();
    if (hunt.entries() != null) {
      assertThat(counted).isLessThanOrEqualTo((long) hunt.entries() * teams);
    }
  }

  /** No order of entries finds more than there is, and knowing all names wins what can be won. */
  @Property(tries = 200)
  void whoKnowsAllNamesWinsExactlyWhenReadinessSaysSo(@ForAll long seed) {
    Activity activity = new RandomHunts(new Random(seed)).any();
    Activity alone = activity.withRules(Rules.usual().withWorth(1));
    Readiness readiness = Games.readiness(alone);
    Sitting end = Plays.aided(alone, Plays.open(alone, new Opening("s", 0, false)), Aid.WIN, 1_000);

    boolean won = end.outcome() != null && end.outcome().won();
    assertThat(won).isEqualTo(readiness.winnable() == Winnable.ALWAYS);
  }

  /** Names that look alike on the list are told apart only once one is found, or nearly. */
  @Property(tries = 300)
  void noNameShowsBeforeItIsFound(@ForAll long seed) {
    Random random = new Random(seed);
    SideBySide.looksAlike(random, new RandomHunts(random).any(), WordHuntPropertiesTest::givenAway);
  }

  /** Found here or there, nearly found, a letter uncovered, the list of names asked for. */
  private static boolean givenAway(Sitting one, Sitting two, String item) {
    return one.stage() == Stage.END
        || two.stage() == Stage.END
        || one.effortFor(item).hints() > 0
        || HuntPlay.state(one).named()
        || !one.entries().equals(two.entries())
        || one.resultOf(item).isPresent()
        || two.resultOf(item).isPresent();
  }

  /** The chance to find all by picking, against all orders of picking one by one. */
  @Property(tries = 60)
  void pickingByChanceWinsAsOftenAsOrdersDo(
      @ForAll @IntRange(min = 1, max = 4) int things,
      @ForAll @IntRange(min = 0, max = 4) int decoys,
      @ForAll @IntRange(min = 1, max = 8) int entries) {
    List<Thing> all =
        IntStream.range(0, things).mapToObj(i -> Thing.of("t" + i, "thing" + i)).toList();
    List<String> wrong = IntStream.range(0, decoys).mapToObj(i -> "wrong" + i).toList();
    WordHunt hunt =
        new WordHunt(
            null,
            null,
            all,
            entries,
            WordHunt.Unfound.HOW_MANY,
            Comparing.FAIR,
            null,
            false,
            false,
            true,
            wrong,
            false,
            Extra.NONE);
    List<Boolean> pool = new ArrayList<>();
    all.forEach(t -> pool.add(true));
    wrong.forEach(w -> pool.add(false));
    double chance = chance(things, decoys, things, entries);

    assertThat(HuntOdds.of(hunt).guessing().chance()).isCloseTo(chance, Offset.offset(1e-12));
  }

  /** Picks one after another, each name as likely as any other that was not picked yet. */
  private static double chance(int right, int wrong, int needed, int left) {
    if (needed == 0) {
      return 1;
    }
    if (left == 0) {
      return 0;
    }
    double all = right + wrong;
    double hit = right / all * chance(right - 1, wrong, needed - 1, left - 1);
    return wrong == 0 ? hit : hit + wrong / all * chance(right, wrong - 1, needed, left - 1);
  }

  /** Sixty things of forty long names, and entries as a machine would send them. */
  @Example
  void aHuntOfSixtyThingsStandsThousandsOfEntries() {
    List<Thing> things =
        IntStream.range(0, WordHunt.MOST_THINGS)
            .mapToObj(
                i ->
                    Thing.of(
                        "t" + i,
                        IntStream.range(0, 10)
                            .mapToObj(j -> "thing " + i + " called " + j)
                            .toArray(String[]::new)))
            .toList();
    WordHunt hunt = WordHunt.of(200, things);
    Activity activity =
        new Activity(TitlePage.of("Sixty"), hunt, Rules.usual().withWorth(1), Endings.usual());
    Prepared game = Games.prepared(activity);
    Sitting sitting = Plays.open(activity, new Opening("s", 0, false));
    sitting =
        Engine.play(game, sitting, new Move("start", Mover.PLAYER, new Action.Start()), 0)
            .sitting();
    for (int i = 0; i < 2_000; i++) {
      Move move =
          new Move(
              "k" + i,
              Mover.PLAYER,
              new Action.Own(new HuntAction.Enter("thing " + i % 40 + " called 3", null)));
      sitting = Engine.play(game, sitting, move, i).sitting();
    }

    assertThat(sitting.entries()).hasSizeLessThanOrEqualTo(700);
    assertThat(sitting.results()).hasSize(40);
  }

  @Example
  void aNameIsSpeltLetterByLetterInEveryScript() {
    assertThat(Spelling.of("veil")).containsExactly("v", "e", "i", "l");
    assertThat(Spelling.of("cafe\u0301")).containsExactly("c", "a", "f", "e\u0301");
    assertThat(Spelling.of("मधुमक्खी")).containsExactly("म", "धु", "म", "क्", "खी");
    assertThat(Spelling.of("خليّة")).hasSize(4);
    assertThat(Spelling.of("🐝‍🐝")).hasSize(1);
  }
}
