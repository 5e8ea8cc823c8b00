package bravium.server.classes;

import static bravium.server.data.schema.Tables.ASSIGNMENT_LEARNER;
import static bravium.server.data.schema.Tables.CLASS_LEARNER;
import static bravium.server.data.schema.Tables.LEARNER;
import static bravium.server.data.schema.Tables.LEARNER_DEVICE;
import static bravium.server.data.schema.Tables.SITTING;
import static org.jooq.impl.DSL.coalesce;

import bravium.formats.LearnerName;
import bravium.server.data.Codes;
import bravium.server.data.Erasing;
import bravium.server.data.Nightly;
import bravium.server.data.Writer;
import bravium.server.data.schema.tables.records.ClassLearnerRecord;
import bravium.server.data.schema.tables.records.LearnerRecord;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** The rows of learners in classes, and of the devices on which they are known. */
@Repository
class RegisterRepository implements Nightly {

  private final DSLContext database;
  private final Writer writer;

  RegisterRepository(DSLContext database, Writer writer) {
    this.database = database;
    this.writer = writer;
  }

  /** Who is in a class, by name; then who was taken out, the last first, but for who was merged. */
  List<LearnerLine> lines(long inClass) {
    return database
        .selectFrom(CLASS_LEARNER)
        .where(CLASS_LEARNER.CLASS_ID.eq(inClass), CLASS_LEARNER.MERGED_ID.isNull())
        .orderBy(
            CLASS_LEARNER.REMOVED_AT.isNotNull(),
            CLASS_LEARNER.REMOVED_AT.desc(),
            CLASS_LEARNER.NAME_KEY)
        .fetch(RegisterRepository::line);
  }

  private static LearnerLine line(ClassLearnerRecord row) {
    return new LearnerLine(
        row.getPublicId(),
        row.getName(),
        row.getIsWaiting(),
        row.getTime() == null ? null : row.getTime().intValue(),
        help(row),
        row.getWordsHash() != null,
        row.getJoinedAt() != null,
        row.getRemovedAt());
  }

  static List<String> help(ClassLearnerRecord row) {
    return row.getHelp().isEmpty() ? List.of() : List.of(row.getHelp().split("\n"));
  }

  /** The rows of who is in a class, in it for good. */
  List<ClassLearnerRecord> present(long inClass) {
    return database
        .selectFrom(CLASS_LEARNER)
        .where(
            CLASS_LEARNER.CLASS_ID.eq(inClass),
            CLASS_LEARNER.REMOVED_AT.isNull(),
            CLASS_LEARNER.IS_WAITING.isFalse())
        .orderBy(CLASS_LEARNER.NAME_KEY)
        .fetch();
  }

  Optional<ClassLearnerRecord> find(long inClass, String id) {
    return database
        .selectFrom(CLASS_LEARNER)
        .where(
            CLASS_LEARNER.CLASS_ID.eq(inClass),
            CLASS_LEARNER.PUBLIC_ID.eq(id),
            CLASS_LEARNER.MERGED_ID.isNull())
        .fetchOptional();
  }

  Optional<ClassLearnerRecord> byName(long inClass, String key) {
    return database
        .selectFrom(CLASS_LEARNER)
        .where(
            CLASS_LEARNER.CLASS_ID.eq(inClass),
            CLASS_LEARNER.NAME_KEY.eq(key),
            CLASS_LEARNER.REMOVED_AT.isNull())
        .fetchOptional();
  }

  Optional<ClassLearnerRecord> byRow(long learner) {
    return database
        .selectFrom(CLASS_LEARNER)
        .where(CLASS_LEARNER.LEARNER_ID.eq(learner))
        .fetchOptional();
  }

  /** The names that are taken in a class, by what makes them differ. */
  Map<String, String> names(long inClass) {
    return database
        .select(CLASS_LEARNER.NAME_KEY, CLASS_LEARNER.NAME)
        .from(CLASS_LEARNER)
        .where(CLASS_LEARNER.CLASS_ID.eq(inClass), CLASS_LEARNER.REMOVED_AT.isNull())
        .fetchMap(CLASS_LEARNER.NAME_KEY, CLASS_LEARNER.NAME);
  }

  /** Gives a learner words: what is kept of them depends on the number of her row. */
  interface Hashing {
    String hash(long learner, int place);
  }

