package bravium.server.limits;

import java.time.Duration;

/**
 * How often something went wrong, less what was forgiven since: one each so often (a token bucket).
 * A clock that was set back forgives nothing and makes nobody wait until it is where it was.
 *
 * @param many how often, at that time
 * @param at when, in ms since 1970
 */
record Wrongs(double many, long at) {

  /** The same at another time. */
  Wrongs at(long now, Duration oneLessEach) {
    double forgiven = (double) Math.max(0, now - at) / oneLessEach.toMillis();
    return new Wrongs(Math.max(0, many - forgiven), now);
  }

  /** One more. */
  Wrongs more() {
    return new Wrongs(many + 1, at);
  }

  /** One less: it turned out right. */
  Wrongs less() {
    return new Wrongs(Math.max(0, many - 1), at);
  }
}
