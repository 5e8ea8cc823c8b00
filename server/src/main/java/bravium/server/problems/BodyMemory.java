package bravium.server.problems;

import java.time.Duration;
import java.util.concurrent.Semaphore;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicLong;
import org.springframework.stereotype.Component;

/**
 * The memory that all bodies may take together, so that many large ones at once wait for each other
 * instead of ending the server. What becomes of a text while it is understood is several times as
 * large as the text. Small bodies have a share of their own, and so have those of a usual save: a
 * move waits for no save, and a save for no book.
 */
@Component
class BodyMemory {

  /** Up to this size, in bytes, a body is small. */
  static final int SMALL = 64 << 10;

  /** Up to this size one is as a teacher saves it. */
  private static final int USUAL = 512 << 10;

  /** What a large body becomes: its text, its tree, and what is made of that; measured. */
  private static final int TIMES = 16;

  /** A file goes to disk as it comes. */
  private static final int FILE = 1 << 20;

  private static final Duration PATIENCE = Duration.ofSeconds(20);

  /** What may have come, in bytes, of bodies that are not whole yet and lie on the disk. */
  private static final long MOST_ON_DISK = 1L << 30;

  private final Semaphore small;
  private final Semaphore usual;
  private final Semaphore large;
  private final int most;
  private final AtomicLong onDisk = new AtomicLong();

  BodyMemory() {
    this(Runtime.getRuntime().maxMemory());
  }

  /**
   * As much as fits.
   *
   * @param heap the memory that there is, in bytes
   */
  BodyMemory(long heap) {
    this.most = kilobytes(Math.min(heap / 4, 3L << 30));
    this.large = new Semaphore(most, true);
    this.usual = new Semaphore(kilobytes(Math.min(heap / 8, 1L << 30)), true);
    this.small = new Semaphore(kilobytes(Math.min(heap / 8, 1L << 30)));
  }

  private static int kilobytes(long bytes) {
    return Math.toIntExact(Math.ceilDiv(bytes, 1 << 10));
  }

  /** What was taken, to be given back. */
  record Share(Semaphore of, int kilobytes) implements AutoCloseable {

    @Override
    public void close() {
      of.release(kilobytes);
    }
  }

  /**
   * Waits until there is room for a body.
   *
   * @param bytes how long it is
   * @param isFile whether it goes to disk as it comes
   * @throws Problem if there is none for so long that it is better to come back
   */
  Share take(long bytes, boolean isFile) {
    Semaphore of = bytes <= SMALL ? small : bytes <= USUAL ? usual : large;
    long wanted = bytes <= SMALL ? 2 * bytes : isFile ? Math.min(bytes, FILE) : TIMES * bytes;
    int kilobytes = Math.min(kilobytes(wanted), most);
    try {
      if (of.tryAcquire(kilobytes, PATIENCE.toMillis(), TimeUnit.MILLISECONDS)) {
        return new Share(of, kilobytes);
      }
    } catch (InterruptedException e) {
      Thread.currentThread().interrupt();
    }
    throw Problem.busy();
  }

  /**
   * Counts what has come of a body that goes to disk until it is whole.
   *
   * @param bytes how many more; negative once they are read
   * @throws Problem if there are too many
   */
  void count(long bytes) {
    if (onDisk.addAndGet(bytes) > MOST_ON_DISK && bytes > 0) {
      onDisk.addAndGet(-bytes);
      throw Problem.busy();
    }
  }
}
