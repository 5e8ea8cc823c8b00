package bravium.server.classes;

import bravium.formats.NameList;
import org.jspecify.annotations.Nullable;

/**
 * Learners that are to be added.
 *
 * @param text a list, or a column, as it was pasted
 * @param order what comes first of a name; null for what it looks like
 */
public record NamesGiven(String text, NameList.@Nullable NameOrder order) {

  /** No text is an empty one. */
  public NamesGiven {
    text = text == null ? "" : text;
  }
}
