package bravium.core.games;

import bravium.core.activity.Activity;
import bravium.core.play.Opening;
import bravium.core.question.LookAlike;
import bravium.core.question.Question;
import java.util.stream.Stream;

/**
 * An activity, and an opening for it, that must look like another to whoever plays until something
 * is given away.
 *
 * @param item the id of the item in which they differ: once it is settled, or was tried with
 *     another verdict here and there, they may look different
 */
public record Twin(Activity activity, Opening opening, String item) {

  /** The twins of an activity that differ in what is right for one of its questions. */
  public static Stream<Twin> ofQuestions(Activity activity, Opening opening) {
    return activity.game().questions().stream()
        .flatMap(
            question ->
                LookAlike.of(question)
                    .map(other -> new Twin(with(activity, question, other), opening, question.id()))
                    .stream());
  }

  private static Activity with(Activity activity, Question old, Question other) {
    return activity.withQuestions(
        activity.game().questions().stream().map(q -> q == old ? other : q).toList());
  }
}
