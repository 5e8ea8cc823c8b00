package bravium.server.accounts;

import static bravium.server.data.schema.Tables.TEACHER;
import static bravium.server.data.schema.Tables.TEACHER_SESSION;

import bravium.server.data.Nightly;
import bravium.server.data.Writer;
import java.time.Instant;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** The rows of sessions. Of a session's token only the hash is known here. */
@Repository
class SessionRepository implements Nightly {

  /**
   * A session: whose it is, and when something was last done in it.
   *
   * @param cover the number of the row of the cover who opened it; null for the teacher herself
   */
  record Session(Teacher teacher, @Nullable Long cover, Instant openedAt, Instant seenAt) {}

  private final DSLContext database;
  private final Writer writer;

  SessionRepository(DSLContext database, Writer writer) {
    this.database = database;
    this.writer = writer;
  }

  Optional<Session> find(String tokenHash) {
    return database
        .select(
            TEACHER.ID,
            TEACHER.NAME,
            TEACHER.IS_KEEPER,
            TEACHER_SESSION.COVER_ID,
            TEACHER_SESSION.OPENED_AT,
            TEACHER_SESSION.SEEN_AT)
        .from(TEACHER_SESSION)
        .join(TEACHER)
        .on(TEACHER.ID.eq(TEACHER_SESSION.TEACHER_ID))
        .where(TEACHER_SESSION.TOKEN_HASH.eq(tokenHash))
        .fetchOptional(
            row ->
                new Session(
                    new Teacher(row.value1(), row.value2(), row.value3()),
                    row.value4(),
                    row.value5(),
                    row.value6()));
  }

  void add(String tokenHash, Session session) {
    writer.write(
        dsl ->
            dsl.insertInto(TEACHER_SESSION)
                .set(TEACHER_SESSION.TOKEN_HASH, tokenHash)
                .set(TEACHER_SESSION.TEACHER_ID, session.teacher().id())
                .set(TEACHER_SESSION.COVER_ID, session.cover())
                .set(TEACHER_SESSION.OPENED_AT, session.openedAt())
                .set(TEACHER_SESSION.SEEN_AT, session.seenAt())
                .execute());
  }

  void seen(String tokenHash, Instant at) {
    writer.write(
        dsl ->
            dsl.update(TEACHER_SESSION)
                .set(TEACHER_SESSION.SEEN_AT, at)
                .where(TEACHER_SESSION.TOKEN_HASH.eq(tokenHash))
                .execute());
  }

  void end(String tokenHash) {
    writer.write(
        dsl ->
            dsl.deleteFrom(TEACHER_SESSION)
                .where(TEACHER_SESSION.TOKEN_HASH.eq(tokenHash))
                .execute());
  }

  void endAllOf(long teacher) {
    writer.write(
        dsl ->
            dsl.deleteFrom(TEACHER_SESSION)
                .where(TEACHER_SESSION.TEACHER_ID.eq(teacher))
                .execute());
  }

  @Override
  public void atNight(Instant now) {
    writer.write(
        dsl ->
            dsl.deleteFrom(TEACHER_SESSION)
                .where(TEACHER_SESSION.SEEN_AT.lt(now.minus(TeacherSessions.IDLE)))
                .execute());
  }
}
