package bravium.core.play;

import bravium.core.activity.Activity;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Plays: a pure function of the activity, the opening and the moves with their times. It knows no
 * clock, no chance but the opening's seed, and remembers nothing between calls.
 */
public final class Engine {

  /** Rises when a play of the same moves would come out differently. */
  public static final int REVISION = 1;

  private Engine() {}

  /** A new sitting, on its title page. */
  public static Sitting open(Activity activity, Opening opening) {
    boolean playable = activity.game().course().isPresent();
    return Sitting.onTitlePage(
        opening, playable ? Draw.of(activity, opening) : new Draw(List.of()));
  }

  /**
   * Plays a move.
   *
   * @param at when the move arrived, in milliseconds since 1970
   */
  public static Turn play(Activity activity, Sitting sitting, Move move, long at) {
    Optional<Played> before = sitting.played(move.key());
    if (before.isPresent()) {
      return before.get().move().equals(move)
          ? repeated(activity, sitting, move)
          : Turn.refused(sitting, Refusal.KEY_USED);
    }
    Turn turn =
        move.action() instanceof Action.TakeBack takeBack
            ? takeBack(activity, sitting, move, takeBack)
            : new MoveRules(activity, sitting).apply(move);
    if (turn.refusal() != null) {
      return turn;
    }
    Played played = new Played(move, notBefore(sitting, at));
    return Turn.of(turn.sitting().logging(played), turn.happenings());
  }

  /** The sitting that these moves lead to. Moves that would be refused are passed over. */
  public static Sitting rebuild(Activity activity, Opening opening, List<Played> moves) {
    Sitting sitting = open(activity, opening);
    for (Played played : moves) {
      sitting = play(activity, sitting, played.move(), played.at()).sitting();
    }
    return sitting;
  }

  /**
   * What an audience may see at a moment.
   *
   * @param at the moment, in milliseconds since 1970
   */
  public static Showing show(Activity activity, Sitting sitting, Audience audience, long at) {
    return new ShowingBuilder(activity, sitting, audience, notBefore(sitting, at)).build();
  }

  /** The question of that id, if the activity has it. */
  public static Optional<Question> question(Activity activity, String id) {
    for (Question question : activity.game().questions()) {
      if (question.id().equals(id)) {
        return Optional.of(question);
      }
    }
    return Optional.empty();
  }

  private static long notBefore(Sitting sitting, long at) {
    return sitting.log().isEmpty()
        ? Math.max(at, sitting.opening().at())
        : Math.max(at, sitting.log().getLast().at());
  }

  private static Turn repeated(Activity activity, Sitting sitting, Move move) {
    Sitting then = open(activity, sitting.opening());
    for (Played played : sitting.log()) {
      Turn turn = play(activity, then, played.move(), played.at());
      if (played.move().equals(move)) {
        return new Turn(sitting, turn.happenings(), null, true);
      }
      then = turn.sitting();
    }
    throw new IllegalStateException("the move is in the log");
  }

  private static Turn takeBack(
      Activity activity, Sitting sitting, Move move, Action.TakeBack takeBack) {
    if (move.by() != Mover.TEACHER) {
      return Turn.refused(sitting, Refusal.FOR_THE_TEACHER);
    }
    List<Played> standing = new ArrayList<>(sitting.standing());
    if (standing.isEmpty() || !standing.getLast().move().key().equals(takeBack.move())) {
      return Turn.refused(sitting, Refusal.NOT_OPEN);
    }
    standing.removeLast();
    return Turn.of(
        rebuild(activity, sitting.opening(), standing).withLog(sitting.log()),
        new Happening.MoveTakenBack(takeBack.move()));
  }
}
