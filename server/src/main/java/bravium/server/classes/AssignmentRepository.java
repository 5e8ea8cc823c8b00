package bravium.server.classes;

import static bravium.server.data.schema.Tables.ACTIVITY;
import static bravium.server.data.schema.Tables.ACTIVITY_VERSION;
import static bravium.server.data.schema.Tables.ASSIGNMENT;
import static bravium.server.data.schema.Tables.ASSIGNMENT_LEARNER;
import static bravium.server.data.schema.Tables.ASSIGNMENT_MEDIUM;
import static bravium.server.data.schema.Tables.MOVE;
import static bravium.server.data.schema.Tables.OWN_WORDS;
import static bravium.server.data.schema.Tables.SCHOOL_CLASS;
import static bravium.server.data.schema.Tables.SITTING;

import bravium.core.assignment.Allowance;
import bravium.core.assignment.Go;
import bravium.core.assignment.Standing;
import bravium.core.assignment.Terms;
import bravium.core.codec.Codec;
import bravium.core.play.Outcome;
import bravium.server.activities.ActivityVersion;
import bravium.server.data.Codes;
import bravium.server.data.Erasing;
import bravium.server.data.Nightly;
import bravium.server.data.Writer;
import bravium.server.data.schema.tables.records.AssignmentLearnerRecord;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.Record;
import org.jooq.Record1;
import org.jooq.Select;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** The rows of what was given to classes. */
@Repository
class AssignmentRepository implements Nightly {

  /**
   * Something that was given.
   *
   * @param version the row of the version that whoever begins now plays
   * @param newer whether the activity was changed since
   * @param gone whether the activity was removed
   */
  record Row(
      long row,
      String id,
      long inClass,
      long activityRow,
      String activity,
      long version,
      String title,
      Terms terms,
      boolean forAll,
      Instant givenAt,
      @Nullable Instant toldAt,
      boolean takenBack,
      boolean newer,
      boolean gone) {

    /** Whether it is for a learner, by what is settled for her; null where nothing is. */
    boolean isFor(@Nullable Own own) {
      return forAll || own != null && own.chosen();
    }

    Standing standing(Allowance own, List<Game> begun, long at) {
      return Standing.of(terms, own, goes(begun), at);
    }

    /** Whether a game that a learner has begun had to end by then. */
    boolean ended(@Nullable Own own, long at) {
      return Standing.ended(terms, own == null ? Allowance.NONE : own.allowance(), at) != null;
    }

    /** Until when marks are shown to learners, in milliseconds since 1970; null where all are. */
    @Nullable Long marksUntil() {
      return terms.marks() == Terms.WhenMarked.AT_ONCE
          ? null
          : Long.valueOf(toldAt == null ? 0 : toldAt.toEpochMilli());
    }

    /** The game that counts, or where none has come to its end the one that was begun last. */
    Game counting(List<Game> begun) {
      return Standing.counting(terms.counts(), goes(begun))
          .map(begun::get)
          .orElseGet(begun::getLast);
    }

    private static List<Go> goes(List<Game> games) {
      return games.stream().map(Game::go).toList();
    }
  }

  /** What is settled for one learner. */
  record Own(boolean chosen, Allowance allowance) {

    static final Own NOTHING = new Own(false, Allowance.NONE);
  }

  /**
   * A game of a learner's on an assignment.
   *
   * @param begun whether she has done anything in it
   * @param waiting how many answers wait for a mark
   * @param marked whether any has one
   */
  record Game(
      String sitting,
      long assignment,
      long learner,
      long version,
      boolean begun,
      @Nullable Outcome outcome,
      int waiting,
      boolean marked,
      Instant openedAt,
      @Nullable Instant endedAt) {

    /** Whether it ended because the time for it was over. */
    boolean isCutOff() {
      return outcome != null && outcome.ended() == Outcome.Ended.AT_CLOSING;
    }

    Go go() {
      return outcome == null
          ? new Go(false, 0, 0)
          : new Go(true, outcome.points(), outcome.possible());
    }
  }

  /** What was removed, with its class or alone, is on no page. */
  private static final Condition THERE =
      ASSIGNMENT.REMOVED_AT.isNull().and(SCHOOL_CLASS.REMOVED_AT.isNull());

