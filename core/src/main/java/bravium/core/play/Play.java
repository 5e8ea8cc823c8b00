package bravium.core.play;

import bravium.core.activity.Clock;
import bravium.core.question.Question;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * How a game plays: what is drawn, what is open, what a move of its own does, what a try leads to,
 * when it is over, what is seen. All that games share is the frame's: points, tries, lives, teams,
 * clocks, keys, taking back. What is said here where a game says nothing itself is what most do.
 *
 * <p>A play knows its activity and nothing else; everything that changes is in the {@link Sitting}.
 */
public interface Play {

  /** What chance settles: which items, in which order, with which options. */
  Draw draw(Opening opening);

  /** Everything that can be drawn. */
  List<Item> items();

  /** What the game keeps besides results, as it is before the first move. */
  default Optional<State> begin(Draw draw, Opening opening) {
    return Optional.empty();
  }

  /** Leaves the title page. */
  Turn start(Point at);

  /** The ids of the items that can be answered now. */
  Set<String> open(Sitting now);

  /** Does what is not the frame's: an action of this game, or of games of its sort. */
  default Turn act(Point at, Action action) {
    return at.refused(Refusal.NOT_OPEN);
  }

  /**
   * What a try at an item leads to here. The try is in the sitting already, and so is the result if
   * the item is settled with it.
   */
  default Turn judged(Point at, String item) {
    return Turn.of(at.sitting());
  }

  /** What comes of a hint that was taken here, besides what it costs in points. */
  default Turn helped(Point at, String item) {
    return Turn.of(at.sitting());
  }

  /** What happens by itself, and when. The earliest is settled first, of equals the first. */
  default List<Deadline> deadlines(Sitting now) {
    return now.clocks().all().isEmpty() || now.stands()
        ? List.of()
        : now.clocks().running().stream()
            .filter(clock -> clock.held() == null)
            .map(clock -> new Deadline(clock.name(), clock.end(), false))
            .toList();
  }

  /** What a deadline leads to. The sitting that comes of it has it no more. */
  default Turn ranOut(Point at, Deadline deadline) {
    return at.game()
        .ended(at.sitting(), new End(Outcome.Ended.TIME, false))
        .after(List.of(new Happening.TimeRanOut(Clock.Per.GAME)));
  }

  /** How the play has ended with its last move; empty while it goes on. */
  default Optional<End> over(Sitting now) {
    return Optional.empty();
  }

  /** How it ends from outside, before its own end: no goal of its own is reached by that. */
  default End closed(Outcome.Ended how, Sitting now) {
    return new End(how, passMark(now.draw()).isPresent() ? null : Boolean.FALSE);
  }

  /** What is still to be settled when it ends. */
  default Sitting settledAtTheEnd(Sitting now) {
    return now;
  }

  /**
   * Whether each answer earns its own points, of which hints and wrong answers can cost some.
   * Otherwise points are those of a place that is reached.
   */
  default boolean earnsByAnswer() {
    return true;
  }

  /**
   * Whether a team pays for a hint when it takes it. Otherwise what the hint costs is missing from
   * what the item brings, to whom it may.
   */
  default boolean paysAtOnce() {
    return true;
  }

  /** Whether a missed question can be taken over by another team. */
  default boolean takenOver() {
    return true;
  }

  /** Whether every item can be tried until it is right, whatever the rules say of tries. */
  default boolean untilRight() {
    return false;
  }

  /** Whether an item that may be tried again waits until later. */
  default boolean triesLater() {
    return false;
  }

  /**
   * What a settled item brings here.
   *
   * @param result with what the rules alone would give
   * @param before the sitting without it
   */
  default Result scored(Result result, Sitting before) {
    return result;
  }

  /** What wins; empty where something else than a share of the points does. */
  Optional<PassMark> passMark(Draw draw);

  /**
   * The progress markers, as an audience may see them, where they are not one for each drawn item
   * that says how the item came out.
   */
  default Optional<Markers> ownMarkers(Sitting now, Audience audience) {
    return Optional.empty();
  }

  /**
   * The ids of the questions that an audience has before it at once, where several are open; those
   * that are settled may be among them.
   */
  default List<String> asked(Sitting now) {
    return List.of();
  }

  /** The sums of a play, as an audience may see them. */
  default Scorecard sums(Scorecard all, Sitting now, Audience audience) {
    return all;
  }

  /** Whether a settled item is looked back at by who played. */
  default boolean looksBackAt(Sitting now, String item) {
    return true;
  }

  /**
   * What had to be settled before an item came into reach, the last of it.
   *
   * @return empty where the game does not say when its items were reached; of nothing where the
   *     item was there from the beginning
   */
  default Optional<Reached> reached(Sitting now, String item) {
    return Optional.empty();
  }

  /**
   * How an item came into reach.
   *
   * @param with the id of the item with which it came; null where it was there from the beginning
   */
  record Reached(@Nullable String with) {}

  /** What is seen besides markers and the question that is asked. */
  default Optional<Scene> scene(Sitting now, Audience audience) {
    return Optional.empty();
  }

  /**
   * The parts of a picture that an item covers, by their number from 1.
   *
   * @param item its id
   * @return empty where it covers none
   */
  default List<Integer> parts(String item) {
    return List.of();
  }

  /** What was watched so far; empty where nothing is. */
  default Optional<Watched> watched(Sitting now) {
    return Optional.empty();
  }

  /** The question that comes after the one that is shown, for the teacher's notes. */
  default Optional<Question> next(Sitting now) {
    return Optional.empty();
  }

  /**
   * What a test aid does next.
   *
   * @param right whether it plays to the win
   * @return empty where nothing can be done
   */
  default Optional<Action> aid(Sitting now, boolean right) {
    return Optional.empty();
  }

  /**
   * The move that gives the game up, where it can't be lost by what is wrong alone.
   *
   * @return empty where a test aid loses by being wrong
   */
  default Optional<Action> givingUp(Sitting now) {
    return Optional.empty();
  }

  /**
   * The play carried over from an earlier edit of its activity: it keeps its place and its answers,
   * marked anew. Begins again where nothing can be kept.
   *
   * @param opening as it is for the edited activity
   */
  default Sitting follow(Prepared game, Sitting before, Opening opening) {
    return Engine.open(game, opening);
  }
}
