package bravium.core.measure;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * Rings on a sheet and the regions into which they part it, in thousandths of its width and height
 * (on a sheet that is wider than high they are ellipses). Two or three all overlap; of four and
 * more each overlaps the one before and the one after it, in a round: more than three circles can't
 * all overlap in every way (Venn, <i>On the diagrammatic and mechanical representation of
 * propositions</i>, Philosophical Magazine 10, 1880). In whole numbers, so that they are the same
 * everywhere.
 *
 * @param rings in the order of the groups
 * @param regions those of one ring alone and those where several overlap; none is outside of all
 */
public record Rings(List<Ring> rings, List<Region> regions) {

  /** The most rings. */
  public static final int MOST = 6;

  /** A ring: its middle, and half of its width and of its height. */
  public record Ring(int x, int y, int rx, int ry) {

    /** Whether a point is in it. */
    public boolean holds(int atX, int atY) {
      long dx = (long) (atX - x) * ry;
      long dy = (long) (atY - y) * rx;
      long whole = (long) rx * ry;
      return dx * dx + dy * dy < whole * whole;
    }
  }

  /**
   * What lies in just these rings.
   *
   * @param rings their places, from 0, rising
   * @param left the largest upright box within it, from its upper left corner
   */
  public record Region(List<Integer> rings, int left, int top, int width, int height) {}

  private static final int WHOLE = 1_000;
  private static final int CELL = 10;
  private static final int CELLS = WHOLE / CELL;

  private static final Rings[] KNOWN = new Rings[MOST + 1];

  /**
   * That many rings.
   *
   * @param count from 0 to {@value #MOST}
   */
  public static Rings of(int count) {
    Rings known = KNOWN[count];
    if (known == null) {
      List<Ring> rings = laid(count);
      known = new Rings(rings, regions(rings));
      KNOWN[count] = known;
    }
    return known;
  }

  /** Middles on a round, as far apart as the overlaps allow; see the numbers in RingsTest. */
  private static List<Ring> laid(int count) {
    return switch (count) {
      case 0 -> List.of();
      case 1 -> List.of(new Ring(500, 500, 480, 480));
      case 2 -> List.of(new Ring(340, 500, 330, 485), new Ring(660, 500, 330, 485));
      case 3 ->
          List.of(
              new Ring(330, 330, 315, 315),
              new Ring(670, 330, 315, 315),
              new Ring(500, 660, 330, 330));
      case 4 ->
          List.of(
              new Ring(298, 298, 284, 284),
              new Ring(702, 298, 284, 284),
              new Ring(702, 702, 284, 284),
              new Ring(298, 702, 284, 284));
      case 5 ->
          List.of(
              new Ring(500, 249, 236, 236),
              new Ring(739, 422, 236, 236),
              new Ring(648, 703, 236, 236),
              new Ring(352, 703, 236, 236),
              new Ring(261, 422, 236, 236));
      default ->
          List.of(
              new Ring(369, 273, 226, 226),
              new Ring(631, 273, 226, 226),
              new Ring(762, 500, 226, 226),
              new Ring(631, 727, 226, 226),
              new Ring(369, 727, 226, 226),
              new Ring(238, 500, 226, 226));
    };
  }

  private static List<Region> regions(List<Ring> rings) {
    int[][] in = new int[CELLS][CELLS];
    boolean[] there = new boolean[1 << rings.size()];
    for (int row = 0; row < CELLS; row++) {
      for (int column = 0; column < CELLS; column++) {
        for (int ring = 0; ring < rings.size(); ring++) {
          boolean holds = rings.get(ring).holds(column * CELL + CELL / 2, row * CELL + CELL / 2);
          in[row][column] |= holds ? 1 << ring : 0;
        }
        there[in[row][column]] = true;
      }
    }
    List<Region> regions = new ArrayList<>();
    // One ring alone first, then where more and more overlap.
    for (int size = 1; size <= rings.size(); size++) {
      for (int set = 1; set < there.length; set++) {
        if (there[set] && Integer.bitCount(set) == size) {
          regions.add(box(in, set));
        }
      }
    }
    return List.copyOf(regions);
  }

  /** The largest rectangle of cells, row by row over the heights above; cubic in the cells. */
  private static Region box(int[][] in, int set) {
    int[] heights = new int[CELLS];
    int best = 0;
    int[] found = new int[4];
    for (int row = 0; row < CELLS; row++) {
      for (int column = 0; column < CELLS; column++) {
        heights[column] = in[row][column] == set ? heights[column] + 1 : 0;
      }
      for (int left = 0; left < CELLS; left++) {
        int height = heights[left];
        for (int right = left; right < CELLS && height > 0; right++) {
          height = Math.min(height, heights[right]);
          if (height * (right - left + 1) > best) {
            best = height * (right - left + 1);
            found = new int[] {left, row - height + 1, right - left + 1, height};
          }
        }
      }
    }
    List<Integer> rings = new ArrayList<>();
    for (int ring = 0; 1 << ring <= set; ring++) {
      if ((set >> ring & 1) == 1) {
        rings.add(ring);
      }
    }
    int[] box = Arrays.stream(found).map(cells -> cells * CELL).toArray();
    return new Region(List.copyOf(rings), box[0], box[1], box[2], box[3]);
  }
}
