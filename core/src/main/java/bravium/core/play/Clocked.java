package bravium.core.play;

import org.jspecify.annotations.Nullable;

/**
 * A clock of a play.
 *
 * @param name what it is for, {@link #QUESTION}, {@link #GAME} or a name of a game's own
 * @param total the milliseconds that there are
 * @param spent how many of them went by before it last began to run; below 0 where time was given
 * @param since when it last began to run, in milliseconds since 1970; null while it is stopped
 * @param held since when the teacher holds it; null while she doesn't
 */
public record Clocked(
    String name, long total, long spent, @Nullable Long since, @Nullable Long held) {

  /** The clock of the question that is open. */
  public static final String QUESTION = "question";

  /** The clock of the whole game. */
  public static final String GAME = "game";

  /** A clock that begins to run. */
  static Clocked started(String name, long total, long at) {
    return new Clocked(name, total, 0, at, null);
  }

  /** Whether it counts at present, though it may be held. */
  public boolean runs() {
    return since != null;
  }

  /** When it runs out, in milliseconds since 1970, if nothing holds it: for one that runs. */
  public long end() {
    return since + total - spent;
  }

  /** The milliseconds that are left, from 0: for one that runs. */
  public long left(long at) {
    return Math.max(0, end() - (held == null ? at : held));
  }

  Clocked resumed(long at) {
    return new Clocked(name, total, spent, at, null);
  }

  Clocked stopped(long at) {
    return since == null
        ? this
        : new Clocked(name, total, spent + (held == null ? at : held) - since, null, null);
  }

  Clocked heldSince(long at) {
    return since == null || held != null ? this : new Clocked(name, total, spent, since, at);
  }

  /** It runs on, and what it was held for doesn't count. */
  Clocked runningOn(long at) {
    return held == null ? this : new Clocked(name, total, spent, since + at - held, null);
  }

  /** As if it had begun so many milliseconds later. */
  Clocked later(long millis) {
    return since == null ? this : new Clocked(name, total, spent, since + millis, held);
  }

  /** As it was so many milliseconds ago: also what it is held for begins later. */
  Clocked shifted(long millis) {
    Long heldLater = held == null ? null : Long.valueOf(held + millis);
    return since == null ? this : new Clocked(name, total, spent, since + millis, heldLater);
  }
}
