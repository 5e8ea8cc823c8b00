package bravium.core.activity;

import bravium.core.json.Extra;
import com.fasterxml.jackson.annotation.JsonIgnore;
import org.jspecify.annotations.Nullable;

/**
 * The few rules that every game with questions shares.
 *
 * @param ask how many questions are asked, from 1; null asks all
 * @param worth the points of each question, 0 to {@value #MOST_WORTH}
 * @param passMark the share of the points that wins, in per cent, 0 to 100
 */
public record Rules(
    @Nullable Integer ask,
    Order questionOrder,
    Order optionOrder,
    int worth,
    int passMark,
    @JsonIgnore Extra extra) {

  /** The most that a question can be worth, in points. */
  public static final int MOST_WORTH = 10_000;

  /** The usual worth of a question, in points (common practice). */
  public static final int USUAL_WORTH = 10;

  /** The usual pass mark, in per cent (common practice). */
  public static final int USUAL_PASS_MARK = 80;

  /** Checks the ranges. */
  public Rules {
    if (ask != null && ask < 1) {
      throw new IllegalArgumentException("ask is at least 1, or absent for all questions");
    }
    if (worth < 0 || worth > MOST_WORTH) {
      throw new IllegalArgumentException("worth is from 0 to " + MOST_WORTH + " points");
    }
    if (passMark < 0 || passMark > 100) {
      throw new IllegalArgumentException("passMark is from 0 to 100 per cent");
    }
  }

  /** All questions in a new order each time, 10 points each, won with 80 %. */
  public static Rules usual() {
    return new Rules(null, Order.MIXED, Order.MIXED, USUAL_WORTH, USUAL_PASS_MARK, Extra.NONE);
  }
}
