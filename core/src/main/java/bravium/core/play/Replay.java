package bravium.core.play;

import bravium.core.activity.Activity;
import bravium.core.question.Marking;
import bravium.core.question.Question;
import bravium.core.question.Response;

/** Marks what was answered before an edit as it would be marked now. */
public final class Replay {

  private Replay() {}

  /**
   * The sitting with that question settled again, by the best response it had; without it where the
   * response no longer fits the question, or a question that was passed over can be answered now.
   */
  public static Sitting of(
      Activity activity, Sitting sitting, Question question, Effort effort, Result result) {
    Response response = result.response();
    Referee referee = new Referee(activity);
    if (response == null) {
      boolean stays = effort.tries() > 0 || !question.answerable();
      return stays ? sitting.with(effort).adding(result) : sitting;
    }
    if (!question.answerable() || !question.takes(response)) {
      return sitting;
    }
    Tried tried =
        question.marking() == Marking.AT_ONCE
            ? Tried.of(response, question.mark(response), sitting.draw().worthOf(question.id()))
            : Tried.given(response);
    Effort anew =
        new Effort(
            effort.question(), effort.tries(), effort.mistakes(), effort.hints(), tried, tried);
    Integer team = result.team();
    Sitting then = team == null ? sitting : sitting.with(sitting.front().withTurn(team));
    return then.with(anew).settledWith(referee.settle(anew, then, 0, 0));
  }
}
