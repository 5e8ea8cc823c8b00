package bravium.server.classes;

/** A colleague, by her name. */
public record Colleague(String name) {}
