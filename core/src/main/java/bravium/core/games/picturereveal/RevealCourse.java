package bravium.core.games.picturereveal;

import bravium.core.activity.Activity;
import bravium.core.activity.Rules;
import bravium.core.answer.Comparison;
import bravium.core.play.Action;
import bravium.core.play.Audience;
import bravium.core.play.Draw;
import bravium.core.play.End;
import bravium.core.play.Item;
import bravium.core.play.Outcome;
import bravium.core.play.OwnAction;
import bravium.core.play.PassMark;
import bravium.core.play.Point;
import bravium.core.play.Refusal;
import bravium.core.play.Result;
import bravium.core.play.Scene;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Turn;
import bravium.core.play.Verdict;
import bravium.core.play.course.PickingCourse;
import bravium.core.question.Marking;
import bravium.core.rich.Words;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Any piece is picked; a right answer lifts what its question covers. At any time a guess at the
 * whole can be made: a right one ends it.
 */
final class RevealCourse implements PickingCourse {

  /** The id of the guess at the whole: no question has it, theirs are letters and digits. */
  static final String GUESS = "the whole";

  private final Activity activity;
  private final PictureReveal reveal;
  private final List<PictureReveal.Laid> laid;
  private final List<String> right;
  private final Comparison answer;

  RevealCourse(Activity activity, PictureReveal reveal) {
    this.activity = activity;
    this.reveal = reveal;
    this.laid = reveal.laid();
    this.right = reveal.right();
    this.answer = Comparison.with(right, List.of(), reveal.comparing());
  }

  Activity activity() {
    return activity;
  }

  PictureReveal reveal() {
    return reveal;
  }

  List<PictureReveal.Laid> laid() {
    return laid;
  }

  /** The first right guess, if there is one. */
  Optional<String> answer() {
    return right.stream().findFirst();
  }

  boolean isRight(String text) {
    return answer.right(text).isPresent();
  }

  @Override
  public List<Item> ownItems() {
    return List.of(new Item(GUESS, Words.of(""), List.of(), Marking.AT_ONCE));
  }

  /** A guess may still be made when no piece is left. */
  @Override
  public boolean waits(Sitting sitting) {
    return !right.isEmpty()
        && !sitting.draw().counting().isEmpty()
        && sitting.opening().only() == null
        && sitting.front().deciding().isEmpty()
        && sitting.resultOf(GUESS).isEmpty();
  }

  /** Whether a piece is left that can be picked. */
  boolean anyLeft(Sitting sitting) {
    return picks(sitting.draw(), sitting.settled());
  }

  /** Whether a guess can be made where the play stands. */
  boolean guesses(Sitting sitting) {
    boolean playing =
        switch (sitting.stage()) {
          case BOARD, QUESTION, FEEDBACK -> true;
          case TITLE, PLAYING, END -> false;
        };
    return playing && waits(sitting);
  }

  /** How many pieces are lifted. */
  int lifted(Sitting sitting) {
    return (int) laid.stream().filter(one -> lifted(one.piece(), sitting)).count();
  }

  static boolean lifted(PicturePiece piece, Sitting sitting) {
    return piece.question() != null
        && sitting
            .resultOf(piece.question())
            .map(result -> result.verdict() == Verdict.RIGHT)
            .orElse(false);
  }

  /** What a right guess would bring now, in points. */
  int worth(Sitting sitting) {
    return reveal.guessing().worth(lifted(sitting));
  }

  /**
   * How many guesses are left.
   *
   * @param team the place of the team, from 0; null where there are no teams
   * @return as many as there are whole numbers where any number is allowed
   */
  int left(Sitting sitting, @Nullable Integer team) {
    Integer most = reveal.guessing().most();
    if (most == null) {
      return Integer.MAX_VALUE;
    }
    return Math.max(0, most - sitting.entriesUsed(team));
  }

