package bravium.core.games.escaperoom;

import bravium.core.play.Attempts;
import bravium.core.play.Clocked;
import bravium.core.play.Clocks;
import bravium.core.play.Effort;
import bravium.core.play.Happening;
import bravium.core.play.Mover;
import bravium.core.play.Point;
import bravium.core.play.Refusal;
import bravium.core.play.Result;
import bravium.core.play.Sitting;
import bravium.core.play.Tried;
import bravium.core.play.Turn;
import bravium.core.play.Verdict;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** What a move at a lock comes to, and what the clocks of locks do. */
final class EscapeMoves {

  /** What the clocks of locks are called that are closed for a while, before their id. */
  private static final String CLOSED = "closed ";

  /** What the clocks of locks are called at which help comes by itself, before their id. */
  private static final String HELP = "help ";

  private static final long SECOND = 1_000;

  private final EscapePlay play;
  private final Escape escape;
  private final EscapePrices prices;
  private final Point at;
  private final Sitting sitting;

  EscapeMoves(EscapePlay play, Point at) {
    this.play = play;
    this.escape = play.escape();
    this.prices = play.prices();
    this.at = at;
    this.sitting = at.sitting();
  }

  /** The name of the clock for which a lock is closed. */
  static String closed(String lock) {
    return CLOSED + lock;
  }

  /** Tries key pieces. */
  Turn use(EscapeAction.UsePieces use) {
    boolean open =
        play.open(sitting).contains(use.lock())
            && use.attempt() == sitting.effortFor(use.lock()).tries() + 1;
    if (!open || !(escape.lock(escape.number(use.lock())).by() instanceof Opener.ByPieces pieces)) {
      return at.refused(Refusal.NOT_OPEN);
    }
    if (sitting.opening().inTeams() && sitting.front().answering() == null) {
      return at.refused(Refusal.NO_SUCH_TEAM);
    }
    List<String> order = escape.order(pieces);
    Found found = play.found(sitting);
    boolean hers =
        use.pieces().size() == order.size()
            && new LinkedHashSet<>(use.pieces()).size() == order.size()
            && use.pieces().stream()
                .allMatch(piece -> escape.piece(piece).filter(found::isWon).isPresent());
    if (!hers) {
      return at.refused(Refusal.NO_SUCH_OPTION);
    }
    boolean right = KeyPieces.same(escape, use.pieces(), order);
    int worth = at.game().turns().worthOf(use.lock(), sitting);
    Tried tried =
        KeyPieces.tried(use.pieces(), right ? Verdict.RIGHT : Verdict.WRONG, right ? worth : 0);
    return new Attempts(at).tried(use.lock(), true, tried);
  }

  /** Opens a lock that the class is stuck at. */
  Turn give(String id) {
    if (at.by() != Mover.TEACHER && !sitting.opening().rehearsal()) {
      return at.refused(Refusal.FOR_THE_TEACHER);
    }
    Found found = play.found(sitting);
    int number = escape.number(id);
    if (number < 0 || found.isOpen(escape.lock(number)) || !found.isMet(escape.lock(number))) {
      return at.refused(Refusal.NOT_OPEN);
    }
    List<Happening> happenings = new ArrayList<>();
    Sitting after = sitting.with(EscapePlay.state(sitting).giving(id));
    if (sitting.draw().counts(id)) {
      Result result = new Result(id, null, Verdict.MISSED, 0, 0, null);
      after = Attempts.settled(after, result, happenings);
    }
    Sitting opened = opened(after, id);
    happenings.addAll(at.changes(opened, () -> Set.of(id)));
    return Turn.of(opened, happenings);
  }

  /** A lock opens, or its try was in vain; the turn passes either way. */
  Turn judged(String item) {
    Verdict verdict = sitting.resultOf(item).map(Result::verdict).orElse(null);
    Sitting after =
        verdict == Verdict.RIGHT || verdict == Verdict.GIVEN ? opened(sitting, item) : inVain(item);
    return Turn.of(at.game().turns().passed(after));
  }

  private Sitting opened(Sitting before, String lock) {
    Clocks clocks = before.clocks().without(CLOSED + lock).without(HELP + lock);
    return settled(before.with(clocks).with(EscapePlay.state(before).opening(List.of(lock))));
  }

  private Sitting inVain(String lock) {
    if (at.game().referee().outOfLives(sitting)) {
      return sitting.with(EscapePlay.state(sitting).withoutLives());
    }
    Clocks clocks = sitting.clocks();
    if (prices.wrong() > 0) {
      clocks = clocks.shortened(Clocked.GAME, prices.wrong() * SECOND);
    }
    if (prices.closed() > 0 && !sitting.opening().rehearsal()) {
      clocks = clocks.started(CLOSED + lock, prices.closed() * SECOND, at.at());
    }
    return sitting.with(clocks);
  }

  /** The sitting with what opens by itself, and with the help that comes by itself. */
  Sitting settled(Sitting before) {
    EscapeState state = EscapePlay.state(before);
    Found found = new Found(escape, state.opened());
    List<String> more = found.byThemselves();
    Clocks clocks = before.clocks();
    Integer wait = prices.helpAfter();
    if (wait != null) {
      for (Lock lock : found.met()) {
        boolean waits =
            clocks.find(HELP + lock.id()).isEmpty()
                && !found.isOpen(lock)
                && hintsLeft(before, lock.id());
        if (waits) {
          clocks = clocks.started(HELP + lock.id(), wait * SECOND, at.at());
        }
      }
    }
    return before.with(state.opening(more)).with(clocks);
  }

  private boolean hintsLeft(Sitting now, String lock) {
    int hints = at.game().item(lock).map(item -> item.hints().size()).orElse(0);
    return now.effortFor(lock).hints() < hints;
  }

  /** A hint takes its time, and the next one comes by itself as long after it. */
  Turn helped(String item) {
    Clocks clocks = sitting.clocks();
    if (prices.hint() > 0) {
      clocks = clocks.shortened(Clocked.GAME, prices.hint() * SECOND);
    }
    return Turn.of(waiting(sitting.with(clocks), item));
  }

  /** The sitting with the clock of the next hint begun anew, if one is left. */
  private Sitting waiting(Sitting before, String lock) {
    Integer wait = prices.helpAfter();
    Clocks clocks = before.clocks().without(HELP + lock);
    return before.with(
        wait != null && hintsLeft(before, lock)
            ? clocks.started(HELP + lock, wait * SECOND, at.at())
            : clocks);
  }

  /** What a lock's clock leads to that has run out: it can be tried again, or a hint comes. */
  Turn ranOut(String clock) {
    if (clock.startsWith(CLOSED)) {
      return Turn.of(sitting.with(sitting.clocks().without(clock)));
    }
    String lock = clock.substring(HELP.length());
    Effort effort = sitting.effortFor(lock).withHint();
    return Turn.of(
        waiting(sitting.with(effort), lock), new Happening.HintGiven(lock, effort.hints()));
  }
}
