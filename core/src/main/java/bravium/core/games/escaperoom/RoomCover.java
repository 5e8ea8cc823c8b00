package bravium.core.games.escaperoom;

import bravium.core.json.Extra;
import bravium.core.question.Area;
import com.fasterxml.jackson.annotation.JsonIgnore;

/**
 * Something that covers a part of a room's picture until a lock takes it away. What is behind it
 * leaves nobody's server before.
 *
 * @param id unique among the covers
 * @param room the id of the room that it is in; one that isn't there stands for the first
 * @param name what it is, also for those who can't see it
 * @param place what it covers: the rectangle round it
 */
public record RoomCover(String id, String room, String name, Area place, @JsonIgnore Extra extra) {

  /** The left edge, in thousandths of the picture's width. */
  int left() {
    return place.corners().stream().mapToInt(spot -> spot.x()).min().orElse(0);
  }

  /** The upper edge, in thousandths of the picture's height. */
  int top() {
    return place.corners().stream().mapToInt(spot -> spot.y()).min().orElse(0);
  }

  /** The width, in thousandths of the picture's. */
  int width() {
    return place.corners().stream().mapToInt(spot -> spot.x()).max().orElse(0) - left();
  }

  /** The height, in thousandths of the picture's. */
  int height() {
    return place.corners().stream().mapToInt(spot -> spot.y()).max().orElse(0) - top();
  }
}
