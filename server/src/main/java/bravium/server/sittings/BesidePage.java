package bravium.server.sittings;

import bravium.server.problems.Problem;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What lies on a page of a game at the front of the class and is no move.
 *
 * @param strokes those of the pen, from the first on
 * @param open whether the flap over the answer is folded open
 */
public record BesidePage(List<Stroke> strokes, boolean open) {

  private static final int MOST_STROKES = 20_000;

  private static final int LONGEST_NAME = 200;

  /** How far from its view a stroke may lie, in thousandths of the view's width. */
  private static final int FARTHEST = 100_000;

  /**
   * One stroke of the pen.
   *
   * @param points three numbers a point: how far right and how far down it lies, in thousandths of
   *     the view's width, and how hard was pressed, from 0 to 100
   * @param light whether it is one of the highlighter
   * @param on what it was drawn on and stays with, by the name that the page gives it: then its
   *     points are in thousandths of that width; null for the view
   */
  public record Stroke(List<Double> points, boolean light, @Nullable String on) {

    private boolean sound() {
      return points != null
          && (on == null || on.length() <= LONGEST_NAME)
          && points.size() % 3 == 0
          && points.stream().allMatch(p -> p != null && Math.abs(p) <= FARTHEST);
    }
  }

  /** Whether nothing lies there. */
  boolean blank() {
    return strokes.isEmpty() && !open;
  }

  /** Refuses what no pen drew. */
  void check() {
    if (strokes == null || strokes.stream().anyMatch(stroke -> stroke == null || !stroke.sound())) {
      throw Problem.badRequest(
          "no-strokes", "These are no strokes of the pen. What was kept of the page before stays.");
    }
    if (strokes.size() > MOST_STROKES) {
      throw Problem.tooLarge(
          "A page keeps up to 20,000 strokes. Wipe some of them; what was kept before stays.");
    }
  }
}
