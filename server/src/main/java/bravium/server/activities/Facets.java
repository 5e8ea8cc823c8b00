package bravium.server.activities;

import java.util.List;

/**
 * What a teacher's activities can be filtered by, each with how many there are.
 *
 * @param all how many activities she has
 * @param removed how many she removed and can still bring back
 */
public record Facets(
    int all,
    int removed,
    List<Facet> kinds,
    List<Facet> subjects,
    List<Facet> years,
    List<Facet> tags) {

  /** One value and how many activities have it. */
  public record Facet(String value, int count) {}
}
