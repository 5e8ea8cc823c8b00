package bravium.server.results;

import java.time.Instant;

/**
 * An activity that was played.
 *
 * @param games how many games were begun
 * @param ended how many of them came to their end
 * @param inClasses how many of them belong to classes
 * @param waiting how many answers wait for the teacher's mark
 * @param last when something was last played
 */
public record PlayedActivity(
    String id, String title, int games, int ended, int inClasses, int waiting, Instant last) {}
