package bravium.server.results;

import bravium.core.activity.Team;
import bravium.core.play.Outcome;
import bravium.core.play.PassMark;
import bravium.core.play.Scorecard;
import bravium.core.play.showing.Review;
import bravium.core.play.showing.Showing;
import bravium.server.sittings.StoredSitting;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A game that was begun, on one line.
 *
 * @param learner the number by which the learner is known; 0 for a game at the front of the class
 * @param name of a learner of a class; null where nobody has one
 * @param inClass what the class is called that it was played in; null for none
 * @param time how much of the usual time there was, in per cent; null for the usual
 * @param started when it left its title page, in milliseconds since 1970
 * @param last when its player did something last
 * @param passMark null where no share of the points wins
 * @param outcome null until the end
 * @param why it was won or not, where its points don't show it; else null
 * @param recounted whether it ended before its review was kept: its outcome is what it was, what
 *     single questions brought was worked out later
 * @param waiting how many of its answers wait for the teacher's mark
 * @param winners the names of the teams that won
 * @param teams how the teams stand; empty where none played, or where that was not kept
 */
public record PlayedGame(
    String sitting,
    int learner,
    @Nullable String name,
    @Nullable String inClass,
    @Nullable Integer time,
    @Nullable Long started,
    @Nullable Long last,
    Scorecard score,
    @Nullable PassMark passMark,
    @Nullable Outcome outcome,
    Outcome.@Nullable OutcomeReason why,
    boolean recounted,
    int waiting,
    List<String> winners,
    List<Showing.Side> teams) {

  static PlayedGame of(ResultsRepository.Begun begun, StoredSitting stored, Review review) {
    return new PlayedGame(
        begun.id(),
        begun.learner(),
        begun.name(),
        begun.inClass(),
        stored.opening().time(),
        review.started(),
        review.last(),
        review.score(),
        review.passMark(),
        review.outcome(),
        review.outcome() == null ? null : review.outcome().why(),
        stored.recounted(),
        review.waiting(),
        winners(stored.opening().teams(), review.outcome()),
        review.teams());
  }

  private static List<String> winners(List<Team> teams, @Nullable Outcome outcome) {
    return outcome == null
        ? List.of()
        : outcome.winners().stream()
            .filter(place -> place < teams.size())
            .map(place -> teams.get(place).name())
            .toList();
  }
}
