package bravium.server.data;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.concurrent.BlockingQueue;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CompletionException;
import java.util.concurrent.LinkedBlockingQueue;
import java.util.function.Function;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.SQLiteException;

/**
 * The one who writes. What has piled up while the last commit went to disk is committed together,
 * and only then is anybody told; so an answer costs a share of a commit, and nothing that was
 * acknowledged can be lost. A piece of work that goes wrong is rolled back alone.
 */
public final class Writer implements AutoCloseable {

  private static final Set<SQLiteErrorCode> ENDING =
      EnumSet.of(
          SQLiteErrorCode.SQLITE_FULL, SQLiteErrorCode.SQLITE_IOERR, SQLiteErrorCode.SQLITE_NOMEM);

  private final DSLContext database;
  private final int largestGroup;
  private final BlockingQueue<Job<?>> waiting = new LinkedBlockingQueue<>();
  private final Thread thread = new Thread(this::work, "bravium-writer");
  private volatile boolean closed;

  Writer(DSLContext database, int largestGroup) {
    this.database = database;
    this.largestGroup = largestGroup;
    thread.start();
  }

  /**
   * Does the work in the next group and waits until it is on disk.
   *
   * @return what the work returned
   * @throws RuntimeException what the work threw, or what kept the group from being committed
   */
  public <T> T write(Function<DSLContext, T> work) {
    if (closed) {
      throw new IllegalStateException("the server is stopping");
    }
    Job<T> job = new Job<>(work);
    waiting.add(job);
    try {
      return job.done.join();
    } catch (CompletionException e) {
      throw e.getCause() instanceof RuntimeException cause ? cause : e;
    }
  }

  private void work() {
    List<Job<?>> group = new ArrayList<>();
    while (!closed || !waiting.isEmpty()) {
      try {
        group.add(waiting.take());
      } catch (InterruptedException e) {
        continue;
      }
      waiting.drainTo(group, largestGroup - 1);
      commit(group);
      group.clear();
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
      group.forEach(Job::complete);
    } catch (RuntimeException e) {
      group.forEach(job -> job.done.completeExceptionally(e));
    }
  }

  /** After these SQLite rolls the whole transaction back by itself, and the savepoints with it. */
  private static boolean endsTheTransaction(@Nullable RuntimeException failure) {
    return failure != null
        && failure.getCause() instanceof SQLiteException cause
        && ENDING.contains(cause.getResultCode());
  }

  @Override
  public void close() throws InterruptedException {
    closed = true;
    thread.interrupt();
    thread.join();
  }

  private static final class Job<T> {

    private final Function<DSLContext, T> work;
    private final CompletableFuture<T> done = new CompletableFuture<>();
    private @Nullable T result;
    private @Nullable RuntimeException failure;

    Job(Function<DSLContext, T> work) {
      this.work = work;
    }

    /** Runs within a savepoint of the group's transaction. */
    void run(DSLContext group) {
      try {
        result = group.transactionResult(inner -> work.apply(inner.dsl()));
      } catch (RuntimeException e) {
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
