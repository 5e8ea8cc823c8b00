package bravium.server.sittings;

import static bravium.server.data.schema.Tables.SITTING;

import bravium.server.accounts.Belongings;
import java.time.Instant;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The games that a teacher played at the front of the class. */
@Component
class SittingBelongings implements Belongings {

  private final WarmSittings warm;

  SittingBelongings(WarmSittings warm) {
    this.warm = warm;
  }

  @Override
  public void handOver(DSLContext dsl, long from, long to, @Nullable Instant removed) {
    dsl.update(SITTING).set(SITTING.TEACHER_ID, to).where(SITTING.TEACHER_ID.eq(from)).execute();
    warm.forget();
  }
}
