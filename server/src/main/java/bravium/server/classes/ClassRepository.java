package bravium.server.classes;

import static bravium.server.data.schema.Tables.ASSIGNMENT;
import static bravium.server.data.schema.Tables.CLASS_LEARNER;
import static bravium.server.data.schema.Tables.COVER;
import static bravium.server.data.schema.Tables.PLAY_LINK;
import static bravium.server.data.schema.Tables.SCHOOL_CLASS;
import static bravium.server.data.schema.Tables.TIMED_LINK;

import bravium.server.data.Codes;
import bravium.server.data.Erasing;
import bravium.server.data.Nightly;
import bravium.server.data.Writer;
import bravium.server.data.schema.tables.records.SchoolClassRecord;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** The rows of classes. */
@Repository
class ClassRepository implements Nightly {

  /** A class with how many are in it, and how many wait. */
  record Counted(SchoolClassRecord row, int learners, int waiting) {}

  private static final Field<Integer> LEARNERS = counted(false);
  private static final Field<Integer> WAITING = counted(true);

  private final DSLContext database;
  private final Writer writer;

  ClassRepository(DSLContext database, Writer writer) {
    this.database = database;
    this.writer = writer;
  }

  private static Field<Integer> counted(boolean waiting) {
    return DSL.field(
        DSL.selectCount()
            .from(CLASS_LEARNER)
            .where(
                CLASS_LEARNER.CLASS_ID.eq(SCHOOL_CLASS.ID),
                CLASS_LEARNER.REMOVED_AT.isNull(),
                CLASS_LEARNER.IS_WAITING.eq(waiting)));
  }

  /** A teacher's classes: those in use by name, then those that were archived, the last first. */
  List<Counted> all(long teacher) {
    return database
        .select(SCHOOL_CLASS, LEARNERS, WAITING)
        .from(SCHOOL_CLASS)
        .where(SCHOOL_CLASS.TEACHER_ID.eq(teacher))
        .orderBy(
            SCHOOL_CLASS.PUT_AWAY_AT.isNotNull(),
            SCHOOL_CLASS.PUT_AWAY_AT.desc(),
            DSL.lower(SCHOOL_CLASS.NAME),
            SCHOOL_CLASS.ID)
        .fetch(row -> new Counted(row.value1(), row.value2(), row.value3()));
  }

  Optional<Counted> find(long teacher, String id) {
    return database
        .select(SCHOOL_CLASS, LEARNERS, WAITING)
        .from(SCHOOL_CLASS)
        .where(
            SCHOOL_CLASS.TEACHER_ID.eq(teacher),
            SCHOOL_CLASS.PUBLIC_ID.eq(id),
            SCHOOL_CLASS.REMOVED_AT.isNull())
        .fetchOptional(row -> new Counted(row.value1(), row.value2(), row.value3()));
  }

  Optional<Counted> byRow(long inClass) {
    return database
        .select(SCHOOL_CLASS, LEARNERS, WAITING)
        .from(SCHOOL_CLASS)
        .where(SCHOOL_CLASS.ID.eq(inClass))
        .fetchOptional(row -> new Counted(row.value1(), row.value2(), row.value3()));
  }

  /** The class of a code; one that was archived has none any more. */
  Optional<SchoolClassRecord> byCode(String code) {
    return database
        .selectFrom(SCHOOL_CLASS)
        .where(SCHOOL_CLASS.CODE.eq(code), SCHOOL_CLASS.PUT_AWAY_AT.isNull())
        .fetchOptional();
  }

  /** Adds a class; its code is no other's, of a class or of a link. */
  String add(long teacher, ClassDetails details, Instant now) {
    String id = Codes.id();
    writer.write(
        dsl -> {
          SchoolClassRecord row = dsl.newRecord(SCHOOL_CLASS);
          row.setPublicId(id);
          row.setTeacherId(teacher);
          row.setName(details.name());
          row.setYear(asLong(details.year()));
          row.setCode(freshCode(dsl));
          row.setDoor(details.door().name());
          row.setCreatedAt(now);
          return row.insert();
        });
    return id;
  }

