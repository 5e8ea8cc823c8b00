package bravium.core.play;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.question.Discussion;
import bravium.core.question.Information;
import bravium.core.question.Marking;
import bravium.core.question.Question;
import bravium.core.question.Response;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What each move does at one point of a play. */
final class MoveRules {

  private final Activity activity;
  private final Sitting sitting;
  private final Course course;
  private final Referee referee;
  private final Turns turns;
  private final long at;

  MoveRules(Activity activity, Sitting sitting, long at) {
    this.activity = activity;
    this.sitting = sitting;
    this.course = activity.course().orElseThrow();
    this.referee = new Referee(activity);
    this.turns = new Turns(activity, sitting.opening());
    this.at = at;
  }

  Turn apply(Move move) {
    return switch (move.action()) {
      case Action.Start start -> start();
      case Action.Pick pick -> pick(pick.question());
      case Action.Answer answer -> answer(answer);
      case Action.Hint hint -> hint(hint.question());
      case Action.Continue leave -> leave(move.by(), leave.question());
      case Action.Settle settle -> settleNow(settle.question());
      case Action.Mark mark -> mark(move.by(), mark);
      case Action.GoTo goTo ->
          new OutOfTurn(activity, sitting, at).goTo(move.by(), goTo.question());
      case Action.TakeBack takeBack -> throw new IllegalArgumentException("not a move forward");
      case Action.Strike strike -> front(move);
      case Action.Reveal reveal -> front(move);
      case Action.CountHands count -> front(move);
      case Action.GiveTurn give -> front(move);
      case Action.GivePoints give -> front(move);
      case Action.HoldClock hold -> front(move);
      case Action.RunClock run -> front(move);
      case Action.AddTime add -> front(move);
    };
  }

  private Turn front(Move move) {
    return move.by() == Mover.TEACHER
        ? new FrontRules(activity, sitting, at).apply(move.action())
        : refused(Refusal.FOR_THE_TEACHER);
  }

  private Turn start() {
    if (sitting.stage() != Stage.TITLE) {
      return refused(Refusal.NOT_OPEN);
    }
    return onwards().begin();
  }

  private Turn pick(String question) {
    boolean open =
        sitting.stage() == Stage.BOARD
            && sitting.draw().counts(question)
            && sitting.resultOf(question).isEmpty();
    return open ? onwards().pick(question) : refused(Refusal.NOT_OPEN);
  }

  private Turn answer(Action.Answer answer) {
    boolean open = sitting.stage() == Stage.QUESTION && answer.question().equals(sitting.now());
    if (!open || answer.attempt() != sitting.effortFor(answer.question()).tries() + 1) {
      return refused(Refusal.NOT_OPEN);
    }
    if (waitsForTeam()) {
      return refused(Refusal.NO_SUCH_TEAM);
    }
    Question question = Engine.question(activity, answer.question()).orElseThrow();
    if (!question.answerable()
        || !question.takes(answer.response())
        || isStruck(question, answer.response())) {
      return refused(Refusal.NO_SUCH_OPTION);
    }
    return tried(question, triedWith(question, answer.response()));
  }

  private boolean waitsForTeam() {
    return sitting.opening().inTeams() && sitting.front().answering() == null;
  }

  private boolean isStruck(Question question, Response response) {
    List<String> struck = sitting.front().struck(question.id());
    return switch (response) {
      case Response.Picked(String option) -> struck.contains(option);
      case Response.PickedAll(List<String> options) -> options.stream().anyMatch(struck::contains);
      default -> false;
    };
  }

  private Tried triedWith(Question question, Response response) {
    if (question.marking() != Marking.AT_ONCE) {
      return Tried.given(response);
    }
    return Tried.of(response, question.mark(response), turns.worthOf(question, sitting));
  }

