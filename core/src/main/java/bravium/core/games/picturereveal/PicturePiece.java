package bravium.core.games.picturereveal;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.rich.Texts;
import com.fasterxml.jackson.annotation.JsonIgnore;
import org.jspecify.annotations.Nullable;

/**
 * A piece of the picture.
 *
 * @param id unique among the pieces
 * @param question the id of the question that lifts it; empty where none does, so that it stays
 *     until the end; null for the next that lifts no other piece, in the order they are written
 * @param said what is to be seen on it, for those who can't see it, once it is lifted; null for
 *     nothing
 */
public record PicturePiece(
    String id,
    @Nullable String question,
    @Range(max = LONGEST) @Nullable String said,
    @JsonIgnore Extra extra) {

  /** The most characters that are said of a piece. */
  public static final int LONGEST = 500;

  /** Checks the length. */
  public PicturePiece {
    if (said != null && said.length() > LONGEST) {
      throw new IllegalArgumentException("of a piece at most " + LONGEST + " characters are said");
    }
  }

  /** A piece of which nothing is said. */
  public static PicturePiece of(String id, @Nullable String question) {
    return new PicturePiece(id, question, null, Extra.NONE);
  }

  /** The same piece under another question; null for none. */
  public PicturePiece under(@Nullable String changed) {
    return new PicturePiece(id, changed, said, extra);
  }

  /** The same piece with something else said of it. */
  PicturePiece saying(@Nullable String changed) {
    return new PicturePiece(id, question, changed, extra);
  }

  /** Whether no question is to lift it. */
  boolean plain() {
    return question != null && question.isEmpty();
  }

  /** The id of the question that lifts it; null for none. */
  @Nullable String lifting() {
    return plain() ? null : question;
  }

  /** What is said of it; empty for nothing. */
  String told() {
    return said == null ? "" : Texts.trimmed(said);
  }
}
