package bravium.core.play.course;

import bravium.core.play.Award;
import bravium.core.play.Effort;
import bravium.core.play.Front;
import bravium.core.play.Prepared;
import bravium.core.play.Result;
import bravium.core.play.Sitting;
import bravium.core.play.Tried;
import bravium.core.question.Marking;
import bravium.core.question.Question;
import bravium.core.question.Response;

/** Marks what was answered before an edit as it would be marked now. */
final class Replay {

  private Replay() {}

  /** The sitting in which the team answers that did, and the others have paid what they did. */
  private static Sitting answering(
      Sitting sitting, Question question, Result result, Front before) {
    Integer team = result.team();
    if (team == null) {
      return sitting;
    }
    Front front = sitting.front().withTurn(team);
    for (Award award : before.awards()) {
      if (question.id().equals(award.question()) && award.team() != team) {
        front = front.awarding(award);
      }
    }
    boolean taken = !result.missedBy().isEmpty();
    return sitting.with(
        taken ? front.withTurn(result.missedBy().getFirst()).takenOverBy(team) : front);
  }

  /**
   * The sitting with that question settled again, by the best response it had; without it where the
   * response no longer fits the question, or a question that was passed over can be answered now.
   */
  static Sitting of(
      Prepared game,
      Sitting sitting,
      Question question,
      Effort effort,
      Result result,
      Front before) {
    Response response = result.response();
    if (response == null) {
      boolean stays = effort.tries() > 0 || !question.answerable();
      return stays ? sitting.with(effort).adding(result) : sitting;
    }
    if (!question.answerable() || !question.takes(response)) {
      return sitting;
    }
    Sitting then = answering(sitting, question, result, before);
    int worth = game.turns().worthOf(question.id(), then);
    Tried tried =
        question.marking() == Marking.AT_ONCE
            ? Tried.of(response, question.mark(response), worth)
            : Tried.given(response);
    tried = tried.by(result.team());
    Effort anew =
        new Effort(
            effort.question(),
            effort.tries(),
            effort.mistakes(),
            effort.hints(),
            tried,
            tried,
            effort.first(),
            effort.laid(),
            effort.missedBy());
    return then.with(anew).settledWith(game.referee().settle(anew, then, 0, 0));
  }
}
