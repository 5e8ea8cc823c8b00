package bravium.server.sittings;

import static bravium.server.data.schema.Tables.ACTIVITY_VERSION;
import static bravium.server.data.schema.Tables.MOVE;
import static bravium.server.data.schema.Tables.OWN_WORDS;
import static bravium.server.data.schema.Tables.SITTING;

import bravium.core.activity.Activity;
import bravium.core.json.Codec;
import bravium.core.play.Action;
import bravium.core.play.Engine;
import bravium.core.play.Opening;
import bravium.core.play.Outcome;
import bravium.core.play.Played;
import bravium.core.play.Sitting;
import bravium.server.activities.ActivityVersion;
import bravium.server.data.Writer;
import bravium.server.data.schema.tables.records.SittingRecord;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.UpdateSetMoreStep;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** The rows of sittings and of their moves. */
@Repository
class SittingRepository {

  private final DSLContext database;
  private final Writer writer;

  SittingRepository(DSLContext database, Writer writer) {
    this.database = database;
    this.writer = writer;
  }

  void add(
      String id,
      ActivityVersion version,
      @Nullable Long learner,
      @Nullable Long teacher,
      Opening opening) {
    writer.write(
        dsl -> {
          SittingRecord row = dsl.newRecord(SITTING);
          row.setPublicId(id);
          row.setActivityVersionId(version.row());
          row.setLearnerId(learner);
          row.setTeacherId(teacher);
          row.setOpening(Codec.OPENING.write(opening));
          row.setOpenedAt(Instant.ofEpochMilli(opening.at()));
          return row.insert();
        });
  }

  Optional<StoredSitting> find(String id) {
    return database
        .select(
            SITTING.ID,
            SITTING.LEARNER_ID,
            SITTING.TEACHER_ID,
            SITTING.OPENING,
            ACTIVITY_VERSION.ACTIVITY_ID,
            ACTIVITY_VERSION.DOCUMENT)
        .from(SITTING)
        .join(ACTIVITY_VERSION)
        .on(ACTIVITY_VERSION.ID.eq(SITTING.ACTIVITY_VERSION_ID))
        .where(SITTING.PUBLIC_ID.eq(id))
        .fetchOptional(
            row -> {
              Activity activity = Codec.ACTIVITY.read(row.value6());
              Opening opening = Codec.OPENING.read(row.value4());
              return new StoredSitting(
                  row.value1(),
                  row.value2(),
                  row.value3(),
                  row.value5(),
                  activity,
                  Engine.rebuild(activity, opening, moves(row.value1())));
            });
  }

  private List<Played> moves(long sitting) {
    return database
        .select(MOVE.DOCUMENT, MOVE.PLAYED_AT)
        .from(MOVE)
        .where(MOVE.SITTING_ID.eq(sitting))
        .orderBy(MOVE.PLACE)
        .fetch(row -> new Played(Codec.MOVE.read(row.value1()), row.value2().toEpochMilli()));
  }

  /**
   * Writes the last move of a sitting and how the sitting stands after it.
   *
   * @param words what stands in it in the player's own words; null where that did not change
   */
  void addMove(StoredSitting stored, @Nullable List<OwnWords> words) {
    Sitting after = stored.sitting();
    Played played = after.log().getLast();
    Instant at = Instant.ofEpochMilli(played.at());
    Outcome outcome = after.outcome();
    boolean marked = played.move().action() instanceof Action.Mark;
    writer.write(
        dsl -> {
          dsl.insertInto(MOVE)
              .set(MOVE.SITTING_ID, stored.row())
              .set(MOVE.PLACE, (long) after.log().size())
              .set(MOVE.MOVE_KEY, played.move().key())
              .set(MOVE.DOCUMENT, Codec.MOVE.write(played.move()))
              .set(MOVE.PLAYED_AT, at)
              .execute();
          if (words != null) {
            setWords(dsl, stored.row(), words, at);
          }
          UpdateSetMoreStep<?> update =
              dsl.update(SITTING)
                  .set(SITTING.OUTCOME, outcome == null ? null : Codec.OUTCOME.write(outcome))
                  .set(SITTING.ENGINE_REVISION, outcome == null ? null : (long) Engine.REVISION);
          return (marked ? update : update.set(SITTING.ENDED_AT, outcome == null ? null : at))
              .where(SITTING.ID.eq(stored.row()))
              .execute();
        });
  }

  private static void setWords(DSLContext dsl, long sitting, List<OwnWords> words, Instant at) {
    dsl.deleteFrom(OWN_WORDS)
        .where(
            OWN_WORDS.SITTING_ID.eq(sitting),
            OWN_WORDS.QUESTION.notIn(words.stream().map(OwnWords::question).toList()))
        .execute();
    for (OwnWords own : words) {
      dsl.insertInto(OWN_WORDS)
          .set(OWN_WORDS.SITTING_ID, sitting)
          .set(OWN_WORDS.QUESTION, own.question())
          .set(OWN_WORDS.TEXT, own.text())
          .set(OWN_WORDS.IS_DISCUSSION, own.discussion())
          .set(OWN_WORDS.IS_WAITING, own.waiting())
          .set(OWN_WORDS.IS_HIDDEN, false)
          .set(OWN_WORDS.WRITTEN_AT, at)
          .onConflict(OWN_WORDS.SITTING_ID, OWN_WORDS.QUESTION)
          .doUpdate()
          .set(OWN_WORDS.TEXT, own.text())
          .set(OWN_WORDS.IS_WAITING, own.waiting())
          .execute();
    }
  }
}
