package bravium.core.play;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.question.Discussion;
import bravium.core.question.Information;
import bravium.core.question.Mark;
import bravium.core.question.Marking;
import bravium.core.question.Question;
import bravium.core.question.Response;
import bravium.core.words.Words;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** What each move does at one point of a play. */
final class MoveRules {

  private final Activity activity;
  private final Sitting sitting;
  private final Referee referee;
  private final long at;

  MoveRules(Activity activity, Sitting sitting, long at) {
    this.activity = activity;
    this.sitting = sitting;
    this.referee = new Referee(activity.rules());
    this.at = at;
  }

  Turn apply(Move move) {
    Optional<Course> course = activity.game().course();
    if (course.isEmpty()) {
      return refused(Refusal.UNKNOWN_GAME);
    }
    return switch (move.action()) {
      case Action.Start start -> start(course.get());
      case Action.Answer answer -> answer(answer);
      case Action.Hint hint -> hint(hint.question());
      case Action.Continue leave -> leave(course.get(), move.by(), leave.question());
      case Action.Settle settle -> settleNow(course.get(), settle.question());
      case Action.Mark mark -> mark(move.by(), mark);
      case Action.GoTo goTo -> goTo(move.by(), goTo.question());
      case Action.TakeBack takeBack -> throw new IllegalArgumentException("not a move forward");
    };
  }

  private Turn start(Course course) {
    if (sitting.stage() != Stage.TITLE) {
      return refused(Refusal.NOT_OPEN);
    }
    return course.first(sitting.draw()).map(this::open).orElse(refused(Refusal.NOTHING_TO_ASK));
  }

  private Turn answer(Action.Answer answer) {
    boolean open = sitting.stage() == Stage.QUESTION && answer.question().equals(sitting.now());
    if (!open || answer.attempt() != sitting.effortFor(answer.question()).tries() + 1) {
      return refused(Refusal.NOT_OPEN);
    }
    Question question = Engine.question(activity, answer.question()).orElseThrow();
    if (!question.answerable() || !question.takes(answer.response())) {
      return refused(Refusal.NO_SUCH_OPTION);
    }
    return tried(question, triedWith(question, answer.response()));
  }

  private Tried triedWith(Question question, Response response) {
    if (question.marking() != Marking.AT_ONCE) {
      return Tried.given(response);
    }
    Mark mark = question.mark(response);
    return Tried.of(response, mark, sitting.draw().worthOf(question.id()));
  }

  /** What the time's running out leads to. */
  Turn outOfTime(Timer timer) {
    Question question = Engine.question(activity, sitting.now()).orElseThrow();
    Happening ranOut = new Happening.TimeRanOut(timer.per());
    Turn turn =
        timer.per() == Clock.Per.GAME
            ? end(sitting.with(sitting.watch().closed(at)), Outcome.Ended.TIME, List.of())
            : tried(question, Tried.outOfTime());
    List<Happening> happenings = new ArrayList<>(List.of(ranOut));
    happenings.addAll(turn.happenings());
    return Turn.of(turn.sitting(), happenings);
  }

  private Turn tried(Question question, Tried tried) {
    Effort effort = sitting.effortFor(question.id()).with(tried);
    Sitting after =
        sitting.with(effort).with(sitting.watch().closed(at)).at(Stage.FEEDBACK, question.id());
    int mistakes = Scorecard.of(after).mistakes();
    boolean over = referee.outOfLives(mistakes);
    boolean open = tried.verdict() != Verdict.GIVEN && question.canBeRight();
    boolean again = open && referee.mayTryAgain(effort) && !over;
    List<Happening> happenings = new ArrayList<>();
    happenings.add(new Happening.AnswerMarked(question.id(), tried.verdict()));
    if (!again) {
      Optional<Timer> timer = Timer.of(activity, sitting);
      boolean own = timer.map(t -> t.per() == Clock.Per.QUESTION).orElse(false);
      long left = own ? timer.get().left(at) : 0;
      long time = own && !timer.get().stands() ? timer.get().total() : 0;
      after = settled(after, referee.settle(effort, after.results(), left, time), happenings);
    }
    if (tried.isMistake() && activity.rules().lives() != null) {
      int left = Math.max(0, activity.rules().lives() - mistakes);
      happenings.add(new Happening.LifeLost(left));
    }
    happenings.add(new Happening.MarkerChanged(question.id(), Markers.state(after, question.id())));
    return Turn.of(after, happenings);
  }

  private static Sitting settled(Sitting before, Result result, List<Happening> happenings) {
    Sitting after = before.adding(result);
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
    Effort effort = sitting.effortFor(question).withHint();
    List<Words> hints = Engine.question(activity, question).orElseThrow().hints();
    if (effort.hints() > hints.size()) {
      return refused(Refusal.NO_HINT_LEFT);
    }
    return Turn.of(sitting.with(effort), new Happening.HintGiven(question, effort.hints()));
  }

