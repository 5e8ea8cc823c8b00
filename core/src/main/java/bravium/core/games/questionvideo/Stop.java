package bravium.core.games.questionvideo;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.measure.Stretch;
import com.fasterxml.jackson.annotation.JsonIgnore;
import org.jspecify.annotations.Nullable;

/**
 * A moment at which the film halts for a question.
 *
 * @param question its id; one has at most one stop
 * @param at in milliseconds from the file's beginning
 * @param backTo where the film goes on from after a wrong answer that may be tried again, in
 *     milliseconds from the file's beginning; null to ask again at once
 */
public record Stop(
    String question,
    @Range(min = 0, max = Stretch.LONGEST) int at,
    @Range(min = 0, max = Stretch.LONGEST) @Nullable Integer backTo,
    @JsonIgnore Extra extra) {

  /** Checks the ranges. */
  public Stop {
    if (at < 0 || at > Stretch.LONGEST) {
      throw new IllegalArgumentException("at is from 0 to " + Stretch.LONGEST);
    }
    if (backTo != null && (backTo < 0 || backTo > Stretch.LONGEST)) {
      throw new IllegalArgumentException("backTo is from 0 to " + Stretch.LONGEST);
    }
  }

  /** A stop after which a wrong answer goes on. */
  public static Stop of(String question, int at) {
    return new Stop(question, at, null, Extra.NONE);
  }

  /** The same stop at another moment. */
  public Stop movedTo(int changed) {
    return new Stop(question, changed, backTo, extra);
  }

  /** The same stop, leading back to another moment; null for none. */
  public Stop leadingBackTo(@Nullable Integer changed) {
    return new Stop(question, at, changed, extra);
  }

  /** Whether a wrong answer leads back to an earlier moment. */
  public boolean leadsBack() {
    return backTo != null && backTo < at;
  }
}
