package bravium.core.play;

/**
 * How a play ended.
 *
 * @param possible the points that the drawn questions are worth
 * @param needed the points that win
 */
public record Outcome(boolean won, int points, int possible, int needed) {}
