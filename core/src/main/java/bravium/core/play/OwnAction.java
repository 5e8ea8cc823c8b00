package bravium.core.play;

import org.jspecify.annotations.Nullable;

/** Something that is done in one game alone. */
public interface OwnAction {

  /** The id of the item that it is about; null for none. */
  default @Nullable String item() {
    return null;
  }

  /** Whether it only tells something and changes no points: it is never taken back. */
  default boolean reports() {
    return false;
  }
}
