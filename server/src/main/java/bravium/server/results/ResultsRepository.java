package bravium.server.results;

import static bravium.server.data.schema.Tables.ACTIVITY;
import static bravium.server.data.schema.Tables.ACTIVITY_VERSION;
import static bravium.server.data.schema.Tables.ASSIGNMENT;
import static bravium.server.data.schema.Tables.CLASS_LEARNER;
import static bravium.server.data.schema.Tables.LEARNER;
import static bravium.server.data.schema.Tables.MOVE;
import static bravium.server.data.schema.Tables.OWN_WORDS;
import static bravium.server.data.schema.Tables.SCHOOL_CLASS;
import static bravium.server.data.schema.Tables.SITTING;

import bravium.server.data.Erasing;
import bravium.server.data.Nightly;
import bravium.server.data.Writer;
import bravium.server.data.schema.tables.Learner;
import bravium.server.data.schema.tables.Sitting;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Record1;
import org.jooq.Select;
import org.jooq.SelectOnConditionStep;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** The rows of games that were begun: of sittings with a move. */
@Repository
class ResultsRepository implements Nightly {

  /**
   * A game that was begun.
   *
   * @param learner the learner's number; 0 at the front of the class
   * @param name of a learner of a class; null where nobody has one
   * @param inClass what the class is called that it was played in; null for none
   */
  record Begun(long row, String id, int learner, @Nullable String name, @Nullable String inClass) {}

  static final int PAGE = 40;
  private static final int MOST_PAGES = 1_000_000;
  private static final int MOST_WAITING = 200;

  /** More than a class with several goes each; of games by a link the newest. */
  private static final int MOST_BESIDES = 300;

  private static final Condition BEGUN =
      DSL.exists(DSL.selectOne().from(MOVE).where(MOVE.SITTING_ID.eq(SITTING.ID)));

  /** What was taken out is in no list and no sum. */
  private static final Condition LISTED = BEGUN.and(SITTING.REMOVED_AT.isNull());

  private static final Field<Integer> WAITING =
      DSL.field(
          DSL.selectCount()
              .from(OWN_WORDS)
              .where(OWN_WORDS.SITTING_ID.eq(SITTING.ID), OWN_WORDS.IS_WAITING.isTrue()));

  private final DSLContext database;
  private final Writer writer;

  ResultsRepository(DSLContext database, Writer writer) {
    this.database = database;
    this.writer = writer;
  }

  /** The activities that were played: those with something to mark first, then the newest. */
  List<PlayedActivity> played(long teacher) {
    Field<Integer> games = DSL.count();
    Field<Integer> ended = DSL.count(SITTING.ENDED_AT);
    Field<Integer> waiting = DSL.sum(WAITING).cast(Integer.class);
    Field<Integer> inClasses = DSL.count(SITTING.ASSIGNMENT_ID);
    var last = DSL.max(SITTING.OPENED_AT);
    return database
        .select(ACTIVITY.PUBLIC_ID, ACTIVITY.TITLE, games, ended, waiting, last, inClasses)
        .from(SITTING)
        .join(ACTIVITY_VERSION)
        .on(ACTIVITY_VERSION.ID.eq(SITTING.ACTIVITY_VERSION_ID))
        .join(ACTIVITY)
        .on(ACTIVITY.ID.eq(ACTIVITY_VERSION.ACTIVITY_ID))
        .where(ACTIVITY.TEACHER_ID.eq(teacher), ACTIVITY.REMOVED_AT.isNull(), mine(teacher), LISTED)
        .groupBy(ACTIVITY.ID)
        .orderBy(waiting.gt(0).desc(), last.desc())
        .fetch(
            row ->
                new PlayedActivity(
                    row.value1(),
                    row.value2(),
                    row.value3(),
                    row.value4(),
                    row.value7(),
                    row.value5(),
                    row.value6()));
  }

  String title(long activity) {
    return database
        .select(ACTIVITY.TITLE)
        .from(ACTIVITY)
        .where(ACTIVITY.ID.eq(activity))
        .fetchSingle(ACTIVITY.TITLE);
  }

  /**
   * Which games of an activity are looked at.
   *
   * @param from a class's id, {@value #LINK}, {@value #FRONT}; null for all
   * @param name a part of a learner's name; blank for all
   */
  record Which(@Nullable String from, String name) {

    static final String LINK = "link";
    static final String FRONT = "front";
    static final Which ALL = new Which(null, "");

    private Condition condition() {
      Condition source =
          from == null
              ? DSL.noCondition()
              : switch (from) {
                case LINK -> SITTING.ASSIGNMENT_ID.isNull().and(SITTING.LEARNER_ID.isNotNull());
                case FRONT -> SITTING.LEARNER_ID.isNull();
                default -> SCHOOL_CLASS.PUBLIC_ID.eq(from);
              };
      return name.isBlank() ? source : source.and(CLASS_LEARNER.NAME.containsIgnoreCase(name));
    }
  }

