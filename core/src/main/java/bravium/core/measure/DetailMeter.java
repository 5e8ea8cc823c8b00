package bravium.core.measure;

import java.util.Arrays;

/**
 * Makes a {@link DetailMap} of a picture that comes row by row, so that never more than three rows
 * of it are held. Beyond its edges a picture goes on as it is at the edge.
 */
public final class DetailMeter {

  /** BT.709's weights of red, green and blue, in 65,536ths. */
  private static final int RED = 13_933;

  private static final int GREEN = 46_871;
  private static final int BLUE = 4_732;

  private final int width;
  private final int height;
  private final int columns;
  private final int rows;
  private final double[] sums;
  private int[] above;
  private int[] here;
  private int[] below;

  /** The row that comes next. */
  private int next;

  /**
   * A meter for a picture of this size, in pixels.
   *
   * @param width at least 1
   * @param height at least 1
   */
  public DetailMeter(int width, int height) {
    this.width = width;
    this.height = height;
    this.columns = Math.min(width, DetailMap.MOST);
    this.rows = Math.min(height, DetailMap.MOST);
    this.sums = new double[columns * rows];
    this.above = new int[width];
    this.here = new int[width];
    this.below = new int[width];
  }

  /**
   * Takes the next row from above.
   *
   * @param pixels as 0xRRGGBB, one for each column; what is above is passed over
   */
  public void row(int[] pixels) {
    int[] row = above;
    above = here;
    here = below;
    below = row;
    for (int x = 0; x < width; x++) {
      int pixel = pixels[x];
      below[x] =
          RED * (pixel >> 16 & 0xff) + GREEN * (pixel >> 8 & 0xff) + BLUE * (pixel & 0xff) >> 8;
    }
    if (next == 0) {
      System.arraycopy(below, 0, here, 0, width);
    } else {
      measure(next - 1);
    }
    next++;
  }

  /** Adds the detail of the row in the middle. */
  private void measure(int y) {
    int base = (int) ((long) y * rows / height) * columns;
    for (int x = 0; x < width; x++) {
      int left = Math.max(0, x - 1);
      int right = Math.min(width - 1, x + 1);
      double across =
          above[right] - above[left] + 2 * (here[right] - here[left]) + below[right] - below[left];
      double down =
          below[left] - above[left] + 2 * (below[x] - above[x]) + below[right] - above[right];
      sums[base + (int) ((long) x * columns / width)] += Math.sqrt(across * across + down * down);
    }
  }

  /** The map, once all rows were taken. */
  public DetailMap map() {
    if (next != height) {
      throw new IllegalStateException("a row is missing, or there is one too many");
    }
    int[] row = above;
    above = here;
    here = below;
    below = row;
    System.arraycopy(here, 0, below, 0, width);
    measure(height - 1);
    return new DetailMap(
        columns, rows, Shares.of(Arrays.stream(sums).boxed().toList(), DetailMap.WHOLE));
  }
}