  /** What the time's running out leads to. */
  Turn outOfTime(Timer timer) {
    Happening ranOut = new Happening.TimeRanOut(timer.per());
    Turn turn =
        timer.per() == Clock.Per.GAME
            ? onwards(sitting.with(sitting.watch().closed(at))).end(Outcome.Ended.TIME, List.of())
            : tried(Engine.question(activity, sitting.now()).orElseThrow(), Tried.outOfTime());
    List<Happening> happenings = new ArrayList<>(List.of(ranOut));
    happenings.addAll(turn.happenings());
    return Turn.of(turn.sitting(), happenings);
  }

  private Turn tried(Question question, Tried tried) {
    Integer team = sitting.front().answering();
    Effort effort = sitting.effortFor(question.id()).with(tried.by(team));
    Sitting after =
        sitting.with(effort).with(sitting.watch().closed(at)).at(Stage.FEEDBACK, question.id());
    if (tried.isMistake()) {
      after = turns.charged(after, question.id(), referee.mistakePrice());
    }
    boolean open =
        tried.verdict() != Verdict.GIVEN && question.canBeRight() && !referee.outOfLives(after);
    boolean again = open && turns.mayTryAgain(sitting) && referee.mayTryAgain(effort);
    boolean goesOn = open && !again && turns.goesOn(sitting, effort);
    Integer taker = goesOn ? turns.taker(sitting, course) : null;
    List<Happening> happenings = new ArrayList<>();
    happenings.add(new Happening.AnswerMarked(question.id(), tried.verdict()));
    if (taker != null) {
      after = after.with(after.front().takenOverBy(taker));
      happenings.add(new Happening.TurnGiven(taker, true));
    } else if (!again) {
      Optional<Timer> own =
          sitting.opening().rehearsal() ? Optional.empty() : Timer.ofQuestion(activity, sitting);
      long left = own.map(timer -> timer.left(at)).orElse(0L);
      long time = own.map(Timer::total).orElse(0L);
      after = settled(after, referee.settle(effort, after, left, time), happenings);
    }
    if (tried.isMistake() && !sitting.opening().inTeams() && activity.rules().lives() != null) {
      int left = Math.max(0, activity.rules().lives() - Scorecard.of(after).mistakes());
      happenings.add(new Happening.LifeLost(left));
    }
    happenings.addAll(course.markers(after).changedSince(course.markers(sitting)));
    return Turn.of(after, happenings);
  }

  private static Sitting settled(Sitting before, Result result, List<Happening> happenings) {
    Sitting after = before.settledWith(result);
    if (result.points() != 0) {
      int total = Scorecard.points(after.results());
      happenings.add(new Happening.PointsGiven(result.points(), total));
    }
    return after;
  }

  private Turn hint(String question) {
    if (sitting.stage() != Stage.QUESTION || !question.equals(sitting.now())) {
      return refused(Refusal.NOT_OPEN);
    }
    if (waitsForTeam()) {
      return refused(Refusal.NO_SUCH_TEAM);
    }
    Effort effort = sitting.effortFor(question).withHint();
    Question open = Engine.question(activity, question).orElseThrow();
    if (effort.hints() > open.hints().size()) {
      return refused(Refusal.NO_HINT_LEFT);
    }
    int price = referee.hintPrice(open, sitting.draw());
    Sitting helped = turns.charged(sitting.with(effort), question, price);
    return Turn.of(helped, new Happening.HintGiven(question, effort.hints()));
  }

  private Turn leave(Mover by, String question) {
    if (!question.equals(sitting.now())) {
      return refused(Refusal.NOT_OPEN);
    }
    if (sitting.stage() == Stage.FEEDBACK) {
      return leaveFeedback(question);
    }
    Question open = Engine.question(activity, question).orElseThrow();
    if (by == Mover.TEACHER && FrontRules.talkedThrough(sitting, open)) {
      return talkedThrough(question);
    }
    if (open instanceof Discussion && by == Mover.TEACHER) {
      Effort talkedOver = sitting.effortFor(question).with(Tried.given(null));
      return settle(sitting.with(talkedOver), question);
    }
    if (open.answerable() && !(open instanceof Information)) {
      return refused(Refusal.NOT_OPEN);
    }
    return settle(sitting, question);
  }

