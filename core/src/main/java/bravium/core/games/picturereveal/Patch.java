package bravium.core.games.picturereveal;

import bravium.core.json.Range;
import bravium.core.json.Root;
import bravium.core.question.Spot;

/**
 * A rectangle of a picture, in thousandths of its width and height from its upper left corner.
 *
 * @param width at least 1
 * @param height at least 1
 */
@Root
public record Patch(
    @Range(min = 0, max = Spot.WHOLE) int x,
    @Range(min = 0, max = Spot.WHOLE) int y,
    @Range(min = 1, max = Spot.WHOLE) int width,
    @Range(min = 1, max = Spot.WHOLE) int height) {

  /** All of it. */
  public static final Patch WHOLE = new Patch(0, 0, Spot.WHOLE, Spot.WHOLE);

  /** Checks that it lies within the picture. */
  public Patch {
    if (x < 0 || y < 0 || width < 1 || height < 1) {
      throw new IllegalArgumentException("a piece begins in the picture and is not empty");
    }
    if (x + width > Spot.WHOLE || y + height > Spot.WHOLE) {
      throw new IllegalArgumentException("a piece ends in the picture");
    }
  }

  /** Where it ends on the right, and where the next begins. */
  int right() {
    return x + width;
  }

  /** Where it ends below. */
  int bottom() {
    return y + height;
  }
}
