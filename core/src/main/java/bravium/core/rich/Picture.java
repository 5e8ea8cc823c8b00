package bravium.core.rich;

import bravium.core.json.Extra;
import bravium.core.json.OfOnePlay;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;
import org.jspecify.annotations.Nullable;

/**
 * A picture, fitted to its place whatever its size.
 *
 * @param medium its name, see {@link MediumName}
 * @param alt what it shows, for those who can't see it; may be blank while it is being written
 * @param width in pixels, at least 1; null where it has no size of its own
 * @param height in pixels, at least 1; null where it has no size of its own
 */
public record Picture(
    @OfOnePlay String medium,
    String alt,
    @Range(min = 1) @Nullable Integer width,
    @Range(min = 1) @Nullable Integer height,
    @JsonIgnore Extra extra)
    implements Media {

  /** Checks the name and the size. */
  public Picture {
    MediumName.require(medium);
    if (width != null && width < 1 || height != null && height < 1) {
      throw new IllegalArgumentException("a picture is at least one pixel wide and high");
    }
  }

  /** A picture without a size of its own, with nothing unknown in it. */
  public Picture(String medium, String alt) {
    this(medium, alt, null, null, Extra.NONE);
  }

  @Override
  public String plain() {
    return Texts.trimmed(alt);
  }

  /** Its width in thousandths of its height; 1,500 where that is not known, or no picture is. */
  public static int ratio(@Nullable Picture picture) {
    return picture == null || picture.width == null || picture.height == null
        ? 1_500
        : (int) Math.clamp(1_000L * picture.width / picture.height, 1, 1_000_000);
  }
}
