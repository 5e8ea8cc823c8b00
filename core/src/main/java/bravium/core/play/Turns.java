package bravium.core.play;

import bravium.core.activity.Activity;
import bravium.core.activity.TakeOver;
import bravium.core.activity.Teams;
import bravium.core.question.Question;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Whose turn it is where teams play, and who takes a missed question over. */
final class Turns {

  private final Activity activity;
  private final int teams;
  private final Teams.@Nullable Turns order;
  private final @Nullable TakeOver takeOver;

  Turns(Activity activity, Opening opening) {
    Teams rule = activity.rules().teams();
    this.activity = activity;
    this.teams = opening.teams().size();
    this.order = rule == null ? null : rule.turns();
    this.takeOver = rule == null ? null : rule.takeOver();
  }

  private boolean byTeacher() {
    return order == Teams.Turns.BY_TEACHER;
  }

  /** The sitting with the first turn given, where that is due. */
  Sitting begun(Sitting sitting) {
    boolean due = teams > 0 && sitting.front().turn() == null && !byTeacher();
    return due ? sitting.with(sitting.front().withTurn(0)) : sitting;
  }

  /** The sitting with the next team's turn, once a question is left. */
  Sitting passed(Sitting sitting) {
    Integer turn = sitting.front().turn();
    if (teams == 0) {
      return sitting;
    }
    Integer next = byTeacher() ? null : turn == null ? 0 : (turn + 1) % teams;
    return sitting.with(sitting.front().withTurn(next));
  }

  /** Whether who answers has more than one go: not who takes over, and not at a deciding one. */
  boolean mayTryAgain(Sitting sitting) {
    return sitting.front().taking() == null && sitting.front().deciding().isEmpty();
  }

  /**
   * Whether a question goes on to another team after this effort, if one is there to take it. What
   * was right in part was not missed; a deciding question has to be right.
   */
  boolean goesOn(Sitting sitting, Effort effort) {
    boolean decides = !sitting.front().deciding().isEmpty();
    return decides
        ? effort.last().verdict() != Verdict.RIGHT
        : effort.last().isMistake() && effort.missed();
  }

  /** The team that takes a question over that was missed; null where none does. */
  @Nullable Integer taker(Sitting sitting, Course course) {
    Front front = sitting.front();
    Integer answering = front.answering();
    if (teams < Teams.FEWEST || answering == null) {
      return null;
    }
    List<Integer> deciding = front.deciding();
    if (!deciding.isEmpty()) {
      int next = deciding.indexOf(answering) + 1;
      return next > 0 && next < deciding.size() ? deciding.get(next) : null;
    }
    boolean can = takeOver != null && front.taking() == null && course.takenOver();
    return can ? Integer.valueOf((answering + 1) % teams) : null;
  }

  /**
   * The team that answers pays for a hint or a wrong answer at once, so that each team pays for its
   * own. A deciding question costs nothing.
   */
  Sitting charged(Sitting sitting, String question, int price) {
    Front front = sitting.front();
    Integer answering = front.answering();
    return teams == 0 || answering == null || !front.deciding().isEmpty()
        ? sitting
        : sitting.with(front.awarding(new Award(answering, -price, question)));
  }

  /** The sitting in which nobody takes over what is settled as it is. */
  Sitting missedBy(Sitting sitting) {
    Front front = sitting.front();
    return front.taking() == null ? sitting : sitting.with(front.withTurn(front.turn()));
  }

  /** What a question is worth to who answers it now, in points. */
  int worthOf(Question question, Sitting sitting) {
    boolean taken = sitting.front().taking() != null && sitting.front().deciding().isEmpty();
    int worth = sitting.draw().worthOf(question.id());
    return taken && takeOver != null && takeOver.worth() != null ? takeOver.worth() : worth;
  }

  /** A question that decides a tie: the first that was not asked; null where none is left. */
  @Nullable Question decider(Sitting sitting) {
    Teams rule = activity.rules().teams();
    if (rule == null || !rule.decider() || teams < Teams.FEWEST) {
      return null;
    }
    return Draw.pool(activity, sitting.opening().rehearsal()).stream()
        .filter(q -> sitting.draw().find(q.id()).isEmpty())
        .filter(q -> q.answerable() && q.decides())
        .findFirst()
        .orElse(null);
  }
}
