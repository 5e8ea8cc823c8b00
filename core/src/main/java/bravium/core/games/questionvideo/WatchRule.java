package bravium.core.games.questionvideo;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * How learners may watch.
 *
 * @param back whether they may go back
 * @param ahead whether they may skip ahead to what they haven't seen; no stop is skipped by it
 * @param skip whether they may leave a question unanswered
 * @param fastest the fastest speed, in per cent of the usual one, 100 to {@value #FASTEST}
 * @param again whether they may watch again once it is over, before they finish
 * @param share how much of it must be watched, in per cent, 0 to 100
 * @param pennants which stops show before they are met
 */
public record WatchRule(
    boolean back,
    boolean ahead,
    boolean skip,
    @Range(min = 100, max = FASTEST) int fastest,
    boolean again,
    @Range(min = 0, max = 100) int share,
    Pennants pennants,
    @JsonIgnore Extra extra) {

  /** Twice the usual speed: faster, nobody can follow what is said (common practice). */
  public static final int FASTEST = 200;

  /** The usual share that must be watched, in per cent (common practice). */
  public static final int USUAL_SHARE = 90;

  /** Which stops show on the string below the film. */
  public enum Pennants {
    /** All of them, from the beginning. */
    @JsonProperty("all")
    ALL,
    /** Only those that were met. */
    @JsonProperty("met")
    MET
  }

  /** The usual: back, not ahead, at the usual speed. */
  public static final WatchRule USUAL =
      new WatchRule(true, false, false, 100, false, USUAL_SHARE, Pennants.ALL, Extra.NONE);

  /** Checks the ranges. */
  public WatchRule {
    if (fastest < 100 || fastest > FASTEST) {
      throw new IllegalArgumentException("fastest is from 100 to " + FASTEST + " per cent");
    }
    if (share < 0 || share > 100) {
      throw new IllegalArgumentException("share is from 0 to 100 per cent");
    }
  }
}
