package bravium.core.play;

import bravium.core.question.Response;
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
 * @param first what was answered at the first try; null before it, or where it had no answer
 * @param laid the cards that were marked one by one as they were laid, in that order
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
    @Nullable Response first,
    List<Laid> laid,
    List<Integer> missedBy) {

  static Effort none(String question) {
    return new Effort(question, 0, 0, 0, null, null, null, List.of(), List.of());
  }

  /** The same with one hint more. */
  public Effort withHint() {
    return new Effort(question, tries, mistakes, hints + 1, last, best, first, laid, missedBy);
  }

  /** The cards that were laid at a try, from 1. */
  public List<Laid> laidAt(int attempt) {
    return laid.stream().filter(one -> one.attempt() == attempt).toList();
  }

  /** The same with cards that were laid. */
  Effort laying(List<Laid> more) {
    List<Laid> all = new ArrayList<>(laid);
    all.addAll(more);
    return new Effort(
        question, tries, mistakes, hints, last, best, first, List.copyOf(all), missedBy);
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
        tries == 0 ? tried.response() : first,
        laid,
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
