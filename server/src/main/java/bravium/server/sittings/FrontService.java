package bravium.server.sittings;

import bravium.core.activity.Teams;
import bravium.core.json.Names;
import bravium.core.play.Audience;
import bravium.core.play.Engine;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.play.Opening;
import bravium.core.play.Turn;
import bravium.core.play.showing.Review;
import bravium.core.play.showing.Showing;
import bravium.server.accounts.Teacher;
import bravium.server.activities.ActivityService;
import bravium.server.activities.ActivityVersion;
import bravium.server.data.Codes;
import bravium.server.problems.Problem;
import java.time.Clock;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.function.UnaryOperator;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/**
 * What a teacher does with a play: give the link to learners, or play at the front of the class.
 * There the game runs on her own device, so that a lesson never hangs on the network; the moves
 * follow here.
 */
@Service
class FrontService {

  /** What entitled learners are given, in per cent of the usual time. */
  private static final Set<Integer> TIMES = Set.of(100, 125, 150, 200);

  private final PlayLinkRepository links;
  private final ActivityService activities;
  private final WarmSittings warm;
  private final ContributionRepository contributions;
  private final Clock clock;

  FrontService(
      PlayLinkRepository links,
      ActivityService activities,
      WarmSittings warm,
      ContributionRepository contributions,
      Clock clock) {
    this.contributions = contributions;
    this.links = links;
    this.activities = activities;
    this.warm = warm;
    this.clock = clock;
  }

  /**
   * The code by which learners come.
   *
   * @param time how much of the usual time they have, in per cent
   */
  String codeOf(Teacher teacher, String activity, int time) {
    if (!TIMES.contains(time)) {
      throw Problem.badRequest(
          "no-such-time", "The time can be 100, 125, 150 or 200 per cent of the usual.");
    }
    return links.codeOf(activities.row(teacher, activity), time, Codes.code(), Codes.code());
  }

  boolean isLinkOpen(Teacher teacher, String activity) {
    return links.isOpen(activities.row(teacher, activity));
  }

  void switchLink(Teacher teacher, String activity, boolean open) {
    links.setOpen(activities.row(teacher, activity), open);
  }

  /**
   * A play at the front: of the teams, where the rules have some, or of one question alone.
   *
   * @param only that question's id; null for the game
   */
  FrontSitting open(Teacher teacher, String activity, @Nullable String only) {
    ActivityVersion version = activities.newest(activities.row(teacher, activity));
    Teams teams = version.activity().rules().teams();
    UnaryOperator<Opening> settled =
        opening ->
            only != null
                ? opening.onlyFor(only)
                : teams == null ? opening : opening.withTeams(teams.list());
    return read(teacher, warm.open(version, null, teacher.id(), settled));
  }

  /** The game that was played last at the front, if it was left before its end. */
  Unfinished unfinished(Teacher teacher, String activity) {
    return warm.lastAtTheFront(activities.row(teacher, activity), teacher.id())
        .map(id -> unfinished(teacher, id, warm.review(id, of(teacher))))
        .orElse(Unfinished.NONE);
  }

  private Unfinished unfinished(Teacher teacher, String id, Review review) {
    StoredSitting stored = warm.read(id, of(teacher));
    boolean goesOn = review.outcome() == null && !stored.past();
    return goesOn && review.last() != null
        ? new Unfinished(
            id,
            review.last(),
            review.answers().size(),
            review.score().right(),
            review.score().asked(),
            stored.activity().game().kind())
        : Unfinished.NONE;
  }

  FrontSitting read(Teacher teacher, String sitting) {
    StoredSitting stored = warm.read(sitting, of(teacher));
    return new FrontSitting(
        sitting,
        stored.activity(),
        Engine.openedWith(stored.sitting()),
        stored.sitting().log(),
        stored.past());
  }

  MoveAnswer move(Teacher teacher, String sitting, Move move) {
    Move hers = new Move(move.key(), Mover.TEACHER, move.action());
    Turn turn = Refusals.taken(warm.play(sitting, of(teacher), hers));
    StoredSitting after = warm.read(sitting, of(teacher));
    return new MoveAnswer(
        new Happened(turn.happenings(), Names.AS_THEY_ARE),
        Shown.asItIs(Showing.of(after.game(), after.sitting(), Audience.PROJECTOR, clock.millis())),
        turn.repeated(),
        null,
        true);
  }

  /** What the class wrote to a discussion. */
  List<Contribution> contributions(Teacher teacher, String sitting, String question) {
    return contributions.of(warm.read(sitting, of(teacher)), question);
  }

  static Predicate<StoredSitting> of(Teacher teacher) {
    return stored -> stored.teacher() != null && stored.teacher() == teacher.id();
  }
}
