package bravium.server.activities;

import bravium.core.activity.Activity;

/**
 * One version of an activity, for a sitting to play.
 *
 * @param row the number of the version's row
 */
public record ActivityVersion(long row, Activity activity) {}
