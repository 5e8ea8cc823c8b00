package bravium.server.classes;

import bravium.core.play.Markers.Marker;
import bravium.core.play.Outcome;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Where a learner is while her class plays.
 *
 * @param markers of her game; empty where she has not begun
 * @param number of the question that she is at, from 1; null where none is asked
 * @param since when she did something last, in milliseconds since 1970; null where she has not
 *     begun
 * @param through whether the game that she began last has come to its end
 * @param finished whether any of her games has
 * @param counted whether it is set for her and she is not excused
 * @param outcome null until the end, and for whoever covers
 */
public record LiveLine(
    String learner,
    String name,
    boolean excused,
    boolean counted,
    List<Marker> markers,
    @Nullable Integer number,
    int points,
    @Nullable Long since,
    boolean through,
    boolean finished,
    @Nullable Outcome outcome) {

  /** How far she is, and nothing of how well. */
  LiveLine withoutMarks() {
    List<Marker> neutral = markers.stream().map(Marker::withoutMark).toList();
    return new LiveLine(
        learner, name, excused, counted, neutral, number, 0, since, through, finished, null);
  }
}
