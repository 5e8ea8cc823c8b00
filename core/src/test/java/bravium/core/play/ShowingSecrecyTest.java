package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.games.quizshow.QuizShow;
import bravium.core.json.Codec;
import bravium.core.question.Feedback;
import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.core.question.TrueFalse;
import bravium.core.samples.RandomActivities;
import bravium.core.samples.RandomMoves;
import java.util.List;
import java.util.Random;
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
    Sitting one = Engine.open(activity, opening);
    Sitting two = Engine.open(other, opening);
    RandomMoves moves = new RandomMoves(random);

    for (int step = 0; step < 20 && one.resultOf(changed.id()).isEmpty(); step++) {
      for (Audience audience : List.of(Audience.PLAYER, Audience.PROJECTOR)) {
        assertThat(shown(other, two, audience, step))
            .isEqualTo(shown(activity, one, audience, step));
      }
      if (one.stage() == Stage.END) {
        return;
      }
      Move move = moves.fitting(one);
      Turn first = Engine.play(activity, one, move, step);
      Turn second = Engine.play(other, two, move, step);
      one = first.sitting();
      two = second.sitting();
      if (one.resultOf(changed.id()).isEmpty()) {
        assertThat(second.happenings()).isEqualTo(first.happenings());
      }
    }
  }

  @Property(tries = 100)
  void onceAnsweredTheTwoDoDiffer(@ForAll long seed) {
    Random random = new Random(seed);
    Activity activity = new RandomActivities(random).finished(1);
    Activity other = withOtherAnswer(activity, activity.game().questions().getFirst());
    Opening opening = new Opening("seed " + seed, 0, false);
    RandomMoves moves = new RandomMoves(random);
    Sitting one = Engine.open(activity, opening);
    Sitting two = Engine.open(other, opening);
    for (int step = 0; step < 2; step++) {
      Move move = moves.fitting(one);
      one = Engine.play(activity, one, move, step).sitting();
      two = Engine.play(other, two, move, step).sitting();
    }

    assertThat(shown(other, two, Audience.PLAYER, 2))
        .isNotEqualTo(shown(activity, one, Audience.PLAYER, 2));
  }

  @Property(tries = 100)
  void theTeacherSeesTheAnswerBeforeItIsGiven(@ForAll long seed) {
    Activity activity = new RandomActivities(new Random(seed)).finished(2);
    Sitting sitting = Engine.open(activity, new Opening("t", 0, false));
    sitting =
        Engine.play(activity, sitting, new Move("k", Mover.TEACHER, new Action.Start()), 0)
            .sitting();

    Showing showing = Engine.show(activity, sitting, Audience.TEACHER, 0);

    Question now = Engine.question(activity, sitting.now()).orElseThrow();
    assertThat(showing.notes().right())
        .isEqualTo(now.choices().stream().filter(Option::right).map(Option::id).toList());
  }

  private static String shown(Activity activity, Sitting sitting, Audience audience, long at) {
    return Codec.SHOWING.write(Engine.show(activity, sitting, audience, at));
  }

  private static Activity withOtherAnswer(Activity activity, Question changed) {
    List<Question> questions =
        activity.game().questions().stream()
            .map(q -> q.equals(changed) ? otherAnswer(q) : q)
            .toList();
    return new Activity(
        activity.titlePage(), QuizShow.onLine(questions), activity.rules(), activity.endings());
  }

  private static Question otherAnswer(Question question) {
    Feedback feedback = new Feedback("Quite other words", "And others here");
    return switch (question) {
      case TrueFalse t -> new TrueFalse(t.id(), t.text(), !t.answer(), feedback);
      case PickOne p -> {
        int right = p.options().stream().map(Option::right).toList().indexOf(true);
        int next = (right + 1) % p.options().size();
        List<Option> options =
            p.options().stream().map(o -> o.withRight(p.options().indexOf(o) == next)).toList();
        yield new PickOne(p.id(), p.text(), options, feedback);
      }
      default -> question;
    };
  }
}
