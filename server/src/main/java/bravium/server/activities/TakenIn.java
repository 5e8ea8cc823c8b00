package bravium.server.activities;

import bravium.formats.Understood;

/**
 * What was understood of a text or a file with questions in it.
 *
 * @param text the text itself, so that it can be put right where it was not understood
 */
public record TakenIn(String text, Understood understood) {}
