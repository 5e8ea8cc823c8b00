package bravium.core.play;

import bravium.core.json.Root;

/**
 * What is settled when a play begins.
 *
 * @param seed any text; all chance of the play comes from it
 * @param at when it was opened, in milliseconds since 1970
 * @param rehearsal true where the teacher tries her game out: unfinished questions are asked too,
 *     and every question can be gone to
 */
@Root
public record Opening(String seed, long at, boolean rehearsal) {}
