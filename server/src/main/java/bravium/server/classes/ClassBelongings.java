package bravium.server.classes;

import static bravium.server.data.schema.Tables.SCHOOL_CLASS;

import bravium.server.accounts.Belongings;
import java.time.Instant;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** A teacher's classes. What goes to another only to be brought back is archived there. */
@Component
class ClassBelongings implements Belongings {

  @Override
  public Of of() {
    return Of.CLASSES;
  }

  @Override
  public void handOver(DSLContext dsl, long from, long to, @Nullable Instant removed) {
    if (removed != null) {
      dsl.update(SCHOOL_CLASS)
          .set(SCHOOL_CLASS.PUT_AWAY_AT, removed)
          .where(SCHOOL_CLASS.TEACHER_ID.eq(from), SCHOOL_CLASS.PUT_AWAY_AT.isNull())
          .execute();
    }
    dsl.update(SCHOOL_CLASS)
        .set(SCHOOL_CLASS.TEACHER_ID, to)
        .where(SCHOOL_CLASS.TEACHER_ID.eq(from))
        .execute();
  }
}
