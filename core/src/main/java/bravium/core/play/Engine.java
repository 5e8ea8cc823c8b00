package bravium.core.play;

import bravium.core.activity.Team;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * Plays: a pure function of the activity, the opening and the moves with their times. It knows no
 * clock, no chance but the opening's seed, and remembers nothing between calls.
 */
public final class Engine {

  /** Rises when a play of the same moves would come out differently. */
  public static final int REVISION = 7;

  /** More deadlines than can pass before a move: what goes on without end stops somewhere. */
  private static final int MOST_DEADLINES = 1_000;

  private Engine() {}

  /** A new sitting, on its title page. */
  public static Sitting open(Prepared game, Opening opening) {
    if (!game.playable()) {
      return Sitting.onTitlePage(opening, Draw.NOTHING, null);
    }
    Draw draw = game.play().draw(opening);
    return Sitting.onTitlePage(opening, draw, game.play().begin(draw, opening).orElse(null));
  }

  /**
   * Plays a move.
   *
   * @param at when the move arrived, in milliseconds since 1970
   */
  public static Turn play(Prepared game, Sitting sitting, Move move, long at) {
    Optional<Played> before = sitting.log().find(move.key());
    if (before.isPresent()) {
      return before.get().move().sameAs(move)
          ? repeated(game, sitting, move)
          : Turn.refused(sitting, Refusal.KEY_USED);
    }
    long now = notBefore(sitting, at);
    Turn turn =
        move.action() instanceof Action.TakeBack takeBack
            ? takeBack(game, sitting, move, takeBack, now)
            : act(game, sitting, new Deed(move.by(), move.action(), now, false));
    if (turn.refusal() != null) {
      return Turn.refused(sitting, turn.refusal());
    }
    Sitting logged = turn.sitting().with(sitting.log().with(new Played(move, now)));
    return new Turn(logged, turn.happenings(), null, false);
  }

  /**
   * Plays an action without key and log, for who plays many games to see what comes of them. It
   * can't be taken back, and which markers change is not said. First settles what ran out before.
   *
   * @param at the moment, in milliseconds since 1970, never before the last one
   */
  public static Turn act(Prepared game, Sitting sitting, Mover by, Action action, long at) {
    return act(game, sitting, new Deed(by, action, at, true));
  }

  /** What is done, by whom and when, and whether nobody is told which markers change. */
  private record Deed(Mover by, Action action, long at, boolean quiet) {}

  private static Turn act(Prepared game, Sitting sitting, Deed deed) {
    if (!game.playable()) {
      return Turn.refused(sitting, Refusal.UNKNOWN_GAME);
    }
    Action action = deed.action();
    long grace = action instanceof Action.Answer ? Clocks.GRACE : 0;
    Turn before = ranOut(game, credited(sitting, action), deed.at(), grace);
    Turn turn =
        new Frame(new Point(game, before.sitting(), deed.by(), deed.at(), deed.quiet()))
            .apply(action)
            .after(before.happenings());
    return turn.refusal() != null || turn.sitting().outcome() != null ? turn : over(game, turn);
  }

  /** A play may end with any move. */
  private static Turn over(Prepared game, Turn turn) {
    return game.play()
        .over(turn.sitting())
        .map(end -> game.ended(turn.sitting(), end).after(turn.happenings()))
        .orElse(turn);
  }

  private static Sitting credited(Sitting sitting, Action action) {
    return action instanceof Action.Answer answer && answer.held() != null
        ? sitting.with(sitting.clocks().credited(Math.max(0, answer.held())))
        : sitting;
  }

  /**
   * The sitting after what ran out before a moment, each at the moment when it did.
   *
   * @param grace the milliseconds by which what ends may be late; what opens never is
   */
  private static Turn ranOut(Prepared game, Sitting sitting, long at, long grace) {
    Sitting there = sitting;
    List<Happening> happenings = new ArrayList<>();
    for (int i = 0; i < MOST_DEADLINES && game.playable() && there.outcome() == null; i++) {
      Optional<Deadline> next = next(game.play().deadlines(there), at, grace);
      if (next.isEmpty()) {
        break;
      }
      Point then = new Point(game, there, Mover.PLAYER, next.get().at());
      Turn turn = over(game, game.play().ranOut(then, next.get()));
      happenings.addAll(turn.happenings());
      there = turn.sitting();
    }
    return Turn.of(there, happenings);
  }

