package bravium.core.games.quizshow;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.json.Root;
import bravium.core.readiness.Finding;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A path up a slope. A right answer goes one step up, a partly right one stays, a miss goes back to
 * the last resting place; there what was won is kept. Who stands on a step has its worth, no more
 * and no less. Prices and bonuses don't matter here.
 *
 * @param steps {@value #FEWEST} to {@value #MOST}
 * @param rise how the worth grows from step to step; its unit is the rules' worth
 * @param worths the worth of each step in points, 0 to {@value #MOST_WORTH}, where the teacher
 *     wrote them herself; steps beyond the last go on as the last two did
 * @param rests the resting places, as numbers of steps from 1; numbers above the top are of no use
 * @param miss what a miss leads to; null for {@link Miss#REST}
 */
@Root
public record Climb(
    @Range(min = FEWEST, max = MOST) int steps,
    Rise rise,
    @Range(max = MOST) List<Integer> worths,
    @Range(max = MOST) List<Integer> rests,
    @Nullable Miss miss,
    @JsonIgnore Extra extra)
    implements Board {

  /** The fewest steps. */
  public static final int FEWEST = 3;

  /** The most steps. */
  public static final int MOST = 30;

  /** The most that a step is worth, in points; no series goes further. */
  public static final int MOST_WORTH = 1_000_000_000;

  /** How the worth grows. */
  public enum Rise {
    /** By the same from step to step. */
    @JsonProperty("even")
    EVEN,
    /**
     * Each time a little more than the time before: by one unit, then one and a half, then two … In
     * a file it has the name of what it once was.
     */
    @JsonProperty("doubling")
    GROWING,
    /** As the teacher wrote it. */
    @JsonProperty("own")
    OWN
  }

  /** What a miss leads to. */
  public enum Miss {
    /** Back to the last resting place, and on from there. */
    @JsonProperty("rest")
    REST,
    /** Back to the last resting place, and the climb is over. Teams go on all the same. */
    @JsonProperty("end")
    END
  }

  /** Checks the ranges. */
  public Climb {
    if (steps < FEWEST || steps > MOST) {
      throw new IllegalArgumentException("a climb has " + FEWEST + " to " + MOST + " steps");
    }
    if (worths.size() > MOST || worths.stream().anyMatch(w -> w < 0 || w > MOST_WORTH)) {
      throw new IllegalArgumentException(
          "worths are at most " + MOST + " numbers from 0 to " + MOST_WORTH);
    }
    if (rests.size() > MOST || rests.stream().anyMatch(r -> r < 1 || r > MOST)) {
      throw new IllegalArgumentException("rests are numbers of steps from 1 to " + MOST);
    }
  }

  /** A climb with nothing unknown in it. */
  public Climb(int steps, Rise rise, List<Integer> worths, List<Integer> rests, Miss miss) {
    this(steps, rise, worths, rests, miss, Extra.NONE);
  }

  /** The same climb with other resting places. */
  public Climb withRests(List<Integer> changed) {
    return new Climb(steps, rise, worths, changed, miss, extra);
  }

  /** The same climb with worths of the teacher's own, in points. */
  public Climb withWorths(List<Integer> changed) {
    return new Climb(steps, Rise.OWN, changed, rests, miss, extra);
  }

  /** This climb with a finding about it mended; as it is where it can't be. */
  Climb mended(Finding finding) {
    return switch (String.valueOf(finding.own())) {
      case QuizShowChecks.CLIMB_FALLS -> new Climb(steps, Rise.EVEN, worths, rests, miss, extra);
      case QuizShowChecks.REST_ABOVE_TOP ->
          withRests(rests.stream().filter(rest -> rest <= steps).toList());
      case QuizShowChecks.FEW_FOR_CLIMB, QuizShowChecks.FEW_FOR_TEAMS ->
          new Climb(
              Math.max(FEWEST, Integer.parseInt(finding.values().getFirst())),
              rise,
              worths,
              rests,
              miss,
              extra);
      default -> this;
    };
  }

  /**
   * The worth of each step from the first to the top, in points.
   *
   * @param unit the worth of the first step where the series is computed
   */
  public List<Integer> series(int unit) {
    List<Integer> series = new ArrayList<>();
    long worth = 0;
    long before = 0;
    for (int step = 1; step <= steps; step++) {
      long next =
          switch (rise) {
            case EVEN -> (long) unit * step;
            case GROWING -> worth + ((long) unit * (step + 1) + 1) / 2;
            case OWN -> step <= worths.size() ? worths.get(step - 1) : goingOn(before, worth, unit);
          };
      before = worth;
      worth = Math.min(next, MOST_WORTH);
      series.add((int) worth);
    }
    return List.copyOf(series);
  }

  private static long goingOn(long before, long worth, int unit) {
    return worth > before ? worth + (worth - before) : worth + unit;
  }

  /** The height to which a miss at this height leads: the last resting place, or 0. */
  public int restBelow(int height) {
    return rests.stream().filter(rest -> rest <= height).mapToInt(rest -> rest).max().orElse(0);
  }

  /** Whether a miss ends the climb. */
  public boolean missEnds() {
    return miss == Miss.END;
  }
}
