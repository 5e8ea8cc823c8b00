package bravium.core.play;

import bravium.core.activity.Activity;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Where a play goes on from a point: to a question, to the board, to its end. */
final class Onwards {

  private final Activity activity;
  private final Sitting from;
  private final Course course;
  private final Turns turns;
  private final long at;

  Onwards(Activity activity, Sitting from, long at) {
    this.activity = activity;
    this.from = from;
    this.course = activity.course().orElseThrow();
    this.turns = new Turns(activity, from.opening());
    this.at = at;
  }

  /** From the title page. */
  Turn begin() {
    Onwards begun = new Onwards(activity, turns.begun(from), at);
    Optional<String> first =
        from.opening().only() == null
            ? course.first(from.draw())
            : from.draw().ids().stream().findFirst();
    if (first.isPresent()) {
      return begun.open(first.get());
    }
    return course.picks(from.draw(), Set.of())
        ? begun.board(List.of())
        : Turn.refused(from, Refusal.NOTHING_TO_ASK);
  }

  /** A question that was picked on the board, or the information that comes before it. */
  Turn pick(String question) {
    Sitting closed = from.with(from.watch().closed(at));
    String first = course.opening(from.draw(), from.settled(), question);
    return new Onwards(activity, closed, at).open(first);
  }

  Turn open(String question) {
    Sitting opened = from.with(from.watch().opened(at)).at(Stage.QUESTION, question);
    List<Happening> happenings = new ArrayList<>();
    happenings.add(new Happening.QuestionOpened(question));
    if (from.draw().counts(question)) {
      happenings.addAll(course.markers(opened).changedSince(course.markers(from)));
    }
    return Turn.of(opened, happenings);
  }

  private Turn board(List<Happening> before) {
    List<Happening> happenings = new ArrayList<>(before);
    happenings.add(new Happening.BoardShown());
    Sitting shown = from.with(from.watch().opened(at)).at(Stage.BOARD, null);
    happenings.addAll(course.markers(shown).changedSince(course.markers(from)));
    return Turn.of(shown, happenings);
  }

  /** From a question that is settled or waits; those that wait come when there is no other. */
  Turn go(List<Happening> before) {
    String here = String.valueOf(from.now());
    if (!from.front().deciding().isEmpty()) {
      return afterDecider(here, before);
    }
    Optional<Outcome.Ended> over = course.over(from);
    if (over.isPresent()) {
      return end(over.get(), before);
    }
    boolean counts = from.draw().counts(here);
    Onwards next = counts ? new Onwards(activity, turns.passed(from), at) : this;
    return next.toNext(here, before);
  }

  private Turn toNext(String here, List<Happening> before) {
    Set<String> passed = new LinkedHashSet<>(from.settled());
    passed.addAll(from.waiting());
    Optional<String> next =
        course
            .next(from.draw(), passed, here)
            .or(() -> course.next(from.draw(), from.settled(), here));
    if (next.isPresent()) {
      return opened(next.get(), before);
    }
    return course.picks(from.draw(), from.settled())
        ? board(before)
        : end(Outcome.Ended.PLAYED, before);
  }

  private Turn opened(String question, List<Happening> before) {
    Turn opened = open(question);
    List<Happening> happenings = new ArrayList<>(before);
    happenings.addAll(opened.happenings());
    return Turn.of(opened.sitting(), happenings);
  }

  private Turn afterDecider(String here, List<Happening> before) {
    boolean right =
        from.resultOf(here).map(result -> result.verdict() == Verdict.RIGHT).orElse(false);
    return right ? settle(Outcome.Ended.PLAYED, before) : end(Outcome.Ended.PLAYED, before);
  }

  /** The end; a tie of teams may first go to a deciding question. */
  Turn end(Outcome.Ended how, List<Happening> before) {
    boolean marked = !from.opening().inTeams() || Referee.awaitedByTeams(from) == 0;
    Question decider = how == Outcome.Ended.PLAYED && marked ? turns.decider(from) : null;
    List<Integer> tied = from.opening().inTeams() ? Referee.leading(from) : List.of();
    if (decider == null || tied.size() < 2) {
      return settle(how, before);
    }
    Sitting deciding =
        from.with(from.draw().withDecider(decider, activity.rules(), from.opening()))
            .with(from.front().deciding(tied));
    List<Happening> happenings = new ArrayList<>(before);
    happenings.add(new Happening.TurnGiven(tied.getFirst(), false));
    return new Onwards(activity, deciding, at).opened(decider.id(), happenings);
  }

  private Turn settle(Outcome.Ended how, List<Happening> before) {
    Outcome outcome = new Referee(activity).outcome(from, how);
    List<Happening> happenings = new ArrayList<>(before);
    happenings.add(happening(outcome));
    return Turn.of(from.ended(outcome), happenings);
  }

  static Happening happening(Outcome outcome) {
    if (outcome.awaiting() > 0) {
      return new Happening.AwaitsMarking(outcome.awaiting());
    }
    if (outcome.tied()) {
      return new Happening.Tied(outcome.winners());
    }
    return outcome.won()
        ? new Happening.Won(outcome.points())
        : new Happening.Lost(outcome.points());
  }
}
