package bravium.server.accounts;

import static bravium.server.data.schema.Tables.TEACHER;
import static bravium.server.data.schema.Tables.TEACHER_DEVICE;
import static bravium.server.data.schema.Tables.TEACHER_SESSION;

import bravium.server.data.Writer;
import bravium.server.data.schema.tables.records.TeacherRecord;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** The teachers' rows. */
@Repository
public class TeacherRepository {

  /**
   * A teacher with what her password is checked against.
   *
   * @param passwordHash null where nobody signs in by a password
   */
  record Known(Teacher teacher, @Nullable String passwordHash) {}

  /**
   * Who gets something of a teacher who leaves.
   *
   * @param removed whether only to bring it back
   */
  record Heir(long teacher, boolean removed) {}

  private final DSLContext database;
  private final Writer writer;
  private final Clock clock;

  TeacherRepository(DSLContext database, Writer writer, Clock clock) {
    this.database = database;
    this.writer = writer;
    this.clock = clock;
  }

  /** The first teacher, if there is any. */
  public Optional<Teacher> first() {
    return database
        .selectFrom(TEACHER)
        .orderBy(TEACHER.ID)
        .limit(1)
        .fetchOptional(TeacherRepository::teacher);
  }

  public Optional<Teacher> find(long id) {
    return byId(id).map(Known::teacher);
  }

  /** All of this server, by name. */
  public List<Teacher> all() {
    return database.selectFrom(TEACHER).orderBy(TEACHER.NAME_KEY).fetch(TeacherRepository::teacher);
  }

  Optional<Known> byName(String name) {
    return database
        .selectFrom(TEACHER)
        .where(TEACHER.NAME_KEY.eq(key(name)))
        .fetchOptional(row -> new Known(teacher(row), row.getPasswordHash()));
  }

  Optional<Known> byId(long id) {
    return database
        .selectFrom(TEACHER)
        .where(TEACHER.ID.eq(id))
        .fetchOptional(row -> new Known(teacher(row), row.getPasswordHash()));
  }

  /** Adds the first teacher, who keeps the server; empty if there is one already. */
  public Optional<Teacher> addFirst(String name, @Nullable String passwordHash) {
    return writer.write(
        dsl ->
            dsl.fetchExists(TEACHER)
                ? Optional.<Teacher>empty()
                : Optional.of(add(dsl, name, passwordHash, true)));
  }

  /** Adds a teacher; empty if there is one of that name. */
  Optional<Teacher> add(String name, String passwordHash) {
    return writer.write(
        dsl ->
            dsl.fetchExists(TEACHER, TEACHER.NAME_KEY.eq(key(name)))
                ? Optional.<Teacher>empty()
                : Optional.of(add(dsl, name, passwordHash, false)));
  }

  /** One teacher alone looks after the server. */
  void setKeeper(long id) {
    writer.write(
        dsl -> dsl.update(TEACHER).set(TEACHER.IS_KEEPER, DSL.field(TEACHER.ID.eq(id))).execute());
  }

  void setPassword(long id, String passwordHash) {
    writer.write(
        dsl ->
            dsl.update(TEACHER)
                .set(TEACHER.PASSWORD_HASH, passwordHash)
                .where(TEACHER.ID.eq(id))
                .execute());
  }

  /**
   * Removes a teacher; what belongs to her goes to others.
   *
   * @param heirs who gets what
   */
  void remove(long id, Map<Belongings.Of, Heir> heirs, List<Belongings> belongings) {
    writer.write(
        dsl -> {
          Instant now = clock.instant();
          for (Belongings belonging : belongings) {
            Heir heir = heirs.get(belonging.of());
            belonging.handOver(dsl, id, heir.teacher(), heir.removed() ? now : null);
          }
          dsl.deleteFrom(TEACHER_SESSION).where(TEACHER_SESSION.TEACHER_ID.eq(id)).execute();
          dsl.deleteFrom(TEACHER_DEVICE).where(TEACHER_DEVICE.TEACHER_ID.eq(id)).execute();
          return dsl.deleteFrom(TEACHER).where(TEACHER.ID.eq(id)).execute();
        });
  }

  private Teacher add(
      DSLContext dsl, String name, @Nullable String passwordHash, boolean isKeeper) {
    TeacherRecord row = dsl.newRecord(TEACHER);
    row.setName(name.strip());
    row.setNameKey(key(name));
    row.setPasswordHash(passwordHash);
    row.setIsKeeper(isKeeper);
    row.setCreatedAt(clock.instant());
    row.insert();
    return teacher(row);
  }

  private static Teacher teacher(TeacherRecord row) {
    return new Teacher(row.getId(), row.getName(), row.getIsKeeper());
  }

  /** What has to differ between two teachers' names. */
  static String key(String name) {
    return name.strip().toLowerCase(Locale.ROOT);
  }
}
