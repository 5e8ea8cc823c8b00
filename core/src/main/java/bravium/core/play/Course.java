package bravium.core.play;

import java.util.Optional;
import java.util.Set;

/** How a game runs: what a settled question leads to there. Everything else is the engine's. */
public interface Course {

  /** The question a game begins with; empty where nothing was drawn. */
  default Optional<String> first(Draw draw) {
    return draw.ids().stream().findFirst();
  }

  /**
   * The question that comes after one.
   *
   * @param settled the ids of all questions that are answered or passed over
   * @param now the id of the question that was just settled; it may have left the draw
   * @return empty when the game is over
   */
  Optional<String> next(Draw draw, Set<String> settled, String now);
}
