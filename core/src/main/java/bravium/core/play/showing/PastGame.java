package bravium.core.play.showing;

import bravium.core.activity.Activity;
import bravium.core.activity.Answers;
import bravium.core.play.Action;
import bravium.core.play.Audience;
import bravium.core.play.Draw;
import bravium.core.play.Markers;
import bravium.core.play.Opening;
import bravium.core.play.Outcome;
import bravium.core.play.Prepared;
import bravium.core.play.Referee;
import bravium.core.play.Refusal;
import bravium.core.play.Scorecard;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Verdict;
import bravium.core.play.Watched;
import bravium.core.question.Marking;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A game that has ended under earlier rules of this engine. It is never played again: what is shown
 * of it, and what a mark that is given later changes, comes from the review that was kept.
 */
public final class PastGame {

  private PastGame() {}

  /**
   * The end of the game, as its player sees it.
   *
   * @param at the moment, in milliseconds since 1970
   */
  public static Showing show(Prepared game, Opening opening, Review review, long at) {
    Showing title =
        new ShowingBuilder(
                game, Sitting.onTitlePage(opening, Draw.NOTHING, null), Audience.PLAYER, at)
            .build();
    Outcome outcome = review.outcome();
    return new Showing(
        at,
        title.game(),
        Stage.END,
        title.cover(),
        review.passMark(),
        title.terms(),
        review.score(),
        markers(review),
        null,
        List.of(),
        null,
        List.of(),
        null,
        null,
        null,
        outcome == null ? null : closing(game.activity(), opening, review, outcome),
        null,
        title.dress(),
        title.sounds(),
        title.wording());
  }

  private static List<Markers.Marker> markers(Review review) {
    List<Markers.Marker> markers = new ArrayList<>();
    for (Review.Reviewed answer : review.answers()) {
      markers.add(new Markers.Marker(answer.question().id(), Markers.of(answer.told().verdict())));
    }
    while (markers.size() < review.score().asked()) {
      markers.add(new Markers.Marker("left " + (markers.size() + 1), Markers.State.MISSED));
    }
    return List.copyOf(markers);
  }

  private static Showing.Closing closing(
      Activity activity, Opening opening, Review review, Outcome outcome) {
    boolean never = opening.answersUnder(activity.rules()) == Answers.NEVER;
    List<Showing.Answered> answers =
        review.answers().stream()
            .map(
                a ->
                    new Showing.Answered(
                        a.question(),
                        never ? a.told().withoutRight(opening.saysNothing()) : a.told()))
            .toList();
    return new Showing.Closing(
        outcome, opening.saysNothing() ? null : ShowingBuilder.ending(activity, outcome), answers);
  }

  /**
   * Whether an answer of the game can get that mark: it can be marked, and the mark is from 0 to
   * what the question was worth.
   */
  public static @Nullable Refusal refused(Prepared game, Review review, Action.Mark mark) {
    Review.Reviewed answer = review.find(mark.question()).orElse(null);
    if (answer == null || !answer.canBeMarked(game)) {
      return Refusal.NO_SUCH_QUESTION;
    }
    boolean fits = mark.points() >= 0 && mark.points() <= answer.question().worth();
    return answer.told().response() != null && fits ? null : Refusal.NO_SUCH_MARK;
  }

  /** The review with one answer marked: everything else stays what it was. */
  public static Review marked(Activity activity, Review review, Action.Mark mark) {
    Review.Reviewed before = review.find(mark.question()).orElseThrow();
    Showing.Told told =
        before.marking() == Marking.BY_TEACHER
            ? byTeacher(activity, before, mark)
            : anew(activity, before, mark);
    List<Review.Reviewed> answers = new ArrayList<>(review.answers());
    answers.replaceAll(a -> a == before ? a.with(told, mark.points()) : a);
    int more = told.points() - before.told().points() + Math.min(0, sum(review));
    Scorecard score = review.score().with(before.told().verdict(), told.verdict(), more);
    Review changed = review.with(score, answers);
    Outcome outcome = review.outcome();
    return outcome == null || !outcome.winners().isEmpty()
        ? changed
        : changed.with(outcome(outcome, changed));
  }

