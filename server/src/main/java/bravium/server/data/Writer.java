package bravium.server.data;

import bravium.server.problems.Problem;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.concurrent.atomic.AtomicLong;
import java.util.function.Function;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/**
 * The one who writes. What has piled up while the last commit went to disk is committed together,
 * and only then is anybody told; so an answer costs a share of a commit, and nothing that was
 * acknowledged can be lost. A piece of work that goes wrong, in whatever way, is rolled back alone.
 */
public final class Writer implements AutoCloseable {

  private static final Set<SQLiteErrorCode> ENDING =
      EnumSet.of(
          SQLiteErrorCode.SQLITE_FULL, SQLiteErrorCode.SQLITE_IOERR, SQLiteErrorCode.SQLITE_NOMEM);

  /** Behind the last piece of work. */
  private final Job<Void> end = new Job<>(dsl -> null, Kind.MOVE);

  private final DSLContext database;
  private final int largestGroup;
  private final BlockingQueue<Job<?>> waiting = new LinkedBlockingQueue<>();
  private final Thread thread = new Thread(this::work, "bravium-writer");
  private final AtomicLong changes = new AtomicLong();
  private final AtomicLong shown = new AtomicLong();
  private boolean closed;

  Writer(DSLContext database, int largestGroup) {
    this.database = database;
    this.largestGroup = largestGroup;
    thread.start();
  }

  /**
   * Does the work in the next group and waits until it is on disk.
   *
   * @return what the work returned
   * @throws Problem if the server is stopping
   * @throws RuntimeException what the work threw, or what kept the group from being committed
   */
  public <T> T write(Function<DSLContext, T> work) {
    return write(new Job<>(work, Kind.ANYTHING));
  }

  /**
   * The same of a move, the most frequent of all, which {@link #changes} doesn't count.
   *
   * @param shown whether it is seen outside its sitting: in a list, on a page of its class;
   *     otherwise it is a single statement, which needs no savepoint to be undone alone
   */
  public <T> T writeMove(Function<DSLContext, T> work, boolean shown) {
    return write(new Job<>(work, shown ? Kind.MOVE_THAT_SHOWS : Kind.MOVE));
  }

  /**
   * Another number whenever anything but moves may have changed since it was asked for last. What
   * was read after asking is true for as long as it stays the same: it grows before whoever wrote
   * is told.
   */
  public long changes() {
    return changes.get();
  }

  /** The same of all that lists and pages show, moves included. */
  public long shown() {
    return shown.get();
  }

  private <T> T write(Job<T> job) {
    synchronized (waiting) {
      if (closed) {
        throw Problem.stopping();
      }
      waiting.add(job);
    }
    try {
      return job.done.join();
    } catch (CompletionException e) {
      throw e.getCause() instanceof RuntimeException cause ? cause : e;
    }
  }

  /** Whether anything that is given to it will be done. */
  public boolean isAlive() {
    return thread.isAlive();
  }

  /** How many pieces of work wait for the next commit. */
  public int waiting() {
    return waiting.size();
  }

  private void work() {
    List<Job<?>> group = new ArrayList<>();
    while (!group.contains(end)) {
      group.clear();
      try {
        group.add(waiting.take());
      } catch (InterruptedException e) {
        // Nobody but close() ends it, and that says so behind the last piece of work.
        continue;
      }
      waiting.drainTo(group, largestGroup - 1);
      commit(group);
    }
  }

  private void commit(List<Job<?>> group) {
    try {
      database.transaction(
          outer -> {
            for (Job<?> job : group) {
              job.run(outer.dsl());
              if (endsTheTransaction(job.failure)) {
                throw job.failure;
              }
            }
          });
      if (group.stream().anyMatch(job -> job.kind == Kind.ANYTHING)) {
        changes.incrementAndGet();
      }
      if (group.stream().anyMatch(job -> job.kind != Kind.MOVE)) {
        shown.incrementAndGet();
      }
      group.forEach(Job::complete);
    } catch (Throwable e) {
      // Whoever waits is told, and the next group is begun: without this thread nobody is served.
      group.forEach(job -> job.done.completeExceptionally(e));
    }
  }

  /** After these SQLite rolls the whole transaction back by itself, and the savepoints with it. */
  private static boolean endsTheTransaction(@Nullable Throwable failure) {
    return failure != null
        && failure.getCause() instanceof SQLiteException cause
        && ENDING.contains(cause.getResultCode());
  }

  @Override
  public void close() throws InterruptedException {
    synchronized (waiting) {
      if (!closed) {
        closed = true;
        waiting.add(end);
      }
    }
    thread.join();
  }

  private enum Kind {
    /** Whatever it may change. */
    ANYTHING,
    /** A move of which more is seen than its sitting. */
    MOVE_THAT_SHOWS,
    /** A move and no more, in one statement. */
    MOVE
  }

  private static final class Job<T> {

    private final Function<DSLContext, T> work;
    private final Kind kind;
    private final CompletableFuture<T> done = new CompletableFuture<>();
    private @Nullable T result;
    private @Nullable Throwable failure;

    Job(Function<DSLContext, T> work, Kind kind) {
      this.work = work;
      this.kind = kind;
    }

    /**
     * Runs within a savepoint of the group's transaction. A single statement needs none: SQLite
     * undoes it by itself when it goes wrong.
     */
    void run(DSLContext group) {
      try {
        result =
            kind == Kind.MOVE
                ? work.apply(group)
                : group.transactionResult(inner -> work.apply(inner.dsl()));
      } catch (Throwable e) {
        // Also an error, such as a stack that was too deep: it is this piece's alone.
        failure = e;
      }
    }

    void complete() {
      if (failure == null) {
        done.complete(result);
      } else {
        done.completeExceptionally(failure);
      }
    }
  }
}