  private Turn leave(Course course, Mover by, String question) {
    if (!question.equals(sitting.now())) {
      return refused(Refusal.NOT_OPEN);
    }
    if (sitting.stage() == Stage.FEEDBACK) {
      boolean over = referee.outOfLives(Scorecard.of(sitting).mistakes());
      if (over) {
        return end(sitting, Outcome.Ended.LIVES, List.of());
      }
      boolean again = sitting.resultOf(question).isEmpty() && !activity.rules().triedLater();
      return again ? open(question) : onwards(course, sitting, List.of());
    }
    Question open = Engine.question(activity, question).orElseThrow();
    if (open instanceof Discussion && by == Mover.TEACHER) {
      Effort talkedOver = sitting.effortFor(question).with(Tried.given(null));
      return settle(course, sitting.with(talkedOver), question);
    }
    if (open.answerable() && !(open instanceof Information)) {
      return refused(Refusal.NOT_OPEN);
    }
    return settle(course, sitting, question);
  }

  private Turn settleNow(Course course, String question) {
    boolean tried = sitting.effortFor(question).tries() > 0;
    boolean now = question.equals(sitting.now()) && sitting.resultOf(question).isEmpty();
    boolean until = activity.rules().mostTries() == Integer.MAX_VALUE;
    return tried && now && !until ? settle(course, sitting, question) : refused(Refusal.NOT_OPEN);
  }

  /** Settles the question that is open, or waits for another try, and goes on. */
  private Turn settle(Course course, Sitting from, String question) {
    boolean open = from.stage() == Stage.QUESTION;
    Sitting closed = open ? from.with(from.watch().closed(at)) : from;
    List<Happening> happenings = new ArrayList<>();
    Effort effort = from.effortFor(question);
    Sitting after = settled(closed, referee.settle(effort, from.results(), 0, 0), happenings);
    boolean counts = from.draw().find(question).map(Draw.Drawn::counts).orElse(false);
    if (counts) {
      happenings.add(new Happening.MarkerChanged(question, Markers.state(after, question)));
    }
    return onwards(course, after, happenings);
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
    happenings.add(happening(after));
    return Turn.of(marked.ended(after), happenings);
  }

  private Turn goTo(Mover by, String question) {
    boolean rehearsal = sitting.opening().rehearsal();
    if (by != Mover.TEACHER && !rehearsal) {
      return refused(Refusal.FOR_THE_TEACHER);
    }
    boolean drawn = sitting.draw().find(question).isPresent();
    Optional<Question> target =
        drawn
            ? Engine.question(activity, question)
            : Draw.pool(activity, rehearsal).stream()
                .filter(q -> q.id().equals(question))
                .findFirst();
    if (target.isEmpty()) {
      return refused(Refusal.NO_SUCH_QUESTION);
    }
    if (!rehearsal && (!drawn || sitting.resultOf(question).isPresent())) {
      return refused(Refusal.NOT_OPEN);
    }
    Sitting left =
        sitting.stage() == Stage.QUESTION ? sitting.with(sitting.watch().closed(at)) : sitting;
    boolean anew = rehearsal || sitting.resultOf(question).isPresent();
    Sitting there = !drawn ? swapIn(left, target.get()) : anew ? left.without(question) : left;
    return new MoveRules(activity, there, at).open(question);
  }

  /** Only when trying out: the question takes the place of the last one that is still to do. */
  private Sitting swapIn(Sitting from, Question question) {
    List<Draw.Drawn> counting = from.draw().counting();
    if (counting.isEmpty()) {
      return from;
    }
    String leaving = counting.getLast().question();
    for (Draw.Drawn drawn : counting) {
      leaving = from.resultOf(drawn.question()).isEmpty() ? drawn.question() : leaving;
    }
    Draw.Drawn joining = Draw.drawn(question, activity.rules(), from.opening());
    return from.without(leaving).with(from.draw().with(joining, leaving));
  }

  private Turn open(String question) {
    Sitting opened = sitting.with(sitting.watch().opened(at)).at(Stage.QUESTION, question);
    List<Happening> happenings = new ArrayList<>();
    happenings.add(new Happening.QuestionOpened(question));
    if (sitting.draw().find(question).map(Draw.Drawn::counts).orElse(false)) {
      happenings.add(new Happening.MarkerChanged(question, Markers.State.NOW));
    }
    return Turn.of(opened, happenings);
  }

  /** To the next question; those that wait for another try come when there is no other. */
  private Turn onwards(Course course, Sitting from, List<Happening> before) {
    String here = String.valueOf(from.now());
    Set<String> passed = new LinkedHashSet<>(from.settled());
    passed.addAll(from.waiting());
    Optional<String> next =
        course
            .next(from.draw(), passed, here)
            .or(() -> course.next(from.draw(), from.settled(), here));
    if (next.isEmpty()) {
      return end(from, Outcome.Ended.PLAYED, before);
    }
    Turn opened = new MoveRules(activity, from, at).open(next.get());
    List<Happening> happenings = new ArrayList<>(before);
    happenings.addAll(opened.happenings());
    return Turn.of(opened.sitting(), happenings);
  }

  private Turn end(Sitting from, Outcome.Ended how, List<Happening> before) {
    Outcome outcome = referee.outcome(from, how);
    List<Happening> happenings = new ArrayList<>(before);
    happenings.add(happening(outcome));
    return Turn.of(from.ended(outcome), happenings);
  }

  private static Happening happening(Outcome outcome) {
    if (outcome.awaiting() > 0) {
      return new Happening.AwaitsMarking(outcome.awaiting());
    }
    return outcome.won()
        ? new Happening.Won(outcome.points())
        : new Happening.Lost(outcome.points());
  }

  private Turn refused(Refusal refusal) {
    return Turn.refused(sitting, refusal);
  }
}
