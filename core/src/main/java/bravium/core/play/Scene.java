package bravium.core.play;

import bravium.core.words.Picture;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What is seen of a board, where the markers are not all there is. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Scene.OfTrail.class, name = "trail"),
  @JsonSubTypes.Type(value = Scene.OfClimb.class, name = "climb")
})
public sealed interface Scene {

  /**
   * A picture with markers on it.
   *
   * @param size the widest a marker can be without touching another, in thousandths of the
   *     picture's width
   */
  record OfTrail(@Nullable Picture picture, int size, List<TrailPlace> places) implements Scene {}

  /**
   * A marker on the picture.
   *
   * @param x where its middle is, in thousandths of the picture's width from the left
   * @param y where its middle is, in thousandths of the picture's height from above
   * @param number of its question, from 1
   * @param open whether it can be picked
   */
  record TrailPlace(String question, int number, int x, int y, Markers.State state, boolean open) {}

  /**
   * A path up a slope.
   *
   * @param steps from the first to the top
   * @param heights how many steps up each team is, or the one who plays
   * @param kept the height to which a miss of who answers now leads
   * @param missEnds whether a miss ends it
   */
  record OfClimb(List<Step> steps, List<Integer> heights, int kept, boolean missEnds)
      implements Scene {}

  /**
   * A step.
   *
   * @param worth what one has who stands on it, in points
   * @param rest whether it is a resting place
   */
  record Step(int worth, boolean rest) {}
}
