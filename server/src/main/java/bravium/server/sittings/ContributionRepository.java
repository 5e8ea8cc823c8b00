package bravium.server.sittings;

import static bravium.server.data.schema.Tables.ACTIVITY_VERSION;
import static bravium.server.data.schema.Tables.LEARNER;
import static bravium.server.data.schema.Tables.OWN_WORDS;
import static bravium.server.data.schema.Tables.SITTING;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** What the class wrote to discussions. */
@Repository
class ContributionRepository {

  private static final int MOST = 100;

  /** Who writes within this time of the reader belongs to her class, as far as can be known yet. */
  private static final Duration TOGETHER = Duration.ofHours(12);

  private final DSLContext database;

  ContributionRepository(DSLContext database) {
    this.database = database;
  }

  /** Those to a question of a play, her own and the newest of the others, newest first. */
  List<Contribution> of(StoredSitting reader, String question) {
    Instant opened = Instant.ofEpochMilli(reader.sitting().opening().at());
    return database
        .select(OWN_WORDS.SITTING_ID, OWN_WORDS.TEXT, LEARNER.NUMBER)
        .from(OWN_WORDS)
        .join(SITTING)
        .on(SITTING.ID.eq(OWN_WORDS.SITTING_ID))
        .join(ACTIVITY_VERSION)
        .on(ACTIVITY_VERSION.ID.eq(SITTING.ACTIVITY_VERSION_ID))
        .leftJoin(LEARNER)
        .on(LEARNER.ID.eq(SITTING.LEARNER_ID))
        .where(
            ACTIVITY_VERSION.ACTIVITY_ID.eq(reader.activityRow()),
            OWN_WORDS.QUESTION.eq(question),
            OWN_WORDS.IS_DISCUSSION.isTrue(),
            OWN_WORDS.SITTING_ID.eq(reader.row()).or(OWN_WORDS.IS_HIDDEN.isFalse()),
            OWN_WORDS.WRITTEN_AT.between(opened.minus(TOGETHER), opened.plus(TOGETHER)))
        .orderBy(OWN_WORDS.SITTING_ID.eq(reader.row()).desc(), OWN_WORDS.WRITTEN_AT.desc())
        .limit(MOST)
        .fetch(
            row ->
                new Contribution(
                    row.value3() == null ? 0 : row.value3().intValue(),
                    row.value2(),
                    row.value1() == reader.row()));
  }
}
