package bravium.core.play;

import java.util.Set;

/**
 * A card that was laid and marked at once.
 *
 * @param attempt at which try, from 1
 * @param place the ids of the groups in which it lay; none where it was outside of all
 */
public record Laid(String card, int attempt, Set<String> place, boolean right) {}
