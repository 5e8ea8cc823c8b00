package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.json.PartId;
import bravium.core.json.Range;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A part of a picture that can be pointed at.
 *
 * @param id unique within its question, not blank
 * @param name what is there, for those who can't see it
 * @param corners two opposite corners of a rectangle or of the rectangle round an ellipse, or the
 *     corners of a polygon in their order
 * @param feedback what is said to who points here; null for the question's own words
 */
public record Area(
    @PartId String id,
    String name,
    Form form,
    @Range(max = MOST_CORNERS) List<Spot> corners,
    boolean right,
    @Nullable Words feedback,
    @JsonIgnore Extra extra) {

  /** The most corners of a polygon. */
  public static final int MOST_CORNERS = 60;

  /** The forms an area can have. */
  public enum Form {
    /** A rectangle. */
    @JsonProperty("rectangle")
    RECTANGLE,
    /** An ellipse. */
    @JsonProperty("ellipse")
    ELLIPSE,
    /** Any number of corners from three. */
    @JsonProperty("polygon")
    POLYGON
  }

  /** Checks the number of corners. */
  public Area {
    boolean fits =
        form == Form.POLYGON
            ? corners.size() >= 3 && corners.size() <= MOST_CORNERS
            : corners.size() == 2;
    if (!fits) {
      throw new IllegalArgumentException(
          "corners are two, or 3 to " + MOST_CORNERS + " of a polygon");
    }
  }

  /**
   * A place that lies in it, where there is one: an ellipse may be so thin that it holds none. Of
   * an ellipse it is the place nearest to its middle, so that no other lies in it if this doesn't.
   */
  Optional<Spot> inside() {
    Spot one = corners.getFirst();
    Spot other = corners.get(1);
    return form != Form.ELLIPSE
        ? Optional.of(one)
        : Optional.of(new Spot((one.x() + other.x()) / 2, (one.y() + other.y()) / 2))
            .filter(spot -> contains(spot.x(), spot.y()));
  }

  /** Whether a place lies in it; its edge belongs to it. */
  public boolean contains(int x, int y) {
    return switch (form) {
      case RECTANGLE ->
          between(x, corners.get(0).x(), corners.get(1).x())
              && between(y, corners.get(0).y(), corners.get(1).y());
      case ELLIPSE -> inEllipse(x, y);
      case POLYGON -> inPolygon(x, y);
    };
  }

  private static boolean between(int value, int one, int other) {
    return value >= Math.min(one, other) && value <= Math.max(one, other);
  }

  /** ((x - cx) / rx)² + ((y - cy) / ry)² ≤ 1, in whole numbers and doubled to stay exact. */
  private boolean inEllipse(int x, int y) {
    long width = Math.abs(corners.get(0).x() - corners.get(1).x());
    long height = Math.abs(corners.get(0).y() - corners.get(1).y());
    long dx = 2L * x - corners.get(0).x() - corners.get(1).x();
    long dy = 2L * y - corners.get(0).y() - corners.get(1).y();
    if (width == 0 || height == 0) {
      return Math.abs(dx) <= width && Math.abs(dy) <= height;
    }
    return dx * dx * height * height + dy * dy * width * width <= width * width * height * height;
  }

  /** Even-odd rule (Shimrat, Algorithm 112, Communications of the ACM 5:8, 1962); edges are in. */
  private boolean inPolygon(int x, int y) {
    boolean inside = false;
    for (int i = 0, j = corners.size() - 1; i < corners.size(); j = i++) {
      Spot a = corners.get(i);
      Spot b = corners.get(j);
      long side = (long) (b.x() - a.x()) * (y - a.y()) - (long) (b.y() - a.y()) * (x - a.x());
      if (side == 0 && between(x, a.x(), b.x()) && between(y, a.y(), b.y())) {
        return true;
      }
      boolean crosses = a.y() > y != b.y() > y;
      if (crosses && side > 0 == b.y() > a.y()) {
        inside = !inside;
      }
    }
    return inside;
  }
}
