package bravium.core.rich;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;

/**
 * A paragraph.
 *
 * @param content one after the other, at most {@value #MOST_PIECES}
 */
public record Paragraph(@Range(max = MOST_PIECES) List<Inline> content, @JsonIgnore Extra extra)
    implements Block {

  /** The most pieces of a paragraph. */
  public static final int MOST_PIECES = 500;

  /** Checks the number of pieces. */
  public Paragraph {
    require(content);
  }

  static void require(List<Inline> content) {
    if (content.size() > MOST_PIECES) {
      throw new IllegalArgumentException("a paragraph has at most " + MOST_PIECES + " pieces");
    }
  }

  /** A paragraph of plain text. */
  public static Paragraph of(String text) {
    return new Paragraph(List.of(Run.of(text)), Extra.NONE);
  }

  @Override
  public String plain() {
    return plain(content);
  }

  static String plain(List<Inline> content) {
    StringBuilder out = new StringBuilder();
    content.forEach(piece -> out.append(piece.plain()));
    return out.toString();
  }

  @Override
  public boolean blank() {
    return Texts.blank(plain());
  }
}
