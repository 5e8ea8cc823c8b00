package bravium.core.rich;

import java.util.ArrayList;
import java.util.List;

/**
 * A rectangle of a picture that is given away alone, in thousandths of its width and height from
 * its upper left corner.
 *
 * @param medium the picture's name
 */
public record PicturePart(String medium, int x, int y, int width, int height) {

  /** Whether a name is a part's, and not a whole medium's. */
  public static boolean isName(String name) {
    return name.indexOf('~') >= 0;
  }

  /** The part of that name. */
  public static PicturePart of(String name) {
    int end = name.indexOf('~');
    List<Integer> numbers = new ArrayList<>();
    int from = end + 1;
    for (int i = from; i <= name.length(); i++) {
      if (i == name.length() || name.charAt(i) == '.') {
        numbers.add(Integer.valueOf(name.substring(from, i)));
        from = i + 1;
      }
    }
    return new PicturePart(
        name.substring(0, end), numbers.get(0), numbers.get(1), numbers.get(2), numbers.get(3));
  }

  /** What it is called where whoever looks may know which picture it is of. */
  public String name() {
    return medium + "~" + x + "." + y + "." + width + "." + height;
  }
}
