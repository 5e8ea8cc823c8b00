package bravium.server.sittings;

import static bravium.server.data.schema.Tables.ACTIVITY_VERSION;
import static bravium.server.data.schema.Tables.MOVE;
import static bravium.server.data.schema.Tables.OWN_WORDS;
import static bravium.server.data.schema.Tables.SITTING;

import bravium.core.codec.Codec;
import bravium.core.games.Games;
import bravium.core.play.Action;
import bravium.core.play.Engine;
import bravium.core.play.Opening;
import bravium.core.play.Outcome;
import bravium.core.play.Played;
import bravium.core.play.Prepared;
import bravium.core.play.Sitting;
import bravium.core.play.showing.Review;
import bravium.server.activities.ActivityVersion;
import bravium.server.data.Writer;
import bravium.server.data.schema.tables.records.SittingRecord;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import org.jooq.Condition;
import org.jooq.DSLContext;
import org.jooq.UpdateSetMoreStep;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;
import org.springframework.util.function.SingletonSupplier;

/** The rows of sittings and of their moves. */
@Repository
class SittingRepository {

  private static final Condition EARLIER_RULES = SITTING.OPENED_REVISION.ne((long) Engine.REVISION);

  /** Questions shown alone are sittings, too; a lesson has a few of them. */
  private static final int LOOKED_BACK = 20;

  /** A class plays one version: it is read and made ready once. */
  private static final int MOST_PREPARED = 200;

