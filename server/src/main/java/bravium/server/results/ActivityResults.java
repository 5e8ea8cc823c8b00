package bravium.server.results;

import java.util.List;

/**
 * What came back from an activity.
 *
 * @param total how many games were begun
 * @param waiting how many answers wait for the teacher's mark
 * @param games a page of them, the newest first
 */
public record ActivityResults(String title, int total, int waiting, List<PlayedGame> games) {}
