package bravium.core.play.course;

import bravium.core.activity.Rules;
import bravium.core.play.Draw;
import bravium.core.play.Markers;
import bravium.core.play.Outcome;
import bravium.core.play.PassMark;
import bravium.core.play.Result;
import bravium.core.play.Scene;
import bravium.core.play.Sitting;
import java.util.Optional;
import java.util.Set;

/**
 * How a game runs that asks one question after another: what a settled question leads to there,
 * what it brings, what the markers stand for. {@link CoursePlay} does the rest. What is said here
 * where a course says nothing itself is what most do.
 */
public interface Course {

  /** The question a game begins with; empty where nothing was drawn, or where one is picked. */
  default Optional<String> first(Draw draw) {
    return draw.ids().stream().findFirst();
  }

  /**
   * The question that comes by itself after one.
   *
   * @param settled the ids of all questions that are answered or passed over
   * @param now the id of the question that was just settled; it may have left the draw
   * @return empty when the game is over, or when one is picked
   */
  Optional<String> next(Draw draw, Set<String> settled, String now);

  /** Whether questions are left that are picked on a board. */
  default boolean picks(Draw draw, Set<String> settled) {
    return false;
  }

  /** What is opened when a question is picked: information that belongs to it comes first. */
  default String opening(Draw draw, Set<String> settled, String picked) {
    return picked;
  }

  /** Whether a question that may be tried again waits until later. */
  default boolean triesLater(Rules rules) {
    return rules.triedLater();
  }

  /** Whether a missed question can be taken over by another team. */
  default boolean takenOver() {
    return true;
  }

  /** Whether hints and wrong answers can cost points. */
  default boolean costs() {
    return true;
  }

  /** How the game has ended with its last result, though questions are left; empty if it hasn't. */
  default Optional<Outcome.Ended> over(Sitting sitting) {
    return Optional.empty();
  }

  /**
   * What a settled question brings here.
   *
   * @param result with what the rules alone would give
   * @param before the sitting without it
   */
  default Result scored(Result result, Sitting before) {
    return result;
  }

  /** What wins with this draw. */
  default PassMark passMark(Rules rules, Draw draw) {
    return PassMark.of(rules, draw);
  }

  /** The progress markers, where they are not one for each question. */
  default Optional<Markers> ownMarkers(Sitting sitting) {
    return Optional.empty();
  }

  /** What is seen of the board itself; empty where the markers are all there is. */
  default Optional<Scene> scene(Sitting sitting) {
    return Optional.empty();
  }
}
