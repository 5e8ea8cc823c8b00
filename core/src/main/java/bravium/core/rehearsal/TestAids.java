package bravium.core.rehearsal;

import bravium.core.play.Action;
import bravium.core.play.Engine;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.play.Prepared;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Turn;

/** Plays for the teacher, by the same moves a learner would make. */
public final class TestAids {

  /** More moves than an item takes, with all its tries. */
  private static final int MOST_STEPS = 25;

  private final Prepared game;
  private final long at;

  private TestAids(Prepared game, long at) {
    this.game = game;
    this.at = at;
  }

  /**
   * The sitting after an aid. To a win or a loss it goes on from where the play stands and, where
   * that is too late, from the beginning; a game that can't end so ends otherwise.
   *
   * @param at the moment, in milliseconds since 1970
   */
  public static Sitting use(Prepared game, Sitting sitting, Aid aid, long at) {
    TestAids aids = new TestAids(game, at);
    return !game.playable()
        ? sitting
        : switch (aid) {
          case RIGHT -> aids.once(sitting, true);
          case WRONG -> aids.once(sitting, false);
          case WIN -> aids.finish(sitting, true);
          case LOSS -> aids.finish(sitting, false);
        };
  }

  private Sitting finish(Sitting sitting, boolean won) {
    Sitting ended = toTheEnd(sitting, won);
    return ended.outcome() != null && ended.outcome().won() == won
        ? ended
        : toTheEnd(Engine.open(game, sitting.opening()), won);
  }

  /** A game that asks until it is right has no end while answers are wrong: it stops somewhere. */
  private Sitting toTheEnd(Sitting sitting, boolean right) {
    Sitting here = sitting;
    int most = MOST_STEPS * (1 + sitting.draw().questions().size());
    for (int step = 0; step < most && here.outcome() == null; step++) {
      Sitting next = right ? further(here, true) : givenUp(here);
      if (next == here) {
        return here;
      }
      here = next;
    }
    return here;
  }

  private Sitting further(Sitting here, boolean right) {
    return here.stage() == Stage.FEEDBACK ? step(here, right) : once(here, right);
  }

  private Sitting givenUp(Sitting here) {
    return game.play()
        .givingUp(here)
        .map(up -> after(here, up))
        .orElseGet(() -> further(here, false));
  }

  /** Goes on until one thing was tried. */
  private Sitting once(Sitting sitting, boolean right) {
    Sitting here = sitting;
    boolean between = true;
    while (between && here.outcome() == null) {
      Sitting next = step(here, right);
      between = next != here && leadsThere(here, next);
      here = next;
    }
    return here;
  }

  /** Whether a move only led to where something can be tried. */
  private static boolean leadsThere(Sitting sitting, Sitting after) {
    return switch (sitting.stage()) {
      case TITLE, BOARD, FEEDBACK -> true;
      case PLAYING, QUESTION -> after.log().getLast().move().action() instanceof Action.GiveTurn;
      case END -> false;
    };
  }

  /** One move; the same sitting where nothing can be done. */
  private Sitting step(Sitting sitting, boolean right) {
    return game.play().aid(sitting, right).map(does -> after(sitting, does)).orElse(sitting);
  }

  private Sitting after(Sitting sitting, Action action) {
    Move move = new Move("aid-" + sitting.log().size(), Mover.TEACHER, action);
    Turn turn = Engine.play(game, sitting, move, at);
    return turn.refusal() == null ? turn.sitting() : sitting;
  }
}