  private static final Condition TO_MARK =
      OWN_WORDS.SITTING_ID.eq(SITTING.ID).and(OWN_WORDS.IS_WAITING.isTrue());
  private static final Field<Integer> WAITING =
      DSL.field(DSL.selectCount().from(OWN_WORDS).where(TO_MARK));
  private static final Field<Boolean> MARKED =
      DSL.field(
          DSL.exists(
              DSL.selectOne()
                  .from(OWN_WORDS)
                  .where(
                      OWN_WORDS.SITTING_ID.eq(SITTING.ID),
                      OWN_WORDS.IS_DISCUSSION.isFalse(),
                      OWN_WORDS.IS_WAITING.isFalse())));
  private static final Field<Boolean> BEGUN =
      DSL.field(DSL.exists(DSL.selectOne().from(MOVE).where(MOVE.SITTING_ID.eq(SITTING.ID))));

  private final DSLContext database;
  private final Writer writer;

  AssignmentRepository(DSLContext database, Writer writer) {
    this.database = database;
    this.writer = writer;
  }

  List<Row> ofClass(long inClass) {
    return rows(ASSIGNMENT.CLASS_ID.eq(inClass).and(THERE));
  }

  /** What was given to a class, and what a learner of it played in another before she moved. */
  List<Row> ofLearner(long learner, long inClass) {
    return rows(
        THERE.and(
            ASSIGNMENT
                .CLASS_ID
                .eq(inClass)
                .or(
                    DSL.exists(
                        DSL.selectOne()
                            .from(SITTING)
                            .where(
                                SITTING.ASSIGNMENT_ID.eq(ASSIGNMENT.ID),
                                SITTING.LEARNER_ID.eq(learner))))));
  }

  Optional<Row> find(long teacher, String id) {
    return rows(ASSIGNMENT.PUBLIC_ID.eq(id).and(SCHOOL_CLASS.TEACHER_ID.eq(teacher)).and(THERE))
        .stream()
        .findFirst();
  }

  Optional<Row> inClass(long inClass, String id) {
    return rows(ASSIGNMENT.PUBLIC_ID.eq(id).and(ASSIGNMENT.CLASS_ID.eq(inClass)).and(THERE))
        .stream()
        .findFirst();
  }

  /** Also what was removed: games on it know what they were given on. */
  Optional<Row> byRow(long assignment) {
    return rows(ASSIGNMENT.ID.eq(assignment)).stream().findFirst();
  }

  private List<Row> rows(Condition which) {
    return database
        .select(
            ASSIGNMENT,
            ACTIVITY.PUBLIC_ID,
            ACTIVITY.VERSION,
            ACTIVITY.REMOVED_AT,
            ACTIVITY_VERSION.VERSION)
        .from(ASSIGNMENT)
        .join(SCHOOL_CLASS)
        .on(SCHOOL_CLASS.ID.eq(ASSIGNMENT.CLASS_ID))
        .join(ACTIVITY)
        .on(ACTIVITY.ID.eq(ASSIGNMENT.ACTIVITY_ID))
        .join(ACTIVITY_VERSION)
        .on(ACTIVITY_VERSION.ID.eq(ASSIGNMENT.ACTIVITY_VERSION_ID))
        .where(which)
        .orderBy(ASSIGNMENT.GIVEN_AT.desc(), ASSIGNMENT.ID.desc())
        .fetch(
            row -> {
              var given = row.value1();
              return new Row(
                  given.getId(),
                  given.getPublicId(),
                  given.getClassId(),
                  given.getActivityId(),
                  row.value2(),
                  given.getActivityVersionId(),
                  given.getTitle(),
                  Codec.TERMS.read(given.getTerms()),
                  given.getIsForAll(),
                  given.getGivenAt(),
                  given.getToldAt(),
                  given.getTakenBackAt() != null || given.getRemovedAt() != null,
                  row.value3() > row.value5(),
                  row.value4() != null);
            });
  }

  /** What was removed from a class, the last first. */
  List<RemovedAssignment> removed(long inClass) {
    return database
        .select(ASSIGNMENT.PUBLIC_ID, ASSIGNMENT.TITLE, ASSIGNMENT.REMOVED_AT)
        .from(ASSIGNMENT)
        .where(ASSIGNMENT.CLASS_ID.eq(inClass), ASSIGNMENT.REMOVED_AT.isNotNull())
        .orderBy(ASSIGNMENT.REMOVED_AT.desc())
        .fetch(row -> new RemovedAssignment(row.value1(), row.value2(), row.value3()));
  }

