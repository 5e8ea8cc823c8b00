package bravium.server.activities;

import static bravium.server.data.schema.Tables.ACTIVITY;
import static bravium.server.data.schema.Tables.ACTIVITY_MEDIUM;
import static bravium.server.data.schema.Tables.ACTIVITY_TAG;
import static bravium.server.data.schema.Tables.ACTIVITY_VERSION;
import static bravium.server.data.schema.Tables.ASSIGNMENT;
import static bravium.server.data.schema.Tables.LEARNER;
import static bravium.server.data.schema.Tables.PLAY_LINK;
import static bravium.server.data.schema.Tables.SITTING;
import static bravium.server.data.schema.Tables.TIMED_LINK;

import bravium.core.codec.Codec;
import bravium.core.revision.Revisions;
import bravium.server.data.Erasing;
import bravium.server.data.Nightly;
import bravium.server.data.Writer;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Record1;
import org.jooq.Select;
import org.jooq.impl.DSL;
import org.springframework.stereotype.Repository;

/**
 * Earlier versions: every save of the last day, then the last of each day. The newest, and each
 * that a sitting plays, is never taken away.
 */
@Repository
class VersionRepository implements Nightly {

  static final int PAGE = 30;

  /** For so long every save is kept. */
  static final Duration ALL_KEPT = Duration.ofDays(1);

  private final DSLContext database;
  private final Writer writer;

  VersionRepository(DSLContext database, Writer writer) {
    this.database = database;
    this.writer = writer;
  }

  /** The newest first, those before a version; each with what it changed. */
  List<VersionCard> list(long activity, int before) {
    List<StoredActivity> versions =
        database
            .selectFrom(ACTIVITY_VERSION)
            .where(
                ACTIVITY_VERSION.ACTIVITY_ID.eq(activity),
                ACTIVITY_VERSION.VERSION.lt((long) before))
            .orderBy(ACTIVITY_VERSION.VERSION.desc())
            .limit(PAGE + 1)
            .fetch(
                row ->
                    new StoredActivity(
                        "",
                        row.getVersion().intValue(),
                        row.getSavedAt(),
                        Codec.ACTIVITY.read(row.getDocument())));
    List<VersionCard> cards = new ArrayList<>();
    for (int i = 0; i < Math.min(PAGE, versions.size()); i++) {
      StoredActivity version = versions.get(i);
      cards.add(
          new VersionCard(
              version.version(),
              version.savedAt(),
              i + 1 < versions.size()
                  ? Revisions.between(versions.get(i + 1).activity(), version.activity())
                  : List.of()));
    }
    return cards;
  }

  Optional<StoredActivity> find(long teacher, String id, int version) {
    return database
        .select(ACTIVITY_VERSION.SAVED_AT, ACTIVITY_VERSION.DOCUMENT)
        .from(ACTIVITY_VERSION)
        .join(ACTIVITY)
        .on(ACTIVITY.ID.eq(ACTIVITY_VERSION.ACTIVITY_ID))
        .where(ActivityRepository.own(teacher, id), ACTIVITY_VERSION.VERSION.eq((long) version))
        .fetchOptional(
            row ->
                new StoredActivity(id, version, row.value1(), Codec.ACTIVITY.read(row.value2())));
  }

  @Override
  public void atNight(Instant now) {
    thinOut(now);
    forgetRemoved(now);
  }

