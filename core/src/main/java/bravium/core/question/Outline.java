package bravium.core.question;

import java.util.List;
import org.jspecify.annotations.Nullable;

/** Where something is on a picture, as in {@link Area}, without what the teacher says of it. */
public record Outline(Area.Form form, List<Spot> corners) {

  /** That of an area; null for none. */
  public static @Nullable Outline of(@Nullable Area area) {
    return area == null ? null : new Outline(area.form(), area.corners());
  }
}
