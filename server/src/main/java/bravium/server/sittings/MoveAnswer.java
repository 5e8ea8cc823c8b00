package bravium.server.sittings;

/**
 * The answer to a move that was taken. It is on disk by now.
 *
 * @param repeated whether it had been taken before, and was not taken twice
 */
public record MoveAnswer(Happened happenings, Shown showing, boolean repeated) {}
