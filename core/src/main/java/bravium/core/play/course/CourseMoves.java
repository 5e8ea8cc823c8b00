package bravium.core.play.course;

import bravium.core.play.Action;
import bravium.core.play.Attempts;
import bravium.core.play.Effort;
import bravium.core.play.Happening;
import bravium.core.play.Mover;
import bravium.core.play.Outcome;
import bravium.core.play.Point;
import bravium.core.play.Refusal;
import bravium.core.play.Result;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Tried;
import bravium.core.play.Turn;
import bravium.core.play.Verdict;
import bravium.core.play.front.FrontMoves;
import bravium.core.question.Information;
import bravium.core.question.OwnWordsQuestion;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What is done in a course besides trying and hints: picking, leaving, going to a question. */
final class CourseMoves {

  private final CoursePlay play;
  private final Point here;
  private final Sitting sitting;

  CourseMoves(CoursePlay play, Point here) {
    this.play = play;
    this.here = here;
    this.sitting = here.sitting();
  }

  Turn apply(Action action) {
    return switch (action) {
      case Action.Pick pick -> pick(pick.question());
      case Action.Continue leave -> leave(leave.question());
      case Action.Settle settle -> settleNow(settle.question());
      case Action.GoTo goTo -> new OutOfTurn(play, here).goTo(goTo.question());
      case Action.Own(var own) -> goneOn(play.course().act(here, own));
      default -> new FrontMoves(here).apply(action);
    };
  }

  /** What is done on the board may lead away from it, where it is no answer that ends the play. */
  private Turn goneOn(Turn done) {
    Sitting after = done.sitting();
    boolean ends = done.refusal() != null || play.course().ended(after).isPresent();
    return ends || after.stage() != Stage.BOARD || sitting.stage() != Stage.BOARD
        ? done
        : onwards(after).fromBoard(done.happenings());
  }

  private Turn pick(String question) {
    boolean open =
        sitting.stage() == Stage.BOARD
            && play.course().picks(sitting.draw(), sitting.settled())
            && sitting.draw().counts(question)
            && sitting.resultOf(question).isEmpty();
    return open ? onwards(sitting).pick(question) : here.refused(Refusal.NOT_OPEN);
  }

  private Turn leave(String question) {
    if (!question.equals(sitting.now())) {
      return here.refused(Refusal.NOT_OPEN);
    }
    if (sitting.stage() == Stage.FEEDBACK) {
      return leaveFeedback(question);
    }
    Question open = here.game().question(question).orElseThrow();
    if (here.by() == Mover.TEACHER && FrontMoves.talkedThrough(sitting, open)) {
      return talkedThrough(question);
    }
    if (open instanceof OwnWordsQuestion && here.by() == Mover.TEACHER) {
      // The class said it: there is nothing to mark.
      Effort talkedOver = sitting.effortFor(question).with(Tried.given(null));
      return settle(
          sitting.with(talkedOver).with(sitting.draw().withoutWorthOf(question)), question);
    }
    boolean left = play.course().leaves(sitting, question);
    if (open.answerable() && !(open instanceof Information) && !left) {
      return here.refused(Refusal.NOT_OPEN);
    }
    return settle(sitting, question);
  }

  private Turn leaveFeedback(String question) {
    if (here.game().referee().outOfLives(sitting)) {
      return onwards(sitting).end(Outcome.Ended.LIVES, List.of());
    }
    boolean unsettled = sitting.resultOf(question).isEmpty();
    boolean taken = sitting.front().taking() != null;
    if (!unsettled || !taken && play.triesLater()) {
      return onwards(sitting).go(List.of());
    }
    return (taken ? Optional.<Sitting>empty() : play.course().ledBack(sitting, question))
        .map(back -> onwards(back).board(List.of()))
        .orElseGet(() -> onwards(sitting).open(question));
  }

  /** All wrong options are struck out: what stayed is explained, and it is worth nothing. */
  private Turn talkedThrough(String question) {
    Sitting after =
        play.closed(sitting, here.at())
            .with(sitting.draw().withoutWorthOf(question))
            .adding(talkedOver(question))
            .at(Stage.FEEDBACK, question);
    return Turn.of(after, here.changes(after, () -> Set.of(question)));
  }

  /** What it has cost a team before stays. */
  private Result talkedOver(String question) {
    return new Result(question, null, Verdict.GIVEN, sitting.front().broughtBy(question), 0, null);
  }

  private Turn settleNow(String question) {
    boolean tried = sitting.effortFor(question).tries() > 0;
    boolean now = question.equals(sitting.now()) && sitting.resultOf(question).isEmpty();
    boolean until = play.activity().rules().mostTries() == Integer.MAX_VALUE;
    boolean taken = sitting.front().taking() != null;
    return tried && now && (taken || !until)
        ? settle(sitting, question)
        : here.refused(Refusal.NOT_OPEN);
  }

  /** Settles the question that is open, or waits for another try, and goes on. */
  private Turn settle(Sitting from, String question) {
    boolean open = from.stage() == Stage.QUESTION;
    Sitting closed = open ? play.closed(from, here.at()) : from;
    List<Happening> happenings = new ArrayList<>();
    Effort effort = from.effortFor(question);
    Sitting after =
        Attempts.settled(
            closed,
            here.game().referee().settle(effort, here.game().turns().missedBy(closed), 0, 0),
            happenings);
    if (from.draw().counts(question)) {
      happenings.addAll(here.changes(after, () -> Set.of(question)));
    }
    return onwards(after).go(happenings);
  }

  private Onwards onwards(Sitting from) {
    return new Onwards(play, here.with(from));
  }
}
