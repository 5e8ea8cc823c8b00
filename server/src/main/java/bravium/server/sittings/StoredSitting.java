package bravium.server.sittings;

import bravium.core.activity.Activity;
import bravium.core.play.Sitting;
import org.jspecify.annotations.Nullable;

/**
 * A sitting rebuilt from its rows. Exactly one of learner and teacher is there.
 *
 * @param row the number of the sitting's row
 */
record StoredSitting(
    long row, @Nullable Long learner, @Nullable Long teacher, Activity activity, Sitting sitting) {}
