package bravium.server.lists;

import bravium.formats.lists.ItemList;

/**
 * What was read in a list of things.
 *
 * @param text what was read, to be put right and read again
 */
public record ItemsRead(String text, ItemList list) {}
