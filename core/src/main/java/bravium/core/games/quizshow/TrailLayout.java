package bravium.core.games.quizshow;

import bravium.core.question.Spot;
import bravium.core.rich.Picture;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where markers can stand on a picture: never over one another, never over its edge, whatever its
 * shape.
 *
 * <p>A marker's width is {@value #SHARE} thousandths of the side of a square as large as the
 * picture, so that {@link Trail#MOST} of them cover less than a quarter of it. All in thousandths
 * of the picture's width, and in whole numbers, so that every device lays them alike.
 */
public final class TrailLayout {

  /** How wide a marker is, in thousandths of the side of a square as large as the picture. */
  static final int SHARE = 85;

  private static final int WIDTH = Spot.WHOLE;
  private static final int MOST_ROUNDS = 200;

  /** The picture's height. */
  private final int height;

  private final int size;

  private TrailLayout(int height) {
    this.height = height;
    this.size = Math.max(1, root((long) WIDTH * height) * SHARE / Spot.WHOLE);
  }

  /**
   * On a picture of this shape.
   *
   * @param picture null, or without a size of its own, for four to three
   */
  public static TrailLayout of(@Nullable Picture picture) {
    boolean known = picture != null && picture.width() != null && picture.height() != null;
    return known ? of(picture.width(), picture.height()) : of(4, 3);
  }

  /** On a picture of these pixels. */
  public static TrailLayout of(int width, int height) {
    return new TrailLayout((int) Math.max(1, (long) WIDTH * height / width));
  }

  /** The width of a marker, in thousandths of the picture's width. */
  public int size() {
    return size;
  }

  /**
   * These places, moved as little as it takes that no two markers touch. Where too many crowd, they
   * are laid in rows over the whole picture.
   */
  public List<Spot> apart(List<Spot> wished) {
    int[] x = new int[wished.size()];
    int[] y = new int[wished.size()];
    for (int i = 0; i < x.length; i++) {
      x[i] = clampX(wished.get(i).x());
      y[i] = clampY(wished.get(i).y() * height / Spot.WHOLE);
    }
    for (int round = 0; round < MOST_ROUNDS; round++) {
      if (!pushed(x, y)) {
        return spots(x, y);
      }
    }
    return rows(wished.size());
  }

  /** Pushes each two that touch away from each other; whether there were any. */
  private boolean pushed(int[] x, int[] y) {
    boolean touched = false;
    for (int i = 0; i < x.length; i++) {
      for (int j = i + 1; j < x.length; j++) {
        touched |= pushed(x, y, i, j);
      }
    }
    return touched;
  }

  private boolean pushed(int[] x, int[] y, int one, int other) {
    int dx = x[other] - x[one];
    int dy = y[other] - y[one];
    int between = root((long) dx * dx + (long) dy * dy);
    if (between > size) {
      return false;
    }
    if (between == 0) {
      // Two on one spot part sideways, or up and down in turn, so that a crowd unfolds.
      dx = (one + other) % 2 == 0 ? 1 : 0;
      dy = 1 - dx;
      between = 1;
    }
    int push = (size - between) / 2 + 1;
    int moveX = dx * push / between;
    int moveY = dy * push / between;
    if (moveX == 0 && moveY == 0) {
      moveX = Math.abs(dx) >= Math.abs(dy) ? (dx < 0 ? -1 : 1) : 0;
      moveY = moveX == 0 ? (dy < 0 ? -1 : 1) : 0;
    }
    x[one] = clampX(x[one] - moveX);
    y[one] = clampY(y[one] - moveY);
    x[other] = clampX(x[other] + moveX);
    y[other] = clampY(y[other] + moveY);
    return true;
  }

  private List<Spot> rows(int count) {
    int columns = Math.max(1, Math.min(count, root((long) count * WIDTH / height) + 1));
    int step = WIDTH / columns;
    while (columns < count
        && step > size + 1
        && (count + columns - 1) / columns * (size + 2) > height) {
      columns++;
      step = WIDTH / columns;
    }
    int rows = (count + columns - 1) / columns;
    List<Spot> spots = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      int x = (2 * (i % columns) + 1) * WIDTH / (2 * columns);
      int y = (2 * (i / columns) + 1) * height / (2 * rows);
      spots.add(spot(clampX(x), clampY(y)));
    }
    return spots;
  }

  /**
   * So many places at even distances along a drawn path, from its beginning to its end.
   *
   * @param path at least one place
   */
  public List<Spot> along(List<Spot> path, int count) {
    long whole = 0;
    for (int i = 1; i < path.size(); i++) {
      whole += distance(path.get(i - 1), path.get(i));
    }
    List<Spot> spots = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      spots.add(at(path, count == 1 ? 0 : whole * i / (count - 1)));
    }
    return apart(spots);
  }

  private Spot at(List<Spot> path, long way) {
    long left = way;
    for (int i = 1; i < path.size(); i++) {
      Spot from = path.get(i - 1);
      Spot to = path.get(i);
      long leg = distance(from, to);
      if (left <= leg && leg > 0) {
        return new Spot(
            (int) (from.x() + (to.x() - from.x()) * left / leg),
            (int) (from.y() + (to.y() - from.y()) * left / leg));
      }
      left -= leg;
    }
    return path.getLast();
  }

  private int distance(Spot from, Spot to) {
    long dx = to.x() - from.x();
    long dy = (long) (to.y() - from.y()) * height / Spot.WHOLE;
    return root(dx * dx + dy * dy);
  }

  private int clampX(int x) {
    return clamp(x, WIDTH);
  }

  private int clampY(int y) {
    return clamp(y, height);
  }

  private int clamp(int place, int whole) {
    int margin = Math.min(size / 2 + 1, whole / 2);
    return Math.max(margin, Math.min(whole - margin, place));
  }

  private List<Spot> spots(int[] x, int[] y) {
    List<Spot> spots = new ArrayList<>();
    for (int i = 0; i < x.length; i++) {
      spots.add(spot(x[i], y[i]));
    }
    return spots;
  }

  private Spot spot(int x, int y) {
    return new Spot(x, (int) ((long) y * Spot.WHOLE / height));
  }

  /** The whole part of a square root, by Heron's method. */
  private static int root(long square) {
    if (square <= 0) {
      return 0;
    }
    long guess = Math.max(1, square);
    long next = (guess + 1) / 2;
    while (next < guess) {
      guess = next;
      next = (guess + square / guess) / 2;
    }
    return (int) guess;
  }
}
