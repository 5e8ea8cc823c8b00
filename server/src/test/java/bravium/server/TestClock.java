package bravium.server;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.concurrent.atomic.AtomicReference;

/** The server's clock, in whole milliseconds; a test puts it on instead of waiting. */
public final class TestClock extends Clock {

  private final AtomicReference<Duration> ahead = new AtomicReference<>(Duration.ZERO);

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
    return Clock.tickMillis(ZoneOffset.UTC).instant().plus(ahead.get());
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
