package bravium.core.activity;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The few rules that every game with questions shares.
 *
 * @param ask how many questions are asked, from 1; null asks all
 * @param worth the points of each question, 0 to {@value #MOST_WORTH}
 * @param passMark the share of the points that wins, in per cent, 0 to 100
 * @param thinking where the teacher expects other thinking times than the usual ones; they matter
 *     for the time line alone
 */
public record Rules(
    @Range(min = 1) @Nullable Integer ask,
    Order questionOrder,
    Order optionOrder,
    @Range(min = 0, max = MOST_WORTH) int worth,
    @Range(min = 0, max = 100) int passMark,
    List<Thinking> thinking,
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

  /** Rules with the usual thinking times. */
  public Rules(
      @Nullable Integer ask,
      Order questionOrder,
      Order optionOrder,
      int worth,
      int passMark,
      Extra extra) {
    this(ask, questionOrder, optionOrder, worth, passMark, List.of(), extra);
  }

  /** The same rules, asking another number; null asks all. */
  public Rules withAsk(@Nullable Integer changed) {
    return new Rules(changed, questionOrder, optionOrder, worth, passMark, thinking, extra);
  }

  /** The same rules with options in another order. */
  public Rules withOptionOrder(Order changed) {
    return new Rules(ask, questionOrder, changed, worth, passMark, thinking, extra);
  }

  /** The same rules with another worth of each question, in points. */
  public Rules withWorth(int changed) {
    return new Rules(ask, questionOrder, optionOrder, changed, passMark, thinking, extra);
  }

  /** The same rules with another pass mark, in per cent. */
  public Rules withPassMark(int changed) {
    return new Rules(ask, questionOrder, optionOrder, worth, changed, thinking, extra);
  }

  /** All questions in a new order each time, 10 points each, won with 80 %. */
  public static Rules usual() {
    return new Rules(null, Order.MIXED, Order.MIXED, USUAL_WORTH, USUAL_PASS_MARK, Extra.NONE);
  }
}
