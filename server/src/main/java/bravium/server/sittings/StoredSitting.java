package bravium.server.sittings;

import bravium.core.activity.Activity;
import bravium.core.play.Sitting;
import org.jspecify.annotations.Nullable;

/**
 * A sitting rebuilt from its rows. Exactly one of learner and teacher is there.
 *
 * @param row the number of the sitting's row
 * @param activityRow the number of its activity's row
 */
public record StoredSitting(
    long row,
    @Nullable Long learner,
    @Nullable Long teacher,
    long activityRow,
    Activity activity,
    Sitting sitting) {

  StoredSitting after(Sitting later) {
    return new StoredSitting(row, learner, teacher, activityRow, activity, later);
  }
}