  /**
   * Adds learners whose names are not taken, as long as no more than so many are in the class then.
   *
   * @return the rows of those that were added, in the same order; null for who was there; empty if
   *     they would be too many, and nobody was added
   */
  Optional<List<@Nullable ClassLearnerRecord>> add(
      long inClass,
      List<LearnerName> names,
      boolean waiting,
      int most,
      Instant now,
      Hashing words) {
    return writer.write(
        dsl -> {
          Set<String> taken =
              dsl.select(CLASS_LEARNER.NAME_KEY)
                  .from(CLASS_LEARNER)
                  .where(CLASS_LEARNER.CLASS_ID.eq(inClass), CLASS_LEARNER.REMOVED_AT.isNull())
                  .fetchSet(CLASS_LEARNER.NAME_KEY);
          if (taken.size() + names.size() > most) {
            return Optional.empty();
          }
          long number = largestNumber(dsl, inClass);
          // Nobody else writes meanwhile, so the numbers of the rows are known beforehand.
          long row =
              dsl.select(coalesce(DSL.max(LEARNER.ID), 0L))
                  .from(LEARNER)
                  .fetchSingle(0, Long.class);
          List<@Nullable ClassLearnerRecord> added = new ArrayList<>();
          List<LearnerRecord> learners = new ArrayList<>();
          for (int i = 0; i < names.size(); i++) {
            if (!taken.add(names.get(i).key())) {
              added.add(null);
              continue;
            }
            learners.add(learner(++row, ++number, now));
            added.add(inClass(inClass, row, names.get(i), waiting, words.hash(row, i)));
          }
          dsl.batchInsert(learners).execute();
          dsl.batchInsert(added.stream().filter(Objects::nonNull).toList()).execute();
          return Optional.of(added);
        });
  }

  private static long largestNumber(DSLContext dsl, long inClass) {
    return dsl.select(coalesce(DSL.max(LEARNER.NUMBER), 0L))
        .from(LEARNER)
        .join(CLASS_LEARNER)
        .on(CLASS_LEARNER.LEARNER_ID.eq(LEARNER.ID))
        .where(CLASS_LEARNER.CLASS_ID.eq(inClass))
        .fetchSingle(0, Long.class);
  }

  private static LearnerRecord learner(long row, long number, Instant now) {
    LearnerRecord learner = new LearnerRecord();
    learner.setId(row);
    learner.setNumber(number);
    learner.setCreatedAt(now);
    return learner;
  }

  private static ClassLearnerRecord inClass(
      long inClass, long learner, LearnerName name, boolean waiting, String words) {
    ClassLearnerRecord row = new ClassLearnerRecord();
    row.setLearnerId(learner);
    row.setClassId(inClass);
    row.setPublicId(Codes.id());
    row.setName(name.text());
    row.setNameKey(name.key());
    row.setWordsHash(words);
    row.setIsWaiting(waiting);
    row.setHelp("");
    return row;
  }

  void change(ClassLearnerRecord row) {
    change(List.of(row));
  }

  /** Writes what was changed in these rows, in one commit: all of it or nothing. */
  void change(List<ClassLearnerRecord> rows) {
    writer.write(dsl -> dsl.batchUpdate(rows).execute());
  }

  /** Whether a device was added: not for who was taken out meanwhile. */
  boolean addDevice(long learner, String tokenHash, Instant now) {
    return writer.write(
        dsl -> {
          int here =
              dsl.update(CLASS_LEARNER)
                  .set(CLASS_LEARNER.JOINED_AT, coalesce(CLASS_LEARNER.JOINED_AT, now))
                  .where(CLASS_LEARNER.LEARNER_ID.eq(learner), CLASS_LEARNER.REMOVED_AT.isNull())
                  .execute();
          return here > 0
              && dsl.insertInto(LEARNER_DEVICE)
                      .set(LEARNER_DEVICE.LEARNER_ID, learner)
                      .set(LEARNER_DEVICE.TOKEN_HASH, tokenHash)
                      .set(LEARNER_DEVICE.CREATED_AT, now)
                      .execute()
                  > 0;
        });
  }

  void removeDevice(String tokenHash) {
    writer.write(
        dsl ->
            dsl.deleteFrom(LEARNER_DEVICE)
                .where(LEARNER_DEVICE.TOKEN_HASH.eq(tokenHash))
                .execute());
  }

  void letAllIn(long inClass) {
    writer.write(
        dsl ->
            dsl.update(CLASS_LEARNER)
                .set(CLASS_LEARNER.IS_WAITING, false)
                .where(waiting(inClass))
                .execute());
  }

