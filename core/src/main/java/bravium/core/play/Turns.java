package bravium.core.play;

import bravium.core.activity.Rules;
import bravium.core.activity.TakeOver;
import bravium.core.activity.Teams;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Whose turn it is where teams play, and who takes a missed question over. */
public final class Turns {

  private final Teams.@Nullable Turns order;
  private final @Nullable TakeOver takeOver;

  Turns(Rules rules) {
    Teams rule = rules.teams();
    this.order = rule == null ? null : rule.turns();
    this.takeOver = rule == null ? null : rule.takeOver();
  }

  private static int teams(Sitting sitting) {
    return sitting.opening().teams().size();
  }

  private boolean byTeacher() {
    return order == Teams.Turns.BY_TEACHER;
  }

  boolean inOrder() {
    return order == Teams.Turns.IN_ORDER;
  }

  /** The sitting with the first turn given, where that is due. */
  public Sitting begun(Sitting sitting) {
    boolean due = teams(sitting) > 0 && sitting.front().turn() == null && !byTeacher();
    return due ? sitting.with(sitting.front().withTurn(0)) : sitting;
  }

  /** The sitting with the next team's turn, once a question is left. */
  public Sitting passed(Sitting sitting) {
    Integer turn = sitting.front().turn();
    int teams = teams(sitting);
    if (teams == 0) {
      return sitting;
    }
    Integer next = byTeacher() ? null : turn == null ? 0 : (turn + 1) % teams;
    return sitting.with(sitting.front().withTurn(next));
  }

  /** Whether who answers has more than one go: not who takes over, and not at a deciding one. */
  public boolean mayTryAgain(Sitting sitting) {
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
  @Nullable Integer taker(Sitting sitting, Play play) {
    int teams = teams(sitting);
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
    boolean can = takeOver != null && front.taking() == null && play.takenOver();
    return can ? Integer.valueOf((answering + 1) % teams) : null;
  }

  /**
   * The team that answers pays for a hint or a wrong answer at once, so that each team pays for its
   * own. A deciding question costs nothing.
   */
  public Sitting charged(Sitting sitting, String question, int price) {
    Front front = sitting.front();
    Integer answering = front.answering();
    return teams(sitting) == 0 || answering == null || !front.deciding().isEmpty()
        ? sitting
        : sitting.with(front.awarding(new Award(answering, -price, question)));
  }

  /** The sitting in which nobody takes over what is settled as it is. */
  public Sitting missedBy(Sitting sitting) {
    Front front = sitting.front();
    return front.taking() == null ? sitting : sitting.with(front.withTurn(front.turn()));
  }

  /** What an item is worth to who answers it now, in points. */
  public int worthOf(String item, Sitting sitting) {
    boolean taken = sitting.front().taking() != null && sitting.front().deciding().isEmpty();
    int worth = sitting.draw().worthOf(item);
    return taken && takeOver != null && takeOver.worth() != null ? takeOver.worth() : worth;
  }

  /** The seconds for who takes a question over; null where they are the usual ones. */
  public @Nullable Integer secondsToTakeOver(Sitting sitting) {
    return sitting.front().taking() == null || takeOver == null ? null : takeOver.seconds();
  }
}
