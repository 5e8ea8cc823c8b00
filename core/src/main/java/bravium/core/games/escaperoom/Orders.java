package bravium.core.games.escaperoom;

import java.math.BigInteger;
import java.util.List;

/**
 * In how many orders the locks can be opened until the last one is.
 *
 * @param count so many; where it is not exact, there are at least so many
 * @param isExact whether all of them were counted
 * @param widest the most locks that can be answered at one moment, in what was looked at
 * @param example the numbers of the locks in one such order, none of which could be left out; empty
 *     where there is no way out
 */
record Orders(BigInteger count, boolean isExact, int widest, List<Integer> example) {

  Orders {
    example = List.copyOf(example);
  }
}
