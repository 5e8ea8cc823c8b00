package bravium.server.classes;

/**
 * What whoever has a class's code sees before she is in.
 *
 * @param name of the class
 */
public record Gate(String code, String name, Door door) {}