  /** Removes what was given, which nobody can play from then on. */
  void remove(long row, Instant at) {
    writer.write(
        dsl ->
            dsl.update(ASSIGNMENT)
                .set(ASSIGNMENT.REMOVED_AT, at)
                .where(ASSIGNMENT.ID.eq(row))
                .execute());
  }

  /** Brings it back as it was; whether it was there. */
  boolean bringBack(long teacher, String id) {
    return writer.write(
            dsl ->
                dsl.update(ASSIGNMENT)
                    .setNull(ASSIGNMENT.REMOVED_AT)
                    .where(
                        ASSIGNMENT.PUBLIC_ID.eq(id),
                        ASSIGNMENT.REMOVED_AT.isNotNull(),
                        ASSIGNMENT.CLASS_ID.in(
                            DSL.select(SCHOOL_CLASS.ID)
                                .from(SCHOOL_CLASS)
                                .where(
                                    SCHOOL_CLASS.TEACHER_ID.eq(teacher),
                                    SCHOOL_CLASS.REMOVED_AT.isNull())))
                    .execute())
        > 0;
  }

  @Override
  public void atNight(Instant now) {
    writer.write(dsl -> erase(dsl, ASSIGNMENT.REMOVED_AT.lt(now.minus(Erasing.KEPT))));
  }

  /** Erases what was given, with all that was played on it. */
  static int erase(DSLContext dsl, Condition which) {
    Select<? extends Record1<Long>> due = DSL.select(ASSIGNMENT.ID).from(ASSIGNMENT).where(which);
    Erasing.sittings(dsl, SITTING.ASSIGNMENT_ID.in(due));
    dsl.deleteFrom(ASSIGNMENT_LEARNER).where(ASSIGNMENT_LEARNER.ASSIGNMENT_ID.in(due)).execute();
    dsl.deleteFrom(ASSIGNMENT_MEDIUM).where(ASSIGNMENT_MEDIUM.ASSIGNMENT_ID.in(due)).execute();
    return dsl.deleteFrom(ASSIGNMENT).where(which).execute();
  }

  /** What is settled for single learners, by the number of their row. */
  Map<Long, Own> own(long assignment) {
    return ownBy(
        AssignmentLearnerRecord::getLearnerId, ASSIGNMENT_LEARNER.ASSIGNMENT_ID.eq(assignment));
  }

  /** The same of all that was given to a class, by the number of the assignment's row. */
  Map<Long, Map<Long, Own>> ownInClass(long inClass) {
    return ownWhere(ASSIGNMENT_LEARNER.ASSIGNMENT_ID.in(ofClassRows(inClass)))
        .collect(
            Collectors.groupingBy(
                AssignmentLearnerRecord::getAssignmentId,
                Collectors.toMap(
                    AssignmentLearnerRecord::getLearnerId, AssignmentRepository::own)));
  }

  /** What is settled for a learner, by the number of the assignment's row. */
  Map<Long, Own> ownOf(long learner) {
    return ownBy(
        AssignmentLearnerRecord::getAssignmentId, ASSIGNMENT_LEARNER.LEARNER_ID.eq(learner));
  }

  Own own(long assignment, long learner) {
    return ownWhere(
            ASSIGNMENT_LEARNER
                .ASSIGNMENT_ID
                .eq(assignment)
                .and(ASSIGNMENT_LEARNER.LEARNER_ID.eq(learner)))
        .map(AssignmentRepository::own)
        .findFirst()
        .orElse(Own.NOTHING);
  }

  private Map<Long, Own> ownBy(Function<AssignmentLearnerRecord, Long> key, Condition which) {
    return ownWhere(which).collect(Collectors.toMap(key, AssignmentRepository::own));
  }

  private Stream<AssignmentLearnerRecord> ownWhere(Condition which) {
    return database.selectFrom(ASSIGNMENT_LEARNER).where(which).fetch().stream();
  }

  private static Own own(AssignmentLearnerRecord row) {
    return new Own(
        row.getIsChosen(),
        row.getAllowance() == null ? Allowance.NONE : Codec.ALLOWANCE.read(row.getAllowance()));
  }

