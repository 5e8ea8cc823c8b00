package bravium.server;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.concurrent.atomic.AtomicReference;
import org.jspecify.annotations.Nullable;

/** The server's clock, in whole milliseconds; a test puts it on instead of waiting. */
public final class TestClock extends Clock {

  private final AtomicReference<Duration> ahead = new AtomicReference<>(Duration.ZERO);

  private volatile @Nullable Instant held;

  /** Stands still, but for what is let go by: whatever the machine does meanwhile takes no time. */
  public void hold() {
    held = Clock.tickMillis(ZoneOffset.UTC).instant();
  }

  /** Stands still no more. */
  public void run() {
    held = null;
  }

  /** Lets time go by at once. */
  public void pass(Duration time) {
    ahead.updateAndGet(now -> now.plus(time));
  }

  /** Goes with the machine's clock again. */
  public void reset() {
    ahead.set(Duration.ZERO);
  }

  @Override
  public Instant instant() {
    Instant now = held;
    return (now == null ? Clock.tickMillis(ZoneOffset.UTC).instant() : now).plus(ahead.get());
  }

  @Override
  public ZoneId getZone() {
    return ZoneOffset.UTC;
  }

  @Override
  public Clock withZone(ZoneId zone) {
    throw new UnsupportedOperationException("the server's clock goes by UTC");
  }
}
