package bravium.core.play;

import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What was done for one question in a play so far.
 *
 * @param tries how many tries were made; running out of time is one
 * @param mistakes how many of them were wrong
 * @param hints how many hints were given
 * @param last the try that was made last; null before the first
 * @param best the try that brought most, the first of equals; null before the first
 * @param missedBy the places of the teams that made a mistake at it, each once; empty where there
 *     are no teams
 */
public record Effort(
    String question,
    int tries,
    int mistakes,
    int hints,
    @Nullable Tried last,
    @Nullable Tried best,
    List<Integer> missedBy) {

  static Effort none(String question) {
    return new Effort(question, 0, 0, 0, null, null, List.of());
  }

  /** The same with one hint more. */
  public Effort withHint() {
    return new Effort(question, tries, mistakes, hints + 1, last, best, missedBy);
  }

  public Effort with(Tried tried) {
    boolean better = best == null || tried.betterThan(best);
    List<Integer> missed = new ArrayList<>(missedBy);
    if (tried.isMistake() && tried.team() != null && !missed.contains(tried.team())) {
      missed.add(tried.team());
    }
    return new Effort(
        question,
        tries + 1,
        mistakes + (tried.isMistake() ? 1 : 0),
        hints,
        tried,
        better ? tried : best,
        List.copyOf(missed));
  }

  /** The team whose try counts: the best that earned something, else the one that answers now. */
  @Nullable Integer team(@Nullable Integer answering) {
    return best != null && best.earned() && best.team() != null ? best.team() : answering;
  }

  /** Whether no try so far was right, if only in part. */
  boolean missed() {
    return best == null || !best.earned();
  }
}
