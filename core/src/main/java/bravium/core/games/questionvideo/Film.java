package bravium.core.games.questionvideo;

import bravium.core.json.Extra;
import bravium.core.json.OfOnePlay;
import bravium.core.json.Range;
import bravium.core.measure.Stretch;
import bravium.core.rich.MediumName;
import bravium.core.rich.Picture;
import com.fasterxml.jackson.annotation.JsonIgnore;
import org.jspecify.annotations.Nullable;

/**
 * A video, or a sound with a still picture, and how much of it is shown.
 *
 * @param medium its name, see {@link MediumName}
 * @param millis how long it lasts, in milliseconds, at least 1
 * @param width in pixels, at least 1; null for a sound
 * @param height in pixels, at least 1; null for a sound
 * @param rate how many frames there are in 1,000 seconds, at least 1; null where that is not known
 * @param from where it begins, in milliseconds from the file's beginning; null for there
 * @param to where it ends, in milliseconds from the file's beginning; null for its end
 * @param poster what stands there before it plays, and always over a sound; null for its first
 *     picture
 */
public record Film(
    @OfOnePlay String medium,
    @Range(min = 1, max = Stretch.LONGEST) int millis,
    @Range(min = 1) @Nullable Integer width,
    @Range(min = 1) @Nullable Integer height,
    @Range(min = 1, max = MOST_RATE) @Nullable Integer rate,
    @Range(min = 0, max = Stretch.LONGEST) @Nullable Integer from,
    @Range(min = 0, max = Stretch.LONGEST) @Nullable Integer to,
    @Nullable Picture poster,
    @JsonIgnore Extra extra) {

  /** A thousand frames a second. */
  public static final int MOST_RATE = 1_000_000;

  /** Checks the ranges. */
  public Film {
    MediumName.require(medium);
    require(millis >= 1 && millis <= Stretch.LONGEST, "millis is from 1 to " + Stretch.LONGEST);
    require(width == null || width >= 1, "width is at least 1");
    require(height == null || height >= 1, "height is at least 1");
    require(rate == null || rate >= 1 && rate <= MOST_RATE, "rate is from 1 to " + MOST_RATE);
    require(from == null || from >= 0 && from <= Stretch.LONGEST, "from is within a day");
    require(to == null || to >= 0 && to <= Stretch.LONGEST, "to is within a day");
  }

  private static void require(boolean holds, String what) {
    if (!holds) {
      throw new IllegalArgumentException(what);
    }
  }

  /** A whole film without anything said of it. */
  public static Film of(String medium, int millis) {
    return new Film(medium, millis, null, null, null, null, null, null, Extra.NONE);
  }

  /** The same film with other ends; null for those of the file. */
  public Film trimmed(@Nullable Integer start, @Nullable Integer end) {
    return new Film(medium, millis, width, height, rate, start, end, poster, extra);
  }

  /** The part of the file that is shown: never beyond it, and of some length. */
  public Stretch shown() {
    int end = to == null ? millis : Math.clamp(to, 1, millis);
    int start = from == null ? 0 : Math.clamp(from, 0, end - 1);
    return new Stretch(start, end);
  }
}
