package bravium.core.play;

import bravium.core.question.Mark;
import bravium.core.question.Response;
import bravium.core.rich.Words;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * One try at a question.
 *
 * @param response null where time ran out, or where the class talked it over
 * @param points what it would bring by itself, without prices and bonuses
 * @param parts the parts of the response and whether each is right; empty where it has none
 * @param feedback what the teacher says to just this response; null where she says nothing special
 * @param team the place of the team that made it, from 0; null where there are no teams
 */
public record Tried(
    @Nullable Response response,
    Verdict verdict,
    int points,
    List<Mark.Part> parts,
    @Nullable Words feedback,
    @Nullable Integer team) {

  public static Tried of(Response response, Mark mark, int worth) {
    Verdict verdict = mark.full() ? Verdict.RIGHT : mark.partly() ? Verdict.PARTLY : Verdict.WRONG;
    return new Tried(response, verdict, mark.pointsOf(worth), mark.parts(), mark.feedback(), null);
  }

  /**
   * A try that answers no question: its game says how it came out.
   *
   * @param points what it would bring by itself
   */
  public static Tried of(Verdict verdict, int points) {
    return new Tried(null, verdict, points, List.of(), null, null);
  }

  /** No try was made in time. */
  public static Tried outOfTime() {
    return new Tried(null, Verdict.MISSED, 0, List.of(), null, null);
  }

  /**
   * An answer that is kept and not marked now.
   *
   * @param response null where the class talked it over
   */
  public static Tried given(@Nullable Response response) {
    return new Tried(response, Verdict.GIVEN, 0, List.of(), null, null);
  }

  public Tried by(@Nullable Integer answering) {
    return new Tried(response, verdict, points, parts, feedback, answering);
  }

  /** Whether it was right, if only in part. */
  public boolean earned() {
    return verdict == Verdict.RIGHT || verdict == Verdict.PARTLY;
  }

  /** Whether it counts for more than another: what is right in part is more than a mistake. */
  boolean betterThan(Tried other) {
    if (other.response == null && !other.earned()) {
      return true;
    }
    return verdict == Verdict.RIGHT && other.verdict != Verdict.RIGHT
        || earned() && !other.earned()
        || points > other.points;
  }

  /** Whether it costs a life and the price of a wrong answer. */
  public boolean isMistake() {
    return verdict == Verdict.WRONG || verdict == Verdict.MISSED;
  }
}
