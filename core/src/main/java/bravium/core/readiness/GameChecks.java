package bravium.core.readiness;

import bravium.core.activity.Activity;
import bravium.core.activity.Game;
import bravium.core.question.Question;
import java.util.List;

/** What readiness has to hear of a game: each game knows best what it can come to. */
public interface GameChecks {

  /** Whether this version can play it. */
  boolean playable(Activity activity);

  /**
   * What it can come to.
   *
   * @param pool the questions that it draws from
   */
  Prospects prospects(Activity activity, List<Question> pool);

  /** What is worth a look in this game and in no other. */
  List<Finding> findings(Activity activity);

  /** The game with one of its own findings mended; as it is where it has no such mend. */
  Game mended(Game game, Finding finding);
}
