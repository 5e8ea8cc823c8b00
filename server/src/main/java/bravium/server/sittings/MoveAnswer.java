package bravium.server.sittings;

import bravium.core.play.Happening;
import java.util.List;

/**
 * The answer to a move that was taken. It is on disk by now.
 *
 * @param repeated whether it had been taken before, and was not taken twice
 */
public record MoveAnswer(List<Happening> happenings, Shown showing, boolean repeated) {}
