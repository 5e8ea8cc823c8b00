package bravium.core.play;

import org.jspecify.annotations.Nullable;

/**
 * What was done for one question in a play so far.
 *
 * @param tries how many tries were made; running out of time is one
 * @param mistakes how many of them were wrong
 * @param hints how many hints were given
 * @param last the try that was made last; null before the first
 * @param best the try that brought most, the first of equals; null before the first
 */
public record Effort(
    String question,
    int tries,
    int mistakes,
    int hints,
    @Nullable Tried last,
    @Nullable Tried best) {

  static Effort none(String question) {
    return new Effort(question, 0, 0, 0, null, null);
  }

  Effort withHint() {
    return new Effort(question, tries, mistakes, hints + 1, last, best);
  }

  Effort with(Tried tried) {
    boolean better =
        best == null
            || best.response() == null
            || tried.points() > best.points()
            || tried.verdict() == Verdict.RIGHT;
    return new Effort(
        question,
        tries + 1,
        mistakes + (tried.isMistake() ? 1 : 0),
        hints,
        tried,
        better ? tried : best);
  }
}
