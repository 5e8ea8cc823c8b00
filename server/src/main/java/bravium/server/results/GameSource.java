package bravium.server.results;

import org.jspecify.annotations.Nullable;

/**
 * Where games of an activity were played.
 *
 * @param from a class's id; {@code link} for a link or a code, {@code front} for the front
 * @param name what the class is called; null where it is none
 * @param games how many were begun there
 */
public record GameSource(String from, @Nullable String name, int games) {}
