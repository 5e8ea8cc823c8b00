package bravium.server.results;

/** Whether what was written to a discussion is kept from the class. */
public record Hiding(boolean hidden) {}
