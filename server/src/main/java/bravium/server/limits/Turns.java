package bravium.server.limits;

import bravium.server.data.Codes;
import bravium.server.problems.Problem;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.SequencedMap;
import java.util.concurrent.TimeUnit;
import java.util.function.LongFunction;

/**
 * Slows guessing down without keeping anybody out: of each thing, such as a learner's words, a few
 * tries may be wrong at once; after that the next ones wait for their turn, of which there is one
 * every so often. The turns go round between the devices that wait, so however often one device
 * tries, another's first try comes next or after it. A try counts as wrong from when it is begun
 * until it turns out right. What is kept of a thing is a hash: it takes the same room however long
 * it is.
 */
public final class Turns {

  /** As long as somebody waits before she is told to come back. */
  private static final Duration PATIENCE = Duration.ofSeconds(20);

  /** Whoever is sent away is so slowly: at once it would be asked again at once, by a script. */
  private static final Duration REFUSED_AFTER = Duration.ofSeconds(1);

  /** More of one thing than can come to their turn while anybody waits. */
  private static final int MOST_WAITING = 60;

  /** Tries of one device that wait at once; a page sends one after another. */
  private static final int MOST_OF_ONE_DEVICE = 3;

  /** In ms: the clock may be set meanwhile. */
  private static final long LOOKS_AGAIN = 250;

  private static final int MOST_THINGS = 100_000;

  private final int atOnce;
  private final Duration apart;
  private final Clock clock;
  private final Cache<String, Line> lines;

  /**
   * Turns of one kind.
   *
   * @param atOnce how many tries may be wrong before the next ones wait
   * @param apart how far apart the turns are then; so many more tries there are in a day
   */
  public Turns(int atOnce, Duration apart, Clock clock) {
    this.atOnce = atOnce;
    this.apart = apart;
    this.clock = clock;
    this.lines =
        Caffeine.newBuilder()
            .maximumSize(MOST_THINGS)
            .expireAfterAccess(apart.multipliedBy(atOnce).plus(PATIENCE))
            .build();
  }

  /**
   * Begins a try, when it is its turn.
   *
   * @param thing what is tried
   * @param device which device tries
   * @throws Problem that says how long to wait, if so many wait already that this would take long
   */
  public GuessLimit.Guess take(String thing, String device) {
    return take(thing, device, GuessLimit::tooOften);
  }

  /**
   * The same where something else is said.
   *
   * @param otherwise what is thrown where too many wait, by how many seconds to wait
   */
  public GuessLimit.Guess take(String thing, String device, LongFunction<Problem> otherwise) {
    Line line = lines.get(Codes.hash(thing), none -> new Line());
    try {
      if (!line.take(Codes.hash(device))) {
        Thread.sleep(REFUSED_AFTER);
        throw otherwise.apply(Math.max(1, apart.toSeconds() * 2));
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
      throw Problem.stopping();
    }
    return line::giveBack;
  }

  /** Those who try one thing. */
  private final class Line {

    private Wrongs wrong = new Wrongs(0, clock.millis());

    /** How many tries of each device wait, by whose turn is next. */
    private final SequencedMap<String, Integer> waiting = new LinkedHashMap<>();

    synchronized boolean take(String device) throws InterruptedException {
      if (waiting.isEmpty() && takes()) {
        return true;
      }
      int all = waiting.values().stream().mapToInt(Integer::intValue).sum();
      if (all >= MOST_WAITING || waiting.getOrDefault(device, 0) >= MOST_OF_ONE_DEVICE) {
        return false;
      }
      waiting.merge(device, 1, Integer::sum);
      long until = System.nanoTime() + PATIENCE.toNanos();
      try {
        while (!isNext(device) || !takes()) {
          long left = TimeUnit.NANOSECONDS.toMillis(until - System.nanoTime());
          if (left <= 0) {
            return false;
          }
          wait(isNext(device) ? Math.clamp(untilOneMore(), 1, Math.min(left, LOOKS_AGAIN)) : left);
        }
        return true;
      } finally {
        leave(device);
        notifyAll();
      }
    }

    private boolean isNext(String device) {
      return waiting.firstEntry().getKey().equals(device);
    }

    /** What else it has waits behind all others. */
    private void leave(String device) {
      int others = waiting.remove(device) - 1;
      if (others > 0) {
        waiting.putLast(device, others);
      }
    }

    /** Whether a try may go wrong now; then it counts. */
    private boolean takes() {
      if (over() > 0) {
        return false;
      }
      wrong = wrong.more();
      return true;
    }

    /** How many more went wrong than leave room for one, as things stand now. */
    private double over() {
      wrong = wrong.at(clock.millis(), apart);
      return wrong.many() - (atOnce - 1);
    }

    /** How long until one more may go wrong, in ms. */
    private long untilOneMore() {
      return (long) Math.ceil(over() * apart.toMillis());
    }

    synchronized void giveBack() {
      wrong = wrong.at(clock.millis(), apart).less();
      notifyAll();
    }
  }
}
