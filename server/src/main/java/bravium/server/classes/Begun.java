package bravium.server.classes;

/**
 * A game that a learner can play now.
 *
 * @param sitting its id
 */
public record Begun(String sitting) {}
