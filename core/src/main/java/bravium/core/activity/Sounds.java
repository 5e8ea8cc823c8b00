package bravium.core.activity;

import bravium.core.json.Extra;
import bravium.core.rich.Sound;
import com.fasterxml.jackson.annotation.JsonIgnore;
import org.jspecify.annotations.Nullable;

/**
 * What is heard besides what stands in the words.
 *
 * @param off whether the game makes no sounds of its own
 * @param music what plays in the background, over and over; null for none
 */
public record Sounds(boolean off, @Nullable Sound music, @JsonIgnore Extra extra) {

  /** Sounds with nothing unknown in them. */
  public Sounds(boolean off, @Nullable Sound music) {
    this(off, music, Extra.NONE);
  }
}
