package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Tries;
import bravium.core.answer.Comparing;
import bravium.core.codec.Codec;
import bravium.core.games.Games;
import bravium.core.games.Twin;
import bravium.core.json.Extra;
import bravium.core.play.showing.Showing;
import bravium.core.play.showing.Solutions;
import bravium.core.question.Basics;
import bravium.core.question.Credit;
import bravium.core.question.Feedback;
import bravium.core.question.Gaps;
import bravium.core.question.Question;
import bravium.core.samples.Activities;
import bravium.core.samples.Player;
import bravium.core.samples.Plays;
import bravium.core.samples.RandomActivities;
import bravium.core.samples.RandomMoves;
import bravium.core.samples.RandomQuestions;
import bravium.core.samples.SideBySide;
import java.util.List;
import java.util.Objects;
import java.util.Random;
import java.util.Set;
import java.util.TreeSet;
import net.jqwik.api.Assume;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.lifecycle.AfterContainer;

/**
 * Two activities that differ only in what is to be found out give byte-identical showings until
 * that is given away: each game says which they are.
 */
class ShowingSecrecyTest {

  private static final Set<String> TOLD_APART = new TreeSet<>();

  /** Every twin that a game names, with tries left, hints taken and feedback shown. */
  @Property(tries = 600)
  void whatIsToBeFoundOutShowsOnlyOnceItIsSettled(@ForAll long seed) {
    Random random = new Random(seed);
    Activity activity = tried(random, new RandomActivities(random).finished(1 + random.nextInt(6)));
    Opening opening = new Opening("seed " + seed, 0, false);
    List<Twin> twins = Games.twins(activity, opening).toList();
    if (twins.isEmpty()) {
      return;
    }
    Twin twin = twins.get(random.nextInt(twins.size()));
    Activity other = twin.activity();
    Sitting one = Plays.open(activity, opening);
    Sitting two = Plays.open(other, twin.opening());
    RandomMoves moves = new RandomMoves(random);

    for (int step = 0; step < 30 && !givenAway(activity, one, two, twin.item()); step++) {
      for (Audience audience : List.of(Audience.PLAYER, Audience.PROJECTOR)) {
        assertThat(shown(other, two, audience, step))
            .isEqualTo(shown(activity, one, audience, step));
      }
      if (one.stage() == Stage.END) {
        return;
      }
      Move move =
          random.nextInt(4) == 0
              ? new Move("h" + step, Mover.PLAYER, new Action.Hint(String.valueOf(one.now())))
              : moves.fitting(activity, one);
      Turn first = Plays.play(activity, one, move, step);
      Turn second = Plays.play(other, two, move, step);
      assertThat(second.refusal()).isEqualTo(first.refusal());
      one = first.sitting();
      two = second.sitting();
      if (!givenAway(activity, one, two, twin.item())) {
        assertThat(second.happenings()).isEqualTo(first.happenings());
      } else {
        Question question = Plays.question(activity, twin.item()).orElseThrow();
        TOLD_APART.add(question.getClass().getSimpleName());
      }
    }
  }

  /** More tries, so that there is something to see between them. */
  private static Activity tried(Random random, Activity activity) {
    return random.nextBoolean()
        ? activity
        : activity.withRules(activity.rules().withTries(new Tries(Tries.Again.AT_ONCE, 3)));
  }

  /**
   * Whether the item is settled, or a try at it came out otherwise here than there, or the teacher
   * says otherwise to just this response: that is hers to give away.
   */
  private static boolean givenAway(Activity activity, Sitting one, Sitting two, String item) {
    Tried here = one.effortFor(item).last();
    Tried there = two.effortFor(item).last();
    boolean settled = one.resultOf(item).isPresent() || two.resultOf(item).isPresent();
    boolean otherwise =
        here != null
            && there != null
            && (here.verdict() != there.verdict()
                || here.earned()
                || !Objects.equals(here.feedback(), there.feedback()));
    return settled
        || otherwise
        || (here == null) != (there == null)
        || SideBySide.saidAsItGoes(Games.prepared(activity), one, item);
  }