  /** What all brought together, which is shown as 0 where it is less. */
  private static int sum(Review review) {
    return review.answers().stream().mapToInt(answer -> answer.told().points()).sum()
        + review.others().stream().mapToInt(Review.Other::points).sum();
  }

  private static Showing.Told byTeacher(
      Activity activity, Review.Reviewed answer, Action.Mark mark) {
    Verdict verdict = Referee.verdict(mark.points(), answer.question().worth());
    int cost = cost(activity, answer, answer.tries() - 1);
    return answer.told().marked(verdict, mark.points() - cost, 0, mark.comment());
  }

  /**
   * Prices stay paid, and a bonus stays with a full mark. Where no mark was kept, what the answer
   * had earned is known if it was wrong or right; of what was right in part the tries before it are
   * taken for wrong ones.
   */
  private static Showing.Told anew(Activity activity, Review.Reviewed answer, Action.Mark mark) {
    Showing.Told told = answer.told();
    int worth = answer.question().worth();
    int before = markOf(activity, answer);
    int cost = before - (told.points() - told.bonus());
    boolean same = mark.points() == before;
    Verdict verdict = same ? told.verdict() : Referee.verdict(mark.points(), worth);
    int bonus = verdict == Verdict.RIGHT ? told.bonus() : 0;
    return told.marked(verdict, mark.points() - cost + bonus, bonus, mark.comment())
        .markedAnew(told.markedAnew() || !same);
  }

  /**
   * The mark that an answer has which was judged at once: what it brought without prices and
   * bonuses.
   */
  public static int markOf(Activity activity, Review.Reviewed answer) {
    Showing.Told told = answer.told();
    if (answer.mark() != null) {
      return answer.mark();
    }
    return switch (told.verdict()) {
      case RIGHT -> answer.question().worth();
      case WRONG, MISSED, GIVEN -> 0;
      case PARTLY -> told.points() - told.bonus() + cost(activity, answer, answer.tries() - 1);
    };
  }

  /** The review with the marks of answers that were kept before marks were. */
  public static Review withMarks(Activity activity, Review review) {
    List<Review.Reviewed> answers =
        review.answers().stream()
            .map(
                answer ->
                    answer.mark() == null && answer.isMarked()
                        ? answer.with(answer.told(), markOf(activity, answer))
                        : answer)
            .toList();
    return review.with(review.score(), answers);
  }

  private static int cost(Activity activity, Review.Reviewed answer, int mistakes) {
    return answer.hints() * activity.rules().costs().hint()
        + mistakes * activity.rules().costs().wrong();
  }

  private static Outcome outcome(Outcome before, Review review) {
    List<Integer> toCome =
        review.answers().stream()
            .filter(Review.Reviewed::waits)
            .map(answer -> answer.question().worth())
            .filter(worth -> worth > 0)
            .toList();
    int most = sum(review) + toCome.stream().mapToInt(worth -> worth).sum();
    int points = review.score().points();
    boolean lost = before.ended() == Outcome.Ended.LIVES || before.ended() == Outcome.Ended.TIME;
    boolean goal = decidedByGoal(before, review);
    boolean won = goal ? before.won() : !lost && points >= before.needed();
    boolean decided = goal || won || lost || most < before.needed();
    return new Outcome(
        won,
        points,
        before.possible(),
        before.needed(),
        before.ended(),
        decided ? 0 : toCome.size());
  }

  /** Whether something else than points decided it, which no mark changes. */
  private static boolean decidedByGoal(Outcome outcome, Review review) {
    boolean noLine = outcome.needed() == 0 && review.passMark() == null;
    Watched watched = review.watched();
    boolean tooLittle = watched != null && watched.share() < watched.needed() && !outcome.won();
    return noLine || tooLittle;
  }
}
