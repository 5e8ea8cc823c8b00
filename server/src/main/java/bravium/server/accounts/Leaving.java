package bravium.server.accounts;

import org.jspecify.annotations.Nullable;

/**
 * What becomes of the activities of a teacher who is removed.
 *
 * @param to the teacher who gets them; null where they are removed, too
 */
public record Leaving(@Nullable Long to) {}
