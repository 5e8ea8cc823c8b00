package bravium.core.games.wordhunt;

import bravium.core.games.GameScene;
import bravium.core.json.OwnId;
import bravium.core.play.Entry;
import bravium.core.question.Outline;
import bravium.core.rich.Picture;
import bravium.core.rich.Words;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is seen of a word hunt. On the title page only how many entries there are.
 *
 * @param lines a line for each thing, in the order they are written
 * @param entries all that was entered, in that order
 * @param left how many entries are left for whoever enters now; null for any number
 * @param of how many there were; null for any number
 * @param teamsLeft how many are left for each team; empty without teams, or for any number
 * @param names what can be picked from, sorted; empty where there is no list, or none yet
 * @param help whether a list to pick from can be asked for
 * @param asksWho whether the teacher says of each entry which team said it
 * @param price what a letter costs, in points
 */
public record HuntScene(
    @Nullable Picture picture,
    @Nullable Words text,
    List<Sought> lines,
    List<Entry> entries,
    @Nullable Integer left,
    @Nullable Integer of,
    List<Integer> teamsLeft,
    List<String> names,
    boolean help,
    boolean asksWho,
    int price)
    implements GameScene {

  /**
   * A thing on the list.
   *
   * @param name null until it is found or given away
   * @param found whether it was found
   * @param team the place of the team that found it, from 0
   * @param letters what is known of its name, letter by letter: an empty text for a blank; white
   *     space and signs as they are
   * @param more whether there is more than these letters
   * @param hint whether a letter can be uncovered
   * @param place where it is, once it is found or given away; null where that was never said
   */
  public record Sought(
      @OwnId String item,
      @Nullable String name,
      boolean found,
      @Nullable Integer team,
      List<String> letters,
      boolean more,
      boolean hint,
      @Nullable Outline place) {}
}
