package bravium.core.activity;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;

/**
 * What costs points.
 *
 * @param hint the price of each hint, in points, from 0
 * @param wrong the price of each wrong answer, in points, from 0
 */
public record Prices(
    @Range(min = 0, max = Rules.MOST_WORTH) int hint,
    @Range(min = 0, max = Rules.MOST_WORTH) int wrong,
    @JsonIgnore Extra extra) {

  /** Nothing costs. */
  public static final Prices NONE = new Prices(0, 0);

  /** Checks the ranges. */
  public Prices {
    if (hint < 0 || hint > Rules.MOST_WORTH || wrong < 0 || wrong > Rules.MOST_WORTH) {
      throw new IllegalArgumentException("prices are from 0 to " + Rules.MOST_WORTH + " points");
    }
  }

  /** Prices with nothing unknown in them. */
  public Prices(int hint, int wrong) {
    this(hint, wrong, Extra.NONE);
  }
}
