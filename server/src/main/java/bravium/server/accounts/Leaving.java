package bravium.server.accounts;

import org.jspecify.annotations.Nullable;

/**
 * What becomes of what a teacher has who is removed.
 *
 * @param to the teacher who gets the activities; null where they are removed, too
 * @param classesTo the teacher who gets the classes; null where they are archived with the keeper
 */
public record Leaving(@Nullable Long to, @Nullable Long classesTo) {}
