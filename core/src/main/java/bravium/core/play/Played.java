package bravium.core.play;

import bravium.core.json.Root;

/**
 * A move that was applied.
 *
 * @param at when, in milliseconds since 1970, never before the one that came before
 */
@Root
public record Played(Move move, long at) {}
