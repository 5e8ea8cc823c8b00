package bravium.core.play;

/**
 * The clock of a play.
 *
 * @param since when the question that is open was opened, in milliseconds since 1970
 * @param spent the milliseconds that questions were open before
 * @param credited the milliseconds of outages that were made up for so far
 */
public record Watch(long since, long spent, long credited) {

  /** The longest outage that is made up for in one play, in milliseconds: two minutes. */
  public static final long MOST_CREDITED = 120_000;

  /** How long after the end an answer is still on time: what a network takes, in milliseconds. */
  public static final long GRACE = 500;

  static final Watch NEW = new Watch(0, 0, 0);

  Watch opened(long at) {
    return new Watch(at, spent, credited);
  }

  Watch closed(long at) {
    return new Watch(at, spent + Math.max(0, at - since), credited);
  }

  /** A question that was open longer, because the device could not reach anybody. */
  Watch credited(long millis) {
    long more = Math.max(0, Math.min(millis, MOST_CREDITED - credited));
    return new Watch(since + more, spent, credited + more);
  }
}
