package bravium.core.play;

import bravium.core.json.PartId;
import java.util.ArrayList;
import java.util.List;

/**
 * A question as it is talked through with the whole class.
 *
 * @param struck the ids of the options that were struck out, in that order
 * @param votes how many hands went up for which option; empty where nobody counted
 * @param opened whether what is right was given away, where there are no options to strike out
 */
public record Talk(String question, List<String> struck, List<Vote> votes, boolean opened) {

  /** The most hands that are counted for one option. */
  public static final int MOST_HANDS = 999;

  /**
   * A vote by show of hands.
   *
   * @param hands 0 to {@value Talk#MOST_HANDS}
   */
  public record Vote(@PartId String option, int hands) {

    /** Checks the range. */
    public Vote {
      if (hands < 0 || hands > MOST_HANDS) {
        throw new IllegalArgumentException("hands is from 0 to " + MOST_HANDS);
      }
    }
  }

  public static Talk none(String question) {
    return new Talk(question, List.of(), List.of(), false);
  }

  public Talk striking(String option) {
    List<String> more = new ArrayList<>(struck);
    more.add(option);
    return new Talk(question, List.copyOf(more), votes, opened);
  }

  public Talk with(List<Vote> counted) {
    return new Talk(question, struck, List.copyOf(counted), opened);
  }

  /** The same with what is right given away. */
  public Talk opening() {
    return new Talk(question, struck, votes, true);
  }
}