  /** Each kind in which something is to be found out was compared until it was given away. */
  @AfterContainer
  static void everyKindWasAmongThem() {
    assertThat(TOLD_APART)
        .containsExactlyInAnyOrder(
            "FractionTask",
            "FreeAnswer",
            "Gaps",
            "Matching",
            "Numeric",
            "Ordering",
            "PickAll",
            "PickOne",
            "PointAt",
            "Sorting",
            "TrueFalse",
            "TypedText");
  }

  @Property(tries = 100)
  void onceAnsweredTheTwoDoDiffer(@ForAll long seed) {
    Random random = new Random(seed);
    Question question = new RandomQuestions(random).ofKind(2 * random.nextInt(2), "q", true);
    Activity activity = Activities.quiz(Activities.mixed(null, 80), List.of(question));
    Opening opening = new Opening("seed " + seed, 0, false);
    Activity other = Games.twins(activity, opening).findFirst().orElseThrow().activity();
    RandomMoves moves = new RandomMoves(random);
    Sitting one = Plays.open(activity, opening);
    Sitting two = Plays.open(other, opening);
    for (int step = 0; step < 2; step++) {
      Move move = moves.fitting(activity, one);
      one = Plays.play(activity, one, move, step).sitting();
      two = Plays.play(other, two, move, step).sitting();
    }

    assertThat(shown(other, two, Audience.PLAYER, 2))
        .isNotEqualTo(shown(activity, one, Audience.PLAYER, 2));
  }

  @Property(tries = 100)
  void theTeacherSeesTheAnswerBeforeItIsGiven(@ForAll long seed) {
    Activity activity = new RandomActivities(new Random(seed)).finished(2);
    Sitting sitting = Plays.open(activity, new Opening("t", 0, false));
    sitting =
        Plays.play(activity, sitting, new Move("k", Mover.TEACHER, new Action.Start()), 0)
            .sitting();

    if (sitting.stage() == Stage.BOARD) {
      Action first = new Action.Pick(sitting.draw().counting().getFirst().question());
      sitting = Plays.play(activity, sitting, new Move("p", Mover.TEACHER, first), 0).sitting();
    }

    // A climb asks nothing where only the teacher could mark.
    Assume.that(sitting.now() != null);
    Showing showing = Plays.show(activity, sitting, Audience.TEACHER, 0);

    Question now = Plays.question(activity, sitting.now()).orElseThrow();
    assertThat(showing.notes().right())
        .isEqualTo(Solutions.of(now, sitting.draw().find(now.id()).orElseThrow()));
  }

  private static String shown(Activity activity, Sitting sitting, Audience audience, long at) {
    return Codec.SHOWING.write(Plays.show(activity, sitting, audience, at));
  }

  @Example
  void theWordsOfABankDoNotTellWhichGapTheyAreFor() {
    assertThat(shownWithGaps("[wax] holds [honey]", Gaps.Filling.DRAGGED))
        .isEqualTo(shownWithGaps("[honey] holds [wax]", Gaps.Filling.DRAGGED));
    assertThat(shownWithGaps("A queen needs [16|!20] days", Gaps.Filling.CHOSEN))
        .isEqualTo(shownWithGaps("A queen needs [20|!16] days", Gaps.Filling.CHOSEN));
    assertThat(shownWithGaps("A [drone]", Gaps.Filling.TYPED))
        .isEqualTo(shownWithGaps("A [worker]", Gaps.Filling.TYPED))
        .doesNotContain("worker");
  }

  private static String shownWithGaps(String text, Gaps.Filling filling) {
    Gaps gaps =
        new Gaps(
            Basics.of("q", text, Feedback.USUAL),
            filling,
            List.of(),
            Comparing.FAIR,
            Credit.EACH_RIGHT_COUNTS,
            Extra.NONE);
    Player player = new Player(Activities.quiz(Activities.mixed(null, 80), List.of(gaps)));
    player.start();
    return shown(
        Activities.quiz(Activities.mixed(null, 80), List.of(gaps)),
        player.sitting(),
        Audience.PLAYER,
        9);
  }
}
