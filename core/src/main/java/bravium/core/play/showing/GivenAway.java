package bravium.core.play.showing;

import bravium.core.play.Effort;
import bravium.core.play.Laid;
import bravium.core.play.Sitting;
import bravium.core.play.Verdict;
import bravium.core.question.FractionFacts;
import bravium.core.question.FractionTask;
import bravium.core.question.Mark;
import bravium.core.question.Matching;
import bravium.core.question.Moved;
import bravium.core.question.Ordering;
import bravium.core.question.PointAt;
import bravium.core.question.Question;
import bravium.core.question.Response;
import bravium.core.question.Sorting;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * What is told of a question's answer.
 *
 * @param gives whether what is right is given away
 */
record GivenAway(Question question, Sitting sitting, boolean gives) {

  /** What is right, by ids where it has some. */
  static List<String> solution(Question question, Sitting sitting) {
    return Solutions.of(question, sitting.draw().find(question.id()).orElseThrow());
  }

  /** What is told of a response; without words. */
  Showing.Told told(
      Verdict verdict,
      boolean settled,
      int points,
      int bonus,
      @Nullable Response response,
      List<Mark.Part> parts) {
    boolean ids = Solutions.hasIds(question);
    List<String> solution = gives ? solution(question, sitting) : List.of();
    return new Showing.Told(
        verdict,
        settled,
        points,
        bonus,
        response,
        settled || says() ? parts : List.of(),
        gives ? (ids ? List.of() : solution) : null,
        gives && ids ? solution : List.of(),
        gives && question instanceof PointAt point ? point.rightAreas() : List.of(),
        gives ? model() : null,
        settled || says() ? moved(response) : null,
        settled && question instanceof Ordering order && response != null
            ? order.counted(response)
            : null,
        gives && question instanceof FractionTask task ? FractionFacts.of(task) : null,
        null,
        null,
        false);
  }

  /** Whether it is said between tries what lies wrong: then what moved is no secret either. */
  private boolean says() {
    return question instanceof Sorting sorting && sorting.misplaced() != null;
  }

  private @Nullable Response model() {
    boolean whole =
        question instanceof Sorting
            || question instanceof Matching pairs && pairs.oneToMany()
            || question instanceof FractionTask;
    return whole ? question.rightResponse().orElse(null) : null;
  }

  /** Where cards that were laid one by one lie in the end. */
  private static Response lying(List<Laid> laid) {
    Map<String, Set<String>> last = new LinkedHashMap<>();
    laid.forEach(one -> last.put(one.card(), one.place()));
    return Sorting.placed(last);
  }

  /** From the first sorting to this one, where there was another before it. */
  private @Nullable Moved moved(@Nullable Response response) {
    Effort effort = sitting.effortFor(question.id());
    if (!(question instanceof Sorting sorting) || response == null) {
      return null;
    }
    List<Laid> laid = effort.laidAt(effort.tries());
    if (!laid.isEmpty()) {
      return sorting.moved(response, lying(laid));
    }
    Response first = effort.first();
    boolean again = effort.tries() > 1 && first != null && sorting.takes(first);
    return again ? sorting.moved(first, response) : null;
  }
}
