package bravium.server.classes;

import bravium.core.assignment.Allowance;
import bravium.core.play.Audience;
import bravium.core.play.Log;
import bravium.core.play.showing.Review;
import bravium.core.play.showing.Showing;
import bravium.server.accounts.SignedIn;
import bravium.server.data.schema.tables.records.ClassLearnerRecord;
import bravium.server.problems.Problem;
import bravium.server.sittings.StoredSitting;
import bravium.server.sittings.WarmSittings;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.UnaryOperator;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** A class while it plays: one line a learner, and news as they come. */
@Service
class LiveService {

  private final AssignmentService assigned;
  private final AssignmentRepository assignments;
  private final RegisterRepository register;
  private final WarmSittings sittings;
  private final LiveStreams streams;
  private final Clock clock;

  LiveService(
      AssignmentService assigned,
      AssignmentRepository assignments,
      RegisterRepository register,
      WarmSittings sittings,
      LiveStreams streams,
      Clock clock) {
    this.assigned = assigned;
    this.assignments = assignments;
    this.register = register;
    this.sittings = sittings;
    this.streams = streams;
    this.clock = clock;
  }

  /** All lines of an assignment, as they are now. */
  LiveNews now(SignedIn who, String id) {
    return seenBy(who).apply(all(assigned.own(who.getPrincipal(), id)));
  }

  /** Whoever covers sees how far they are; how well they do is between them and their teacher. */
  private static UnaryOperator<LiveNews> seenBy(SignedIn who) {
    return who.cover() == null ? UnaryOperator.identity() : LiveNews::withoutMarks;
  }

  SseEmitter stream(SignedIn who, String id) {
    AssignmentRepository.Row row = assigned.own(who.getPrincipal(), id);
    if (streams.full()) {
      throw Problem.conflict(
          "too-many-streams",
          "Too many pages look at classes that play just now. Close one, then reload this page.");
    }
    return streams.open(row.row(), () -> all(row), seenBy(who));
  }

  private LiveNews all(AssignmentRepository.Row row) {
    Map<Long, AssignmentRepository.Own> own = assignments.own(row.row());
    Map<Long, List<AssignmentRepository.Game>> games =
        AssignmentRepository.byLearner(assigned.games(row, own));
    List<LiveLine> lines = new ArrayList<>();
    assigned
        .present(row.inClass())
        .forEach(
            (learner, entry) -> {
              List<AssignmentRepository.Game> begun = games.getOrDefault(learner, List.of());
              if (row.isFor(own.get(learner)) || !begun.isEmpty()) {
                lines.add(line(own.get(learner), entry, begun));
              }
            });
    return new LiveNews(clock.millis(), row.title(), true, lines);
  }

  private LiveLine line(
      AssignmentRepository.Own own,
      ClassLearnerRecord entry,
      List<AssignmentRepository.Game> begun) {
    boolean excused = own != null && own.allowance().excused();
    return begun.isEmpty()
        ? new LiveLine(
            entry.getPublicId(), entry.getName(), excused, List.of(), null, 0, null, false, null)
        : line(entry, excused, sittings.read(begun.getLast().sitting(), any -> true));
  }

  private LiveLine line(ClassLearnerRecord entry, boolean excused, StoredSitting stored) {
    Showing showing = Showing.of(stored.game(), stored.sitting(), Audience.TEACHER, clock.millis());
    Review review = stored.review();
    Log log = stored.sitting().log();
    return new LiveLine(
        entry.getPublicId(),
        entry.getName(),
        excused,
        showing.markers(),
        review == null && showing.question() != null ? showing.question().number() : null,
        review == null ? showing.score().points() : review.score().points(),
        log.isEmpty() ? null : log.getLast().at(),
        review != null && review.outcome() != null,
        review == null ? null : review.outcome());
  }

  /** A learner has done something: whoever looks at her class is told. */
  @EventListener
  void played(StoredSitting.Moved moved) {
    StoredSitting stored = moved.sitting();
    Long assignment = stored.assignment();
    if (assignment == null || stored.learner() == null || !streams.watched(assignment)) {
      return;
    }
    register
        .byRow(stored.learner())
        .ifPresent(
            entry -> {
              Allowance own = assignments.own(assignment, stored.learner()).allowance();
              streams.tell(
                  assignment,
                  new LiveNews(
                      clock.millis(), null, false, List.of(line(entry, own.excused(), stored))));
            });
  }
}
