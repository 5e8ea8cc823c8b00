package bravium.server.activities;

import bravium.core.activity.Activity;
import java.time.Instant;

/**
 * An activity as it was saved.
 *
 * @param version 1 for the first save, one more for each
 */
public record StoredActivity(String id, int version, Instant savedAt, Activity activity) {}
