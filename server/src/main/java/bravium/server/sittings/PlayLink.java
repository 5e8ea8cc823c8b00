package bravium.server.sittings;

/** The code by which learners come to an activity. */
public record PlayLink(String code) {}
