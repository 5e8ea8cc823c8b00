package bravium.core.play;

import org.jspecify.annotations.Nullable;

/**
 * Points that a team was given, or that were taken from it.
 *
 * @param team its place in the opening's list, from 0
 * @param points below 0 where they were taken
 * @param question the question that brought them; null where the teacher gave them by hand
 */
public record Award(int team, int points, @Nullable String question) {}
