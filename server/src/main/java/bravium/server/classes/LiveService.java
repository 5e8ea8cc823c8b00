package bravium.server.classes;

import bravium.core.play.Audience;
import bravium.core.play.Log;
import bravium.core.play.showing.Review;
import bravium.core.play.showing.Showing;
import bravium.server.accounts.Covers;
import bravium.server.accounts.RightsChanged;
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
import org.jspecify.annotations.Nullable;
import org.springframework.context.event.EventListener;
import org.springframework.stereotype.Service;
import org.springframework.web.servlet.mvc.method.annotation.SseEmitter;

/** A class while it plays: one line a learner, and news as they come. */
@Service
class LiveService {

  private final AssignmentService assigned;
  private final AssignmentRepository assignments;
  private final HersAtHand atHand;
  private final WarmSittings sittings;
  private final LiveStreams streams;
  private final Covers covers;
  private final Clock clock;

  LiveService(
      AssignmentService assigned,
      AssignmentRepository assignments,
      HersAtHand atHand,
      WarmSittings sittings,
      LiveStreams streams,
      Covers covers,
      Clock clock) {
    this.covers = covers;
    this.assigned = assigned;
    this.assignments = assignments;
    this.atHand = atHand;
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
    long teacher = who.getPrincipal().id();
    if (streams.full(teacher)) {
      throw Problem.conflict(
          "too-many-streams",
          "Too many pages look at classes that play just now. Close one, then reload this page.");
    }
    LiveStreams.Looker looker = new LiveStreams.Looker(teacher, () -> mayLook(who, id));
    return streams.open(row.row(), looker, () -> all(row), seenBy(who));
  }

  private boolean mayLook(SignedIn who, String id) {
    Long cover = who.cover();
    return who.stillSignedIn()
        && (cover == null
            ? assignments.find(who.getPrincipal().id(), id).isPresent()
            : covers.allows(cover, "GET", "/api/assignments/" + id + "/live"));
  }

  /** The one place where looking ends with the right to. */
  @EventListener
  void rightsChanged(RightsChanged change) {
    streams.closeWhereRightsEnded();
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
                lines.add(line(row, own.get(learner), entry, begun));
              }
            });
    return new LiveNews(clock.millis(), row.title(), true, lines);
  }

  private LiveLine line(
      AssignmentRepository.Row row,
      AssignmentRepository.@Nullable Own own,
      ClassLearnerRecord entry,
      List<AssignmentRepository.Game> begun) {
    StoredSitting last =
        begun.isEmpty() ? null : sittings.read(begun.getLast().sitting(), any -> true);
    return line(row, own, entry, begun, last);
  }

  private LiveLine line(
      AssignmentRepository.Row row,
      AssignmentRepository.@Nullable Own own,
      ClassLearnerRecord entry,
      List<AssignmentRepository.Game> begun,
      @Nullable StoredSitting last) {
    boolean excused = own != null && own.allowance().excused();
    boolean counted = row.isFor(own) && !excused;
    boolean finished = begun.stream().anyMatch(game -> game.outcome() != null);
    String id = entry.getPublicId();
    String name = entry.getName();
    if (last == null) {
      return new LiveLine(
          id, name, excused, counted, List.of(), null, 0, null, false, finished, null);
    }
    Showing showing = Showing.of(last.game(), last.sitting(), Audience.TEACHER, clock.millis());
    Review review = last.review();
    Log log = last.sitting().log();
    boolean through = review != null && review.outcome() != null;
    return new LiveLine(
        id,
        name,
        excused,
        counted,
        showing.markers(),
        review == null && showing.question() != null ? showing.question().number() : null,
        review == null ? showing.score().points() : review.score().points(),
        log.isEmpty() ? null : log.getLast().at(),
        through,
        through || finished,
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
    HersAtHand.Hers hers = atHand.of(stored);
    if (hers.entry() == null) {
      return;
    }
    LiveLine line = line(hers.row(), hers.own(), hers.entry(), hers.begun(), stored);
    streams.tell(assignment, new LiveNews(clock.millis(), null, false, List.of(line)));
  }
}