  private static Select<? extends Record1<Long>> ofClassRows(long inClass) {
    return DSL.select(ASSIGNMENT.ID)
        .from(ASSIGNMENT)
        .where(ASSIGNMENT.CLASS_ID.eq(inClass), ASSIGNMENT.REMOVED_AT.isNull());
  }

  /** The games on an assignment, in the order they were opened. */
  List<Game> games(long assignment) {
    return games(SITTING.ASSIGNMENT_ID.eq(assignment));
  }

  /** Those on all that was given to a class. */
  List<Game> gamesInClass(long inClass) {
    return games(SITTING.ASSIGNMENT_ID.in(ofClassRows(inClass)));
  }

  /** Those of a learner, on whatever she was given in any class. */
  List<Game> gamesOf(long learner) {
    return games(SITTING.LEARNER_ID.eq(learner).and(SITTING.ASSIGNMENT_ID.isNotNull()));
  }

  List<Game> games(long assignment, long learner) {
    return games(SITTING.ASSIGNMENT_ID.eq(assignment).and(SITTING.LEARNER_ID.eq(learner)));
  }

  /** The games that a learner has begun on an assignment. */
  List<Game> begun(long assignment, long learner) {
    return games(assignment, learner).stream().filter(Game::begun).toList();
  }

  /** Those that were begun, by the row of their learner. */
  static Map<Long, List<Game>> byLearner(List<Game> games) {
    return games.stream().filter(Game::begun).collect(Collectors.groupingBy(Game::learner));
  }

  private List<Game> games(Condition which) {
    return database
        .select(
            SITTING.PUBLIC_ID,
            SITTING.ASSIGNMENT_ID,
            SITTING.LEARNER_ID,
            SITTING.ACTIVITY_VERSION_ID,
            BEGUN,
            SITTING.OUTCOME,
            WAITING,
            MARKED,
            SITTING.OPENED_AT,
            SITTING.ENDED_AT)
        .from(SITTING)
        .where(which)
        .orderBy(SITTING.OPENED_AT, SITTING.ID)
        .fetch(AssignmentRepository::game);
  }

  private static Game game(Record row) {
    String outcome = row.get(SITTING.OUTCOME);
    return new Game(
        row.get(SITTING.PUBLIC_ID),
        row.get(SITTING.ASSIGNMENT_ID),
        row.get(SITTING.LEARNER_ID),
        row.get(SITTING.ACTIVITY_VERSION_ID),
        row.get(BEGUN),
        outcome == null ? null : Codec.OUTCOME.read(outcome),
        row.get(WAITING),
        row.get(MARKED),
        row.get(SITTING.OPENED_AT),
        row.get(SITTING.ENDED_AT));
  }

  /**
   * Gives an activity to a class.
   *
   * @param chosen the rows of the learners it is for; null for all
   */
  String add(
      long inClass,
      long activity,
      ActivityVersion version,
      Terms terms,
      @Nullable List<Long> chosen,
      Instant now) {
    String id = Codes.id();
    writer.write(
        dsl -> {
          long row =
              dsl.insertInto(ASSIGNMENT)
                  .set(ASSIGNMENT.PUBLIC_ID, id)
                  .set(ASSIGNMENT.CLASS_ID, inClass)
                  .set(ASSIGNMENT.ACTIVITY_ID, activity)
                  .set(ASSIGNMENT.ACTIVITY_VERSION_ID, version.row())
                  .set(ASSIGNMENT.TITLE, version.activity().titlePage().title())
                  .set(ASSIGNMENT.TERMS, Codec.TERMS.write(terms))
                  .set(ASSIGNMENT.IS_FOR_ALL, chosen == null)
                  .set(ASSIGNMENT.GIVEN_AT, now)
                  .returning(ASSIGNMENT.ID)
                  .fetchSingle(ASSIGNMENT.ID);
          keepMedia(dsl, row, version);
          choose(dsl, row, chosen);
          return row;
        });
    return id;
  }

  private static void keepMedia(DSLContext dsl, long row, ActivityVersion version) {
    for (String medium : version.activity().media()) {
      dsl.insertInto(ASSIGNMENT_MEDIUM)
          .set(ASSIGNMENT_MEDIUM.ASSIGNMENT_ID, row)
          .set(ASSIGNMENT_MEDIUM.MEDIUM, medium)
          .onConflictDoNothing()
          .execute();
    }
  }

