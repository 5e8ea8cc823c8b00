package bravium.core.games.wordhunt;

import bravium.core.answer.Comparison;
import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.question.Area;
import bravium.core.rich.Texts;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Something to be found.
 *
 * @param id unique within its hunt, not blank
 * @param names what it may be called, at most {@value #MOST_NAMES}: the first is the one that is
 *     shown; those without a letter and those longer than {@value #LONGEST} characters are passed
 *     over
 * @param place where it is on the picture; null where that is not said
 * @param worth in points, 0 to {@value #MOST_WORTH}; null for the usual
 */
public record Thing(
    String id,
    @Range(max = MOST_NAMES) List<String> names,
    @Nullable Area place,
    @Range(min = 0, max = MOST_WORTH) @Nullable Integer worth,
    @JsonIgnore Extra extra) {

  /** The most names of one thing. */
  public static final int MOST_NAMES = 40;

  /** The longest name, and the longest entry, in characters. */
  public static final int LONGEST = 200;

  /** The most that one thing is worth, in points. */
  public static final int MOST_WORTH = 1_000;

  /** Checks the ranges. */
  public Thing {
    if (names.size() > MOST_NAMES) {
      throw new IllegalArgumentException("a thing has at most " + MOST_NAMES + " names");
    }
    if (worth != null && (worth < 0 || worth > MOST_WORTH)) {
      throw new IllegalArgumentException("worth is from 0 to " + MOST_WORTH + " points");
    }
  }

  /** A thing of these names, anywhere. */
  public static Thing of(String id, String... names) {
    return new Thing(id, List.of(names), null, null, Extra.NONE);
  }

  /** The same thing under other names. */
  public Thing named(List<String> changed) {
    return new Thing(id, List.copyOf(changed), place, worth, extra);
  }

  /** The names that can be entered, without white space around them. */
  public List<String> called() {
    return names.stream()
        .map(Texts::trimmed)
        .filter(name -> name.length() <= LONGEST && !Comparison.fair(name).isEmpty())
        .toList();
  }

  /** Whether it can be found. */
  boolean complete() {
    return !called().isEmpty();
  }
}
