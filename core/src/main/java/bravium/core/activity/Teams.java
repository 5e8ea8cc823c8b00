package bravium.core.activity;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How teams play at the front of the class. The team with the most points wins.
 *
 * @param list {@value #FEWEST} to {@value #MOST} teams, in the order of their turns
 * @param takeOver what the next team gets for a question that was missed; null where nobody takes
 *     it over
 * @param decider whether a tie goes to a deciding question, where one is left that was not asked
 */
public record Teams(
    @Range(min = FEWEST, max = MOST) List<Team> list,
    Turns turns,
    @Nullable TakeOver takeOver,
    boolean decider,
    @JsonIgnore Extra extra) {

  /** Fewer are no teams. */
  public static final int FEWEST = 2;

  /** As many as there are signs, and keys for them. */
  public static final int MOST = 6;

  /** Whose turn it is. */
  public enum Turns {
    /** One team after another. */
    @JsonProperty("in-order")
    IN_ORDER,
    /** The team to which the teacher gives it. */
    @JsonProperty("by-teacher")
    BY_TEACHER
  }

  /** Checks the number. */
  public Teams {
    if (list.size() < FEWEST || list.size() > MOST) {
      throw new IllegalArgumentException("there are " + FEWEST + " to " + MOST + " teams");
    }
  }

  /** The same, with a deciding question for a tie or without. */
  public Teams withDecider(boolean changed) {
    return new Teams(list, turns, takeOver, changed, extra);
  }

  /** Teams with nothing unknown in them. */
  public Teams(List<Team> list, Turns turns, @Nullable TakeOver takeOver, boolean decider) {
    this(list, turns, takeOver, decider, Extra.NONE);
  }
}
