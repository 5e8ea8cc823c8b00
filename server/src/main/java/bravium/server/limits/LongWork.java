package bravium.server.limits;

import bravium.server.problems.Problem;
import java.time.Duration;
import java.util.concurrent.ArrayBlockingQueue;
import java.util.concurrent.ExecutionException;
import java.util.concurrent.Future;
import java.util.concurrent.RejectedExecutionException;
import java.util.concurrent.ThreadFactory;
import java.util.concurrent.ThreadPoolExecutor;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.TimeoutException;

/**
 * Work that can keep a processor busy for long. Requests run on virtual threads, of which one that
 * computes gives its processor to no other; so such work has a few threads of its own, between
 * which and all others the operating system shares the processors out. It has a deadline, and no
 * more of it waits than can be done within it.
 */
public final class LongWork implements AutoCloseable {

  private static final int MOST_WAITING = 100;

  private final ThreadPoolExecutor threads;
  private final Duration longest;

  /** Work with a result. */
  @FunctionalInterface
  public interface Work<T, E extends Exception> {

    /** Does it. */
    T done() throws E;
  }

  /**
   * A pool of its own.
   *
   * @param name what its threads are called
   * @param atOnce how many pieces of work are done side by side
   * @param longest how long somebody waits for one, waiting its turn included
   */
  public LongWork(String name, int atOnce, Duration longest) {
    ThreadFactory made = Thread.ofPlatform().daemon().name("bravium-" + name + "-", 1).factory();
    this.threads =
        new ThreadPoolExecutor(
            atOnce, atOnce, 1, TimeUnit.MINUTES, new ArrayBlockingQueue<>(MOST_WAITING), made);
    this.longest = longest;
  }

  /** Half of the processors, at least one: the others are for those who play. */
  public static int half() {
    return Math.max(1, Runtime.getRuntime().availableProcessors() / 2);
  }

  /**
   * Does a piece of work and waits for it. Work that changes something belongs behind this, not
   * into it: what takes too long is given up, and may still come to its end.
   *
   * @throws Problem if there is too much to do, it takes too long, or goes too deep
   */
  public <T, E extends Exception> T run(Work<T, E> work) throws E {
    Future<T> result = begun(work);
    try {
      return result.get(longest.toMillis(), TimeUnit.MILLISECONDS);
    } catch (TimeoutException e) {
      result.cancel(true);
      throw Problem.takesTooLong(
          "This would take longer than anybody waits ("
              + longest.toSeconds()
              + " seconds). Nothing was changed; try again, or with less at once.");
    } catch (InterruptedException e) {
      result.cancel(true);
      Thread.currentThread().interrupt();
      throw Problem.stopping();
    } catch (ExecutionException e) {
      throw LongWork.<E>thrown(e.getCause());
    }
  }

  private <T, E extends Exception> Future<T> begun(Work<T, E> work) {
    try {
      return threads.submit(work::done);
    } catch (RejectedExecutionException e) {
      throw threads.isShutdown() ? Problem.stopping() : Problem.busy();
    }
  }

  @SuppressWarnings("unchecked")
  private static <E extends Exception> E thrown(Throwable cause) {
    if (cause instanceof StackOverflowError) {
      throw Problem.badRequest(
          "too-deep",
          "In this, things stand within things deeper than can be followed. Nothing was changed.");
    }
    if (cause instanceof RuntimeException runtime) {
      throw runtime;
    }
    if (cause instanceof Error error) {
      throw error;
    }
    return (E) cause;
  }

  /** How many pieces of work wait for their turn. */
  public int waiting() {
    return threads.getQueue().size();
  }

  @Override
  public void close() {
    threads.shutdownNow();
  }
}
