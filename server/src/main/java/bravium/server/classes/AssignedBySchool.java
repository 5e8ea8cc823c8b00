package bravium.server.classes;

import bravium.core.assignment.Allowance;
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

  private final AssignmentRepository assignments;
  private final Clock clock;

  AssignedBySchool(AssignmentRepository assignments, Clock clock) {
    this.assignments = assignments;
    this.clock = clock;
  }

  @Override
  public @Nullable Long ended(StoredSitting sitting, long at) {
    AssignmentRepository.Row row = rowOf(sitting);
    return Standing.ended(row.terms(), allowance(row, sitting), at);
  }

  @Override
  public void requirePlayable(StoredSitting sitting) {
    AssignmentRepository.Row row = rowOf(sitting);
    if (row.takenBack()) {
      throw Problem.conflict(
          "taken-back", "Your teacher has taken this back. What you did is kept.");
    }
    Standing standing = standing(row, sitting);
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
    AssignmentRepository.Row row = rowOf(sitting);
    Standing standing = standing(row, sitting);
    boolean ends = row.terms().atClosing() == Terms.AtClosing.END && sitting.runs();
    boolean another = !row.takenBack() && standing.notRunning().begins();
    return new Seen(
        row.marksUntil(), standing.tells(row.terms()), ends ? standing.closes() : null, another);
  }

  private Standing standing(AssignmentRepository.Row row, StoredSitting sitting) {
    return row.standing(
        allowance(row, sitting), assignments.begun(row.row(), sitting.learner()), clock.millis());
  }

  private AssignmentRepository.Row rowOf(StoredSitting sitting) {
    return assignments.byRow(sitting.assignment()).orElseThrow();
  }

  private Allowance allowance(AssignmentRepository.Row row, StoredSitting sitting) {
    return assignments.own(row.row(), sitting.learner()).allowance();
  }
}
