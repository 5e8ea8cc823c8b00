package bravium.core.games.escaperoom;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;

/**
 * A piece of a final answer: a letter, a number, a word, or a strip of a picture.
 *
 * @param id unique among the pieces
 * @param text what stands on it, at most {@value #LONGEST} characters; what is seen on it where it
 *     is a strip
 * @param strip whether it is a strip of the picture that the strips make together, from left to
 *     right in the order in which they are written
 */
public record KeyPiece(
    String id, @Range(max = LONGEST) String text, boolean strip, @JsonIgnore Extra extra) {

  /** The longest text, in characters. */
  public static final int LONGEST = 60;

  /** Checks the length. */
  public KeyPiece {
    if (text.length() > LONGEST) {
      throw new IllegalArgumentException("a key piece has at most " + LONGEST + " characters");
    }
  }

  /** A piece with something written on it. */
  static KeyPiece of(String id, String text) {
    return new KeyPiece(id, text, false, Extra.NONE);
  }
}
