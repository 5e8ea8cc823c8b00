package bravium.server.sittings;

/**
 * What one of the class wrote to a discussion.
 *
 * @param learner the learner's number; 0 for what was written at the front of the class
 * @param own whether it is the reader's own
 */
public record Contribution(int learner, String text, boolean own) {}
