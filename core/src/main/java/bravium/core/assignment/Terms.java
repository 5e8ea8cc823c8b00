package bravium.core.assignment;

import bravium.core.json.Range;
import bravium.core.json.Root;
import com.fasterxml.jackson.annotation.JsonProperty;
import org.jspecify.annotations.Nullable;

/**
 * The terms on which an activity is given to a class.
 *
 * @param opens from when it can be played, in milliseconds since 1970; null for from now on
 * @param closes until when, that moment left out; null for no end
 * @param goes how many games each learner has, 1 to {@value #MOST_GOES}; null for any number
 */
@Root
public record Terms(
    @Nullable Long opens,
    @Nullable Long closes,
    @Range(min = 1, max = MOST_GOES) @Nullable Integer goes,
    Counts counts,
    WhenTold told,
    AtClosing atClosing,
    WhenMarked marks) {

  /** The most goes that can be counted out; more than that is any number. */
  public static final int MOST_GOES = 20;

  /** Which of several games counts. Only one that was played to its end does. */
  public enum Counts {
    /** The one with the largest share of its points; of equals the earlier one. */
    @JsonProperty("best")
    BEST,
    /** The one that ended last. */
    @JsonProperty("last")
    LAST,
    /** The one that ended first. */
    @JsonProperty("first")
    FIRST
  }

  /** When a learner is told what would have been right. */
  public enum WhenTold {
    /** When the rules of the activity say so. */
    @JsonProperty("at-once")
    AT_ONCE,
    /** Once it is closed for her. */
    @JsonProperty("after-closing")
    AFTER_CLOSING,
    /** Not at all. */
    @JsonProperty("never")
    NEVER
  }

  /** When a learner sees the marks and comments that her teacher gives. */
  public enum WhenMarked {
    /** As soon as they are given. */
    @JsonProperty("at-once")
    AT_ONCE,
    /** When the teacher says so, all together. */
    @JsonProperty("together")
    TOGETHER
  }

  /** What happens to a game that runs at closing time. */
  public enum AtClosing {
    /** It may be finished. */
    @JsonProperty("finish")
    FINISH,
    /** It ends there and then, with what was reached. */
    @JsonProperty("end")
    END
  }

  /** Checks the ranges. */
  public Terms {
    if (goes != null && (goes < 1 || goes > MOST_GOES)) {
      throw new IllegalArgumentException("goes are from 1 to " + MOST_GOES);
    }
    if (opens != null && closes != null && closes <= opens) {
      throw new IllegalArgumentException("it closes after it opens");
    }
    if (told == WhenTold.AFTER_CLOSING && closes == null) {
      throw new IllegalArgumentException("what is told after closing needs a closing date");
    }
  }

  /** What is usual: from now on, as often as they like, the best counts. */
  public static Terms usual() {
    return new Terms(
        null, null, null, Counts.BEST, WhenTold.AT_ONCE, AtClosing.FINISH, WhenMarked.AT_ONCE);
  }
}
