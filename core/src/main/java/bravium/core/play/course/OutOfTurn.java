package bravium.core.play.course;

import bravium.core.play.Draw;
import bravium.core.play.Effort;
import bravium.core.play.Front;
import bravium.core.play.Mover;
import bravium.core.play.Point;
import bravium.core.play.Refusal;
import bravium.core.play.Result;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Turn;
import bravium.core.question.Question;
import java.util.List;
import java.util.Optional;

/** Goes to a question out of turn: the teacher at the front, or whoever tries a game out. */
final class OutOfTurn {

  private final CoursePlay play;
  private final Point here;
  private final Sitting sitting;

  OutOfTurn(CoursePlay play, Point here) {
    this.play = play;
    this.here = here;
    boolean over = here.sitting().stage() == Stage.END;
    this.sitting = over ? play.course().reopened(here.sitting()) : here.sitting();
  }

  Turn goTo(String question) {
    boolean rehearsal = sitting.opening().rehearsal();
    if (here.by() != Mover.TEACHER && !rehearsal) {
      return here.refused(Refusal.FOR_THE_TEACHER);
    }
    boolean drawn = sitting.draw().find(question).isPresent();
    Optional<Question> target =
        drawn
            ? here.game().question(question)
            : Asking.pool(play.activity(), rehearsal).stream()
                .filter(q -> q.id().equals(question))
                .findFirst();
    if (target.isEmpty()) {
      return here.refused(Refusal.NO_SUCH_QUESTION);
    }
    if (!drawn && sitting.draw().counting().isEmpty()) {
      return here.refused(Refusal.NOTHING_TO_ASK);
    }
    if (!rehearsal && (!drawn || sitting.resultOf(question).isPresent())) {
      return here.refused(Refusal.NOT_OPEN);
    }
    boolean runs = sitting.stage() == Stage.QUESTION || sitting.stage() == Stage.BOARD;
    Sitting left = undecided(untaken(question), question);
    left = runs ? play.closed(left, here.at()) : left;
    boolean anew = rehearsal || sitting.resultOf(question).isPresent();
    Sitting there = !drawn ? swapIn(left, target.get()) : anew ? without(left, question) : left;
    return new Onwards(play, here.with(here.game().turns().begun(there))).open(question);
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
    Sitting given = here.game().turns().missedBy(sitting);
    if (sitting.resultOf(open).isPresent()) {
      return given;
    }
    Effort effort = sitting.effortFor(open);
    Result result = here.game().referee().settle(effort, given, 0, 0);
    return here.game().turns().passed(given.settledWith(result));
  }

  /** A tie is decided no more: its question leaves, and may come again when there is another. */
  private Sitting undecided(Sitting from, String target) {
    if (from.front().deciding().isEmpty()) {
      return from;
    }
    String decider = from.draw().ids().getLast();
    return decider.equals(target)
        ? from
        : without(from.with(from.front().undecided()), decider).with(from.draw().without(decider));
  }

  /** Only when trying out: the question takes the place of the last one that is still to do. */
  private Sitting swapIn(Sitting from, Question question) {
    List<Draw.Drawn> counting = from.draw().counting();
    String leaving = counting.getLast().question();
    for (Draw.Drawn drawn : counting) {
      leaving = from.resultOf(drawn.question()).isEmpty() ? drawn.question() : leaving;
    }
    Draw.Drawn joining = Asking.drawn(question, play.activity().rules(), from.opening());
    return without(from, leaving).with(from.draw().with(joining, leaving));
  }

  /** What came after it brings what it would have brought without it. */
  private Sitting without(Sitting from, String question) {
    Sitting left = from.without(question);
    Sitting again = left.with(List.of());
    for (Result result : left.results()) {
      again = again.settledWith(play.scored(result, again));
    }
    return again;
  }
}
