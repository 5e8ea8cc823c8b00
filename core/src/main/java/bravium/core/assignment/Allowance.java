package bravium.core.assignment;

import bravium.core.json.Range;
import bravium.core.json.Root;
import org.jspecify.annotations.Nullable;

/**
 * What is settled otherwise for one learner.
 *
 * @param opens from when she can play, in milliseconds since 1970; null for when all can
 * @param closes until when, that moment left out; null for when all can
 * @param moreGoes how many games she has on top, 0 to {@value Terms#MOST_GOES}
 * @param excused whether she is left out of the sums; she may play all the same
 */
@Root
public record Allowance(
    @Nullable Long opens,
    @Nullable Long closes,
    @Range(min = 0, max = Terms.MOST_GOES) int moreGoes,
    boolean excused) {

  /** Nothing of her own. */
  public static final Allowance NONE = new Allowance(null, null, 0, false);

  /** Checks the ranges. */
  public Allowance {
    if (moreGoes < 0 || moreGoes > Terms.MOST_GOES) {
      throw new IllegalArgumentException("more goes are from 0 to " + Terms.MOST_GOES);
    }
    if (opens != null && closes != null && closes <= opens) {
      throw new IllegalArgumentException("it closes after it opens");
    }
  }
}
