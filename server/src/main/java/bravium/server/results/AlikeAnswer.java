package bravium.server.results;

import org.jspecify.annotations.Nullable;

/**
 * Another learner's answer to the same question that says the same, in a game that has ended.
 *
 * @param learner the number by which the learner is known
 * @param name of a learner of a class; null where nobody has one
 * @param mark what it brought without prices and bonuses, in points; null where it waits for a mark
 * @param comment what the teacher wrote to it; null for nothing
 */
public record AlikeAnswer(
    String sitting,
    int learner,
    @Nullable String name,
    @Nullable Integer mark,
    @Nullable String comment) {}