  static String freshCode(DSLContext dsl) {
    String code = Codes.code();
    while (dsl.fetchExists(SCHOOL_CLASS, SCHOOL_CLASS.CODE.eq(code))
        || dsl.fetchExists(PLAY_LINK, PLAY_LINK.CODE.eq(code))
        || dsl.fetchExists(TIMED_LINK, TIMED_LINK.CODE.eq(code))) {
      code = Codes.code();
    }
    return code;
  }

  void change(long row, ClassDetails details) {
    writer.write(
        dsl ->
            dsl.update(SCHOOL_CLASS)
                .set(SCHOOL_CLASS.NAME, details.name())
                .set(SCHOOL_CLASS.YEAR, asLong(details.year()))
                .set(SCHOOL_CLASS.DOOR, details.door().name())
                .where(SCHOOL_CLASS.ID.eq(row))
                .execute());
  }

  /** Puts a class away, or brings it back. */
  void archive(long row, @Nullable Instant at) {
    writer.write(
        dsl ->
            dsl.update(SCHOOL_CLASS)
                .set(SCHOOL_CLASS.PUT_AWAY_AT, at)
                .where(SCHOOL_CLASS.ID.eq(row))
                .execute());
  }

  /** Removes a class that was archived; whether it was one. */
  boolean remove(long row, Instant at) {
    return writer.write(
            dsl ->
                dsl.update(SCHOOL_CLASS)
                    .set(SCHOOL_CLASS.REMOVED_AT, at)
                    .where(SCHOOL_CLASS.ID.eq(row), SCHOOL_CLASS.PUT_AWAY_AT.isNotNull())
                    .execute())
        > 0;
  }

  /** Brings a removed class back into the archive; whether it was there. */
  boolean bringBackRemoved(long teacher, String id) {
    return writer.write(
            dsl ->
                dsl.update(SCHOOL_CLASS)
                    .setNull(SCHOOL_CLASS.REMOVED_AT)
                    .where(
                        SCHOOL_CLASS.TEACHER_ID.eq(teacher),
                        SCHOOL_CLASS.PUBLIC_ID.eq(id),
                        SCHOOL_CLASS.REMOVED_AT.isNotNull())
                    .execute())
        > 0;
  }

  /** Removed classes are erased with their registers and all that was played. */
  @Override
  public void atNight(Instant now) {
    List<Long> due =
        database
            .select(SCHOOL_CLASS.ID)
            .from(SCHOOL_CLASS)
            .where(SCHOOL_CLASS.REMOVED_AT.lt(now.minus(Erasing.KEPT)))
            .fetch(SCHOOL_CLASS.ID);
    for (Long inClass : due) {
      writer.write(
          dsl -> {
            AssignmentRepository.erase(dsl, ASSIGNMENT.CLASS_ID.eq(inClass));
            RegisterRepository.erase(dsl, CLASS_LEARNER.CLASS_ID.eq(inClass));
            dsl.deleteFrom(COVER).where(COVER.CLASS_ID.eq(inClass)).execute();
            return dsl.deleteFrom(SCHOOL_CLASS).where(SCHOOL_CLASS.ID.eq(inClass)).execute();
          });
    }
  }

  /** Gives a class another code: the old one leads nowhere from now on. */
  void recode(long row) {
    writer.write(
        dsl ->
            dsl.update(SCHOOL_CLASS)
                .set(SCHOOL_CLASS.CODE, freshCode(dsl))
                .where(SCHOOL_CLASS.ID.eq(row))
                .execute());
  }

  void handOver(long row, long teacher) {
    writer.write(
        dsl ->
            dsl.update(SCHOOL_CLASS)
                .set(SCHOOL_CLASS.TEACHER_ID, teacher)
                .where(SCHOOL_CLASS.ID.eq(row))
                .execute());
  }

  private static @Nullable Long asLong(@Nullable Integer number) {
    return number == null ? null : number.longValue();
  }
}
