package bravium.server.sittings;

import bravium.core.play.Action;
import bravium.core.play.Engine;
import bravium.core.play.Played;
import bravium.core.play.Sitting;
import bravium.core.play.showing.Review;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Sittings as their learner sees them before she is shown her marks. */
public final class Unmarked {

  private Unmarked() {}

  /**
   * A sitting without the marks that were given after a moment; the same one where there are none.
   * A game of earlier rules can't be played again, and stays as it is.
   *
   * @param moment in milliseconds since 1970; null for all marks
   */
  public static StoredSitting until(StoredSitting stored, @Nullable Long moment) {
    if (moment == null || stored.recounted()) {
      return stored;
    }
    List<Played> seen = new ArrayList<>();
    boolean all = true;
    for (Played played : stored.sitting().log()) {
      boolean hidden = played.move().action() instanceof Action.Mark && played.at() > moment;
      all &= !hidden;
      if (!hidden) {
        seen.add(played);
      }
    }
    if (all) {
      return stored;
    }
    Sitting before = Engine.rebuild(stored.game(), stored.sitting().opening(), seen);
    long last = seen.isEmpty() ? stored.sitting().opening().at() : seen.getLast().at();
    if (!stored.past()) {
      return stored.after(before, last);
    }
    Sitting closed = Engine.close(stored.game(), before, stored.review().outcome().ended(), last);
    return stored.after(before, Review.of(stored.game(), closed, last));
  }
}
