package bravium.core.play;

import org.jspecify.annotations.Nullable;

/**
 * The clock of a play.
 *
 * @param since when the question that is open was opened, in milliseconds since 1970; later where
 *     time was given back
 * @param spent the milliseconds that questions were open before; below 0 where more was given back
 * @param credited the milliseconds of outages that were made up for so far
 * @param held since when the teacher holds it; null while it runs
 */
public record Watch(long since, long spent, long credited, @Nullable Long held) {

  /** The longest outage that is made up for in one play, in milliseconds: two minutes. */
  public static final long MOST_CREDITED = 120_000;

  /** How long after the end an answer is still on time: what a network takes, in milliseconds. */
  public static final long GRACE = 500;

  static final Watch NEW = new Watch(0, 0, 0, null);

  Watch opened(long at) {
    return new Watch(at, spent, credited, null);
  }

  Watch closed(long at) {
    Watch running = running(at);
    return new Watch(at, spent + at - running.since, credited, null);
  }

  /** A question that was open longer, because the device could not reach anybody. */
  Watch credited(long millis) {
    long more = Math.max(0, Math.min(millis, MOST_CREDITED - credited));
    return new Watch(since + more, spent, credited + more, held);
  }

  Watch held(long at) {
    return held == null ? new Watch(since, spent, credited, at) : this;
  }

  /** It runs again, and what it was held for doesn't count. */
  Watch running(long at) {
    return held == null ? this : new Watch(since + at - held, spent, credited, null);
  }

  Watch withMore(long millis) {
    return new Watch(since + millis, spent, credited, held);
  }
}