  private void thinOut(Instant now) {
    List<Long> dispensable = new ArrayList<>();
    Set<String> days = new LinkedHashSet<>();
    database
        .select(ACTIVITY_VERSION.ID, ACTIVITY_VERSION.ACTIVITY_ID, ACTIVITY_VERSION.SAVED_AT)
        .from(ACTIVITY_VERSION)
        .join(ACTIVITY)
        .on(ACTIVITY.ID.eq(ACTIVITY_VERSION.ACTIVITY_ID))
        .where(
            ACTIVITY_VERSION.SAVED_AT.lt(now.minus(ALL_KEPT)),
            ACTIVITY_VERSION.VERSION.lt(ACTIVITY.VERSION))
        .orderBy(ACTIVITY_VERSION.ACTIVITY_ID, ACTIVITY_VERSION.VERSION.desc())
        .forEach(
            row -> {
              LocalDate day = LocalDate.ofInstant(row.value3(), ZoneId.systemDefault());
              if (!days.add(row.value2() + " " + day)) {
                dispensable.add(row.value1());
              }
            });
    for (Long version : dispensable) {
      writer.write(
          dsl ->
              dsl.deleteFrom(ACTIVITY_VERSION)
                  .where(
                      ACTIVITY_VERSION.ID.eq(version),
                      DSL.notExists(
                          DSL.selectOne()
                              .from(SITTING)
                              .where(SITTING.ACTIVITY_VERSION_ID.eq(version))),
                      DSL.notExists(
                          DSL.selectOne()
                              .from(ASSIGNMENT)
                              .where(ASSIGNMENT.ACTIVITY_VERSION_ID.eq(version))))
                  .execute());
    }
  }

  private void forgetRemoved(Instant now) {
    for (Long activity :
        database
            .select(ACTIVITY.ID)
            .from(ACTIVITY)
            .where(ACTIVITY.REMOVED_AT.lt(now.minus(Erasing.KEPT)))
            .fetch(ACTIVITY.ID)) {
      writer.write(
          dsl ->
              dsl.fetchExists(ASSIGNMENT, ASSIGNMENT.ACTIVITY_ID.eq(activity))
                  ? forgetPlayed(dsl, activity, SITTING.ASSIGNMENT_ID.isNull())
                  : forget(dsl, activity));
    }
  }

  /** Forgets an activity that nobody was given and nobody played; whether it was one. */
  boolean forgetUnused(long activity) {
    return writer.write(
        dsl -> {
          boolean used =
              dsl.fetchExists(PLAY_LINK, PLAY_LINK.ACTIVITY_ID.eq(activity))
                  || dsl.fetchExists(ASSIGNMENT, ASSIGNMENT.ACTIVITY_ID.eq(activity))
                  || dsl.fetchExists(
                      DSL.selectOne()
                          .from(SITTING)
                          .join(ACTIVITY_VERSION)
                          .on(ACTIVITY_VERSION.ID.eq(SITTING.ACTIVITY_VERSION_ID))
                          .where(ACTIVITY_VERSION.ACTIVITY_ID.eq(activity)));
          return !used && forget(dsl, activity) > 0;
        });
  }

  private static int forget(DSLContext dsl, long activity) {
    forgetPlayed(dsl, activity, DSL.noCondition());
    dsl.deleteFrom(ACTIVITY_TAG).where(ACTIVITY_TAG.ACTIVITY_ID.eq(activity)).execute();
    dsl.deleteFrom(ACTIVITY_MEDIUM).where(ACTIVITY_MEDIUM.ACTIVITY_ID.eq(activity)).execute();
    dsl.deleteFrom(ACTIVITY_VERSION).where(ACTIVITY_VERSION.ACTIVITY_ID.eq(activity)).execute();
    return dsl.deleteFrom(ACTIVITY).where(ACTIVITY.ID.eq(activity)).execute();
  }

  /**
   * Forgets games of an activity, its links and who came by them. What was given stays with its
   * class, and the activity as long as a class has it.
   */
  private static int forgetPlayed(DSLContext dsl, long activity, Condition which) {
    Select<? extends Record1<Long>> versions =
        DSL.select(ACTIVITY_VERSION.ID)
            .from(ACTIVITY_VERSION)
            .where(ACTIVITY_VERSION.ACTIVITY_ID.eq(activity));
    Select<? extends Record1<Long>> links =
        DSL.select(PLAY_LINK.ID).from(PLAY_LINK).where(PLAY_LINK.ACTIVITY_ID.eq(activity));
    Erasing.sittings(dsl, SITTING.ACTIVITY_VERSION_ID.in(versions).and(which));
    dsl.deleteFrom(LEARNER).where(LEARNER.PLAY_LINK_ID.in(links)).execute();
    dsl.deleteFrom(TIMED_LINK).where(TIMED_LINK.PLAY_LINK_ID.in(links)).execute();
    return dsl.deleteFrom(PLAY_LINK).where(PLAY_LINK.ACTIVITY_ID.eq(activity)).execute();
  }
}
