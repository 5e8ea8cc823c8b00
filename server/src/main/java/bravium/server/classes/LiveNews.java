package bravium.server.classes;

import java.util.List;

/**
 * News of a class that plays.
 *
 * @param at the moment, in milliseconds since 1970, by the server's clock
 * @param all whether these are all lines, or those alone that are new
 */
public record LiveNews(long at, boolean all, List<LiveLine> lines) {}
