package bravium.core.play;

import bravium.core.activity.Activity;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What each move does at one point of a play. */
final class MoveRules {

  private final Activity activity;
  private final Sitting sitting;
  private final Referee referee;

  MoveRules(Activity activity, Sitting sitting) {
    this.activity = activity;
    this.sitting = sitting;
    this.referee = new Referee(activity.rules());
  }

  Turn apply(Move move) {
    Optional<Course> course = activity.game().course();
    if (course.isEmpty()) {
      return refused(Refusal.UNKNOWN_GAME);
    }
    return switch (move.action()) {
      case Action.Start start -> start(course.get());
      case Action.Answer answer -> answer(answer);
      case Action.Continue leave -> leave(course.get(), leave.question());
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
    if (sitting.stage() != Stage.QUESTION
        || !answer.question().equals(sitting.now())
        || answer.attempt() != 1) {
      return refused(Refusal.NOT_OPEN);
    }
    boolean offered =
        switch (answer.response()) {
          case Response.Picked picked ->
              sitting
                  .draw()
                  .find(answer.question())
                  .orElseThrow()
                  .options()
                  .contains(picked.option());
        };
    if (!offered) {
      return refused(Refusal.NO_SUCH_OPTION);
    }
    Question question = Engine.question(activity, answer.question()).orElseThrow();
    Result result = referee.mark(question, answer.response());
    Sitting marked = sitting.adding(result).at(Stage.FEEDBACK, question.id());
    return Turn.of(marked, happenings(marked, result));
  }

  private Turn leave(Course course, String question) {
    if (!question.equals(sitting.now())) {
      return refused(Refusal.NOT_OPEN);
    }
    if (sitting.stage() == Stage.FEEDBACK) {
      return onwards(course, sitting, List.of());
    }
    Question open = Engine.question(activity, question).orElseThrow();
    if (open.answerable()) {
      return refused(Refusal.NOT_OPEN);
    }
    Result result = referee.pass(open);
    Sitting passed = sitting.adding(result);
    return onwards(course, passed, happenings(passed, result));
  }

  private Turn goTo(Mover by, String question) {
    boolean rehearsal = sitting.opening().rehearsal();
    if (by != Mover.TEACHER && !rehearsal) {
      return refused(Refusal.FOR_THE_TEACHER);
    }
    Optional<Question> target =
        Draw.pool(activity, rehearsal).stream().filter(q -> q.id().equals(question)).findFirst();
    if (target.isEmpty()) {
      return refused(Refusal.NO_SUCH_QUESTION);
    }
    boolean drawn = sitting.draw().find(question).isPresent();
    if (!rehearsal && (!drawn || sitting.resultOf(question).isPresent())) {
      return refused(Refusal.NOT_OPEN);
    }
    Sitting there = drawn ? sitting.without(question) : swapIn(target.get());
    return new MoveRules(activity, there).open(question);
  }

  /** Only when trying out: the question takes the place of the last one that is still to do. */
  private Sitting swapIn(Question question) {
    List<String> ids = sitting.draw().ids();
    String leaving = ids.getLast();
    for (String id : ids) {
      leaving = sitting.resultOf(id).isEmpty() ? id : leaving;
    }
    Draw.Drawn joining = Draw.drawn(question, activity.rules(), sitting.opening());
    return sitting.without(leaving).with(sitting.draw().with(joining, leaving));
  }

  private Turn open(String question) {
    return Turn.of(
        sitting.at(Stage.QUESTION, question),
        new Happening.QuestionOpened(question),
        new Happening.MarkerChanged(question, Markers.State.NOW));
  }

  private Turn onwards(Course course, Sitting from, List<Happening> before) {
    List<Happening> happenings = new ArrayList<>(before);
    Optional<String> next = course.next(from.draw(), from.settled(), String.valueOf(from.now()));
    if (next.isPresent()) {
      Turn opened = new MoveRules(activity, from).open(next.get());
      happenings.addAll(opened.happenings());
      return Turn.of(opened.sitting(), happenings);
    }
    Outcome outcome = referee.outcome(from.results(), from.draw().questions().size());
    happenings.add(
        outcome.won() ? new Happening.Won(outcome.points()) : new Happening.Lost(outcome.points()));
    return Turn.of(from.ended(outcome), happenings);
  }

  private static List<Happening> happenings(Sitting after, Result result) {
    List<Happening> happenings = new ArrayList<>();
    happenings.add(new Happening.AnswerMarked(result.question(), result.verdict()));
    if (result.points() != 0) {
      int total = Scorecard.of(after.results(), after.draw().questions().size()).points();
      happenings.add(new Happening.PointsGiven(result.points(), total));
    }
    happenings.add(
        new Happening.MarkerChanged(result.question(), Markers.state(after, result.question())));
    return happenings;
  }

  private Turn refused(Refusal refusal) {
    return Turn.refused(sitting, refusal);
  }
}
