package bravium.server.sittings;

import bravium.core.play.Engine;
import bravium.core.play.Move;
import bravium.core.play.Opening;
import bravium.core.play.Turn;
import bravium.server.activities.ActivityVersion;
import bravium.server.data.Codes;
import bravium.server.problems.Problem;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.util.List;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/**
 * Sittings kept at hand between their moves, rebuilt from these where they are not. The moves of
 * one sitting are taken one after another; those of different sittings don't wait for each other.
 */
@Component
public class WarmSittings {

  private static final int MOST = 10_000;
  private static final Duration KEPT = Duration.ofHours(1);

  private final SittingRepository sittings;
  private final Clock clock;
  private final Cache<String, Warm> warm =
      Caffeine.newBuilder().maximumSize(MOST).expireAfterAccess(KEPT).build();

  WarmSittings(SittingRepository sittings, Clock clock) {
    this.sittings = sittings;
    this.clock = clock;
  }

  /**
   * Opens a sitting for a learner or for a teacher and returns its public id. Its seed is a secret:
   * who knew it would know what comes.
   *
   * @param settled adds to the opening what else is settled when it begins
   */
  String open(
      ActivityVersion version,
      @Nullable Long learner,
      @Nullable Long teacher,
      UnaryOperator<Opening> settled) {
    String id = Codes.id();
    Opening opening = settled.apply(new Opening(Codes.secret(), clock.millis(), false));
    sittings.add(id, version, learner, teacher, opening);
    return id;
  }

  /** The sitting as it stands, if it belongs to the one who asks. */
  public StoredSitting read(String id, Predicate<StoredSitting> owner) {
    return own(id, owner).stored;
  }

  /** Plays a move. What is returned is on disk. A refused move changes nothing. */
  public Turn play(String id, Predicate<StoredSitting> owner, Move move) {
    Warm sitting = own(id, owner);
    sitting.lock.lock();
    try {
      StoredSitting before = sitting.stored;
      Turn turn = Engine.play(before.activity(), before.sitting(), move, clock.millis());
      if (turn.refusal() == null && !turn.repeated()) {
        StoredSitting after = before.after(turn.sitting());
        List<OwnWords> words = OwnWords.in(after.activity(), after.sitting());
        boolean same = words.equals(OwnWords.in(before.activity(), before.sitting()));
        sittings.addMove(after, same ? null : words);
        sitting.stored = after;
      }
      return turn;
    } catch (RuntimeException e) {
      // Whatever went wrong, the rows are right: the next one builds from them.
      warm.invalidate(id);
      throw e;
    } finally {
      sitting.lock.unlock();
    }
  }

  private Warm own(String id, Predicate<StoredSitting> owner) {
    Warm sitting = warm.get(id, key -> sittings.find(key).map(Warm::new).orElse(null));
    if (sitting == null || !owner.test(sitting.stored)) {
      throw Problem.notFound(
          "no-such-sitting",
          "There is no such game among yours. Open the link again to start a new one.");
    }
    return sitting;
  }

  private static final class Warm {

    private final ReentrantLock lock = new ReentrantLock();
    private volatile StoredSitting stored;

    Warm(StoredSitting stored) {
      this.stored = stored;
    }
  }
}
