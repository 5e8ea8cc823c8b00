package bravium.server.media;

import static bravium.server.data.schema.Tables.MEDIUM;
import static bravium.server.data.schema.Tables.UPLOAD;

import bravium.server.accounts.Belongings;
import java.time.Instant;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** The media of a teacher: what activities use has to go with them. */
@Component
class MediaBelongings implements Belongings {

  /** Where both have the same file, it stays the one of who gets it. */
  @Override
  public void handOver(DSLContext dsl, long from, long to, @Nullable Instant removed) {
    dsl.update(MEDIUM)
        .set(MEDIUM.TEACHER_ID, to)
        .where(
            MEDIUM.TEACHER_ID.eq(from),
            MEDIUM.NAME.notIn(dsl.select(MEDIUM.NAME).from(MEDIUM).where(MEDIUM.TEACHER_ID.eq(to))))
        .execute();
    dsl.update(UPLOAD).set(UPLOAD.TEACHER_ID, to).where(UPLOAD.TEACHER_ID.eq(from)).execute();
    dsl.deleteFrom(MEDIUM).where(MEDIUM.TEACHER_ID.eq(from)).execute();
  }
}