  /** Whether any team may guess, so that it has to be said which does. */
  boolean asksWho(Sitting sitting) {
    return sitting.opening().inTeams()
        && (reveal.guessing().anyTeam() || sitting.front().turn() == null);
  }

  boolean usedUp(Sitting sitting) {
    int teams = sitting.opening().teams().size();
    return teams == 0
        ? left(sitting, null) == 0
        : IntStream.range(0, teams).allMatch(team -> left(sitting, team) == 0);
  }

  @Override
  public Turn act(Point at, OwnAction action) {
    return switch (action) {
      case RevealAction.Guess(String text, Integer team) ->
          new GuessMove(this, at).guess(text, team);
      case RevealAction.StopGuessing stop -> stopGuessing(at);
      default -> at.refused(Refusal.NOT_OPEN);
    };
  }

  private Turn stopGuessing(Point at) {
    Sitting sitting = at.sitting();
    return sitting.stage() == Stage.BOARD && guesses(sitting) && !anyLeft(sitting)
        ? Turn.of(sitting.adding(unguessed()))
        : at.refused(Refusal.NOT_OPEN);
  }

  static Result unguessed() {
    return new Result(GUESS, null, Verdict.MISSED, 0, 0, null);
  }

  /** A right guess ends it; without one it ends when nothing is left that could win. */
  @Override
  public Optional<End> ended(Sitting sitting) {
    Result guess = sitting.resultOf(GUESS).orElse(null);
    if (guess == null || sitting.stage() == Stage.END) {
      return Optional.empty();
    }
    if (guess.verdict() == Verdict.RIGHT) {
      return Optional.of(new End(Outcome.Ended.PLAYED, true));
    }
    boolean noUse = !reveal.byPieces() && !sitting.opening().inTeams();
    boolean done = sitting.stage() == Stage.BOARD && !anyLeft(sitting);
    return noUse || done ? Optional.of(atTheEnd(Outcome.Ended.PLAYED, sitting)) : Optional.empty();
  }

  @Override
  public End atTheEnd(Outcome.Ended how, Sitting sitting) {
    boolean marks = reveal.byPieces() || sitting.opening().only() != null;
    return new End(how, marks || sitting.opening().inTeams() ? null : Boolean.FALSE);
  }

  @Override
  public Sitting reopened(Sitting sitting) {
    return sitting.without(GUESS);
  }

  @Override
  public Sitting settledAtTheEnd(Sitting sitting) {
    return sitting.resultOf(GUESS).isPresent() ? sitting : sitting.adding(unguessed());
  }

  @Override
  public Optional<PassMark> passMark(Rules rules, Draw draw) {
    return reveal.byPieces() ? PickingCourse.super.passMark(rules, draw) : Optional.empty();
  }

  @Override
  public Optional<Action> aid(Sitting sitting, boolean knows) {
    if (sitting.stage() != Stage.BOARD || anyLeft(sitting)) {
      return Optional.empty();
    }
    return Optional.of(
        new Action.Own(
            knows && guesses(sitting)
                ? new RevealAction.Guess(right.getFirst(), guesser(sitting))
                : new RevealAction.StopGuessing()));
  }

  /** The team that a test aid lets guess; null for the one whose turn it is. */
  private @Nullable Integer guesser(Sitting sitting) {
    return asksWho(sitting)
        ? IntStream.range(0, sitting.opening().teams().size())
            .filter(team -> left(sitting, team) > 0)
            .boxed()
            .findFirst()
            .orElse(null)
        : null;
  }

  @Override
  public List<Integer> parts(String question) {
    return IntStream.range(0, laid.size())
        .filter(place -> question.equals(laid.get(place).piece().question()))
        .mapToObj(place -> place + 1)
        .toList();
  }

  @Override
  public Optional<Scene> scene(Sitting sitting, Audience audience) {
    return Optional.of(new SceneOfReveal(this, sitting, audience).scene());
  }
}
