package bravium.core.question;

import bravium.core.json.Range;
import bravium.core.measure.PartsOfWhole;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A figure that is cut into equal parts, of which some are shaded.
 *
 * @param parts into how many each whole is cut, 1 to {@value PartsOfWhole#MOST}
 * @param wholes how many wholes there are, 1 to {@value #MOST_WHOLES}; null for one
 * @param rows in how many rows the parts of a rectangle or the things of a set lie; null, or what
 *     doesn't divide them, for rows that make it most like a square
 * @param shaded the places of the parts that are shaded, from 0, whole after whole; rising, each
 *     once
 */
public record Figure(
    FigureShape shape,
    @Range(min = 1, max = PartsOfWhole.MOST) int parts,
    @Range(min = 1, max = MOST_WHOLES) @Nullable Integer wholes,
    @Range(min = 1, max = PartsOfWhole.MOST) @Nullable Integer rows,
    @Range(max = PartsOfWhole.MOST * MOST_WHOLES) List<Integer> shaded) {

  /** The most wholes. */
  public static final int MOST_WHOLES = 6;

  /** What is cut. */
  public enum FigureShape {
    /** A circle, cut from its middle. */
    @JsonProperty("circle")
    CIRCLE,
    /** A bar, cut across. */
    @JsonProperty("bar")
    BAR,
    /** A rectangle, cut into rows and columns. */
    @JsonProperty("rectangle")
    RECTANGLE,
    /** Things that are alike. */
    @JsonProperty("set")
    SET
  }

  /** Checks the ranges, and that only parts that are there are shaded. */
  public Figure {
    if (parts < 1 || parts > PartsOfWhole.MOST) {
      throw new IllegalArgumentException(
          "a figure is cut into 1 to " + PartsOfWhole.MOST + " parts, not " + parts);
    }
    if (wholes != null && (wholes < 1 || wholes > MOST_WHOLES)) {
      throw new IllegalArgumentException("there are 1 to " + MOST_WHOLES + " wholes");
    }
    int all = parts * (wholes == null ? 1 : wholes);
    int last = -1;
    for (int place : shaded) {
      if (place <= last || place >= all) {
        throw new IllegalArgumentException(
            "shaded parts are counted from 0 to " + (all - 1) + ", rising, each once");
      }
      last = place;
    }
  }

  /** One whole, with the first so many parts shaded. */
  public static Figure of(FigureShape shape, int parts, int shaded) {
    return new Figure(shape, parts, null, null, firstOf(shaded));
  }

  private static List<Integer> firstOf(int count) {
    List<Integer> places = new ArrayList<>();
    for (int place = 0; place < count; place++) {
      places.add(place);
    }
    return List.copyOf(places);
  }

  /** How many wholes there are. */
  public int count() {
    return wholes == null ? 1 : wholes;
  }

  /** How much is shaded, as parts of one whole. */
  public PartsOfWhole fraction() {
    return new PartsOfWhole(shaded.size(), parts);
  }

  /** The same figure with nothing shaded. */
  public Figure blank() {
    return new Figure(shape, parts, wholes, rows, List.of());
  }

  /** The same figure in another cut, with nothing shaded. */
  public Figure cutInto(int changed) {
    return new Figure(shape, changed, wholes, null, List.of());
  }

  /** The same figure with the first so many parts shaded. */
  public Figure shading(int count) {
    return new Figure(shape, parts, wholes, rows, firstOf(count));
  }
}
