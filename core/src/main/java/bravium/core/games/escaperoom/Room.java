package bravium.core.games.escaperoom;

import bravium.core.json.Extra;
import bravium.core.rich.Picture;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import org.jspecify.annotations.Nullable;

/**
 * A room.
 *
 * @param id unique among the rooms
 * @param picture null for none
 * @param entering what is said to who enters it; null for nothing
 * @param open whether it can be entered from the start; the first can, whatever this says
 */
public record Room(
    String id,
    String name,
    @Nullable Picture picture,
    @Nullable Words entering,
    boolean open,
    @JsonIgnore Extra extra) {

  /** A room with nothing in it. */
  static Room of(String id, String name) {
    return new Room(id, name, null, null, false, Extra.NONE);
  }

  /** The same room, open from the start or not. */
  Room opened(boolean changed) {
    return new Room(id, name, picture, entering, changed, extra);
  }

  /** The same room with another picture. */
  Room showing(@Nullable Picture changed) {
    return new Room(id, name, changed, entering, open, extra);
  }

  /** The same room under another name. */
  Room named(String changed) {
    return new Room(id, changed, picture, entering, open, extra);
  }
}
