package bravium.core.games;

import bravium.core.activity.Activity;
import bravium.core.activity.Game;
import bravium.core.play.Opening;
import bravium.core.play.Play;
import bravium.core.question.Question;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Prospects;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** How a game of one kind behaves. It is nothing that is kept: all it needs is handed in. */
public interface Behaviour<G extends Game> {

  /** How the activity's game plays; empty where this version can't play it. */
  Optional<Play> play(Activity activity, G game);

  /** What it can come to with these questions to draw from. */
  default Prospects prospects(Activity activity, G game, List<Question> pool) {
    return Prospects.ofPoints(activity, pool);
  }

  /** What is worth a look in this game and in no other. */
  List<Finding> findings(Activity activity, G game);

  /** The same game with one of its own findings mended; as it is where it has no such mend. */
  default G mended(G game, Finding finding) {
    return game;
  }

  /**
   * Activities that must look alike to a player until something is given away: they differ in
   * nothing but what she has to find out herself.
   */
  default Stream<Twin> twins(Activity activity, G game, Opening opening) {
    return Stream.empty();
  }
}
