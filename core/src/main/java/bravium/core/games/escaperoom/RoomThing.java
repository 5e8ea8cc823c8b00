package bravium.core.games.escaperoom;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.question.Area;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something in a room.
 *
 * @param id unique among the things
 * @param room the id of the room that it is in; one that isn't there stands for the first
 * @param name what it is, also for those who can't see it
 * @param words what is seen and heard by who looks closer; null for nothing more
 * @param place where it is on the room's picture; null for beside it
 * @param under the id of the cover that it lies under; null for none
 * @param helps the ids of the locks that it helps with, at most {@value EscapeRoom#MOST_LOCKS}:
 *     advice to readiness, no bar to who guesses
 * @param scenery whether it is there to be looked at, and helps with nothing
 */
public record RoomThing(
    String id,
    String room,
    String name,
    @Nullable Words words,
    @Nullable Area place,
    @Nullable String under,
    @Range(max = EscapeRoom.MOST_LOCKS) List<String> helps,
    boolean scenery,
    @JsonIgnore Extra extra) {

  /** A thing beside the picture. */
  static RoomThing of(String id, String room, String name, String... helps) {
    return new RoomThing(id, room, name, null, null, null, List.of(helps), false, Extra.NONE);
  }

  /** The same thing, which helps with other locks. */
  RoomThing helping(List<String> locks) {
    return new RoomThing(id, room, name, words, place, under, List.copyOf(locks), scenery, extra);
  }

  /** The same thing under another cover; null for none. */
  RoomThing under(@Nullable String cover) {
    return new RoomThing(id, room, name, words, place, cover, helps, scenery, extra);
  }

  /** The same thing, which says something else. */
  RoomThing saying(@Nullable Words changed) {
    return new RoomThing(id, room, name, changed, place, under, helps, scenery, extra);
  }

  /** The same thing, which is there to be looked at. */
  RoomThing asScenery() {
    return new RoomThing(id, room, name, words, place, under, helps, true, extra);
  }

  /** The same thing beside the picture or on it; null for beside. */
  RoomThing at(@Nullable Area changed) {
    return new RoomThing(id, room, name, words, changed, under, helps, scenery, extra);
  }
}
