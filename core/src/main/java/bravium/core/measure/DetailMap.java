package bravium.core.measure;

import bravium.core.json.Root;
import java.util.List;

/**
 * How much there is to see in each part of a picture: in each cell of a grid over it, the share of
 * the picture's detail in millionths.
 *
 * <p>The detail of a pixel is the length of the gradient that the operator of Sobel and Feldman
 * finds there (<i>A 3×3 isotropic gradient operator for image processing</i>, 1968), of the luma of
 * ITU-R BT.709-6, section 3: it is large at edges and in what is rich in contrast, and nothing
 * where all is even, however bright. Summed over a part it is a measure of how much is to be made
 * out there, known from focusing (Krotkov, <i>Focusing</i>, International Journal of Computer
 * Vision 1, 1988).
 *
 * @param columns at least 1, at most {@value #MOST}
 * @param rows at least 1, at most {@value #MOST}
 * @param cells row by row, together a million; all 0 where nothing is to be made out
 */
@Root
public record DetailMap(int columns, int rows, List<Integer> cells) {

  /** The most cells beside each other: twelve pieces beside each other end between cells. */
  public static final int MOST = 72;

  /** All detail there is. */
  public static final int WHOLE = 1_000_000;

  /** Checks the size. */
  public DetailMap {
    if (columns < 1 || columns > MOST || rows < 1 || rows > MOST) {
      throw new IllegalArgumentException("a map has from 1 to " + MOST + " columns and rows");
    }
    if (cells.size() != columns * rows) {
      throw new IllegalArgumentException("a map has a cell for each column of each row");
    }
  }

  /**
   * The detail within a rectangle, in millionths of a millionth of the picture's: a cell of which a
   * part lies in it counts with that part.
   *
   * @param x in thousandths of the picture's width, as the others in those of their side
   */
  public long within(int x, int y, int width, int height) {
    long sum = 0;
    for (int row = 0; row < rows; row++) {
      long high = overlap(row, rows, y, y + height);
      if (high == 0) {
        continue;
      }
      for (int column = 0; column < columns; column++) {
        sum += cells.get(row * columns + column) * high * overlap(column, columns, x, x + width);
      }
    }
    return sum;
  }

  /** How much of a cell lies between two thousandths, in thousandths of the cell. */
  private static long overlap(int cell, int of, int from, int to) {
    long begin = Math.max(cell * 1_000L, (long) from * of);
    long end = Math.min((cell + 1) * 1_000L, (long) to * of);
    return Math.max(0, end - begin);
  }
}
