package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.answer.Comparing;
import bravium.core.codec.Codec;
import bravium.core.json.Extra;
import bravium.core.play.showing.Showing;
import bravium.core.play.showing.Solutions;
import bravium.core.question.Area;
import bravium.core.question.Basics;
import bravium.core.question.Card;
import bravium.core.question.Credit;
import bravium.core.question.Feedback;
import bravium.core.question.FreeAnswer;
import bravium.core.question.Gaps;
import bravium.core.question.Matching;
import bravium.core.question.Numeric;
import bravium.core.question.Option;
import bravium.core.question.Ordering;
import bravium.core.question.Pair;
import bravium.core.question.PickAll;
import bravium.core.question.PickOne;
import bravium.core.question.PointAt;
import bravium.core.question.Question;
import bravium.core.question.Sortable;
import bravium.core.question.Sorting;
import bravium.core.question.Spot;
import bravium.core.question.TrueFalse;
import bravium.core.question.TypedText;
import bravium.core.samples.Activities;
import bravium.core.samples.Player;
import bravium.core.samples.Plays;
import bravium.core.samples.RandomActivities;
import bravium.core.samples.RandomMoves;
import bravium.core.samples.RandomQuestions;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Assume;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/**
 * Two activities that differ only in which option is right give byte-identical showings until that
 * is given away by the answer.
 */
class ShowingSecrecyTest {

  @Property(tries = 400)
  void whichOptionIsRightShowsOnlyOnceItsQuestionIsAnswered(@ForAll long seed) {
    Random random = new Random(seed);
    Activity activity = new RandomActivities(random).finished(1 + random.nextInt(6));
    List<Question> questions = activity.game().questions();
    Question changed = questions.get(random.nextInt(questions.size()));
    Activity other = withOtherAnswer(activity, changed);
    Opening opening = new Opening("seed " + seed, 0, false);
    Sitting one = Plays.open(activity, opening);
    Sitting two = Plays.open(other, opening);
    RandomMoves moves = new RandomMoves(random);

    for (int step = 0; step < 20 && one.effortFor(changed.id()).tries() == 0; step++) {
      for (Audience audience : List.of(Audience.PLAYER, Audience.PROJECTOR)) {
        assertThat(shown(other, two, audience, step))
            .isEqualTo(shown(activity, one, audience, step));
      }
      if (one.stage() == Stage.END) {
        return;
      }
      Move move = moves.fitting(activity, one);
      Turn first = Plays.play(activity, one, move, step);
      Turn second = Plays.play(other, two, move, step);
      one = first.sitting();
      two = second.sitting();
      if (one.effortFor(changed.id()).tries() == 0) {
        assertThat(second.happenings()).isEqualTo(first.happenings());
      }
    }
  }

  @Property(tries = 100)
  void onceAnsweredTheTwoDoDiffer(@ForAll long seed) {
    Random random = new Random(seed);
    Question question = new RandomQuestions(random).ofKind(2 * random.nextInt(2), "q", true);
    Activity activity = Activities.quiz(Activities.mixed(null, 80), List.of(question));
    Activity other = withOtherAnswer(activity, activity.game().questions().getFirst());
    Opening opening = new Opening("seed " + seed, 0, false);
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

  private static Activity withOtherAnswer(Activity activity, Question changed) {
    List<Question> questions =
        activity.game().questions().stream()
            .map(q -> q.equals(changed) ? otherAnswer(q) : q)
            .toList();
    return activity.withQuestions(questions);
  }

  private static Question otherAnswer(Question question) {
    Basics b = question.basics();
    Feedback feedback = new Feedback("Quite other words", "And others here");
    Basics basics =
        new Basics(b.id(), b.text(), feedback, b.off(), b.worth(), b.seconds(), b.hints());
    return switch (question) {
      case TrueFalse q -> new TrueFalse(basics, !q.answer(), q.extra());
      case PickOne q -> new PickOne(basics, otherRight(q.options()), q.extra());
      case PickAll q -> new PickAll(basics, otherRight(q.options()), q.credit(), q.extra());
      case TypedText q ->
          new TypedText(basics, List.of("something else"), List.of(), q.comparing(), q.extra());
      case Numeric q ->
          new Numeric(
              basics,
              "99",
              null,
              q.units(),
              q.unitNeeded(),
              false,
              false,
              false,
              List.of(),
              q.extra());
      case Ordering q -> new Ordering(basics, q.cards().reversed(), q.credit(), q.extra());
      case Matching q -> {
        List<Pair> turned = new ArrayList<>();
        for (int i = 0; i < q.pairs().size(); i++) {
          Card right = q.pairs().get((i + 1) % q.pairs().size()).right();
          turned.add(new Pair(q.pairs().get(i).left(), right));
        }
        yield new Matching(basics, turned, q.credit(), q.extra());
      }
      case Sorting q -> {
        List<Sortable> cards =
            q.cards().stream()
                .map(
                    c -> new Sortable(c.id(), c.text(), c.groups().equals(G1) ? G2 : G1, c.extra()))
                .toList();
        yield new Sorting(basics, q.groups(), cards.reversed(), q.credit(), q.extra());
      }
      case PointAt q ->
          new PointAt(
              basics,
              q.picture(),
              q.alt(),
              List.of(
                  new Area(
                      "a9",
                      "Else",
                      Area.Form.RECTANGLE,
                      List.of(new Spot(0, 0), new Spot(9, 9)),
                      true,
                      null,
                      Extra.NONE)),
              q.extra());
      case FreeAnswer q -> new FreeAnswer(basics, "Another model", q.extra());
      default -> question;
    };
  }

  private static final List<String> G1 = List.of("g1");
  private static final List<String> G2 = List.of("g2");

  private static List<Option> otherRight(List<Option> options) {
    int right = options.stream().map(Option::right).toList().indexOf(true);
    int next = (right + 1) % options.size();
    return options.stream().map(o -> o.withRight(options.indexOf(o) == next)).toList();
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