  int total(long teacher, long activity, Which which) {
    return database.fetchCount(
        begun()
            .where(
                ACTIVITY_VERSION.ACTIVITY_ID.eq(activity),
                mine(teacher),
                LISTED,
                which.condition()));
  }

  /** Where the games of an activity were played, with how many: classes first, by their names. */
  List<GameSource> sources(long teacher, long activity) {
    Field<Boolean> byLearner = DSL.field(SITTING.LEARNER_ID.isNotNull());
    Field<Integer> games = DSL.count();
    return database
        .select(SCHOOL_CLASS.PUBLIC_ID, SCHOOL_CLASS.NAME, byLearner, games)
        .from(SITTING)
        .join(ACTIVITY_VERSION)
        .on(ACTIVITY_VERSION.ID.eq(SITTING.ACTIVITY_VERSION_ID))
        .leftJoin(ASSIGNMENT)
        .on(ASSIGNMENT.ID.eq(SITTING.ASSIGNMENT_ID))
        .leftJoin(SCHOOL_CLASS)
        .on(SCHOOL_CLASS.ID.eq(ASSIGNMENT.CLASS_ID))
        .where(ACTIVITY_VERSION.ACTIVITY_ID.eq(activity), mine(teacher), LISTED)
        .groupBy(SCHOOL_CLASS.ID, byLearner)
        .orderBy(SCHOOL_CLASS.NAME.isNull(), SCHOOL_CLASS.NAME, byLearner.desc())
        .fetch(
            row ->
                new GameSource(
                    row.value1() != null ? row.value1() : row.value3() ? Which.LINK : Which.FRONT,
                    row.value2(),
                    row.value4()));
  }

  /** Takes a game that is no class's out of the results, or puts it back; whether there is one. */
  boolean remove(long sitting, @Nullable Instant at) {
    return writer.write(
            dsl ->
                dsl.update(SITTING)
                    .set(SITTING.REMOVED_AT, at)
                    .where(SITTING.ID.eq(sitting), SITTING.ASSIGNMENT_ID.isNull())
                    .execute())
        > 0;
  }

  /** Takes all games of an activity that are no class's out, and says how many they were. */
  int removeAll(long activity, boolean atTheFront, Instant at) {
    return writer.write(
        dsl ->
            dsl.update(SITTING)
                .set(SITTING.REMOVED_AT, at)
                .where(
                    SITTING.ACTIVITY_VERSION_ID.in(versions(activity)),
                    SITTING.ASSIGNMENT_ID.isNull(),
                    atTheFront ? SITTING.LEARNER_ID.isNull() : SITTING.LEARNER_ID.isNotNull(),
                    SITTING.REMOVED_AT.isNull(),
                    BEGUN)
                .execute());
  }

  /** Puts those back that were taken out at once. */
  void bringBack(long activity, Instant at) {
    writer.write(
        dsl ->
            dsl.update(SITTING)
                .setNull(SITTING.REMOVED_AT)
                .where(
                    SITTING.ACTIVITY_VERSION_ID.in(versions(activity)), SITTING.REMOVED_AT.eq(at))
                .execute());
  }

  private static Select<? extends Record1<Long>> versions(long activity) {
    return DSL.select(ACTIVITY_VERSION.ID)
        .from(ACTIVITY_VERSION)
        .where(ACTIVITY_VERSION.ACTIVITY_ID.eq(activity));
  }

  /** What was taken out long ago is forgotten. */
  @Override
  public void atNight(Instant now) {
    writer.write(dsl -> Erasing.sittings(dsl, SITTING.REMOVED_AT.lt(now.minus(Erasing.KEPT))));
  }

  /** How many answers of an activity wait for a mark. */
  int waiting(long teacher, long activity) {
    return database
        .select(DSL.coalesce(DSL.sum(WAITING), 0).cast(Integer.class))
        .from(SITTING)
        .join(ACTIVITY_VERSION)
        .on(ACTIVITY_VERSION.ID.eq(SITTING.ACTIVITY_VERSION_ID))
        .where(
            ACTIVITY_VERSION.ACTIVITY_ID.eq(activity), mine(teacher), SITTING.REMOVED_AT.isNull())
        .fetchSingle(0, Integer.class);
  }

  List<Begun> page(long teacher, long activity, Which which, int page) {
    return begun()
        .where(ACTIVITY_VERSION.ACTIVITY_ID.eq(activity), mine(teacher), LISTED, which.condition())
        .orderBy(SITTING.OPENED_AT.desc(), SITTING.ID.desc())
        .limit(PAGE)
        .offset(Math.clamp(page, 0, MOST_PAGES) * PAGE)
        .fetch(ResultsRepository::begun);
  }

  /** The games in which an answer waits for a mark, the oldest first. */
  List<Begun> waitingIn(long teacher, long activity) {
    return begun()
        .where(
            ACTIVITY_VERSION.ACTIVITY_ID.eq(activity),
            mine(teacher),
            SITTING.REMOVED_AT.isNull(),
            WAITING.gt(0))
        .orderBy(SITTING.OPENED_AT, SITTING.ID)
        .limit(MOST_WAITING)
        .fetch(ResultsRepository::begun);
  }