  private static void choose(DSLContext dsl, long row, @Nullable List<Long> chosen) {
    dsl.update(ASSIGNMENT_LEARNER)
        .set(ASSIGNMENT_LEARNER.IS_CHOSEN, false)
        .where(ASSIGNMENT_LEARNER.ASSIGNMENT_ID.eq(row))
        .execute();
    for (Long learner : chosen == null ? List.<Long>of() : chosen) {
      dsl.insertInto(ASSIGNMENT_LEARNER)
          .set(ASSIGNMENT_LEARNER.ASSIGNMENT_ID, row)
          .set(ASSIGNMENT_LEARNER.LEARNER_ID, learner)
          .set(ASSIGNMENT_LEARNER.IS_CHOSEN, true)
          .onConflict(ASSIGNMENT_LEARNER.ASSIGNMENT_ID, ASSIGNMENT_LEARNER.LEARNER_ID)
          .doUpdate()
          .set(ASSIGNMENT_LEARNER.IS_CHOSEN, true)
          .execute();
    }
  }

  /** Other terms, for other learners. */
  void change(long row, Terms terms, @Nullable List<Long> chosen) {
    writer.write(
        dsl -> {
          choose(dsl, row, chosen);
          return dsl.update(ASSIGNMENT)
              .set(ASSIGNMENT.TERMS, Codec.TERMS.write(terms))
              .set(ASSIGNMENT.IS_FOR_ALL, chosen == null)
              .where(ASSIGNMENT.ID.eq(row))
              .execute();
        });
  }

  /** Whoever begins from now on plays this version. */
  void renew(long row, ActivityVersion version) {
    writer.write(
        dsl -> {
          keepMedia(dsl, row, version);
          return dsl.update(ASSIGNMENT)
              .set(ASSIGNMENT.ACTIVITY_VERSION_ID, version.row())
              .set(ASSIGNMENT.TITLE, version.activity().titlePage().title())
              .where(ASSIGNMENT.ID.eq(row))
              .execute();
        });
  }

  void takeBack(long row, @Nullable Instant at) {
    writer.write(
        dsl ->
            dsl.update(ASSIGNMENT)
                .set(ASSIGNMENT.TAKEN_BACK_AT, at)
                .where(ASSIGNMENT.ID.eq(row))
                .execute());
  }

  /** From now on learners see the marks that were given by then. */
  void tellMarks(long row, Instant at) {
    writer.write(
        dsl ->
            dsl.update(ASSIGNMENT)
                .set(ASSIGNMENT.TOLD_AT, at)
                .where(ASSIGNMENT.ID.eq(row))
                .execute());
  }

  void allow(long row, long learner, Allowance own) {
    String kept = own.equals(Allowance.NONE) ? null : Codec.ALLOWANCE.write(own);
    writer.write(
        dsl ->
            dsl.insertInto(ASSIGNMENT_LEARNER)
                .set(ASSIGNMENT_LEARNER.ASSIGNMENT_ID, row)
                .set(ASSIGNMENT_LEARNER.LEARNER_ID, learner)
                .set(ASSIGNMENT_LEARNER.IS_CHOSEN, false)
                .set(ASSIGNMENT_LEARNER.ALLOWANCE, kept)
                .onConflict(ASSIGNMENT_LEARNER.ASSIGNMENT_ID, ASSIGNMENT_LEARNER.LEARNER_ID)
                .doUpdate()
                .set(ASSIGNMENT_LEARNER.ALLOWANCE, kept)
                .execute());
  }

  /** The rows of classes' assignments that are open now, counted by class. */
  Map<Long, List<Terms>> standing(long teacher) {
    Map<Long, List<Terms>> standing = new LinkedHashMap<>();
    database
        .select(ASSIGNMENT.CLASS_ID, ASSIGNMENT.TERMS)
        .from(ASSIGNMENT)
        .join(SCHOOL_CLASS)
        .on(SCHOOL_CLASS.ID.eq(ASSIGNMENT.CLASS_ID))
        .where(SCHOOL_CLASS.TEACHER_ID.eq(teacher), ASSIGNMENT.TAKEN_BACK_AT.isNull(), THERE)
        .forEach(
            row ->
                standing
                    .computeIfAbsent(row.value1(), c -> new ArrayList<>())
                    .add(Codec.TERMS.read(row.value2())));
    return standing;
  }
}
