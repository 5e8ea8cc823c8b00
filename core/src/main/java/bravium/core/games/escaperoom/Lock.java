package bravium.core.games.escaperoom;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.question.Area;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A lock.
 *
 * @param id unique among the locks; where an answer opens it, its question's
 * @param room the id of the room that it is in; one that isn't there stands for the first
 * @param name what it is; blank while that is not said
 * @param place where it is on the room's picture; null for beside it
 * @param under the id of the cover that it lies under; null for none
 * @param does what comes of opening it, at most {@value #MOST_EFFECTS}
 */
public record Lock(
    String id,
    String room,
    String name,
    @Nullable Area place,
    @Nullable String under,
    Opener by,
    @Range(max = MOST_EFFECTS) List<Effect> does,
    @JsonIgnore Extra extra) {

  /** The most that can come of opening one lock. */
  public static final int MOST_EFFECTS = 40;

  /** Checks the number. */
  public Lock {
    if (does.size() > MOST_EFFECTS) {
      throw new IllegalArgumentException("a lock does at most " + MOST_EFFECTS + " things");
    }
  }

  /** A lock that lies beside the picture and is opened by the answer to a question. */
  static Lock asking(String question, String room, Effect... does) {
    return new Lock(
        question, room, "", null, null, Opener.ByAnswer.USUAL, List.of(does), Extra.NONE);
  }

  /** The same lock, doing something else. */
  Lock doing(List<Effect> changed) {
    return new Lock(id, room, name, place, under, by, List.copyOf(changed), extra);
  }

  /** The same lock, doing one thing more. */
  Lock doing(Effect more) {
    List<Effect> changed = new ArrayList<>(does);
    changed.add(more);
    return doing(changed);
  }

  /** The same lock, opened otherwise. */
  Lock by(Opener changed) {
    return new Lock(id, room, name, place, under, changed, does, extra);
  }

  /** The same lock under another cover; null for none. */
  Lock under(@Nullable String cover) {
    return new Lock(id, room, name, place, cover, by, does, extra);
  }

  /** The same lock beside the picture or on it; null for beside. */
  Lock at(@Nullable Area changed) {
    return new Lock(id, room, name, changed, under, by, does, extra);
  }

  /** The same lock under another name. */
  Lock named(String changed) {
    return new Lock(id, room, changed, place, under, by, does, extra);
  }

  /** Whether it is the way out. */
  boolean leadsOut() {
    return does.stream().anyMatch(Effect.LeadsOut.class::isInstance);
  }
}