  private final Cache<Long, Prepared> prepared =
      Caffeine.newBuilder().maximumSize(MOST_PREPARED).build();
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
      @Nullable Long assignment,
      Opening opening) {
    writer.write(
        dsl -> {
          SittingRecord row = dsl.newRecord(SITTING);
          row.setPublicId(id);
          row.setActivityVersionId(version.row());
          row.setLearnerId(learner);
          row.setTeacherId(teacher);
          row.setAssignmentId(assignment);
          row.setOpening(Codec.OPENING.write(opening));
          row.setOpenedRevision((long) Engine.REVISION);
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
            SITTING.ASSIGNMENT_ID,
            SITTING.OPENING,
            SITTING.REVIEW,
            SITTING.OUTCOME,
            SITTING.ENGINE_REVISION,
            ACTIVITY_VERSION.ID,
            ACTIVITY_VERSION.ACTIVITY_ID,
            ACTIVITY_VERSION.DOCUMENT)
        .from(SITTING)
        .join(ACTIVITY_VERSION)
        .on(ACTIVITY_VERSION.ID.eq(SITTING.ACTIVITY_VERSION_ID))
        .where(SITTING.PUBLIC_ID.eq(id))
        .fetchOptional(
            row -> {
              Prepared game =
                  prepared.get(
                      row.get(ACTIVITY_VERSION.ID),
                      version ->
                          Games.prepared(Codec.ACTIVITY.read(row.get(ACTIVITY_VERSION.DOCUMENT))));
              Opening opening = Codec.OPENING.read(row.get(SITTING.OPENING));
              Long settledBy = row.get(SITTING.ENGINE_REVISION);
              String kept = row.get(SITTING.REVIEW);
              Outcome outcome = outcome(row.get(SITTING.OUTCOME));
              boolean earlier = outcome != null && settledBy != Engine.REVISION;
              boolean closed = outcome != null && outcome.ended().fromOutside();
              SingletonSupplier<Sitting> played =
                  SingletonSupplier.of(
                      () -> rebuilt(game, opening, row.get(SITTING.ID), earlier || closed));
              Review review = kept == null ? null : Codec.REVIEW.read(kept);
              if (review == null && earlier) {
                review =
                    recounted(game, rebuilt(game, opening, row.get(SITTING.ID), false), outcome);
              } else if (review == null) {
                played.obtain();
              }
              return new StoredSitting(
                  row.get(SITTING.ID),
                  row.get(SITTING.LEARNER_ID),
                  row.get(SITTING.TEACHER_ID),
                  row.get(SITTING.ASSIGNMENT_ID),
                  row.get(ACTIVITY_VERSION.ACTIVITY_ID),
                  game,
                  opening,
                  played,
                  review,
                  earlier || closed,
                  earlier && kept == null);
            });
  }

  /**
   * The sitting that its moves make.
   *
   * @param asPlayed whether all of them stand in its log, also those that its rules would not take
   */
  private Sitting rebuilt(Prepared game, Opening opening, long row, boolean asPlayed) {
    List<Played> moves = moves(row);
    Sitting sitting = Engine.rebuild(game, opening, moves);
    return asPlayed ? sitting.withMoves(moves) : sitting;
  }

  private static @Nullable Outcome outcome(@Nullable String document) {
    return document == null ? null : Codec.OUTCOME.read(document);
  }

  /** Of a game that ended before reviews were kept: worked out now, but for its outcome. */
  private static Review recounted(Prepared game, Sitting sitting, Outcome outcome) {
    long last = sitting.log().isEmpty() ? sitting.opening().at() : sitting.log().getLast().at();
    return Review.of(game, sitting, last).with(outcome);
  }

  /** The sittings that were begun under other rules than the engine's and still run. */
  List<String> ofEarlierRules() {
    return database
        .select(SITTING.PUBLIC_ID)
        .from(SITTING)
        .where(EARLIER_RULES, SITTING.OUTCOME.isNull())
        .fetch(SITTING.PUBLIC_ID);
  }

  /** Of the last games at the front in which something was done, the first that is a whole game. */
  Optional<String> lastAtTheFront(long activity, long teacher) {
    return database
        .select(SITTING.PUBLIC_ID, SITTING.OPENING)
        .from(SITTING)
        .join(ACTIVITY_VERSION)
        .on(ACTIVITY_VERSION.ID.eq(SITTING.ACTIVITY_VERSION_ID))
        .where(
            ACTIVITY_VERSION.ACTIVITY_ID.eq(activity),
            SITTING.TEACHER_ID.eq(teacher),
            DSL.exists(DSL.selectOne().from(MOVE).where(MOVE.SITTING_ID.eq(SITTING.ID))))
        .orderBy(SITTING.OPENED_AT.desc(), SITTING.ID.desc())
        .limit(LOOKED_BACK)
        .fetch()
        .stream()
        .filter(row -> Codec.OPENING.read(row.value2()).only() == null)
        .map(row -> row.value1())
        .findFirst();
  }

  boolean isOfEarlierRules(long sitting) {
    return database.fetchExists(SITTING, SITTING.ID.eq(sitting), EARLIER_RULES);
  }

  Instant endedAt(long sitting) {
    return database
        .select(SITTING.ENDED_AT)
        .from(SITTING)
        .where(SITTING.ID.eq(sitting))
        .fetchSingle(SITTING.ENDED_AT);
  }

  /**
   * Takes back that a sitting has ended.
   *
   * @param after the sitting with the moves that it is to have; those that are there stay
   */
  void reopen(long row, Sitting after) {
    writer.write(
        dsl -> {
          int there = dsl.fetchCount(MOVE, MOVE.SITTING_ID.eq(row));
          for (int place = there; place < after.log().size(); place++) {
            insert(dsl, row, place + 1, after.log().get(place));
          }
          return dsl.update(SITTING)
              .setNull(SITTING.OUTCOME)
              .setNull(SITTING.REVIEW)
              .setNull(SITTING.ENGINE_REVISION)
              .setNull(SITTING.ENDED_AT)
              .where(SITTING.ID.eq(row))
              .execute();
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
   * Writes the last move of a sitting and how the sitting stands after it. It is no change that
   * {@link Writer} counts: {@link AssignedSittings#moved} is told.
   *
   * @param words what stands in it in the player's own words; null where that did not change
   * @param runsOn whether it ran before the move and runs after it: then its row stays as it is
   */
  void addMove(StoredSitting stored, @Nullable List<OwnWords> words, boolean runsOn) {
    Sitting after = stored.sitting();
    Played played = after.log().getLast();
    Instant at = Instant.ofEpochMilli(played.at());
    boolean marked = played.move().action() instanceof Action.Mark;
    writer.writeMove(
        dsl -> {
          insert(dsl, stored.row(), after.log().size(), played);
          if (words != null) {
            setWords(dsl, stored.row(), words, at);
          }
          return runsOn ? 0 : settle(dsl, stored, marked ? null : at);
        },
        words != null || !runsOn || after.log().size() == 1);
  }

  /** Writes a sitting that was played elsewhere, none of whose moves is here yet, in one go. */
  void addPlayed(StoredSitting stored) {
    Sitting sitting = stored.sitting();
    if (sitting.log().isEmpty()) {
      return;
    }
    Instant last = Instant.ofEpochMilli(sitting.log().getLast().at());
    writer.write(
        dsl -> {
          int place = 0;
          for (Played played : sitting.log()) {
            insert(dsl, stored.row(), ++place, played);
          }
          setWords(dsl, stored.row(), OwnWords.in(stored.activity(), sitting), last);
          return settle(dsl, stored, last);
        });
  }

  private static void insert(DSLContext dsl, long sitting, int place, Played played) {
    dsl.insertInto(MOVE)
        .set(MOVE.SITTING_ID, sitting)
        .set(MOVE.PLACE, (long) place)
        .set(MOVE.MOVE_KEY, played.move().key())
        .set(MOVE.DOCUMENT, Codec.MOVE.write(played.move()))
        .set(MOVE.PLAYED_AT, Instant.ofEpochMilli(played.at()))
        .execute();
  }

  /** Keeps the review of a game that has ended without a move. */
  void settle(StoredSitting stored, long at) {
    writer.write(dsl -> settle(dsl, stored, Instant.ofEpochMilli(at)));
  }

  /**
   * Writes how a sitting stands.
   *
   * @param at when it ended, if it has; null for the time that is there
   */
  private static int settle(DSLContext dsl, StoredSitting stored, @Nullable Instant at) {
    Review review = stored.review();
    Outcome outcome = review == null ? null : review.outcome();
    UpdateSetMoreStep<?> update =
        dsl.update(SITTING)
            .set(SITTING.OUTCOME, outcome == null ? null : Codec.OUTCOME.write(outcome))
            .set(SITTING.REVIEW, outcome == null ? null : Codec.REVIEW.write(review));
    if (!stored.past() || outcome.ended().fromOutside()) {
      update = update.set(SITTING.ENGINE_REVISION, outcome == null ? null : (long) Engine.REVISION);
    }
    return (at == null ? update : update.set(SITTING.ENDED_AT, outcome == null ? null : at))
        .where(SITTING.ID.eq(stored.row()))
        .execute();
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
