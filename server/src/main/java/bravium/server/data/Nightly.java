package bravium.server.data;

import java.time.Instant;

/** Something that is done each night, when nobody waits. */
public interface Nightly {

  /** Does it. */
  void atNight(Instant now);
}