  private Turn leaveFeedback(String question) {
    if (referee.outOfLives(sitting)) {
      return onwards().end(Outcome.Ended.LIVES, List.of());
    }
    boolean unsettled = sitting.resultOf(question).isEmpty();
    boolean here = sitting.front().taking() != null || !course.triesLater(activity.rules());
    return unsettled && here ? onwards().open(question) : onwards().go(List.of());
  }

  /** All wrong options are struck out: what stayed is explained, and it is worth nothing. */
  private Turn talkedThrough(String question) {
    Sitting after =
        sitting
            .with(sitting.watch().closed(at))
            .with(sitting.draw().withoutWorthOf(question))
            .adding(talkedOver(question))
            .at(Stage.FEEDBACK, question);
    return Turn.of(after, course.markers(after).changedSince(course.markers(sitting)));
  }

  /** What it has cost a team before stays. */
  private Result talkedOver(String question) {
    return new Result(question, null, Verdict.GIVEN, sitting.front().broughtBy(question), 0, null);
  }

  private Turn settleNow(String question) {
    boolean tried = sitting.effortFor(question).tries() > 0;
    boolean now = question.equals(sitting.now()) && sitting.resultOf(question).isEmpty();
    boolean until = activity.rules().mostTries() == Integer.MAX_VALUE;
    boolean taken = sitting.front().taking() != null;
    return tried && now && (taken || !until)
        ? settle(sitting, question)
        : refused(Refusal.NOT_OPEN);
  }

  /** Settles the question that is open, or waits for another try, and goes on. */
  private Turn settle(Sitting from, String question) {
    boolean open = from.stage() == Stage.QUESTION;
    Sitting closed = open ? from.with(from.watch().closed(at)) : from;
    List<Happening> happenings = new ArrayList<>();
    Effort effort = from.effortFor(question);
    Sitting after =
        settled(closed, referee.settle(effort, turns.missedBy(closed), 0, 0), happenings);
    if (from.draw().counts(question)) {
      happenings.addAll(course.markers(after).changedSince(course.markers(sitting)));
    }
    return onwards(after).go(happenings);
  }

  private Turn mark(Mover by, Action.Mark mark) {
    if (by != Mover.TEACHER) {
      return refused(Refusal.FOR_THE_TEACHER);
    }
    Optional<Result> given = sitting.resultOf(mark.question());
    Optional<Question> question = Engine.question(activity, mark.question());
    if (given.isEmpty() || question.map(Question::marking).orElseThrow() != Marking.BY_TEACHER) {
      return refused(Refusal.NO_SUCH_QUESTION);
    }
    int worth = sitting.draw().worthOf(mark.question());
    if (given.get().response() == null || mark.points() < 0 || mark.points() > worth) {
      return refused(Refusal.NO_SUCH_MARK);
    }
    int cost = referee.cost(sitting.effortFor(mark.question()));
    Result result = referee.marked(given.get(), worth, mark.points(), cost, mark.comment());
    Sitting marked = sitting.replacing(result);
    List<Happening> happenings = new ArrayList<>();
    happenings.add(new Happening.AnswerMarked(result.question(), result.verdict()));
    Outcome before = sitting.outcome();
    if (before == null) {
      return Turn.of(marked, happenings);
    }
    Outcome after = referee.outcome(marked, before.ended());
    happenings.add(Onwards.happening(after));
    return Turn.of(marked.ended(after), happenings);
  }

  private Onwards onwards() {
    return onwards(sitting);
  }

  private Onwards onwards(Sitting from) {
    return new Onwards(activity, from, at);
  }

  private Turn refused(Refusal refusal) {
    return Turn.refused(sitting, refusal);
  }
}
