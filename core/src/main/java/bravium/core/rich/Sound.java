package bravium.core.rich;

import bravium.core.json.Extra;
import bravium.core.json.OfOnePlay;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;
import org.jspecify.annotations.Nullable;

/**
 * A sound to play.
 *
 * @param medium its name, see {@link MediumName}
 * @param words what is heard, for those who can't hear it; may be blank while it is being written
 * @param millis how long it is, in milliseconds, at least 0; null where that is not known
 */
public record Sound(
    @OfOnePlay String medium,
    String words,
    @Range(min = 0) @Nullable Integer millis,
    @JsonIgnore Extra extra)
    implements Media {

  /** Checks the name and the length. */
  public Sound {
    MediumName.require(medium);
    if (millis != null && millis < 0) {
      throw new IllegalArgumentException("a sound is at least 0 milliseconds long");
    }
  }

  @Override
  public String plain() {
    return Texts.trimmed(words);
  }
}
