package bravium.core.rehearsal;

import bravium.core.activity.Activity;
import bravium.core.play.Action;
import bravium.core.play.Draw;
import bravium.core.play.Engine;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.question.Question;
import bravium.core.question.Response;
import java.util.Optional;

/** Plays for the teacher, by the same moves a learner would make. */
public final class TestAids {

  /** More than the tries of a question. */
  private static final int MOST_STEPS = 25;

  private final Activity activity;
  private final long at;

  private TestAids(Activity activity, long at) {
    this.activity = activity;
    this.at = at;
  }

  /**
   * The sitting after an aid. To a win or a loss it goes on from where the play stands and, where
   * that is too late, from the beginning; a game that can't end so ends otherwise.
   *
   * @param at the moment, in milliseconds since 1970
   */
  public static Sitting use(Activity activity, Sitting sitting, Aid aid, long at) {
    TestAids aids = new TestAids(activity, at);
    return switch (aid) {
      case RIGHT -> aids.answer(sitting, true);
      case WRONG -> aids.answer(sitting, false);
      case WIN -> aids.finish(sitting, true);
      case LOSS -> aids.finish(sitting, false);
    };
  }

  private Sitting finish(Sitting sitting, boolean won) {
    Sitting ended = toTheEnd(sitting, won);
    return ended.outcome() != null && ended.outcome().won() == won
        ? ended
        : toTheEnd(Engine.open(activity, sitting.opening()), won);
  }

  /** A game that asks until it is right has no end while answers are wrong: it stops somewhere. */
  private Sitting toTheEnd(Sitting sitting, boolean right) {
    Sitting here = sitting;
    int most = MOST_STEPS * (1 + sitting.draw().questions().size());
    for (int step = 0; step < most && here.stage() != Stage.END; step++) {
      Sitting next = here.stage() == Stage.FEEDBACK ? leave(here) : answer(here, right);
      if (next.equals(here)) {
        return here;
      }
      here = next;
    }
    return here;
  }

  private Sitting answer(Sitting sitting, boolean right) {
    return switch (sitting.stage()) {
      case TITLE -> {
        Sitting started = play(sitting, new Action.Start());
        yield started.stage() == Stage.TITLE ? started : answer(started, right);
      }
      case BOARD -> {
        Sitting picked = pickNext(sitting);
        yield picked.stage() == Stage.BOARD ? picked : answer(picked, right);
      }
      case QUESTION -> answerOpen(sitting, right);
      case FEEDBACK -> {
        Sitting next = leave(sitting);
        boolean open = next.stage() == Stage.QUESTION || next.stage() == Stage.BOARD;
        yield open ? answer(next, right) : next;
      }
      case END -> sitting;
    };
  }

  private Sitting pickNext(Sitting sitting) {
    return sitting.draw().counting().stream()
        .map(Draw.Drawn::question)
        .filter(id -> sitting.resultOf(id).isEmpty())
        .findFirst()
        .map(id -> play(sitting, new Action.Pick(id)))
        .orElse(sitting);
  }

  /** Where the teacher gives the turns, the teams get them one after another. */
  private Sitting withTurn(Sitting sitting) {
    int teams = sitting.opening().teams().size();
    boolean waits = teams > 0 && sitting.front().answering() == null;
    return waits ? play(sitting, new Action.GiveTurn(sitting.results().size() % teams)) : sitting;
  }

  private Sitting answerOpen(Sitting sitting, boolean right) {
    Question question = Engine.question(activity, sitting.now()).orElseThrow();
    Optional<Response> fitting = right ? question.rightResponse() : question.wrongResponse();
    return fitting
        .or(question::rightResponse)
        .or(question::wrongResponse)
        .filter(response -> question.answerable() && question.takes(response))
        .map(response -> give(withTurn(sitting), question, response))
        .orElseGet(() -> leave(sitting));
  }

  private Sitting give(Sitting sitting, Question question, Response response) {
    int attempt = sitting.effortFor(question.id()).tries() + 1;
    return play(sitting, new Action.Answer(question.id(), attempt, response));
  }

  private Sitting leave(Sitting sitting) {
    return play(sitting, new Action.Continue(sitting.now()));
  }

  private Sitting play(Sitting sitting, Action action) {
    Move move = new Move("aid-" + sitting.log().size(), Mover.TEACHER, action);
    return Engine.play(activity, sitting, move, at).sitting();
  }
}
