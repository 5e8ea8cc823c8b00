package bravium.core.play;

import bravium.core.rich.PicturePart;
import java.util.Set;

/** What is seen of a play besides its markers and the question that is asked. */
public interface Scene {

  /** The hidden media that it gives away whole. */
  default Set<String> bare() {
    return Set.of();
  }

  /** The parts of hidden pictures that it gives away. */
  default Set<PicturePart> parts() {
    return Set.of();
  }
}
