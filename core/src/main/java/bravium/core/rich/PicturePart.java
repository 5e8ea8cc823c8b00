package bravium.core.rich;

import java.util.ArrayList;
import java.util.List;

/**
 * A rectangle of a picture that is given away alone, in thousandths of its width and height from
 * its upper left corner.
 *
 * @param medium the picture's name
 * @param holes what of it is not given away, measured as the part itself
 */
public record PicturePart(String medium, int x, int y, int width, int height, List<Hole> holes) {

  /** Thousandths that there are. */
  private static final int WHOLE = 1_000;

  /** A rectangle of which nothing is seen, in thousandths of the whole picture. */
  public record Hole(int x, int y, int width, int height) {}

  /** A rectangle all of which is given away. */
  public PicturePart(String medium, int x, int y, int width, int height) {
    this(medium, x, y, width, height, List.of());
  }

  /** All of a picture but these rectangles. */
  public static PicturePart allBut(String medium, List<Hole> holes) {
    return new PicturePart(medium, 0, 0, WHOLE, WHOLE, List.copyOf(holes));
  }

  /** Whether a name is a part's, and not a whole medium's. */
  public static boolean isName(String name) {
    return name.indexOf('~') >= 0;
  }

  /** The part of that name. */
  public static PicturePart of(String name) {
    int end = name.indexOf('~');
    List<List<Integer>> rectangles = new ArrayList<>();
    List<Integer> numbers = new ArrayList<>();
    int from = end + 1;
    for (int i = from; i <= name.length(); i++) {
      boolean over = i == name.length() || name.charAt(i) == '~';
      if (over || name.charAt(i) == '.') {
        numbers.add(Integer.valueOf(name.substring(from, i)));
        from = i + 1;
      }
      if (over) {
        rectangles.add(numbers);
        numbers = new ArrayList<>();
      }
    }
    List<Integer> whole = rectangles.removeFirst();
    return new PicturePart(
        name.substring(0, end),
        whole.get(0),
        whole.get(1),
        whole.get(2),
        whole.get(3),
        rectangles.stream().map(h -> new Hole(h.get(0), h.get(1), h.get(2), h.get(3))).toList());
  }

  /** What it is called where whoever looks may know which picture it is of. */
  public String name() {
    StringBuilder name = new StringBuilder(medium);
    name.append(written(x, y, width, height));
    holes.forEach(hole -> name.append(written(hole.x, hole.y, hole.width, hole.height)));
    return name.toString();
  }

  private static String written(int x, int y, int width, int height) {
    return "~" + x + "." + y + "." + width + "." + height;
  }
}
