package bravium.server.sittings;

import org.jspecify.annotations.Nullable;

/**
 * A learner's play.
 *
 * @param number by which she and her teacher know her: she has no name here; 0 for who is in a
 *     class
 * @param token opens this learner's sittings; null where she has it already
 * @param endsIn how many milliseconds are left until the game ends by itself, because the time for
 *     it is over; null where it doesn't
 * @param again whether she can begin another once this one has ended
 */
public record LearnerSitting(
    String sitting,
    int number,
    @Nullable String token,
    Shown showing,
    @Nullable Long endsIn,
    boolean again) {}
