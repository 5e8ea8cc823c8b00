package bravium.core.games.wordhunt;

import bravium.core.play.State;

/**
 * What a word hunt keeps besides results and entries.
 *
 * @param named whether the list of names was asked for
 * @param givenUp whether nobody looks any further
 */
public record HuntState(boolean named, boolean givenUp) implements State {}
