package bravium.server.classes;

/** A name alone. */
public record Named(String name) {}
