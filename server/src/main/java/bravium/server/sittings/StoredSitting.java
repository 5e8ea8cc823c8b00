package bravium.server.sittings;

import bravium.core.activity.Activity;
import bravium.core.play.Opening;
import bravium.core.play.Prepared;
import bravium.core.play.Sitting;
import bravium.core.play.showing.Review;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * A sitting rebuilt from its rows. Exactly one of learner and teacher is there.
 *
 * @param row the number of the sitting's row
 * @param assignment the number of the row of the assignment that a learner of a class played it
 *     for; null where there is none
 * @param activityRow the number of its activity's row
 * @param game its activity, made ready to be played
 * @param opening as it was written down when it was opened
 * @param played gives the sitting as its moves make it; of one that has its review these are read
 *     and played only when that is asked for
 * @param review what was kept of it when it ended; null while it runs
 * @param past whether it ended under other rules than the engine's: then its review is all that
 *     counts, and it is never played on
 * @param recounted whether its review was made later than its end, by other rules: its outcome is
 *     what it was, what single questions brought may not be
 */
public record StoredSitting(
    long row,
    @Nullable Long learner,
    @Nullable Long teacher,
    @Nullable Long assignment,
    long activityRow,
    Prepared game,
    Opening opening,
    Supplier<Sitting> played,
    @Nullable Review review,
    boolean past,
    boolean recounted) {

  /** That something was done in a sitting of an assignment, and is on disk. */
  public record Moved(StoredSitting sitting) {}

  /** The sitting as its moves make it. */
  public Sitting sitting() {
    return played.get();
  }

  /** What its teacher wrote. */
  public Activity activity() {
    return game.activity();
  }

  public boolean runs() {
    return review == null && sitting().outcome() == null;
  }

  /**
   * The same after a move; when that has ended the game, with its review.
   *
   * @param at the moment, in milliseconds since 1970
   */
  StoredSitting after(Sitting later, long at) {
    return after(later, later.outcome() == null ? null : Review.of(game, later, at));
  }

  StoredSitting after(Sitting later, @Nullable Review kept) {
    return with(() -> later, kept, past);
  }

  /** The same as a past game with this review. */
  StoredSitting closed(Review kept) {
    return with(played, kept, true);
  }

  private StoredSitting with(Supplier<Sitting> other, @Nullable Review kept, boolean over) {
    return new StoredSitting(
        row,
        learner,
        teacher,
        assignment,
        activityRow,
        game,
        opening,
        other,
        kept,
        over,
        recounted);
  }
}
