package bravium.server.classes;

import static bravium.server.data.schema.Tables.ACTIVITY;
import static bravium.server.data.schema.Tables.ACTIVITY_MEDIUM;
import static bravium.server.data.schema.Tables.ACTIVITY_VERSION;
import static bravium.server.data.schema.Tables.ASSIGNMENT;
import static bravium.server.data.schema.Tables.COVER;
import static bravium.server.data.schema.Tables.COVER_ACTIVITY;
import static bravium.server.data.schema.Tables.SCHOOL_CLASS;
import static bravium.server.data.schema.Tables.SITTING;

import bravium.server.data.Codes;
import bravium.server.data.Nightly;
import bravium.server.data.Writer;
import bravium.server.data.schema.tables.records.CoverRecord;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record1;
import org.jooq.Select;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/** The rows of covers, and what belongs to what one may present. */
@Repository
class CoverRepository implements Nightly {

  private final DSLContext database;
  private final Writer writer;

  CoverRepository(DSLContext database, Writer writer) {
    this.database = database;
    this.writer = writer;
  }

  /** Those of a class that are not over, the next day first. */
  List<CoverRecord> ofClass(long inClass, Instant now) {
    return database
        .selectFrom(COVER)
        .where(COVER.CLASS_ID.eq(inClass), COVER.ENDS_AT.gt(now))
        .orderBy(COVER.DAY)
        .fetch();
  }

  Optional<CoverRecord> find(long cover) {
    return database.selectFrom(COVER).where(COVER.ID.eq(cover)).fetchOptional();
  }

  /** That of a code, if it lasts or is still to come; its class has not been archived. */
  Optional<CoverRecord> byCode(String code, Instant now) {
    return database
        .select(COVER)
        .from(COVER)
        .join(SCHOOL_CLASS)
        .on(SCHOOL_CLASS.ID.eq(COVER.CLASS_ID))
        .where(COVER.CODE.eq(code), COVER.ENDS_AT.gt(now), SCHOOL_CLASS.PUT_AWAY_AT.isNull())
        .fetchOptional(Record1::value1);
  }

  /** Another for a day of a class; one that was there for it is replaced, and its code with it. */
  void add(long inClass, String day, Instant opens, Instant ends, List<Long> activities) {
    writer.write(
        dsl -> {
          dsl.deleteFrom(COVER).where(COVER.CLASS_ID.eq(inClass), COVER.DAY.eq(day)).execute();
          CoverRecord row = dsl.newRecord(COVER);
          row.setPublicId(Codes.id());
          row.setClassId(inClass);
          row.setCode(Codes.longCode());
          row.setDay(day);
          row.setOpensAt(opens);
          row.setEndsAt(ends);
          row.insert();
          for (long activity : activities) {
            dsl.insertInto(COVER_ACTIVITY)
                .set(COVER_ACTIVITY.COVER_ID, row.getId())
                .set(COVER_ACTIVITY.ACTIVITY_ID, activity)
                .execute();
          }
          return row.getId();
        });
  }

  /** Its sessions end with it. */
  void withdraw(long inClass, String id) {
    writer.write(
        dsl ->
            dsl.deleteFrom(COVER)
                .where(COVER.CLASS_ID.eq(inClass), COVER.PUBLIC_ID.eq(id))
                .execute());
  }

  /** Activities that it names: their ids and titles. */
  List<CoverPage.ToPresent> named(long cover) {
    return database
        .select(ACTIVITY.PUBLIC_ID, ACTIVITY.TITLE)
        .from(COVER_ACTIVITY)
        .join(ACTIVITY)
        .on(ACTIVITY.ID.eq(COVER_ACTIVITY.ACTIVITY_ID))
        .where(COVER_ACTIVITY.COVER_ID.eq(cover), ACTIVITY.REMOVED_AT.isNull())
        .orderBy(DSL.lower(ACTIVITY.TITLE), ACTIVITY.ID)
        .fetch(row -> new CoverPage.ToPresent(row.value1(), row.value2(), null));
  }

  private static Condition isPresentable(CoverRecord cover) {
    Select<Record1<Long>> named =
        DSL.select(COVER_ACTIVITY.ACTIVITY_ID)
            .from(COVER_ACTIVITY)
            .where(COVER_ACTIVITY.COVER_ID.eq(cover.getId()));
    Select<Record1<Long>> assigned =
        DSL.select(ASSIGNMENT.ACTIVITY_ID)
            .from(ASSIGNMENT)
            .where(
                ASSIGNMENT.CLASS_ID.eq(cover.getClassId()),
                ASSIGNMENT.REMOVED_AT.isNull(),
                ASSIGNMENT.TAKEN_BACK_AT.isNull());
    return ACTIVITY.REMOVED_AT.isNull().and(ACTIVITY.ID.in(named).or(ACTIVITY.ID.in(assigned)));
  }

  boolean presentsActivity(CoverRecord cover, String activity) {
    return database.fetchExists(ACTIVITY, isPresentable(cover), ACTIVITY.PUBLIC_ID.eq(activity));
  }

  /** Whether it is a game at the front, of something that may be presented. */
  boolean presentsSitting(CoverRecord cover, String sitting) {
    return database.fetchExists(
        DSL.selectOne()
            .from(SITTING)
            .join(ACTIVITY_VERSION)
            .on(ACTIVITY_VERSION.ID.eq(SITTING.ACTIVITY_VERSION_ID))
            .join(ACTIVITY)
            .on(ACTIVITY.ID.eq(ACTIVITY_VERSION.ACTIVITY_ID))
            .where(
                SITTING.PUBLIC_ID.eq(sitting),
                SITTING.TEACHER_ID.isNotNull(),
                isPresentable(cover)));
  }

  boolean presentsMedium(CoverRecord cover, String medium) {
    return database.fetchExists(
        DSL.selectOne()
            .from(ACTIVITY_MEDIUM)
            .join(ACTIVITY)
            .on(ACTIVITY.ID.eq(ACTIVITY_MEDIUM.ACTIVITY_ID))
            .where(ACTIVITY_MEDIUM.MEDIUM.eq(medium), isPresentable(cover)));
  }

  boolean watches(CoverRecord cover, String assignment) {
    return database.fetchExists(
        ASSIGNMENT,
        ASSIGNMENT.PUBLIC_ID.eq(assignment),
        ASSIGNMENT.CLASS_ID.eq(cover.getClassId()),
        ASSIGNMENT.REMOVED_AT.isNull(),
        ASSIGNMENT.TAKEN_BACK_AT.isNull());
  }

  @Override
  public void atNight(Instant now) {
    writer.write(dsl -> dsl.deleteFrom(COVER).where(COVER.ENDS_AT.lt(now)).execute());
  }
}
