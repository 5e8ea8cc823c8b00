package bravium.server.sittings;

import static bravium.server.data.schema.Tables.ACTIVITY;
import static bravium.server.data.schema.Tables.LEARNER;
import static bravium.server.data.schema.Tables.PLAY_LINK;

import bravium.server.data.Writer;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.util.Optional;
import org.jooq.DSLContext;
import org.springframework.stereotype.Repository;

/** The rows of links and of the learners who came by them. */
@Repository
class PlayLinkRepository {

  /** A link: its row, and the row of the activity it leads to. */
  record Link(long row, long activity, String code) {}

  private final DSLContext database;
  private final Writer writer;
  private final Clock clock;
  private final Cache<String, Long> learners =
      Caffeine.newBuilder().maximumSize(10_000).expireAfterAccess(Duration.ofHours(1)).build();

  PlayLinkRepository(DSLContext database, Writer writer, Clock clock) {
    this.database = database;
    this.writer = writer;
    this.clock = clock;
  }

  Optional<Link> find(String code) {
    return database
        .select(PLAY_LINK.ID, PLAY_LINK.ACTIVITY_ID, PLAY_LINK.CODE)
        .from(PLAY_LINK)
        .join(ACTIVITY)
        .on(ACTIVITY.ID.eq(PLAY_LINK.ACTIVITY_ID))
        .where(PLAY_LINK.CODE.eq(code), ACTIVITY.REMOVED_AT.isNull())
        .fetchOptional(row -> new Link(row.value1(), row.value2(), row.value3()));
  }

  /** The code of an activity's link; the link is made with the given code if there is none. */
  String codeOf(long activity, String fresh) {
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

  long addLearner(long link, String tokenHash) {
    return writer.write(
        dsl ->
            dsl.insertInto(LEARNER)
                .set(LEARNER.PLAY_LINK_ID, link)
                .set(LEARNER.TOKEN_HASH, tokenHash)
                .set(LEARNER.CREATED_AT, clock.instant())
                .returning(LEARNER.ID)
                .fetchSingle(LEARNER.ID));
  }

  /** The learner of a token. A token is whose it is for good, so it need not be looked up twice. */
  Optional<Long> learner(String tokenHash) {
    return Optional.ofNullable(
        learners.get(
            tokenHash,
            hash ->
                database
                    .select(LEARNER.ID)
                    .from(LEARNER)
                    .where(LEARNER.TOKEN_HASH.eq(hash))
                    .fetchOne(LEARNER.ID)));
  }

  Optional<Long> learnerOf(long link, String tokenHash) {
    return database
        .select(LEARNER.ID)
        .from(LEARNER)
        .where(LEARNER.TOKEN_HASH.eq(tokenHash), LEARNER.PLAY_LINK_ID.eq(link))
        .fetchOptional(LEARNER.ID);
  }
}
