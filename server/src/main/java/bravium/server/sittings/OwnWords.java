package bravium.server.sittings;

import bravium.core.activity.Activity;
import bravium.core.play.Result;
import bravium.core.play.Sitting;
import bravium.core.play.Verdict;
import bravium.core.play.showing.Review;
import bravium.core.question.Discussion;
import bravium.core.question.Marking;
import bravium.core.question.OwnWordsQuestion;
import bravium.core.question.Question;
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

  /** All that stands in a play now; most activities ask for none. */
  static List<OwnWords> in(Activity activity, Sitting sitting) {
    return activity.game().questions().stream()
        .filter(OwnWordsQuestion.class::isInstance)
        .flatMap(question -> sitting.resultOf(question.id()).stream().flatMap(r -> in(question, r)))
        .toList();
  }

  /** All that stands in a game that has ended. */
  static List<OwnWords> in(Review review) {
    return review.answers().stream()
        .filter(answer -> answer.marking() != Marking.AT_ONCE)
        .flatMap(
            answer ->
                answer.told().response() instanceof Response.Typed(String text)
                    ? Stream.of(
                        new OwnWords(
                            answer.question().id(),
                            text,
                            answer.marking() == Marking.NONE,
                            answer.waits()))
                    : Stream.empty())
        .toList();
  }

  private static Stream<OwnWords> in(Question question, Result result) {
    boolean shared = question instanceof Discussion;
    boolean waiting = !shared && result.verdict() == Verdict.GIVEN;
    return result.response() instanceof Response.Typed(String text)
        ? Stream.of(new OwnWords(question.id(), text, shared, waiting))
        : Stream.empty();
  }
}