  /**
   * The other games that were given with this one: those of its assignment, or by its link. None
   * beside a game at the front.
   */
  List<Begun> besides(long teacher, long sitting) {
    Sitting here = SITTING.as("here");
    Learner own = LEARNER.as("own");
    return begun()
        .join(here)
        .on(here.ID.eq(sitting))
        .leftJoin(own)
        .on(own.ID.eq(here.LEARNER_ID))
        .where(
            SITTING.ID.ne(sitting),
            SITTING
                .ASSIGNMENT_ID
                .eq(here.ASSIGNMENT_ID)
                .or(
                    here.ASSIGNMENT_ID
                        .isNull()
                        .and(SITTING.ASSIGNMENT_ID.isNull())
                        .and(LEARNER.PLAY_LINK_ID.eq(own.PLAY_LINK_ID))),
            mine(teacher),
            LISTED)
        .orderBy(SITTING.OPENED_AT.desc(), SITTING.ID.desc())
        .limit(MOST_BESIDES)
        .fetch(ResultsRepository::begun);
  }

  Optional<Begun> find(long teacher, String sitting) {
    return begun()
        .join(ACTIVITY)
        .on(ACTIVITY.ID.eq(ACTIVITY_VERSION.ACTIVITY_ID))
        .where(
            SITTING.PUBLIC_ID.eq(sitting),
            SITTING.ASSIGNMENT_ID.isNotNull().or(ACTIVITY.REMOVED_AT.isNull()),
            SITTING.ASSIGNMENT_ID.isNotNull().or(ACTIVITY.TEACHER_ID.eq(teacher)),
            mine(teacher),
            BEGUN)
        .fetchOptional(ResultsRepository::begun);
  }

  List<String> hidden(long sitting) {
    return database
        .select(OWN_WORDS.QUESTION)
        .from(OWN_WORDS)
        .where(OWN_WORDS.SITTING_ID.eq(sitting), OWN_WORDS.IS_HIDDEN.isTrue())
        .fetch(OWN_WORDS.QUESTION);
  }

  /** Hides a contribution to a discussion or shows it again; whether there is one. */
  boolean hide(long sitting, String question, boolean hidden) {
    return writer.write(
            dsl ->
                dsl.update(OWN_WORDS)
                    .set(OWN_WORDS.IS_HIDDEN, hidden)
                    .where(
                        OWN_WORDS.SITTING_ID.eq(sitting),
                        OWN_WORDS.QUESTION.eq(question),
                        OWN_WORDS.IS_DISCUSSION.isTrue())
                    .execute())
        > 0;
  }

  private SelectOnConditionStep<? extends Record> begun() {
    return database
        .select(
            SITTING.ID, SITTING.PUBLIC_ID, LEARNER.NUMBER, CLASS_LEARNER.NAME, SCHOOL_CLASS.NAME)
        .from(SITTING)
        .join(ACTIVITY_VERSION)
        .on(ACTIVITY_VERSION.ID.eq(SITTING.ACTIVITY_VERSION_ID))
        .leftJoin(LEARNER)
        .on(LEARNER.ID.eq(SITTING.LEARNER_ID))
        .leftJoin(CLASS_LEARNER)
        .on(CLASS_LEARNER.LEARNER_ID.eq(SITTING.LEARNER_ID))
        .leftJoin(ASSIGNMENT)
        .on(ASSIGNMENT.ID.eq(SITTING.ASSIGNMENT_ID))
        .leftJoin(SCHOOL_CLASS)
        .on(SCHOOL_CLASS.ID.eq(ASSIGNMENT.CLASS_ID));
  }

  /** What a class did is its teacher's alone, also where the activity is a colleague's. */
  private static Condition mine(long teacher) {
    return SITTING
        .ASSIGNMENT_ID
        .isNull()
        .or(
            DSL.exists(
                DSL.selectOne()
                    .from(ASSIGNMENT)
                    .join(SCHOOL_CLASS)
                    .on(SCHOOL_CLASS.ID.eq(ASSIGNMENT.CLASS_ID))
                    .where(
                        ASSIGNMENT.ID.eq(SITTING.ASSIGNMENT_ID),
                        ASSIGNMENT.REMOVED_AT.isNull(),
                        SCHOOL_CLASS.REMOVED_AT.isNull(),
                        SCHOOL_CLASS.TEACHER_ID.eq(teacher))));
  }

  private static Begun begun(Record row) {
    Long number = row.get(LEARNER.NUMBER);
    return new Begun(
        row.get(SITTING.ID),
        row.get(SITTING.PUBLIC_ID),
        number == null ? 0 : number.intValue(),
        row.get(CLASS_LEARNER.NAME),
        row.get(SCHOOL_CLASS.NAME));
  }
}
