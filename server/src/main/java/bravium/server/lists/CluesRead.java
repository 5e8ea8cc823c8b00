package bravium.server.lists;

import bravium.formats.lists.ClueList;

/**
 * What was read in a list of words with clues.
 *
 * @param text what was read, to be put right and read again
 */
public record CluesRead(String text, ClueList list) {}
