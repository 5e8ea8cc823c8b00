package bravium.server.classes;

import java.time.Instant;

/**
 * What was given to a class and was removed; it can be brought back for thirty days.
 *
 * @param id of the assignment
 */
public record RemovedAssignment(String id, String title, Instant removedAt) {}
