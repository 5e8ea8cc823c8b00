package bravium.core.play;

import bravium.core.question.Mark;
import bravium.core.question.Response;
import bravium.core.words.Words;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One try at a question.
 *
 * @param response null where time ran out, or where the class talked it over
 * @param points what it would bring by itself, without prices and bonuses
 * @param parts the parts of the response and whether each is right; empty where it has none
 * @param feedback what the teacher says to just this response; null where she says nothing special
 */
public record Tried(
    @Nullable Response response,
    Verdict verdict,
    int points,
    List<Mark.Part> parts,
    @Nullable Words feedback) {

  static Tried of(Response response, Mark mark, int worth) {
    Verdict verdict = mark.full() ? Verdict.RIGHT : mark.partly() ? Verdict.PARTLY : Verdict.WRONG;
    return new Tried(response, verdict, mark.pointsOf(worth), mark.parts(), mark.feedback());
  }

  static Tried outOfTime() {
    return new Tried(null, Verdict.MISSED, 0, List.of(), null);
  }

  /**
   * An answer that is kept and not marked now.
   *
   * @param response null where the class talked it over
   */
  static Tried given(@Nullable Response response) {
    return new Tried(response, Verdict.GIVEN, 0, List.of(), null);
  }

  /** Whether it costs a life and the price of a wrong answer. */
  boolean isMistake() {
    return verdict == Verdict.WRONG || verdict == Verdict.MISSED;
  }
}
