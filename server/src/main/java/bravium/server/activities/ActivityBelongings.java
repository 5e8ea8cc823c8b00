package bravium.server.activities;

import static bravium.server.data.schema.Tables.ACTIVITY;

import bravium.server.accounts.Belongings;
import java.time.Instant;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The activities of a teacher, with all that was played on them. */
@Component
class ActivityBelongings implements Belongings {

  @Override
  public void handOver(DSLContext dsl, long from, long to, @Nullable Instant removed) {
    dsl.update(ACTIVITY)
        .set(ACTIVITY.TEACHER_ID, to)
        .set(
            ACTIVITY.REMOVED_AT,
            removed == null
                ? ACTIVITY.REMOVED_AT
                : DSL.coalesce(ACTIVITY.REMOVED_AT, DSL.val(removed, ACTIVITY.REMOVED_AT)))
        .where(ACTIVITY.TEACHER_ID.eq(from))
        .execute();
  }
}
