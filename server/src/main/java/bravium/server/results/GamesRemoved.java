package bravium.server.results;

/**
 * Games that were taken out at once.
 *
 * @param at when, in milliseconds since 1970: by this they are brought back
 * @param games how many
 */
public record GamesRemoved(long at, int games) {}
