package bravium.server.data;

import java.time.Instant;
import org.jooq.impl.AbstractConverter;

/** A time in a column: milliseconds since 1970. */
public final class MillisConverter extends AbstractConverter<Long, Instant> {

  private static final long serialVersionUID = 1L;

  /** As jOOQ's written classes call it. */
  public MillisConverter() {
    super(Long.class, Instant.class);
  }

  @Override
  public Instant from(Long millis) {
    return millis == null ? null : Instant.ofEpochMilli(millis);
  }

  @Override
  public Long to(Instant time) {
    return time == null ? null : time.toEpochMilli();
  }
}
