package bravium.server.limits;

import bravium.server.data.Codes;
import bravium.server.problems.Problem;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.util.function.LongFunction;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * Counts what was got wrong, never what was got right: each key may go wrong a few times at once,
 * and then once in a while (a token bucket). Nobody waits who makes no mistakes. A guess counts as
 * wrong from when it is begun until it turns out right, so that many at once are no more than many
 * one after another. Keys are kept as hashes: however long they are, they take the same room.
 */
public final class GuessLimit {

  private static final int MOST_KEYS = 100_000;

  private final int atOnce;
  private final Duration oneMoreEach;
  private final Clock clock;
  private final Cache<String, Wrongs> wrongs;

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
    this.wrongs =
        Caffeine.newBuilder()
            .maximumSize(MOST_KEYS)
            .expireAfterAccess(oneMoreEach.multipliedBy(atOnce))
            .build();
  }

  /** A guess that is being looked at. */
  @FunctionalInterface
  public interface Guess {

    /** It is right: it counts no longer. */
    void right();

    /**
     * This guess and another that counts elsewhere, too.
     *
     * @param other begins it; where that can't be, this one counts no longer
     */
    default Guess and(Supplier<Guess> other) {
      try {
        Guess second = other.get();
        return () -> {
          right();
          second.right();
        };
      } catch (Problem e) {
        right();
        throw e;
      }
    }
  }

  /**
   * Begins a guess.
   *
   * @throws Problem that says how long to wait, if the key has gone wrong too often
   */
  public Guess begin(String key) {
    return count(key, GuessLimit::tooOften);
  }

  static Problem tooOften(long seconds) {
    return Problem.tooMany(
        seconds,
        "That was tried too often from here. Wait "
            + (seconds == 1 ? "a second" : seconds + " seconds")
            + ", then try again. Nothing was changed.");
  }

  /**
   * Counts something of which there may not be more than that.
   *
   * @param otherwise what is thrown where there is more, by how many seconds to wait
   */
  public Guess count(String key, LongFunction<Problem> otherwise) {
    String hash = Codes.hash(key);
    double[] over = new double[1];
    wrongs
        .asMap()
        .compute(
            hash,
            (k, known) -> {
              Wrongs now = now(known);
              over[0] = now.many() - (atOnce - 1);
              return over[0] > 0 ? now : now.more();
            });
    if (over[0] > 0) {
      long seconds = Math.max(1, Math.ceilDiv(Math.round(over[0] * oneMoreEach.toMillis()), 1_000));
      throw otherwise.apply(seconds);
    }
    return () -> wrongs.asMap().computeIfPresent(hash, (k, known) -> now(known).less());
  }

  private Wrongs now(@Nullable Wrongs known) {
    long now = clock.millis();
    return known == null ? new Wrongs(0, now) : known.at(now, oneMoreEach);
  }
}
