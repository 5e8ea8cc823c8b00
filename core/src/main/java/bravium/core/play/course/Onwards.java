package bravium.core.play.course;

import bravium.core.play.Happening;
import bravium.core.play.Outcome;
import bravium.core.play.Point;
import bravium.core.play.Referee;
import bravium.core.play.Refusal;
import bravium.core.play.Sitting;
import bravium.core.play.Turn;
import bravium.core.play.Verdict;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** Where a play goes on from a point: to a question, to the board, to its end. */
final class Onwards {

  private final CoursePlay play;
  private final Point here;
  private final Sitting from;
  private final Course course;

  Onwards(CoursePlay play, Point here) {
    this.play = play;
    this.here = here;
    this.from = here.sitting();
    this.course = play.course();
  }

  /** From the title page. */
  Turn begin() {
    Onwards begun = with(here.game().turns().begun(from));
    Optional<String> first =
        from.opening().only() == null
            ? course.first(from.draw())
            : from.draw().ids().stream().findFirst();
    if (first.isPresent()) {
      return begun.open(first.get());
    }
    return course.picks(from.draw(), Set.of()) || course.waits(from)
        ? begun.board(List.of())
        : here.refused(Refusal.NOTHING_TO_ASK);
  }

  /** A question that was picked on the board, or the information that comes before it. */
  Turn pick(String question) {
    Sitting closed = play.closed(from, here.at());
    String first = course.opening(from.draw(), from.settled(), question);
    return with(closed).open(first);
  }

  Turn open(String question) {
    Sitting opened = play.opened(here.game().turns(), from, question, here.at());
    List<Happening> happenings = new ArrayList<>();
    happenings.add(new Happening.QuestionOpened(question));
    if (from.draw().counts(question)) {
      happenings.addAll(changes(opened, question));
    }
    return Turn.of(opened, happenings);
  }

  /**
   * From the board, once something was done there: to the question that opens by itself, to the end
   * where nothing is left, or nowhere else.
   */
  Turn fromBoard(List<Happening> before) {
    Optional<String> next = course.opensByItself(from);
    if (next.isPresent()) {
      return with(play.closed(from, here.at())).opened(next.get(), before);
    }
    return course.picks(from.draw(), from.settled()) || course.waits(from)
        ? Turn.of(from, before)
        : end(Outcome.Ended.PLAYED, before);
  }

  Turn board(List<Happening> before) {
    List<Happening> happenings = new ArrayList<>(before);
    happenings.add(new Happening.BoardShown());
    Sitting shown = play.onBoard(from, here.at());
    happenings.addAll(changes(shown, String.valueOf(from.now())));
    return Turn.of(shown, happenings);
  }

  /** From a question that is settled or waits; those that wait come when there is no other. */
  Turn go(List<Happening> before) {
    String left = String.valueOf(from.now());
    if (!from.front().deciding().isEmpty()) {
      return afterDecider(left, before);
    }
    Optional<Outcome.Ended> over = course.over(from);
    if (over.isPresent()) {
      return end(over.get(), before);
    }
    boolean counts = from.draw().counts(left);
    Onwards next = counts ? with(here.game().turns().passed(from)) : this;
    return next.toNext(left, before);
  }

  private Turn toNext(String left, List<Happening> before) {
    Set<String> passed = from.passed();
    Optional<String> next =
        course
            .next(from.draw(), passed, left)
            .or(() -> course.next(from.draw(), from.settled(), left));
    if (next.isPresent()) {
      return opened(next.get(), before);
    }
    return course.picks(from.draw(), from.settled()) || course.waits(from)
        ? board(before)
        : end(Outcome.Ended.PLAYED, before);
  }

  private Turn opened(String question, List<Happening> before) {
    Turn opened = open(question);
    List<Happening> happenings = new ArrayList<>(before);
    happenings.addAll(opened.happenings());
    return Turn.of(opened.sitting(), happenings);
  }

  private Turn afterDecider(String left, List<Happening> before) {
    boolean right =
        from.resultOf(left).map(result -> result.verdict() == Verdict.RIGHT).orElse(false);
    return right ? settle(Outcome.Ended.PLAYED, before) : end(Outcome.Ended.PLAYED, before);
  }

  /** The end; a tie of teams may first go to a deciding question. */
  Turn end(Outcome.Ended how, List<Happening> before) {
    boolean marked = !from.opening().inTeams() || Referee.awaitedByTeams(from) == 0;
    Question decider =
        how == Outcome.Ended.PLAYED && marked ? play.decider(from).orElse(null) : null;
    List<Integer> tied = from.opening().inTeams() ? Referee.leading(from) : List.of();
    if (decider == null || tied.size() < 2) {
      return settle(how, before);
    }
    Sitting deciding =
        from.with(
                from.draw().with(Asking.decider(decider, play.activity().rules(), from.opening())))
            .with(from.front().deciding(tied));
    List<Happening> happenings = new ArrayList<>(before);
    happenings.add(new Happening.TurnGiven(tied.getFirst(), false));
    return with(deciding).opened(decider.id(), happenings);
  }

  private Turn settle(Outcome.Ended how, List<Happening> before) {
    return here.game().ended(from, course.atTheEnd(how, from)).after(before);
  }

  private Onwards with(Sitting changed) {
    return new Onwards(play, here.with(changed));
  }

  private List<Happening> changes(Sitting after, String question) {
    return here.changes(
        after, () -> new LinkedHashSet<>(List.of(question, String.valueOf(from.now()))));
  }
}
