package bravium.server.media;

import static bravium.server.data.schema.Tables.ACTIVITY;
import static bravium.server.data.schema.Tables.ACTIVITY_MEDIUM;
import static bravium.server.data.schema.Tables.ASSIGNMENT_MEDIUM;
import static bravium.server.data.schema.Tables.MEDIUM;
import static org.jooq.impl.DSL.sum;

import bravium.server.data.Writer;
import bravium.server.data.schema.tables.records.MediumRecord;
import java.math.BigDecimal;
import java.time.Instant;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** The rows of media. */
@Repository
class MediaRepository {

  private static final int PAGE = 60;

  private final DSLContext database;
  private final Writer writer;

  MediaRepository(DSLContext database, Writer writer) {
    this.database = database;
    this.writer = writer;
  }

  /** A page of a teacher's media, from 0, the newest first. */
  List<MediumRecord> list(
      long teacher, @Nullable MediaKind kind, String search, boolean removed, int page) {
    return database
        .selectFrom(MEDIUM)
        .where(fits(teacher, kind, search, removed))
        .orderBy(MEDIUM.ADDED_AT.desc(), MEDIUM.ID.desc())
        .limit(PAGE)
        .offset((long) page * PAGE)
        .fetch();
  }

  int count(long teacher, @Nullable MediaKind kind, String search, boolean removed) {
    return database.fetchCount(MEDIUM, fits(teacher, kind, search, removed));
  }

  private static Condition fits(
      long teacher, @Nullable MediaKind kind, String search, boolean removed) {
    Condition there = removed ? MEDIUM.REMOVED_AT.isNotNull() : MEDIUM.REMOVED_AT.isNull();
    Condition fits = MEDIUM.TEACHER_ID.eq(teacher).and(there);
    if (kind != null) {
      fits = fits.and(MEDIUM.KIND.eq(kind.name()));
    }
    String text = search.strip();
    return text.isEmpty()
        ? fits
        : fits.and(MEDIUM.TITLE.containsIgnoreCase(text).or(MEDIUM.WORDS.containsIgnoreCase(text)));
  }

  Map<String, List<MediumCard.Use>> uses(long teacher, List<String> names) {
    return database
        .select(ACTIVITY_MEDIUM.MEDIUM, ACTIVITY.PUBLIC_ID, ACTIVITY.TITLE)
        .from(ACTIVITY_MEDIUM)
        .join(ACTIVITY)
        .on(ACTIVITY.ID.eq(ACTIVITY_MEDIUM.ACTIVITY_ID))
        .where(
            ACTIVITY_MEDIUM.MEDIUM.in(names),
            ACTIVITY.TEACHER_ID.eq(teacher),
            ACTIVITY.REMOVED_AT.isNull())
        .orderBy(ACTIVITY.TITLE)
        .fetchGroups(ACTIVITY_MEDIUM.MEDIUM, row -> new MediumCard.Use(row.value2(), row.value3()));
  }

  /** How many bytes a teacher's videos, or her other media, take, removed ones included. */
  long used(long teacher, boolean videos) {
    Condition isVideo = MEDIUM.KIND.eq(MediaKind.VIDEO.name());
    BigDecimal bytes =
        database
            .select(sum(MEDIUM.BYTES))
            .from(MEDIUM)
            .where(MEDIUM.TEACHER_ID.eq(teacher), videos ? isVideo : isVideo.not())
            .fetchOne(0, BigDecimal.class);
    return bytes == null ? 0 : bytes.longValue();
  }

  Optional<MediumRecord> find(long teacher, String name) {
    return database
        .selectFrom(MEDIUM)
        .where(own(teacher, name), MEDIUM.REMOVED_AT.isNull())
        .fetchOptional();
  }

  Optional<MediumRecord> findRemoved(long teacher, String name) {
    return database
        .selectFrom(MEDIUM)
        .where(own(teacher, name), MEDIUM.REMOVED_AT.isNotNull())
        .fetchOptional();
  }

  /** The same of whoever made an activity. */
  Optional<MediumRecord> findOfActivity(long activity, String name) {
    return database
        .select(MEDIUM.fields())
        .from(MEDIUM)
        .join(ACTIVITY)
        .on(ACTIVITY.TEACHER_ID.eq(MEDIUM.TEACHER_ID))
        .where(ACTIVITY.ID.eq(activity), MEDIUM.NAME.eq(name), MEDIUM.REMOVED_AT.isNull().or(GIVEN))
        .fetchOptionalInto(MEDIUM);
  }

  /** Adds a medium, or brings back the same one; what it was called then stays. */
  void add(MediumRecord fresh) {
    writer.write(
        dsl -> {
          MediumRecord there =
              dsl.selectFrom(MEDIUM).where(own(fresh.getTeacherId(), fresh.getName())).fetchOne();
          if (there == null) {
            fresh.attach(dsl.configuration());
            return fresh.insert();
          }
          there.setRemovedAt(null);
          there.setAddedAt(fresh.getAddedAt());
          return there.update();
        });
  }

  boolean describe(long teacher, String name, MediumWords words) {
    return writer.write(
            dsl ->
                dsl.update(MEDIUM)
                    .set(MEDIUM.TITLE, words.title())
                    .set(MEDIUM.WORDS, words.words())
                    .where(own(teacher, name), MEDIUM.REMOVED_AT.isNull())
                    .execute())
        > 0;
  }

  /** Removes a medium so that it can be brought back, or brings it back; whether it was there. */
  boolean setRemoved(long teacher, String name, @Nullable Instant at) {
    return writer.write(
            dsl ->
                dsl.update(MEDIUM)
                    .set(MEDIUM.REMOVED_AT, at)
                    .where(
                        own(teacher, name),
                        at == null ? MEDIUM.REMOVED_AT.isNotNull() : MEDIUM.REMOVED_AT.isNull())
                    .execute())
        > 0;
  }

  /** Forgets what was removed before that time, and returns the names that nobody has any more. */
  List<String> forget(Instant before) {
    return writer.write(
        dsl -> {
          Condition forgotten = MEDIUM.REMOVED_AT.lt(before).andNot(GIVEN);
          List<String> names =
              dsl.select(MEDIUM.NAME).from(MEDIUM).where(forgotten).fetch(MEDIUM.NAME);
          dsl.deleteFrom(MEDIUM).where(forgotten).execute();
          return names.stream()
              .distinct()
              .filter(name -> !dsl.fetchExists(MEDIUM, MEDIUM.NAME.eq(name)))
              .toList();
        });
  }

  /** Whether it is in something that was given to a class, where it stays. */
  private static final Condition GIVEN =
      DSL.exists(
          DSL.selectOne().from(ASSIGNMENT_MEDIUM).where(ASSIGNMENT_MEDIUM.MEDIUM.eq(MEDIUM.NAME)));

  private static Condition own(long teacher, String name) {
    return DSL.and(MEDIUM.TEACHER_ID.eq(teacher), MEDIUM.NAME.eq(name));
  }
}
