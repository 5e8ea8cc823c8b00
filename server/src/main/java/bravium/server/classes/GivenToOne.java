package bravium.server.classes;

/**
 * What is settled otherwise for one learner.
 *
 * @param learner her id
 */
public record GivenToOne(String learner, LocalAllowance allowance) {}
