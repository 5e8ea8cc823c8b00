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
  public static final int REVISION = 4;

  private Engine() {}

  /** A new sitting, on its title page. */
  public static Sitting open(Activity activity, Opening opening) {
    boolean playable = activity.course().isPresent();
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
      return before.get().move().sameAs(move)
          ? repeated(activity, sitting, move)
          : Turn.refused(sitting, Refusal.KEY_USED);
    }
    long now = notBefore(sitting, at);
    Turn turn =
        move.action() instanceof Action.TakeBack takeBack
            ? takeBack(activity, sitting, move, takeBack, now)
            : forward(activity, sitting, move, now);
    if (turn.refusal() != null) {
      return Turn.refused(sitting, turn.refusal());
    }
    return Turn.of(turn.sitting().logging(new Played(move, now)), turn.happenings());
  }

  /** First settles what ran out before, then plays. */
  private static Turn forward(Activity activity, Sitting sitting, Move move, long at) {
    if (activity.course().isEmpty()) {
      return Turn.refused(sitting, Refusal.UNKNOWN_GAME);
    }
    long grace = move.action() instanceof Action.Answer ? Watch.GRACE : 0;
    Turn before = ranOut(activity, credited(sitting, move), at - grace);
    Turn turn = new MoveRules(activity, before.sitting(), at).apply(move);
    if (before.happenings().isEmpty() || turn.refusal() != null) {
      return turn;
    }
    List<Happening> happenings = new ArrayList<>(before.happenings());
    happenings.addAll(turn.happenings());
    return Turn.of(turn.sitting(), happenings);
  }

  private static Sitting credited(Sitting sitting, Move move) {
    return move.action() instanceof Action.Answer answer && answer.held() != null
        ? sitting.with(sitting.watch().credited(Math.max(0, answer.held())))
        : sitting;
  }

  /** The sitting after what ran out before a moment, at the moment when it did. */
  private static Turn ranOut(Activity activity, Sitting sitting, long at) {
    return Timer.of(activity, sitting)
        .filter(timer -> timer.ranOut(at))
        .map(timer -> new MoveRules(activity, sitting, timer.end()).outOfTime(timer))
        .orElseGet(() -> Turn.of(sitting));
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
    long now = notBefore(sitting, at);
    Sitting there = ranOut(activity, sitting, now).sitting();
    return new ShowingBuilder(activity, there, audience, now).build();
  }

  /**
   * A play as its teacher looks back at it.
   *
   * @param at the moment, in milliseconds since 1970: what has run out by then is settled
   */
  public static Review review(Activity activity, Sitting sitting, long at) {
    long now = notBefore(sitting, at);
    Sitting there = ranOut(activity, sitting, now).sitting();
    return new ShowingBuilder(activity, there, Audience.TEACHER, now).review();
  }

  /**
   * Ends a play that runs, with what it has brought so far. What has run out by then is settled
   * first, so that it may have ended otherwise.
   *
   * @param at the moment, in milliseconds since 1970
   */
  public static Sitting close(Activity activity, Sitting sitting, long at) {
    Sitting there = ranOut(activity, sitting, notBefore(sitting, at)).sitting();
    return there.outcome() != null || activity.course().isEmpty()
        ? there
        : there.ended(new Referee(activity).outcome(there, Outcome.Ended.CLOSED));
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
      if (played.move().sameAs(move)) {
        return new Turn(sitting, turn.happenings(), null, true);
      }
      then = turn.sitting();
    }
    throw new IllegalStateException("the move is in the log");
  }

  /** The sitting as it stood before that move; the clock of what is open again begins anew. */
  private static Turn takeBack(
      Activity activity, Sitting sitting, Move move, Action.TakeBack takeBack, long at) {
    if (move.by() != Mover.TEACHER) {
      return Turn.refused(sitting, Refusal.FOR_THE_TEACHER);
    }
    List<Played> standing = sitting.standing();
    if (standing.isEmpty() || !standing.getLast().move().key().equals(takeBack.move())) {
      return Turn.refused(sitting, Refusal.NOT_OPEN);
    }
    int place = sitting.log().indexOf(standing.getLast());
    Sitting before = rebuild(activity, sitting.opening(), sitting.log().subList(0, place));
    return Turn.of(
        before.with(before.watch().opened(at)).withLog(sitting.log()),
        new Happening.MoveTakenBack(takeBack.move()));
  }
}
