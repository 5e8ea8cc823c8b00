package bravium.core.activity;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;

/**
 * Points besides a question's worth. They don't move the line that wins.
 *
 * @param speed the most points for a quick right answer: all at once, none when the question's time
 *     is up, evenly in between, rounded down; without a clock for it there are none
 * @param run the points for each full run of right answers
 * @param runLength how many right answers in a row are a run, from 2
 */
public record Bonus(
    @Range(min = 0, max = Rules.MOST_WORTH) int speed,
    @Range(min = 0, max = Rules.MOST_WORTH) int run,
    @Range(min = 2, max = 50) int runLength,
    @JsonIgnore Extra extra) {

  /** Checks the ranges. */
  public Bonus {
    if (speed < 0 || speed > Rules.MOST_WORTH || run < 0 || run > Rules.MOST_WORTH) {
      throw new IllegalArgumentException("a bonus is from 0 to " + Rules.MOST_WORTH + " points");
    }
    if (runLength < 2 || runLength > 50) {
      throw new IllegalArgumentException("runLength is from 2 to 50");
    }
  }

  /** A bonus with nothing unknown in it. */
  public Bonus(int speed, int run, int runLength) {
    this(speed, run, runLength, Extra.NONE);
  }
}
