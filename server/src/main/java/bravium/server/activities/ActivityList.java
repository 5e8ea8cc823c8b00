package bravium.server.activities;

import java.util.List;

/**
 * A page of the list.
 *
 * @param total how many there are on all pages
 */
public record ActivityList(List<ActivityCard> cards, int total) {}
