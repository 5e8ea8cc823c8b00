package bravium.server.sittings;

import bravium.core.play.Action;
import bravium.core.play.Clocked;
import bravium.core.play.Clocks;
import bravium.core.play.Engine;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.play.Opening;
import bravium.core.play.Outcome;
import bravium.core.play.Played;
import bravium.core.play.Refusal;
import bravium.core.play.Sitting;
import bravium.core.play.Turn;
import bravium.core.play.showing.PastGame;
import bravium.core.play.showing.Review;
import bravium.server.activities.ActivityVersion;
import bravium.server.data.Codes;
import bravium.server.data.Nightly;
import bravium.server.problems.Problem;
import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.locks.ReentrantLock;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.context.annotation.Lazy;
import org.springframework.stereotype.Component;

/**
 * Sittings kept at hand between their moves, rebuilt from these where they are not. The moves of
 * one sitting are taken one after another; those of different sittings don't wait for each other.
 */
@Component
public class WarmSittings implements Nightly {

  private static final int MOST = 10_000;
  private static final Duration KEPT = Duration.ofHours(1);

  private final SittingRepository sittings;
  private final AssignedSittings assigned;
  private final ApplicationEventPublisher events;
  private final Clock clock;
  private final Cache<String, Warm> warm =
      Caffeine.newBuilder().maximumSize(MOST).expireAfterAccess(KEPT).build();

  WarmSittings(
      SittingRepository sittings,
      @Lazy AssignedSittings assigned,
      ApplicationEventPublisher events,
      Clock clock) {
    this.sittings = sittings;
    this.assigned = assigned;
    this.events = events;
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
    return open(version, learner, teacher, null, settled);
  }

  /** Opens a sitting of a learner of a class, for an assignment, and returns its public id. */
  public String openFor(
      long assignment, ActivityVersion version, long learner, UnaryOperator<Opening> settled) {
    return open(version, learner, null, assignment, settled);
  }

  private String open(
      ActivityVersion version,
      @Nullable Long learner,
      @Nullable Long teacher,
      @Nullable Long assignment,
      UnaryOperator<Opening> settled) {
    String id = Codes.id();
    Opening opening = settled.apply(new Opening(Codes.secret(), clock.millis(), false));
    sittings.add(id, version, learner, teacher, assignment, opening);
    return id;
  }

  /** Reads them all anew from their rows when they are next wanted. */
  public void forget() {
    warm.invalidateAll();
  }

  /** The id of the game that a teacher began last with the whole class. */
  Optional<String> lastAtTheFront(long activity, long teacher) {
    return sittings.lastAtTheFront(activity, teacher);
  }

  /** The sitting as it stands, if it belongs to the one who asks. */
  public StoredSitting read(String id, Predicate<StoredSitting> owner) {
    return own(id, owner).stored;
  }

  /** The same as a move finds it: what is no answer is too late at the hour itself. */
  StoredSitting readFor(Move move, String id, Predicate<StoredSitting> owner) {
    return own(id, owner, momentOf(move)).stored;
  }

  private long momentOf(Move move) {
    return clock.millis() - (move.action() instanceof Action.Answer ? Clocks.GRACE : 0);
  }

  /** Plays a move. What is returned is on disk. A refused move changes nothing. */
  public Turn play(String id, Predicate<StoredSitting> owner, Move move) {
    Warm sitting = own(id, owner, momentOf(move));
    StoredSitting before;
    StoredSitting after;
    Turn turn;
    sitting.lock.lock();
    try {
      before = sitting.stored;
      turn = before.past() ? markPast(sitting, move) : playOn(sitting, move);
      after = sitting.stored;
      if (after != before && after.assignment() != null) {
        assigned.moved(after);
      }
    } catch (RuntimeException e) {
      // Whatever went wrong, the rows are right: the next one builds from them.
      warm.invalidate(id);
      throw e;
    } finally {
      sitting.lock.unlock();
    }
    // Her next move doesn't wait until all who look on are told of this one.
    if (after != before && after.assignment() != null) {
      events.publishEvent(new StoredSitting.Moved(after));
    }
    return turn;
  }

  private Turn playOn(Warm sitting, Move move) {
    StoredSitting before = sitting.stored;
    Turn turn = Engine.play(before.game(), before.sitting(), move, clock.millis());
    if (turn.refusal() == null && !turn.repeated()) {
      StoredSitting after = before.after(turn.sitting(), clock.millis());
      List<OwnWords> words = OwnWords.in(after.activity(), after.sitting());
      boolean same = words.equals(OwnWords.in(before.activity(), before.sitting()));
      sittings.addMove(after, same ? null : words, before.runs() && after.runs());
      sitting.stored = after;
    }
    return turn;
  }

  /** A past game takes nothing but the teacher's marks. */
  private Turn markPast(Warm sitting, Move move) {
    StoredSitting before = sitting.stored;
    Optional<Played> known = before.sitting().log().find(move.key());
    if (known.isPresent()) {
      boolean same = known.get().move().sameAs(move);
      return new Turn(before.sitting(), List.of(), same ? null : Refusal.KEY_USED, same);
    }
    if (!(move.action() instanceof Action.Mark mark) || move.by() != Mover.TEACHER) {
      return new Turn(before.sitting(), List.of(), Refusal.NOT_OPEN, false);
    }
    Refusal refusal = PastGame.refused(before.game(), before.review(), mark);
    if (refusal == null) {
      Review review = PastGame.marked(before.activity(), before.review(), mark);
      Played marked = new Played(move, clock.millis());
      Sitting later = before.sitting().withMoves(before.sitting().log().with(marked));
      StoredSitting after = before.after(later, review);
      sittings.addMove(after, OwnWords.in(review), false);
      sitting.stored = after;
    }
    return new Turn(sitting.stored.sitting(), List.of(), refusal, false);
  }

