package bravium.server.sittings;

import static bravium.server.data.schema.Tables.ACTIVITY_VERSION;
import static bravium.server.data.schema.Tables.MOVE;
import static bravium.server.data.schema.Tables.SITTING;

import bravium.core.activity.Activity;
import bravium.core.json.Codec;
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
            ACTIVITY_VERSION.DOCUMENT)
        .from(SITTING)
        .join(ACTIVITY_VERSION)
        .on(ACTIVITY_VERSION.ID.eq(SITTING.ACTIVITY_VERSION_ID))
        .where(SITTING.PUBLIC_ID.eq(id))
        .fetchOptional(
            row -> {
              Activity activity = Codec.ACTIVITY.read(row.value5());
              Opening opening = Codec.OPENING.read(row.value4());
              return new StoredSitting(
                  row.value1(),
                  row.value2(),
                  row.value3(),
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

  /** Writes the last move of a sitting and how the sitting stands after it. */
  void addMove(long sittingRow, Sitting after) {
    Played played = after.log().getLast();
    Instant at = Instant.ofEpochMilli(played.at());
    Outcome outcome = after.outcome();
    writer.write(
        dsl -> {
          dsl.insertInto(MOVE)
              .set(MOVE.SITTING_ID, sittingRow)
              .set(MOVE.PLACE, (long) after.log().size())
              .set(MOVE.MOVE_KEY, played.move().key())
              .set(MOVE.DOCUMENT, Codec.MOVE.write(played.move()))
              .set(MOVE.PLAYED_AT, at)
              .execute();
          return dsl.update(SITTING)
              .set(SITTING.OUTCOME, outcome == null ? null : Codec.OUTCOME.write(outcome))
              .set(SITTING.ENGINE_REVISION, outcome == null ? null : (long) Engine.REVISION)
              .set(SITTING.ENDED_AT, outcome == null ? null : at)
              .where(SITTING.ID.eq(sittingRow))
              .execute();
        });
  }
}
