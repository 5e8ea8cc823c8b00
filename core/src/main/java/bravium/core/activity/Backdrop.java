package bravium.core.activity;

import bravium.core.json.Extra;
import bravium.core.measure.Colour;
import bravium.core.rich.Picture;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;
import org.jspecify.annotations.Nullable;

/**
 * What is behind a game.
 *
 * @param second the colour that the ground runs into, for a gradient
 * @param picture null while none is chosen
 * @param darkest the least red, green and blue in the picture; null for black
 * @param lightest the greatest red, green and blue in the picture; null for white
 */
public record Backdrop(
    Fill fill,
    @Nullable String second,
    @Nullable Picture picture,
    @Nullable String darkest,
    @Nullable String lightest,
    @JsonIgnore Extra extra) {

  /** What it is made of. */
  public enum Fill {
    /** The ground's colour alone. */
    @JsonProperty("colour")
    COLOUR,
    /** The ground's colour running into a second one. */
    @JsonProperty("gradient")
    GRADIENT,
    /** A picture under a veil of the ground's colour. */
    @JsonProperty("picture")
    PICTURE
  }

  /** Nothing but the ground. */
  public static final Backdrop PLAIN =
      new Backdrop(Fill.COLOUR, null, null, null, null, Extra.NONE);

  /** Checks the colours. */
  public Backdrop {
    Look.requireColour(second);
    Look.requireColour(darkest);
    Look.requireColour(lightest);
  }

  /** A gradient into this colour. */
  public static Backdrop into(String second) {
    return new Backdrop(Fill.GRADIENT, second, null, null, null, Extra.NONE);
  }

  Backdrop withSecond(Colour changed) {
    return new Backdrop(fill, changed.text(), picture, darkest, lightest, extra);
  }
}
