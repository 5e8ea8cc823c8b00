package bravium.core.play;

import bravium.core.json.Root;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * How a play ended.
 *
 * @param won false too while it is not decided; with teams, whether one of them has won
 * @param points never below 0
 * @param possible the points that the drawn questions are worth
 * @param needed the points that win
 * @param awaiting how many answers the teacher has yet to mark before it is decided; 0 once it is
 * @param winners the places of the teams with the most points: several where they are tied; empty
 *     where there are no teams
 */
@Root
public record Outcome(
    boolean won,
    int points,
    int possible,
    int needed,
    Ended ended,
    int awaiting,
    List<Integer> winners) {

  /** What ended a play. */
  public enum Ended {
    /** It was played to its end. */
    @JsonProperty("played")
    PLAYED,
    /** Too many answers were wrong. */
    @JsonProperty("lives")
    LIVES,
    /** Time ran out. */
    @JsonProperty("time")
    TIME,
    /** Whoever played gave it up: where teams play nobody has won. */
    @JsonProperty("given-up")
    GIVEN_UP,
    /** A miss ended the climb; what the last resting place kept may win it all the same. */
    @JsonProperty("fall")
    FALL,
    /** It was closed while it ran: the rules it began with are not there any more. */
    @JsonProperty("closed")
    CLOSED,
    /** It ran when the time was over in which a class could play it. */
    @JsonProperty("at-closing")
    AT_CLOSING;

    /** Whether it ended with no move and no clock of its own: so it can't be played on. */
    public boolean fromOutside() {
      return this == CLOSED || this == AT_CLOSING;
    }
  }

  /** The end of a play without teams. */
  public Outcome(boolean won, int points, int possible, int needed, Ended ended, int awaiting) {
    this(won, points, possible, needed, ended, awaiting, List.of());
  }

  /** What is said of the end. */
  Happening happening() {
    if (awaiting > 0) {
      return new Happening.AwaitsMarking(awaiting);
    }
    if (tied()) {
      return new Happening.Tied(winners);
    }
    return won ? new Happening.Won(points) : new Happening.Lost(points);
  }

  /** Why a play was won or not, where its points alone would say the other. */
  public enum OutcomeReason {
    /** Too many answers were wrong. */
    @JsonProperty("lives")
    LIVES,
    /** Time ran out. */
    @JsonProperty("time")
    TIME,
    /** It was given up. */
    @JsonProperty("given-up")
    GIVEN_UP,
    /** It ended from outside, before its game’s own end was reached. */
    @JsonProperty("cut-off")
    CUT_OFF,
    /** Its game has an end of its own, which was not reached. */
    @JsonProperty("goal-missed")
    GOAL_MISSED,
    /** Its game has an end of its own, which was reached. */
    @JsonProperty("goal-reached")
    GOAL_REACHED
  }

  /**
   * Why it was won or not; null where the points show it, where teams play, or while it is open.
   */
  public @Nullable OutcomeReason why() {
    if (awaiting > 0 || !winners.isEmpty() || won == points >= needed) {
      return null;
    }
    return won
        ? OutcomeReason.GOAL_REACHED
        : switch (ended) {
          case LIVES -> OutcomeReason.LIVES;
          case TIME -> OutcomeReason.TIME;
          case GIVEN_UP -> OutcomeReason.GIVEN_UP;
          case CLOSED, AT_CLOSING -> OutcomeReason.CUT_OFF;
          case PLAYED, FALL -> OutcomeReason.GOAL_MISSED;
        };
  }

  /** Whether several teams share the most points, and no mark to come can change that. */
  public boolean tied() {
    return winners.size() > 1 && awaiting == 0;
  }
}
