package bravium.server.sittings;

import org.jspecify.annotations.Nullable;

/**
 * The answer to a move that was taken. It is on disk by now.
 *
 * @param repeated whether it had been taken before, and was not taken twice
 * @param endsIn how many milliseconds are left until the game ends by itself, because the time for
 *     it is over; null where it doesn't
 * @param again whether whoever plays can begin another once this one has ended
 */
public record MoveAnswer(
    Happened happenings, Shown showing, boolean repeated, @Nullable Long endsIn, boolean again) {}
