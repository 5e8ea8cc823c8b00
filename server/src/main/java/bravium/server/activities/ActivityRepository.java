package bravium.server.activities;

import static bravium.server.data.schema.Tables.ACTIVITY;
import static bravium.server.data.schema.Tables.ACTIVITY_MEDIUM;
import static bravium.server.data.schema.Tables.ACTIVITY_TAG;
import static bravium.server.data.schema.Tables.ACTIVITY_VERSION;

import bravium.core.activity.Activity;
import bravium.core.codec.Codec;
import bravium.server.data.Writer;
import bravium.server.data.schema.tables.records.ActivityRecord;
import bravium.server.limits.LongWork;
import bravium.server.limits.Pools;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.stereotype.Repository;

/** The rows of the activities, and the newest version of each. */
@Repository
class ActivityRepository {

  private static final int MOST_READ = 200;

  private final DSLContext database;
  private final Writer writer;
  private final LongWork texts;
  private final Clock clock;

  /** Versions never change: what a class plays is read once. */
  private final Cache<Long, ActivityVersion> read =
      Caffeine.newBuilder().maximumSize(MOST_READ).expireAfterAccess(Duration.ofHours(1)).build();

  ActivityRepository(
      DSLContext database, Writer writer, @Qualifier(Pools.TEXTS) LongWork texts, Clock clock) {
    this.database = database;
    this.writer = writer;
    this.texts = texts;
    this.clock = clock;
  }

  Optional<StoredActivity> find(long teacher, String id) {
    return database
        .select(
            ACTIVITY.PUBLIC_ID, ACTIVITY.VERSION, ACTIVITY.CHANGED_AT, ACTIVITY_VERSION.DOCUMENT)
        .from(ACTIVITY)
        .join(ACTIVITY_VERSION)
        .on(
            ACTIVITY_VERSION.ACTIVITY_ID.eq(ACTIVITY.ID),
            ACTIVITY_VERSION.VERSION.eq(ACTIVITY.VERSION))
        .where(own(teacher, id))
        .fetchOptional(
            row ->
                new StoredActivity(
                    row.value1(),
                    row.value2().intValue(),
                    row.value3(),
                    Codec.ACTIVITY.read(row.value4())));
  }

  /** The newest version of an activity, whoever asks. */
  Optional<ActivityVersion> newestVersion(long activity) {
    return database
        .select(ACTIVITY_VERSION.ID)
        .from(ACTIVITY_VERSION)
        .where(ACTIVITY_VERSION.ACTIVITY_ID.eq(activity))
        .orderBy(ACTIVITY_VERSION.VERSION.desc())
        .limit(1)
        .fetchOptional(ACTIVITY_VERSION.ID)
        .flatMap(this::version);
  }

  Optional<ActivityVersion> version(long row) {
    return Optional.ofNullable(
        read.get(
            row,
            key ->
                database
                    .select(ACTIVITY_VERSION.DOCUMENT)
                    .from(ACTIVITY_VERSION)
                    .where(ACTIVITY_VERSION.ID.eq(key))
                    .fetchOptional(ACTIVITY_VERSION.DOCUMENT)
                    .map(document -> new ActivityVersion(key, Codec.ACTIVITY.read(document)))
                    .orElse(null)));
  }

  Optional<Long> row(long teacher, String id) {
    return database
        .select(ACTIVITY.ID)
        .from(ACTIVITY)
        .where(own(teacher, id))
        .fetchOptional(ACTIVITY.ID);
  }

  StoredActivity add(long teacher, String id, Activity activity) {
    Instant now = clock.instant();
    Row content = texts.run(() -> Row.of(activity));
    writer.write(
        dsl -> {
          ActivityRecord row = dsl.newRecord(ACTIVITY);
          row.setPublicId(id);
          row.setTeacherId(teacher);
          row.setCreatedAt(now);
          row.setVersion(1L);
          row.setChangedAt(now);
          content.fill(row);
          row.insert();
          return addVersion(dsl, row.getId(), 1, now, content);
        });
    return new StoredActivity(id, 1, now, activity);
  }

  /** Saves as the version after the expected one; empty if that isn't the newest any more. */
  Optional<Saved> save(long teacher, String id, int expected, Activity activity) {
    Instant now = clock.instant();
    Row content = texts.run(() -> Row.of(activity));
    return writer.write(
        dsl ->
            dsl.selectFrom(ACTIVITY)
                .where(own(teacher, id), ACTIVITY.VERSION.eq((long) expected))
                .fetchOptional()
                .map(
                    row -> {
                      row.setVersion(expected + 1L);
                      row.setChangedAt(now);
                      content.fill(row);
                      row.update();
                      addVersion(dsl, row.getId(), expected + 1, now, content);
                      return new Saved(expected + 1, now);
                    }));
  }

  /**
   * Removes an activity so that it can be brought back, or brings it back; whether it was there.
   */
  boolean setRemoved(long teacher, String id, @Nullable Instant at) {
    return writer.write(
            dsl ->
                dsl.update(ACTIVITY)
                    .set(ACTIVITY.REMOVED_AT, at)
                    .where(
                        ACTIVITY.TEACHER_ID.eq(teacher),
                        ACTIVITY.PUBLIC_ID.eq(id),
                        at == null ? ACTIVITY.REMOVED_AT.isNotNull() : ACTIVITY.REMOVED_AT.isNull())
                    .execute())
        > 0;
  }

  static Condition own(long teacher, String id) {
    return ACTIVITY
        .TEACHER_ID
        .eq(teacher)
        .and(ACTIVITY.PUBLIC_ID.eq(id))
        .and(ACTIVITY.REMOVED_AT.isNull());
  }

  private static int addVersion(
      DSLContext dsl, long activity, int version, Instant now, Row content) {
    dsl.deleteFrom(ACTIVITY_TAG).where(ACTIVITY_TAG.ACTIVITY_ID.eq(activity)).execute();
    for (String tag : content.tags()) {
      dsl.insertInto(ACTIVITY_TAG)
          .set(ACTIVITY_TAG.ACTIVITY_ID, activity)
          .set(ACTIVITY_TAG.TAG, tag)
          .execute();
    }
    dsl.deleteFrom(ACTIVITY_MEDIUM).where(ACTIVITY_MEDIUM.ACTIVITY_ID.eq(activity)).execute();
    for (String medium : content.media()) {
      dsl.insertInto(ACTIVITY_MEDIUM)
          .set(ACTIVITY_MEDIUM.ACTIVITY_ID, activity)
          .set(ACTIVITY_MEDIUM.MEDIUM, medium)
          .execute();
    }
    return dsl.insertInto(ACTIVITY_VERSION)
        .set(ACTIVITY_VERSION.ACTIVITY_ID, activity)
        .set(ACTIVITY_VERSION.VERSION, (long) version)
        .set(ACTIVITY_VERSION.DOCUMENT, content.document())
        .set(ACTIVITY_VERSION.SAVED_AT, now)
        .execute();
  }
}