  /**
   * What came of a sitting: what was kept when it ended, or how it stands. A game whose time ran
   * out while nobody looked ends here.
   */
  public Review review(String id, Predicate<StoredSitting> owner) {
    Warm sitting = own(id, owner);
    sitting.lock.lock();
    try {
      StoredSitting stored = sitting.stored;
      if (stored.review() != null) {
        return stored.review();
      }
      Review review = Review.of(stored.game(), stored.sitting(), clock.millis());
      if (review.outcome() != null) {
        sitting.stored = stored.after(stored.sitting(), review);
        sittings.settle(sitting.stored, clock.millis());
      }
      return review;
    } finally {
      sitting.lock.unlock();
    }
  }

  /**
   * Ends what was begun under other rules and still runs: it can't be played on as it began. What
   * was never begun is none of that.
   */
  private StoredSitting closed(StoredSitting stored) {
    if (stored.review() != null
        || stored.sitting().log().isEmpty()
        || !sittings.isOfEarlierRules(stored.row())) {
      return stored;
    }
    long now = clock.millis();
    return ended(stored, Outcome.Ended.CLOSED, now);
  }

  private StoredSitting ended(StoredSitting stored, Outcome.Ended how, long now) {
    Sitting ended = Engine.close(stored.game(), stored.sitting(), how, now);
    if (ended.outcome() == null) {
      return stored;
    }
    StoredSitting closed = stored.closed(Review.of(stored.game(), ended, now));
    sittings.settle(closed, now);
    return closed;
  }

  /** Ends a game that runs when the time for it is over, where the teacher wants that. */
  private void endAtClosing(Warm sitting, long moment) {
    StoredSitting stored = sitting.stored;
    if (stored.assignment() == null || !stored.runs()) {
      return;
    }
    Long at = assigned.ended(stored, moment);
    if (at == null) {
      return;
    }
    sitting.lock.lock();
    try {
      if (sitting.stored.runs()) {
        long then = Engine.notBefore(sitting.stored.sitting(), at);
        sitting.stored = ended(sitting.stored, Outcome.Ended.AT_CLOSING, then);
      }
    } finally {
      sitting.lock.unlock();
    }
  }

  /**
   * Lets a game go on that ended when the time for it was over. Its clocks stand from then on,
   * until {@link #goOn}.
   *
   * @throws Problem if it did not end in that way, or can't be played on
   */
  public void reopen(String id) {
    Warm sitting = own(id, any -> true);
    sitting.lock.lock();
    try {
      StoredSitting closed = sitting.stored;
      Outcome outcome = closed.review() == null ? null : closed.review().outcome();
      if (outcome == null || outcome.ended() != Outcome.Ended.AT_CLOSING) {
        throw Problem.conflict(
            "not-cut-off",
            "This game did not end because the time was over. Nothing was changed; one more go"
                + " may be what you want.");
      }
      if (sittings.isOfEarlierRules(closed.row())) {
        throw Problem.conflict(
            "earlier-rules",
            "This game was started with an earlier version and can't be continued. Nothing was changed; give"
                + " one more go.");
      }
      sittings.reopen(closed.row(), held(closed, sittings.endedAt(closed.row())));
    } finally {
      // Whatever came of it, the next one builds from its rows.
      warm.invalidate(id);
      sitting.lock.unlock();
    }
  }

  /** The same with all clocks that ran held at its end. */
  private static Sitting held(StoredSitting closed, Instant end) {
    Sitting sitting =
        Engine.rebuild(closed.game(), Engine.openedWith(closed.sitting()), closed.sitting().log());
    long at = Engine.notBefore(sitting, end.toEpochMilli());
    for (Clocked running : sitting.clocks().running()) {
      Action hold = new Action.HoldClock(running.name());
      Move move = new Move("hold " + running.name() + " " + at, Mover.TEACHER, hold);
      sitting = Engine.play(closed.game(), sitting, move, at).sitting();
    }
    return sitting;
  }

  /** Her learner is there: clocks that stood since it was opened again run on. */
  public void goOn(String id) {
    for (Clocked clocked : read(id, any -> true).sitting().clocks().running()) {
      if (clocked.held() != null) {
        Action run = new Action.RunClock(clocked.name());
        String key = "run " + clocked.name() + " " + clock.millis();
        play(id, any -> true, new Move(key, Mover.TEACHER, run));
      }
    }
  }

  @Override
  public void atNight(Instant now) {
    sittings.ofEarlierRules().forEach(id -> own(id, any -> true));
  }

  /** Who only looks ends nothing while an answer may be on its way. */
  private Warm own(String id, Predicate<StoredSitting> owner) {
    return own(id, owner, clock.millis() - Clocks.GRACE);
  }

  private Warm own(String id, Predicate<StoredSitting> owner, long moment) {
    Warm sitting =
        warm.get(id, key -> sittings.find(key).map(this::closed).map(Warm::new).orElse(null));
    if (sitting == null || !owner.test(sitting.stored)) {
      throw Problem.notFound(
          "no-such-sitting",
          "There is no such game among yours. Open the link again to start a new one.");
    }
    endAtClosing(sitting, moment);
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
