package bravium.server.sittings;

import org.jspecify.annotations.Nullable;

/**
 * A learner's play.
 *
 * @param number by which she and her teacher know her: she has no name here; 0 for who is in a
 *     class
 * @param token opens this learner's sittings; null where she has it already
 */
public record LearnerSitting(String sitting, int number, @Nullable String token, Shown showing) {}
