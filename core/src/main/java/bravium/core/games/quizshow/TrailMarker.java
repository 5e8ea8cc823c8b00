package bravium.core.games.quizshow;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.question.Spot;
import com.fasterxml.jackson.annotation.JsonIgnore;

/**
 * A marker on a trail.
 *
 * @param question the id of the question that it opens
 * @param x where its middle is, in thousandths of the picture's width from the left
 * @param y where its middle is, in thousandths of the picture's height from above
 */
public record TrailMarker(
    String question,
    @Range(min = 0, max = Spot.WHOLE) int x,
    @Range(min = 0, max = Spot.WHOLE) int y,
    @JsonIgnore Extra extra) {

  /** Checks the ranges. */
  public TrailMarker {
    new Spot(x, y);
  }

  /** A marker with nothing unknown in it. */
  public TrailMarker(String question, int x, int y) {
    this(question, x, y, Extra.NONE);
  }
}
