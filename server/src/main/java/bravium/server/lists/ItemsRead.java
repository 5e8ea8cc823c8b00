package bravium.server.lists;

import bravium.formats.lists.ItemList;
import org.jspecify.annotations.Nullable;

/**
 * What was read in a list of things.
 *
 * @param text what was read, to be put right and read again
 * @param doubt why it can't be told which of some options are right; null where it can
 */
public record ItemsRead(String text, ItemList list, @Nullable String doubt) {}
