package bravium.server.limits;

import bravium.server.problems.Problem;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;

/**
 * Counts what was got wrong, never what was got right: each key may go wrong a few times at once,
 * and then once in a while (a token bucket). Nobody waits who makes no mistakes.
 */
public final class GuessLimit {

  private static final int MOST_KEYS = 100_000;

  private final int atOnce;
  private final Duration oneMoreEach;
  private final Clock clock;
  private final Cache<String, Bucket> buckets;

  /**
   * A limit of its own.
   *
   * @param atOnce how often a key may go wrong in a row
   * @param oneMoreEach after how long it may go wrong once more
   */
  public GuessLimit(int atOnce, Duration oneMoreEach, Clock clock) {
    this.atOnce = atOnce;
    this.oneMoreEach = oneMoreEach;
    this.clock = clock;
    this.buckets =
        Caffeine.newBuilder()
            .maximumSize(MOST_KEYS)
            .expireAfterAccess(oneMoreEach.multipliedBy(atOnce))
            .build();
  }

  private record Bucket(double wrong, long at) {}

  /**
   * Refuses whoever has gone wrong too often.
   *
   * @throws Problem that says how long to wait
   */
  public void check(String key) {
    Bucket bucket = buckets.asMap().computeIfPresent(key, (k, there) -> sinceNow(there));
    double over = bucket == null ? 0 : wrongNow(bucket) - (atOnce - 1);
    if (over > 0) {
      long seconds = Math.max(1, Math.ceilDiv(Math.round(over * oneMoreEach.toMillis()), 1_000));
      throw Problem.tooMany(
          seconds,
          "That was tried too often from here. Wait "
              + (seconds == 1 ? "a second" : seconds + " seconds")
              + ", then try again. Nothing was changed.");
    }
  }

  /** Counts one mistake. */
  public void wentWrong(String key) {
    buckets
        .asMap()
        .compute(
            key,
            (k, bucket) ->
                new Bucket(
                    Math.min(atOnce, (bucket == null ? 0 : wrongNow(bucket)) + 1), clock.millis()));
  }

  /** A clock that was set back makes nobody wait until it is where it was. */
  private Bucket sinceNow(Bucket bucket) {
    long now = clock.millis();
    return bucket.at() > now ? new Bucket(bucket.wrong(), now) : bucket;
  }

  private double wrongNow(Bucket bucket) {
    double forgiven = (double) Math.max(0, clock.millis() - bucket.at()) / oneMoreEach.toMillis();
    return Math.max(0, bucket.wrong() - forgiven);
  }
}
