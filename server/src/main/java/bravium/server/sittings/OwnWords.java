package bravium.server.sittings;

import bravium.core.activity.Activity;
import bravium.core.play.Engine;
import bravium.core.play.Result;
import bravium.core.play.Sitting;
import bravium.core.play.Verdict;
import bravium.core.question.Discussion;
import bravium.core.question.FreeAnswer;
import bravium.core.question.Response;
import java.util.List;
import java.util.stream.Stream;

/**
 * What a player wrote in her own words.
 *
 * @param question the question's id
 * @param discussion whether it is for the class to read; otherwise the teacher marks it
 * @param waiting whether the teacher has yet to mark it
 */
record OwnWords(String question, String text, boolean discussion, boolean waiting) {

  /** All that stands in a play now. */
  static List<OwnWords> in(Activity activity, Sitting sitting) {
    return sitting.results().stream().flatMap(result -> in(activity, result)).toList();
  }

  private static Stream<OwnWords> in(Activity activity, Result result) {
    if (!(result.response() instanceof Response.Typed(String text))) {
      return Stream.empty();
    }
    boolean waiting = result.verdict() == Verdict.GIVEN;
    return Engine.question(activity, result.question()).stream()
        .filter(q -> q instanceof FreeAnswer || q instanceof Discussion)
        .map(q -> q instanceof Discussion)
        .map(shared -> new OwnWords(result.question(), text, shared, waiting && !shared));
  }
}
