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

  private static final int MOST_STROKES = 5_000;

  /**
   * A pen gives some hundred points a second: this is more than a quarter of an hour of drawing
   * without lifting it, on one page.
   */
  static final int MOST_POINTS = 100_000;

  private static final int LONGEST_NAME = 200;

  /** How far from its view a stroke may lie, in thousandths of the view's width. */
  private static final int FARTHEST = 100_000;

  /**
   * One stroke of the pen.
   *
   * @param points three numbers a point: how far right and how far down it lies, in thousandths of
   *     the view's width, and how hard was pressed, from 0 to 100; kept to a tenth
   * @param light whether it is one of the highlighter
   * @param on what it was drawn on and stays with, by the name that the page gives it: then its
   *     points are in thousandths of that width; null for the view
   */
  public record Stroke(double[] points, boolean light, @Nullable String on) {

    private boolean sound() {
      if (points == null || points.length % 3 != 0 || on != null && on.length() > LONGEST_NAME) {
        return false;
      }
      for (double point : points) {
        // What is no number at all is not within it, either.
        if (!(Math.abs(point) <= FARTHEST)) {
          return false;
        }
      }
      return true;
    }
  }

  /** Whether nothing lies there. */
  boolean blank() {
    return strokes.isEmpty() && !open;
  }

  /** Refuses what no pen drew, and more than a page keeps. */
  void check() {
    if (strokes == null || strokes.stream().anyMatch(stroke -> stroke == null || !stroke.sound())) {
      throw Problem.badRequest(
          "no-strokes", "These are no strokes of the pen. What was kept of the page before stays.");
    }
    long points = strokes.stream().mapToLong(stroke -> stroke.points().length / 3).sum();
    if (strokes.size() > MOST_STROKES || points > MOST_POINTS) {
      throw Problem.tooLarge(
          "This page is full: it keeps up to 5,000 strokes, a quarter of an hour of drawing. Wipe"
              + " some of them; what was kept before stays.");
    }
  }
}
