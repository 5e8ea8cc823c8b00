package bravium.server.accounts;

import java.time.Instant;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;

/** What belongs to a teacher; each feature says for itself how it goes to another. */
public interface Belongings {

  /** What is asked apart when a teacher leaves. */
  enum Of {
    ACTIVITIES,
    CLASSES
  }

  /** With which of them it goes. */
  default Of of() {
    return Of.ACTIVITIES;
  }

  /**
   * Gives all of it to another teacher, within one write.
   *
   * @param removed when it was removed, if it goes to her only to be brought back; null where she
   *     gets it as it is
   */
  void handOver(DSLContext dsl, long from, long to, @Nullable Instant removed);
}
