package bravium.server.activities;

import static bravium.server.data.schema.Tables.ACTIVITY;
import static bravium.server.data.schema.Tables.ACTIVITY_VERSION;

import bravium.core.activity.Activity;
import bravium.core.activity.TitlePage;
import bravium.core.games.Game;
import bravium.core.games.UnknownGame;
import bravium.core.games.quizshow.QuizShow;
import bravium.core.json.Codec;
import bravium.core.readiness.Readiness;
import bravium.core.readiness.Weight;
import bravium.server.data.Writer;
import bravium.server.data.schema.tables.records.ActivityRecord;
import java.time.Clock;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The rows of the activities and of their versions. */
@Repository
class ActivityRepository {

  private final DSLContext database;
  private final Writer writer;
  private final Clock clock;

  ActivityRepository(DSLContext database, Writer writer, Clock clock) {
    this.database = database;
    this.writer = writer;
    this.clock = clock;
  }

  List<ActivityCard> cards(long teacher) {
    return database
        .selectFrom(ACTIVITY)
        .where(ACTIVITY.TEACHER_ID.eq(teacher))
        .orderBy(ACTIVITY.CHANGED_AT.desc(), ACTIVITY.ID.desc())
        .fetch(
            row ->
                new ActivityCard(
                    row.getPublicId(),
                    row.getTitle(),
                    row.getKind(),
                    row.getSubject(),
                    row.getYear() == null ? null : row.getYear().intValue(),
                    row.getQuestionCount().intValue(),
                    row.getFindingCount().intValue(),
                    row.getIsPlayable(),
                    row.getChangedAt()));
  }

  Optional<StoredActivity> find(long teacher, String id) {
    return newest(own(teacher, id));
  }

  /** The newest version of an activity, whoever asks. */
  Optional<ActivityVersion> newestVersion(long activity) {
    return database
        .select(ACTIVITY_VERSION.ID, ACTIVITY_VERSION.DOCUMENT)
        .from(ACTIVITY_VERSION)
        .where(ACTIVITY_VERSION.ACTIVITY_ID.eq(activity))
        .orderBy(ACTIVITY_VERSION.VERSION.desc())
        .limit(1)
        .fetchOptional(row -> new ActivityVersion(row.value1(), Codec.ACTIVITY.read(row.value2())));
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
    writer.write(
        dsl -> {
          ActivityRecord row = dsl.newRecord(ACTIVITY);
          row.setPublicId(id);
          row.setTeacherId(teacher);
          row.setCreatedAt(now);
          fill(row, 1, now, activity);
          row.insert();
          return addVersion(dsl, row.getId(), 1, now, activity);
        });
    return new StoredActivity(id, 1, now, activity);
  }

  /** Saves as the version after the expected one; empty if that isn't the newest any more. */
  Optional<Saved> save(long teacher, String id, int expected, Activity activity) {
    Instant now = clock.instant();
    return writer.write(
        dsl ->
            dsl.selectFrom(ACTIVITY)
                .where(own(teacher, id), ACTIVITY.VERSION.eq((long) expected))
                .fetchOptional()
                .map(
                    row -> {
                      fill(row, expected + 1, now, activity);
                      row.update();
                      addVersion(dsl, row.getId(), expected + 1, now, activity);
                      return new Saved(expected + 1, now);
                    }));
  }

  private Optional<StoredActivity> newest(Condition which) {
    return database
        .select(
            ACTIVITY.PUBLIC_ID, ACTIVITY.VERSION, ACTIVITY.CHANGED_AT, ACTIVITY_VERSION.DOCUMENT)
        .from(ACTIVITY)
        .join(ACTIVITY_VERSION)
        .on(
            ACTIVITY_VERSION.ACTIVITY_ID.eq(ACTIVITY.ID),
            ACTIVITY_VERSION.VERSION.eq(ACTIVITY.VERSION))
        .where(which)
        .fetchOptional(
            row ->
                new StoredActivity(
                    row.value1(),
                    row.value2().intValue(),
                    row.value3(),
                    Codec.ACTIVITY.read(row.value4())));
  }

  private static Condition own(long teacher, String id) {
    return ACTIVITY.TEACHER_ID.eq(teacher).and(ACTIVITY.PUBLIC_ID.eq(id));
  }

  private static int addVersion(
      DSLContext dsl, long activity, int version, Instant now, Activity document) {
    return dsl.insertInto(ACTIVITY_VERSION)
        .set(ACTIVITY_VERSION.ACTIVITY_ID, activity)
        .set(ACTIVITY_VERSION.VERSION, (long) version)
        .set(ACTIVITY_VERSION.DOCUMENT, Codec.ACTIVITY.write(document))
        .set(ACTIVITY_VERSION.SAVED_AT, now)
        .execute();
  }

  private static void fill(ActivityRecord row, int version, Instant now, Activity activity) {
    TitlePage page = activity.titlePage();
    Readiness readiness = Readiness.of(activity);
    row.setVersion((long) version);
    row.setChangedAt(now);
    row.setTitle(page.title());
    row.setKind(kind(activity.game()));
    row.setSubject(page.subject());
    row.setYear(page.year() == null ? null : page.year().longValue());
    row.setQuestionCount((long) readiness.askable());
    row.setFindingCount((long) readiness.findings().size());
    row.setIsPlayable(
        readiness.findings().stream().noneMatch(finding -> finding.weight() == Weight.STOP));
  }

  private static String kind(Game game) {
    return switch (game) {
      case QuizShow quizShow -> "quiz-show";
      case UnknownGame unknown -> unknown.content().text("kind");
    };
  }
}
