package bravium.core.play;

import bravium.core.json.Root;
import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * How a play ended.
 *
 * @param won false too while it is not decided
 * @param points never below 0
 * @param possible the points that the drawn questions are worth
 * @param needed the points that win
 * @param awaiting how many answers the teacher has yet to mark before it is decided; 0 once it is
 */
@Root
public record Outcome(
    boolean won, int points, int possible, int needed, Ended ended, int awaiting) {

  /** What ended a play. */
  public enum Ended {
    /** It was played to its end. */
    @JsonProperty("played")
    PLAYED,
    /** Too many answers were wrong. */
    @JsonProperty("lives")
    LIVES,
    /** Time ran out. */
    @JsonProperty("time")
    TIME
  }
}
