package bravium.core.games.escaperoom;

import bravium.core.play.State;
import java.util.ArrayList;
import java.util.List;

/**
 * What an escape keeps besides results.
 *
 * @param opened the ids of the locks that are open, in that order
 * @param given those of them that the teacher opened
 * @param stopped whether nobody tries any further
 * @param outOfLives whether too many tries were wrong
 */
record EscapeState(List<String> opened, List<String> given, boolean stopped, boolean outOfLives)
    implements State {

  static final EscapeState NONE = new EscapeState(List.of(), List.of(), false, false);

  EscapeState opening(List<String> more) {
    return new EscapeState(longer(opened, more), given, stopped, outOfLives);
  }

  EscapeState giving(String lock) {
    return new EscapeState(opened, longer(given, List.of(lock)), stopped, outOfLives);
  }

  EscapeState asStopped() {
    return new EscapeState(opened, given, true, outOfLives);
  }

  EscapeState withoutLives() {
    return new EscapeState(opened, given, stopped, true);
  }

  private static List<String> longer(List<String> list, List<String> more) {
    List<String> longer = new ArrayList<>(list);
    longer.addAll(more);
    return List.copyOf(longer);
  }
}
