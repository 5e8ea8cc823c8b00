package bravium.server.activities;

/**
 * What a word processor gave, as text that can be put right.
 *
 * @param left how many pictures in it could not be taken
 */
public record PastedText(String text, int left) {}
