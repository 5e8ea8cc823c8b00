package bravium.core.question;

import bravium.core.json.Range;
import bravium.core.json.Root;

/** A place in a picture, in thousandths of its width and height from its upper left corner. */
@Root
public record Spot(@Range(min = 0, max = WHOLE) int x, @Range(min = 0, max = WHOLE) int y) {

  /** The far edge. */
  public static final int WHOLE = 1_000;

  /** Checks the range. */
  public Spot {
    if (x < 0 || x > WHOLE || y < 0 || y > WHOLE) {
      throw new IllegalArgumentException("x and y are from 0 to " + WHOLE);
    }
  }
}
