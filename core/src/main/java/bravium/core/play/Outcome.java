package bravium.core.play;

import bravium.core.json.Root;

/**
 * How a play ended.
 *
 * @param possible the points that the drawn questions are worth
 * @param needed the points that win
 */
@Root
public record Outcome(boolean won, int points, int possible, int needed) {}
