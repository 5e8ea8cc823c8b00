package bravium.core.games.picturereveal;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.question.Spot;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.ArrayList;
import java.util.List;

/**
 * How a picture is cut: in rows and columns, or in pieces of different size.
 *
 * @param rows from 1 to {@value #MOST}, together with the columns at most {@value #MOST} pieces
 * @param columns from 1 to {@value #MOST}
 * @param uneven the pieces of different size, which then count instead of rows and columns; empty,
 *     or from {@value #FEWEST} to {@value #MOST}
 */
public record Cut(
    @Range(min = 1, max = MOST) int rows,
    @Range(min = 1, max = MOST) int columns,
    @Range(max = MOST) List<Patch> uneven,
    @JsonIgnore Extra extra) {

  /** The fewest pieces. */
  public static final int FEWEST = 2;

  /** The most pieces. */
  public static final int MOST = 36;

  /** Checks how many pieces there are. */
  public Cut {
    if (rows < 1 || columns < 1 || rows * columns < FEWEST || rows * columns > MOST) {
      throw new IllegalArgumentException("a picture is cut into " + FEWEST + " to " + MOST);
    }
    if (uneven.size() == 1 || uneven.size() > MOST) {
      throw new IllegalArgumentException("a picture is cut into " + FEWEST + " to " + MOST);
    }
  }

  /** So many rows and columns. */
  public static Cut of(int rows, int columns) {
    return new Cut(rows, columns, List.of(), Extra.NONE);
  }

  /** The same, cut in these pieces of different size. */
  Cut unevenly(List<Patch> patches) {
    return new Cut(rows, columns, List.copyOf(patches), extra);
  }

  /** How many pieces it makes. */
  public int size() {
    return uneven.isEmpty() ? rows * columns : uneven.size();
  }

  /** The pieces, row by row; those of different size in the order they are written. */
  public List<Patch> patches() {
    if (!uneven.isEmpty()) {
      return uneven;
    }
    List<Patch> patches = new ArrayList<>();
    for (int row = 0; row < rows; row++) {
      for (int column = 0; column < columns; column++) {
        int x = edge(column, columns);
        int y = edge(row, rows);
        patches.add(new Patch(x, y, edge(column + 1, columns) - x, edge(row + 1, rows) - y));
      }
    }
    return List.copyOf(patches);
  }

  private static int edge(int number, int of) {
    return (2 * Spot.WHOLE * number + of) / (2 * of);
  }
}
