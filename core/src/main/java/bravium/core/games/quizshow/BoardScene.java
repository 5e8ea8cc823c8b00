package bravium.core.games.quizshow;

import bravium.core.games.GameScene;
import bravium.core.json.OwnId;
import bravium.core.play.Markers;
import bravium.core.rich.Picture;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is seen of a board, where the markers are not all there is. */
public final class BoardScene {

  private BoardScene() {}

  /**
   * A picture with markers on it.
   *
   * @param size the widest a marker can be without touching another, in thousandths of the
   *     picture's width
   */
  public record OfTrail(@Nullable Picture picture, int size, List<TrailPlace> places)
      implements GameScene {}

  /**
   * A marker on the picture.
   *
   * @param x where its middle is, in thousandths of the picture's width from the left
   * @param y where its middle is, in thousandths of the picture's height from above
   * @param number of its question, from 1
   * @param open whether it can be picked
   */
  public record TrailPlace(
      @OwnId String question, int number, int x, int y, Markers.State state, boolean open) {}

  /**
   * A path up a slope.
   *
   * @param steps from the first to the top
   * @param heights how many steps up each team is, or the one who plays
   * @param kept the height to which a miss of who answers now leads
   * @param missEnds whether a miss ends it
   */
  public record OfClimb(List<Step> steps, List<Integer> heights, int kept, boolean missEnds)
      implements GameScene {}

  /**
   * A step.
   *
   * @param worth what one has who stands on it, in points
   * @param rest whether it is a resting place
   */
  public record Step(int worth, boolean rest) {}
}
