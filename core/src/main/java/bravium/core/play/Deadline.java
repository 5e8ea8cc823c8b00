package bravium.core.play;

/**
 * A moment at which something happens by itself.
 *
 * @param clock the name of the clock that runs out then
 * @param at when, in milliseconds since 1970
 * @param opens whether it opens something rather than ends it: nobody needs grace for that
 */
public record Deadline(String clock, long at, boolean opens) {}
