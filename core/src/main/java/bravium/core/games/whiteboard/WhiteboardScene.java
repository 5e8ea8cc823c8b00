package bravium.core.games.whiteboard;

import bravium.core.games.GameScene;
import bravium.core.json.OwnId;
import bravium.core.play.Markers;
import bravium.core.rich.Words;
import java.util.List;

/**
 * What is seen of a whiteboard besides the page that is open.
 *
 * @param picked whether the class picks the pages
 * @param flaps whether answers lie under a folded flap
 * @param pages in their order
 */
public record WhiteboardScene(boolean picked, boolean flaps, List<BoardPage> pages)
    implements GameScene {

  /**
   * A page.
   *
   * @param number from 1
   * @param title what is asked on it
   * @param open whether it can be picked now
   */
  public record BoardPage(
      @OwnId String question, int number, Words title, Markers.State state, boolean open) {}
}
