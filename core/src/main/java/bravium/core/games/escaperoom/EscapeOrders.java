package bravium.core.games.escaperoom;

import bravium.core.json.Root;
import java.util.List;

/**
 * In how many orders an escape can be solved.
 *
 * @param count so many, in decimal digits; where it is not exact there are at least so many
 * @param exact whether all of them were counted
 * @param widest the most locks that can be answered at one moment, in what was looked at
 * @param example the ids of the locks in one such order; empty where there is none
 */
@Root
public record EscapeOrders(String count, boolean exact, int widest, List<String> example) {}
