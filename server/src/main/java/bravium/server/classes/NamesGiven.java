package bravium.server.classes;

/**
 * Learners that are to be added.
 *
 * @param text a list, or a column, as it was pasted
 * @param surnameFirst whether a row of two cells that nobody named begins with the surname
 */
public record NamesGiven(String text, boolean surnameFirst) {

  /** No text is an empty one. */
  public NamesGiven {
    text = text == null ? "" : text;
  }
}
