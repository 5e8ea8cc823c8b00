package bravium.core.play;

import bravium.core.activity.Activity;
import bravium.core.question.Question;
import java.util.List;
import java.util.Optional;

/** Goes to a question out of turn: the teacher at the front, or whoever tries a game out. */
final class OutOfTurn {

  private final Activity activity;
  private final Sitting sitting;
  private final Course course;
  private final Turns turns;
  private final long at;

  OutOfTurn(Activity activity, Sitting sitting, long at) {
    this.activity = activity;
    this.sitting = sitting;
    this.course = activity.course().orElseThrow();
    this.turns = new Turns(activity, sitting.opening());
    this.at = at;
  }

  Turn goTo(Mover by, String question) {
    boolean rehearsal = sitting.opening().rehearsal();
    if (by != Mover.TEACHER && !rehearsal) {
      return Turn.refused(sitting, Refusal.FOR_THE_TEACHER);
    }
    boolean drawn = sitting.draw().find(question).isPresent();
    Optional<Question> target =
        drawn
            ? Engine.question(activity, question)
            : Draw.pool(activity, rehearsal).stream()
                .filter(q -> q.id().equals(question))
                .findFirst();
    if (target.isEmpty()) {
      return Turn.refused(sitting, Refusal.NO_SUCH_QUESTION);
    }
    if (!drawn && sitting.draw().counting().isEmpty()) {
      return Turn.refused(sitting, Refusal.NOTHING_TO_ASK);
    }
    if (!rehearsal && (!drawn || sitting.resultOf(question).isPresent())) {
      return Turn.refused(sitting, Refusal.NOT_OPEN);
    }
    boolean runs = sitting.stage() == Stage.QUESTION || sitting.stage() == Stage.BOARD;
    Sitting left = untaken(question);
    left = runs ? left.with(left.watch().closed(at)) : left;
    boolean anew = rehearsal || sitting.resultOf(question).isPresent();
    Sitting there = !drawn ? swapIn(left, target.get()) : anew ? without(left, question) : left;
    return new Onwards(activity, turns.begun(there), at).open(question);
  }

  /**
   * Nobody takes over what is left: it is settled for the team that missed it, and the turn passes
   * on as it would have.
   */
  private Sitting untaken(String target) {
    Front front = sitting.front();
    String open = sitting.now();
    boolean taken = front.taking() != null && front.deciding().isEmpty() && open != null;
    if (!taken || open.equals(target)) {
      return sitting;
    }
    Sitting given = turns.missedBy(sitting);
    if (sitting.resultOf(open).isPresent()) {
      return given;
    }
    Effort effort = sitting.effortFor(open);
    Result result = new Referee(activity).settle(effort, given, 0, 0);
    return turns.passed(given.settledWith(result));
  }

  /** Only when trying out: the question takes the place of the last one that is still to do. */
  private Sitting swapIn(Sitting from, Question question) {
    List<Draw.Drawn> counting = from.draw().counting();
    String leaving = counting.getLast().question();
    for (Draw.Drawn drawn : counting) {
      leaving = from.resultOf(drawn.question()).isEmpty() ? drawn.question() : leaving;
    }
    Draw.Drawn joining = Draw.drawn(question, activity.rules(), from.opening());
    return without(from, leaving).with(from.draw().with(joining, leaving));
  }

  /** What came after it brings what it would have brought without it. */
  private Sitting without(Sitting from, String question) {
    Sitting left = from.without(question);
    Sitting again = left.with(List.of());
    for (Result result : left.results()) {
      again = again.settledWith(course.scored(result, again));
    }
    return again;
  }
}