  private static Optional<Deadline> next(List<Deadline> deadlines, long at, long grace) {
    Deadline first = null;
    for (Deadline deadline : deadlines) {
      boolean passed = deadline.opens() ? at >= deadline.at() : at - grace > deadline.at();
      if (passed && (first == null || deadline.at() < first.at())) {
        first = deadline;
      }
    }
    return Optional.ofNullable(first);
  }

  /** The sitting that these moves lead to. Moves that would be refused are passed over. */
  public static Sitting rebuild(Prepared game, Opening opening, List<Played> moves) {
    Sitting sitting = open(game, opening);
    for (Played played : moves) {
      sitting = play(game, sitting, played.move(), played.at()).sitting();
    }
    return sitting;
  }

  /**
   * The sitting at a moment: with all that has run out by then.
   *
   * @param at the moment, in milliseconds since 1970
   */
  public static Sitting settled(Prepared game, Sitting sitting, long at) {
    return ranOut(game, sitting, notBefore(sitting, at), 0).sitting();
  }

  /**
   * Ends a play that runs, with what it has brought so far. What has run out by then is settled
   * first, so that it may have ended otherwise.
   *
   * @param how what closed it
   * @param at the moment, in milliseconds since 1970
   */
  public static Sitting close(Prepared game, Sitting sitting, Outcome.Ended how, long at) {
    Sitting there = settled(game, sitting, at);
    return there.outcome() != null || !game.playable()
        ? there
        : game.ended(there, game.play().closed(how, there)).sitting();
  }

  /** The opening with which a sitting began: without the teams that joined since. */
  public static Opening openedWith(Sitting sitting) {
    List<Team> teams = sitting.opening().teams();
    int late = 0;
    for (Played played : sitting.log().standing()) {
      late += played.move().action() instanceof Action.JoinTeam ? 1 : 0;
    }
    return late == 0
        ? sitting.opening()
        : sitting.opening().withTeams(teams.subList(0, teams.size() - late));
  }

  /** The moment itself, but never before the last move. */
  public static long notBefore(Sitting sitting, long at) {
    return sitting.log().isEmpty()
        ? Math.max(at, sitting.opening().at())
        : Math.max(at, sitting.log().getLast().at());
  }

  private static Turn repeated(Prepared game, Sitting sitting, Move move) {
    Sitting then = open(game, openedWith(sitting));
    for (Played played : sitting.log()) {
      Turn turn = play(game, then, played.move(), played.at());
      if (played.move().sameAs(move)) {
        return new Turn(sitting, turn.happenings(), null, true);
      }
      then = turn.sitting();
    }
    throw new IllegalStateException("the move is in the log");
  }

  /**
   * The sitting as it stood before that move, with what was left on the clocks then. What only
   * reports is passed over, and stays.
   */
  private static Turn takeBack(
      Prepared game, Sitting sitting, Move move, Action.TakeBack takeBack, long at) {
    if (move.by() != Mover.TEACHER) {
      return Turn.refused(sitting, Refusal.FOR_THE_TEACHER);
    }
    Played last = null;
    for (Played played : sitting.log().standing()) {
      last = played.move().reports() ? last : played;
    }
    if (last == null || !last.move().key().equals(takeBack.move())) {
      return Turn.refused(sitting, Refusal.NOT_OPEN);
    }
    List<Played> kept = new ArrayList<>();
    boolean passed = false;
    for (Played played : sitting.log()) {
      passed |= played == last;
      if (!passed || played.move().reports()) {
        kept.add(played);
      }
    }
    Sitting before = rebuild(game, openedWith(sitting), kept);
    return Turn.of(
        before.with(before.clocks().shifted(at - last.at())),
        new Happening.MoveTakenBack(takeBack.move()));
  }
}
