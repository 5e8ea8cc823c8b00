package bravium.core.play.course;

import bravium.core.activity.Rules;
import bravium.core.play.Action;
import bravium.core.play.Audience;
import bravium.core.play.Draw;
import bravium.core.play.End;
import bravium.core.play.Item;
import bravium.core.play.Markers;
import bravium.core.play.Outcome;
import bravium.core.play.OwnAction;
import bravium.core.play.PassMark;
import bravium.core.play.Point;
import bravium.core.play.Refusal;
import bravium.core.play.Result;
import bravium.core.play.Scene;
import bravium.core.play.Sitting;
import bravium.core.play.State;
import bravium.core.play.Turn;
import bravium.core.play.Watched;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/**
 * How a game runs that asks one question after another: what a settled question leads to there,
 * what it brings, what the markers stand for. {@link CoursePlay} does the rest. What is said here
 * where a course says nothing itself is what most do.
 */
public interface Course {

  /** The items besides questions, such as a guess at the whole. None of them is drawn. */
  default List<Item> ownItems() {
    return List.of();
  }

  /** What the game keeps besides results, as it is before the first move. */
  default Optional<State> begin(Draw draw) {
    return Optional.empty();
  }

  /** The same, carried over from a play of before the game was edited. */
  default Optional<State> followed(Sitting before) {
    return Optional.empty();
  }

  /** The question that opens by itself where the board is shown; empty where none does. */
  default Optional<String> opensByItself(Sitting sitting) {
    return Optional.empty();
  }

  /** The question that comes next though it doesn't come at once, for the teacher's notes. */
  default Optional<String> coming(Sitting sitting) {
    return Optional.empty();
  }

  /** What changes besides when a question is opened. */
  default Sitting opened(Sitting sitting, String question) {
    return sitting;
  }

  /**
   * Where a question that may be tried again at once leads when its feedback is left: back to the
   * board, and to it from there.
   *
   * @return empty where it is asked again at once
   */
  default Optional<Sitting> ledBack(Sitting sitting, String question) {
    return Optional.empty();
  }

  /** Whether whoever plays may leave an open question without an answer. */
  default boolean leaves(Sitting sitting, String question) {
    return false;
  }

  /** What was watched so far; empty where nothing is. */
  default Optional<Watched> watched(Sitting sitting) {
    return Optional.empty();
  }

  /** Does what is done in this game alone. */
  default Turn act(Point at, OwnAction action) {
    return at.refused(Refusal.NOT_OPEN);
  }

  /** How the play has ended with its last move, whatever is still open; empty while it goes on. */
  default Optional<End> ended(Sitting sitting) {
    return Optional.empty();
  }

  /** The end that comes when nothing is left to ask. */
  default End atTheEnd(Outcome.Ended how, Sitting sitting) {
    return new End(how, null);
  }

  /** A play that had ended and is gone back into: without what would end it again at once. */
  default Sitting reopened(Sitting sitting) {
    return sitting;
  }

  /** What is still to be settled when it ends. */
  default Sitting settledAtTheEnd(Sitting sitting) {
    return sitting;
  }

  /** What a test aid does next that is not about a question; empty where it answers questions. */
  default Optional<Action> aid(Sitting sitting, boolean right) {
    return Optional.empty();
  }

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

  /** Whether the board stays though no question is left to pick: something else can be done. */
  default boolean waits(Sitting sitting) {
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

  /** Whether each answer earns its own points; otherwise they are those of a place reached. */
  default boolean earnsByAnswer() {
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

  /** What wins with this draw; empty where something else than a share of the points does. */
  default Optional<PassMark> passMark(Rules rules, Draw draw) {
    return Optional.of(PassMark.of(rules, draw));
  }

  /** The progress markers, where they are not one for each question. */
  default Optional<Markers> ownMarkers(Sitting sitting) {
    return Optional.empty();
  }

  /**
   * The parts of a picture that a question covers, by their number from 1.
   *
   * @return empty where it covers none
   */
  default List<Integer> parts(String question) {
    return List.of();
  }

  /** What is seen of the board itself; empty where the markers are all there is. */
  default Optional<Scene> scene(Sitting sitting, Audience audience) {
    return Optional.empty();
  }
}
