package bravium.server.sittings;

import static bravium.server.data.schema.Tables.SITTING;
import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.codec.Codec;
import bravium.core.play.Action;
import bravium.core.play.Engine;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.play.Played;
import bravium.core.play.Sitting;
import bravium.core.play.showing.Review;
import bravium.core.rehearsal.Aid;
import bravium.core.rehearsal.TestAids;
import bravium.server.TestServer;
import bravium.server.activities.ActivityVersion;
import java.util.List;
import java.util.Random;
import org.jooq.DSLContext;
import org.jooq.Record;
import org.junit.jupiter.api.Test;

/**
 * What is kept of a game, so that it need not be played again for every page that asks, is what a
 * replay of its moves says: in the demo's games, and in others played at random on the same
 * activities. {@code ./bravium soak} plays many of them.
 */
class StoredGamesTest {

  private static final int GAMES = Integer.getInteger("bravium.games", 15);
  private static final int MOST_STEPS = 120;

  private final TestServer server = TestServer.shared();
  private final WarmSittings warm = server.part(WarmSittings.class);
  private final SittingRepository rows = server.part(SittingRepository.class);
  private final Random random = new Random(16);

  @Test
  void whatIsKeptOfAGameIsWhatAReplaySays() {
    List<? extends Record> assigned =
        server
            .part(DSLContext.class)
            .select(
                SITTING.PUBLIC_ID,
                SITTING.ASSIGNMENT_ID,
                SITTING.LEARNER_ID,
                SITTING.ACTIVITY_VERSION_ID)
            .from(SITTING)
            .where(SITTING.ASSIGNMENT_ID.isNotNull())
            .fetch();
    assertThat(assigned).hasSizeGreaterThan(50);
    int ended = 0;
    for (Record row : assigned) {
      ended += isWhatAReplaySays(row.get(SITTING.PUBLIC_ID));
    }
    for (int i = 0; i < GAMES; i++) {
      ended += isWhatAReplaySays(played(assigned.get(random.nextInt(assigned.size()))));
    }
    assertThat(ended).as("games that came to an end").isGreaterThan(50);
  }

  /** A new game on what somebody was given before, played at random and marked where it waits. */
  private String played(Record before) {
    StoredSitting given = rows.find(before.get(SITTING.PUBLIC_ID)).orElseThrow();
    String id =
        warm.openFor(
            before.get(SITTING.ASSIGNMENT_ID),
            new ActivityVersion(before.get(SITTING.ACTIVITY_VERSION_ID), given.activity()),
            before.get(SITTING.LEARNER_ID),
            opening -> opening);
    for (int step = 0; step < MOST_STEPS && warm.read(id, any -> true).runs(); step++) {
      step(id, random.nextInt(4) == 0 ? Aid.WRONG : Aid.RIGHT);
    }
    for (Review.Reviewed answer : warm.review(id, any -> true).answers()) {
      if (answer.waits() && random.nextBoolean()) {
        Action mark = new Action.Mark(answer.question().id(), random.nextInt(11), "Seen");
        warm.play(id, any -> true, new Move("mark " + answer.question().id(), Mover.TEACHER, mark));
      }
    }
    return id;
  }

  private void step(String id, Aid aid) {
    StoredSitting stored = warm.read(id, any -> true);
    long now = server.clock().millis();
    Sitting twin = TestAids.use(stored.game(), stored.sitting(), aid, now);
    List<Played> log = twin.log();
    for (Played played : log.subList(stored.sitting().log().size(), log.size())) {
      warm.play(id, any -> true, played.move());
    }
  }

  /** 1 if it has ended. */
  private int isWhatAReplaySays(String id) {
    StoredSitting stored = rows.find(id).orElseThrow();
    List<Played> log = stored.sitting().log();
    Sitting replayed = Engine.rebuild(stored.game(), Engine.openedWith(stored.sitting()), log);
    if (stored.past()) {
      return 0;
    }
    assertThat(replayed.outcome()).as(id).isEqualTo(stored.sitting().outcome());
    if (stored.review() == null) {
      assertThat(replayed.outcome()).as(id).isNull();
      return 0;
    }
    Review review = Review.of(stored.game(), replayed, log.getLast().at());
    assertThat(Codec.REVIEW.write(stored.review())).as(id).isEqualTo(Codec.REVIEW.write(review));
    return 1;
  }
}