  private static Condition waiting(long inClass) {
    return CLASS_LEARNER
        .CLASS_ID
        .eq(inClass)
        .and(CLASS_LEARNER.IS_WAITING)
        .and(CLASS_LEARNER.REMOVED_AT.isNull());
  }

  /** Takes out all who wait, and forgets their devices. */
  void removeWaiting(long inClass, Instant now) {
    Condition which = waiting(inClass);
    writer.write(
        dsl -> {
          dsl.deleteFrom(LEARNER_DEVICE)
              .where(
                  LEARNER_DEVICE.LEARNER_ID.in(
                      dsl.select(CLASS_LEARNER.LEARNER_ID).from(CLASS_LEARNER).where(which)))
              .execute();
          return dsl.update(CLASS_LEARNER)
              .set(CLASS_LEARNER.REMOVED_AT, now)
              .where(which)
              .execute();
        });
  }

  void forgetDevices(long learner) {
    writer.write(
        dsl ->
            dsl.deleteFrom(LEARNER_DEVICE).where(LEARNER_DEVICE.LEARNER_ID.eq(learner)).execute());
  }

  /** Two entries of one child become one: the games and the devices of one go to the other. */
  void merge(long from, long into, Instant now) {
    writer.write(
        dsl -> {
          dsl.update(SITTING)
              .set(SITTING.LEARNER_ID, into)
              .where(SITTING.LEARNER_ID.eq(from))
              .execute();
          dsl.update(LEARNER_DEVICE)
              .set(LEARNER_DEVICE.LEARNER_ID, into)
              .where(LEARNER_DEVICE.LEARNER_ID.eq(from))
              .execute();
          dsl.execute(
              "insert or ignore into assignment_learner (assignment_id, learner_id, is_chosen,"
                  + " allowance) select assignment_id, ?, is_chosen, allowance from"
                  + " assignment_learner where learner_id = ?",
              into,
              from);
          dsl.deleteFrom(ASSIGNMENT_LEARNER)
              .where(ASSIGNMENT_LEARNER.LEARNER_ID.eq(from))
              .execute();
          dsl.update(CLASS_LEARNER)
              .set(CLASS_LEARNER.JOINED_AT, coalesce(CLASS_LEARNER.JOINED_AT, joined(from)))
              .where(CLASS_LEARNER.LEARNER_ID.eq(into))
              .execute();
          return dsl.update(CLASS_LEARNER)
              .set(CLASS_LEARNER.REMOVED_AT, now)
              .set(CLASS_LEARNER.MERGED_ID, into)
              .where(CLASS_LEARNER.LEARNER_ID.eq(from))
              .execute();
        });
  }

  /** Who was taken out long ago is erased, with all that she did and wrote. */
  @Override
  public void atNight(Instant now) {
    writer.write(dsl -> erase(dsl, CLASS_LEARNER.REMOVED_AT.lt(now.minus(Erasing.KEPT))));
  }

  /** Erases learners of which a condition on their entries is true, and says how many they were. */
  static int erase(DSLContext dsl, Condition which) {
    List<Long> due =
        dsl.select(CLASS_LEARNER.LEARNER_ID)
            .from(CLASS_LEARNER)
            .where(which)
            .fetch(CLASS_LEARNER.LEARNER_ID);
    due.forEach(learner -> erase(dsl, learner));
    return due.size();
  }

  private static int erase(DSLContext dsl, long learner) {
    // Entries that became hers are nothing without her.
    erase(dsl, CLASS_LEARNER.MERGED_ID.eq(learner));
    Erasing.sittings(dsl, SITTING.LEARNER_ID.eq(learner));
    dsl.deleteFrom(ASSIGNMENT_LEARNER).where(ASSIGNMENT_LEARNER.LEARNER_ID.eq(learner)).execute();
    dsl.deleteFrom(LEARNER_DEVICE).where(LEARNER_DEVICE.LEARNER_ID.eq(learner)).execute();
    dsl.deleteFrom(CLASS_LEARNER).where(CLASS_LEARNER.LEARNER_ID.eq(learner)).execute();
    return dsl.deleteFrom(LEARNER).where(LEARNER.ID.eq(learner)).execute();
  }

  /** When a learner first came in, for a statement about another. */
  private static Field<Instant> joined(long learner) {
    var other = CLASS_LEARNER.as("other");
    return DSL.field(DSL.select(other.JOINED_AT).from(other).where(other.LEARNER_ID.eq(learner)));
  }
}
