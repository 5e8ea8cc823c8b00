package bravium.server.sittings;

import static bravium.server.data.schema.Tables.ACTIVITY;
import static bravium.server.data.schema.Tables.LEARNER;
import static bravium.server.data.schema.Tables.MOVE;
import static bravium.server.data.schema.Tables.PLAY_LINK;
import static bravium.server.data.schema.Tables.SITTING;
import static bravium.server.data.schema.Tables.TIMED_LINK;

import bravium.server.data.Nightly;
import bravium.server.data.Writer;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.Optional;
import org.jooq.DSLContext;
import org.jooq.Field;
import org.jooq.impl.DSL;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Repository;

/** The rows of links and of the learners who came by them. */
@Repository
class PlayLinkRepository implements Nightly {

  /**
   * A link: its row, and the row of the activity it leads to.
   *
   * @param percent how much of the usual time there is for who comes by this code; null for the
   *     usual
   * @param open whether it is not switched off
   */
  record Link(long row, long activity, String code, @Nullable Integer percent, boolean open) {}

  /** The usual time, in per cent. */
  private static final int USUAL = 100;

  private final DSLContext database;
  private final Writer writer;
  private final Clock clock;

  PlayLinkRepository(DSLContext database, Writer writer, Clock clock) {
    this.database = database;
    this.writer = writer;
    this.clock = clock;
  }

  /** A game that was opened by a code and not begun within this time is none. */
  private static final Duration UNBEGUN = Duration.ofDays(7);

  @Override
  public void atNight(Instant now) {
    Instant before = now.minus(UNBEGUN);
    writer.write(
        dsl -> {
          dsl.deleteFrom(SITTING)
              .where(
                  SITTING.OPENED_AT.lt(before),
                  SITTING.LEARNER_ID.in(
                      dsl.select(LEARNER.ID).from(LEARNER).where(LEARNER.PLAY_LINK_ID.isNotNull())),
                  SITTING.OUTCOME.isNull(),
                  DSL.notExists(dsl.selectOne().from(MOVE).where(MOVE.SITTING_ID.eq(SITTING.ID))))
              .execute();
          return dsl.deleteFrom(LEARNER)
              .where(
                  LEARNER.CREATED_AT.lt(before),
                  LEARNER.PLAY_LINK_ID.isNotNull(),
                  DSL.notExists(
                      dsl.selectOne().from(SITTING).where(SITTING.LEARNER_ID.eq(LEARNER.ID))))
              .execute();
        });
  }

  Optional<Link> find(String code) {
    return database
        .select(PLAY_LINK.ID, PLAY_LINK.ACTIVITY_ID, TIMED_LINK.PERCENT, PLAY_LINK.SHUT_AT)
        .from(PLAY_LINK)
        .join(ACTIVITY)
        .on(ACTIVITY.ID.eq(PLAY_LINK.ACTIVITY_ID))
        .leftJoin(TIMED_LINK)
        .on(TIMED_LINK.PLAY_LINK_ID.eq(PLAY_LINK.ID), TIMED_LINK.CODE.eq(code))
        .where(PLAY_LINK.CODE.eq(code).or(TIMED_LINK.CODE.eq(code)), ACTIVITY.REMOVED_AT.isNull())
        .fetchOptional(
            row ->
                new Link(
                    row.value1(),
                    row.value2(),
                    code,
                    row.value3() == null ? null : Math.toIntExact(row.value3()),
                    row.value4() == null));
  }

  /** The code of an activity's link with so much time, in per cent; made if there is none. */
  String codeOf(long activity, int percent, String fresh, String freshTimed) {
    String usual = codeOf(activity, fresh);
    if (percent == USUAL) {
      return usual;
    }
    return writer.write(
        dsl -> {
          long link =
              dsl.select(PLAY_LINK.ID)
                  .from(PLAY_LINK)
                  .where(PLAY_LINK.CODE.eq(usual))
                  .fetchSingle(PLAY_LINK.ID);
          dsl.insertInto(TIMED_LINK)
              .set(TIMED_LINK.PLAY_LINK_ID, link)
              .set(TIMED_LINK.PERCENT, (long) percent)
              .set(TIMED_LINK.CODE, freshTimed)
              .set(TIMED_LINK.CREATED_AT, clock.instant())
              .onConflict(TIMED_LINK.PLAY_LINK_ID, TIMED_LINK.PERCENT)
              .doNothing()
              .execute();
          return dsl.select(TIMED_LINK.CODE)
              .from(TIMED_LINK)
              .where(TIMED_LINK.PLAY_LINK_ID.eq(link), TIMED_LINK.PERCENT.eq((long) percent))
              .fetchSingle(TIMED_LINK.CODE);
        });
  }

  /** The code of an activity's link; the link is made with the given code if there is none. */
  private String codeOf(long activity, String fresh) {
    return writer.write(
        dsl -> {
          dsl.insertInto(PLAY_LINK)
              .set(PLAY_LINK.ACTIVITY_ID, activity)
              .set(PLAY_LINK.CODE, fresh)
              .set(PLAY_LINK.CREATED_AT, clock.instant())
              .onConflict(PLAY_LINK.ACTIVITY_ID)
              .doNothing()
              .execute();
          return dsl.select(PLAY_LINK.CODE)
              .from(PLAY_LINK)
              .where(PLAY_LINK.ACTIVITY_ID.eq(activity))
              .fetchSingle(PLAY_LINK.CODE);
        });
  }

  /** Whether learners can begin by an activity's link. */
  boolean isOpen(long activity) {
    return !database.fetchExists(
        PLAY_LINK, PLAY_LINK.ACTIVITY_ID.eq(activity).and(PLAY_LINK.SHUT_AT.isNotNull()));
  }

  void setOpen(long activity, boolean open) {
    writer.write(
        dsl ->
            dsl.update(PLAY_LINK)
                .set(PLAY_LINK.SHUT_AT, open ? null : clock.instant())
                .where(PLAY_LINK.ACTIVITY_ID.eq(activity))
                .execute());
  }

  long addLearner(long link, String tokenHash) {
    return writer.write(
        dsl ->
            dsl.insertInto(LEARNER)
                .set(LEARNER.PLAY_LINK_ID, link)
                .set(LEARNER.NUMBER, nextNumber(link))
                .set(LEARNER.TOKEN_HASH, tokenHash)
                .set(LEARNER.CREATED_AT, clock.instant())
                .returning(LEARNER.ID)
                .fetchSingle(LEARNER.ID));
  }

  private static Field<Long> nextNumber(long link) {
    return DSL.field(
        DSL.select(DSL.coalesce(DSL.max(LEARNER.NUMBER), 0L).plus(1))
            .from(LEARNER)
            .where(LEARNER.PLAY_LINK_ID.eq(link)));
  }

  /** The number by which a learner is known, among those of her link. */
  int numberOf(long learner) {
    return database
        .select(LEARNER.NUMBER)
        .from(LEARNER)
        .where(LEARNER.ID.eq(learner))
        .fetchSingle(LEARNER.NUMBER)
        .intValue();
  }

  Optional<Long> learnerOf(long link, String tokenHash) {
    return database
        .select(LEARNER.ID)
        .from(LEARNER)
        .where(LEARNER.TOKEN_HASH.eq(tokenHash), LEARNER.PLAY_LINK_ID.eq(link))
        .fetchOptional(LEARNER.ID);
  }
}
