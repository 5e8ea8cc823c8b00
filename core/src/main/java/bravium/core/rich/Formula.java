package bravium.core.rich;

import bravium.core.json.Extra;
import com.fasterxml.jackson.annotation.JsonIgnore;

/**
 * A formula.
 *
 * @param tex in TeX's notation, without dollar signs round it; at most {@value #LONGEST} characters
 */
public record Formula(String tex, @JsonIgnore Extra extra) implements Inline {

  /** The most characters. */
  public static final int LONGEST = 2_000;

  /** Checks its length. */
  public Formula {
    if (tex.length() > LONGEST) {
      throw new IllegalArgumentException("a formula has at most " + LONGEST + " characters");
    }
  }

  @Override
  public String plain() {
    return tex;
  }
}
