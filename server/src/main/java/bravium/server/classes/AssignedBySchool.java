package bravium.server.classes;

import bravium.core.assignment.Standing;
import bravium.core.assignment.Terms;
import bravium.core.play.Outcome;
import bravium.server.problems.Problem;
import bravium.server.sittings.AssignedSittings;
import bravium.server.sittings.StoredSitting;
import java.time.Clock;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Component;

/** What the terms of an assignment mean for the games that are played on it. */
@Component
class AssignedBySchool implements AssignedSittings {

  private final HersAtHand atHand;
  private final Clock clock;

  AssignedBySchool(HersAtHand atHand, Clock clock) {
    this.atHand = atHand;
    this.clock = clock;
  }

  @Override
  public @Nullable Long ended(StoredSitting sitting, long at) {
    HersAtHand.Hers hers = atHand.of(sitting);
    return Standing.ended(hers.row().terms(), hers.own().allowance(), at);
  }

  @Override
  public void moved(StoredSitting sitting) {
    atHand.moved(sitting);
  }

  @Override
  public void requirePlayable(StoredSitting sitting) {
    HersAtHand.Hers hers = atHand.of(sitting);
    if (hers.row().takenBack()) {
      throw Problem.conflict(
          "taken-back", "Your teacher has taken this back. What you did is kept.");
    }
    Standing standing = hers.standing(clock.millis());
    // Where she may begin anew, a game that runs stands in the way of none.
    Standing counts = sitting.activity().startsAgain() ? standing.notRunning() : standing;
    if (sitting.sitting().log().isEmpty() && !counts.begins()) {
      throw Problem.conflict(
          "not-now",
          "This can’t be started now. Your page says when, and how often, you can play it.");
    }
    Outcome outcome = sitting.review() == null ? null : sitting.review().outcome();
    if (outcome != null && outcome.ended() == Outcome.Ended.AT_CLOSING) {
      throw Problem.conflict(
          "closed",
          "This closed before your answer arrived, so it doesn't count. Everything before it is kept.");
    }
  }

  @Override
  public Seen seen(StoredSitting sitting) {
    HersAtHand.Hers hers = atHand.of(sitting);
    AssignmentRepository.Row row = hers.row();
    Standing standing = hers.standing(clock.millis());
    boolean ends = row.terms().atClosing() == Terms.AtClosing.END && sitting.runs();
    boolean another = !row.takenBack() && standing.notRunning().begins();
    return new Seen(
        row.marksUntil(), standing.tells(row.terms()), ends ? standing.closes() : null, another);
  }
}
