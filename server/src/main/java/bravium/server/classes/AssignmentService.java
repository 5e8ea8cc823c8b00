package bravium.server.classes;

import bravium.core.assignment.Allowance;
import bravium.core.assignment.Glance;
import bravium.core.assignment.Go;
import bravium.core.assignment.Standing;
import bravium.core.games.Games;
import bravium.core.play.Outcome;
import bravium.core.play.showing.Review;
import bravium.server.accounts.Teacher;
import bravium.server.activities.ActivityService;
import bravium.server.activities.ActivityVersion;
import bravium.server.data.schema.tables.records.ClassLearnerRecord;
import bravium.server.problems.Problem;
import bravium.server.sittings.AssignedSittings;
import bravium.server.sittings.StoredSitting;
import bravium.server.sittings.WarmSittings;
import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import org.jspecify.annotations.Nullable;
import org.springframework.stereotype.Service;

/** What is given to classes, on which terms, and what came back. */
@Service
class AssignmentService implements AssignedSittings {

  private final ClassRepository classes;
  private final RegisterRepository register;
  private final AssignmentRepository assignments;
  private final ActivityService activities;
  private final WarmSittings sittings;
  private final SchoolTime time;
  private final Clock clock;

  AssignmentService(
      ClassRepository classes,
      RegisterRepository register,
      AssignmentRepository assignments,
      ActivityService activities,
      WarmSittings sittings,
      SchoolTime time,
      Clock clock) {
    this.classes = classes;
    this.register = register;
    this.assignments = assignments;
    this.activities = activities;
    this.sittings = sittings;
    this.time = time;
    this.clock = clock;
  }

  /** What was given to a class, the newest first. */
  List<Given> ofClass(long inClass) {
    Map<Long, ClassLearnerRecord> learners = present(inClass);
    return assignments.ofClass(inClass).stream().map(row -> given(row, learners)).toList();
  }

  private Map<Long, ClassLearnerRecord> present(long inClass) {
    Map<Long, ClassLearnerRecord> learners = new LinkedHashMap<>();
    register.present(inClass).forEach(row -> learners.put(row.getLearnerId(), row));
    return learners;
  }

  private Given given(AssignmentRepository.Row row, Map<Long, ClassLearnerRecord> learners) {
    Map<Long, AssignmentRepository.Own> own = assignments.own(row.row());
    List<AssignmentRepository.Game> games = assignments.games(row.row());
    List<GivenToOne> ones = new ArrayList<>();
    List<String> chosen = new ArrayList<>();
    learners.forEach(
        (learner, entry) -> {
          AssignmentRepository.Own hers = own.get(learner);
          if (hers != null && !hers.allowance().equals(Allowance.NONE)) {
            ones.add(
                new GivenToOne(entry.getPublicId(), LocalAllowance.of(hers.allowance(), time)));
          }
          if (hers != null && hers.chosen()) {
            chosen.add(entry.getPublicId());
          }
        });
    Set<Long> counted =
        learners.keySet().stream()
            .filter(learner -> isFor(row, own.get(learner)))
            .filter(learner -> !own.containsKey(learner) || !own.get(learner).allowance().excused())
            .collect(Collectors.toSet());
    return new Given(
        row.id(),
        row.activity(),
        row.title(),
        LocalTerms.of(row.terms(), time),
        row.forAll() ? null : chosen,
        ones,
        row.givenAt(),
        !row.takenBack() && phase(row) == Standing.Phase.OPEN,
        row.takenBack(),
        row.newer(),
        row.gone(),
        counted.size(),
        howMany(games, counted, AssignmentRepository.Game::begun),
        howMany(games, counted, game -> game.outcome() != null),
        games.stream().mapToInt(AssignmentRepository.Game::waiting).sum());
  }

  private Standing.Phase phase(AssignmentRepository.Row row) {
    return Standing.of(row.terms(), Allowance.NONE, List.of(), clock.millis()).phase();
  }

  private static int howMany(
      List<AssignmentRepository.Game> games,
      Set<Long> learners,
      Predicate<AssignmentRepository.Game> which) {
    return (int)
        games.stream()
            .filter(which)
            .map(AssignmentRepository.Game::learner)
            .filter(learners::contains)
            .distinct()
            .count();
  }

  static boolean isFor(AssignmentRepository.Row row, AssignmentRepository.@Nullable Own own) {
    return row.forAll() || own != null && own.chosen();
  }

  Given give(Teacher teacher, String classId, Giving giving) {
    long inClass = ownClass(teacher, classId);
    long activity = activities.row(teacher, giving.activity());
    ActivityVersion version = activities.newest(activity);
    if (!Games.prepared(version.activity()).asksAnything()) {
      throw Problem.badRequest(
          "nothing-to-play",
          "There is nothing to play in this activity yet. Nothing was given; finish a question"
              + " first.");
    }
    String id =
        assignments.add(
            inClass,
            activity,
            version,
            giving.terms().terms(time),
            chosen(inClass, giving.learners()),
            clock.instant());
    return read(teacher, id);
  }

  /** The rows of those it is for; null for all. */
  private @Nullable List<Long> chosen(long inClass, @Nullable List<String> learners) {
    if (learners == null) {
      return null;
    }
    if (learners.isEmpty()) {
      throw Problem.badRequest(
          "for-nobody", "Nobody is chosen. Nothing was changed; choose at least one learner.");
    }
    return learners.stream().distinct().map(id -> learner(inClass, id)).toList();
  }

  private long learner(long inClass, String id) {
    return register
        .find(inClass, id)
        .map(ClassLearnerRecord::getLearnerId)
        .orElseThrow(
            () ->
                Problem.notFound(
                    "no-such-learner", "There is no such learner in this class. Reload the page."));
  }

  Given read(Teacher teacher, String id) {
    AssignmentRepository.Row row = own(teacher, id);
    return given(row, present(row.inClass()));
  }

  /** Other terms, or other learners; the activity stays what it is. */
  Given change(Teacher teacher, String id, Giving giving) {
    AssignmentRepository.Row row = own(teacher, id);
    assignments.change(
        row.row(), giving.terms().terms(time), chosen(row.inClass(), giving.learners()));
    return read(teacher, id);
  }

  /** Gives the newest version to those who have not begun. */
  Given renew(Teacher teacher, String id) {
    AssignmentRepository.Row row = own(teacher, id);
    if (row.gone()) {
      throw Problem.conflict(
          "activity-gone",
          "The activity was removed. What was given stays as it is; bring the activity back first.");
    }
    assignments.renew(row.row(), activities.newest(row.activityRow()));
    return read(teacher, id);
  }

  Given takeBack(Teacher teacher, String id) {
    assignments.takeBack(own(teacher, id).row(), clock.instant());
    return read(teacher, id);
  }

  Given giveAgain(Teacher teacher, String id) {
    assignments.takeBack(own(teacher, id).row(), null);
    return read(teacher, id);
  }

  /** Gives the same, on the same terms, to another class. */
  Given copy(Teacher teacher, String id, String classId) {
    AssignmentRepository.Row row = own(teacher, id);
    String copied =
        assignments.add(
            ownClass(teacher, classId),
            row.activityRow(),
            activities.version(row.version()),
            row.terms(),
            null,
            clock.instant());
    return read(teacher, copied);
  }

  Given allow(Teacher teacher, String id, String learner, LocalAllowance allowance) {
    AssignmentRepository.Row row = own(teacher, id);
    assignments.allow(row.row(), learner(row.inClass(), learner), allowance.allowance(time));
    return read(teacher, id);
  }

  ClassGlance glance(Teacher teacher, String id) {
    AssignmentRepository.Row row = own(teacher, id);
    Map<Long, AssignmentRepository.Own> own = assignments.own(row.row());
    Map<Long, List<AssignmentRepository.Game>> games =
        assignments.games(row.row()).stream()
            .filter(AssignmentRepository.Game::begun)
            .collect(Collectors.groupingBy(AssignmentRepository.Game::learner));
    Map<Long, ClassLearnerRecord> learners = present(row.inClass());
    learners
        .keySet()
        .removeIf(learner -> !isFor(row, own.get(learner)) && !games.containsKey(learner));
    Map<Long, AssignmentRepository.Game> counting = new LinkedHashMap<>();
    learners
        .keySet()
        .forEach(
            learner -> {
              List<AssignmentRepository.Game> hers = games.getOrDefault(learner, List.of());
              if (!hers.isEmpty()) {
                counting.put(learner, counting(row, hers));
              }
            });
    List<Review> reviews =
        counting.values().stream()
            .map(game -> sittings.review(game.sitting(), any -> true))
            .toList();
    Glance glance =
        Glance.of(Games.prepared(activities.version(row.version()).activity()), reviews);
    List<Long> order = List.copyOf(counting.keySet());
    List<ClassGlance.GlanceLine> lines =
        learners.entrySet().stream()
            .map(
                entry -> {
                  int place = order.indexOf(entry.getKey());
                  Allowance allowance =
                      own.containsKey(entry.getKey())
                          ? own.get(entry.getKey()).allowance()
                          : Allowance.NONE;
                  List<AssignmentRepository.Game> hers =
                      games.getOrDefault(entry.getKey(), List.of());
                  return new ClassGlance.GlanceLine(
                      entry.getValue().getPublicId(),
                      entry.getValue().getName(),
                      allowance.excused(),
                      standing(row, allowance, hers),
                      hers.size(),
                      place < 0 ? null : glance.rows().get(place),
                      place < 0 ? null : counting.get(entry.getKey()).sitting(),
                      place >= 0 && reviews.get(place).outcome() != null);
                })
            .toList();
    ClassRepository.Counted inClass = classes.byRow(row.inClass()).orElseThrow();
    return new ClassGlance(
        inClass.row().getPublicId(),
        inClass.row().getName(),
        given(row, present(row.inClass())),
        glance.columns(),
        lines);
  }

  Standing standing(
      AssignmentRepository.Row row, Allowance own, List<AssignmentRepository.Game> begun) {
    return Standing.of(row.terms(), own, goes(begun), clock.millis());
  }

  static List<Go> goes(List<AssignmentRepository.Game> games) {
    return games.stream().map(AssignmentRepository.Game::go).toList();
  }

  /** The game that counts, or where none has come to its end the one that was begun last. */
  static AssignmentRepository.Game counting(
      AssignmentRepository.Row row, List<AssignmentRepository.Game> begun) {
    return Standing.counting(row.terms().counts(), goes(begun))
        .map(begun::get)
        .orElseGet(begun::getLast);
  }

  private long ownClass(Teacher teacher, String id) {
    return classes
        .find(teacher.id(), id)
        .orElseThrow(
            () ->
                Problem.notFound(
                    "no-such-class",
                    "There is no such class among yours. It may have been handed to a colleague."))
        .row()
        .getId();
  }

  private AssignmentRepository.Row own(Teacher teacher, String id) {
    return assignments
        .find(teacher.id(), id)
        .orElseThrow(
            () ->
                Problem.notFound(
                    "no-such-assignment",
                    "This was not given to any of your classes. Reload the page."));
  }

  @Override
  public boolean ends(StoredSitting sitting) {
    AssignmentRepository.Row row = rowOf(sitting);
    return Standing.ends(row.terms(), allowance(row, sitting), clock.millis());
  }

  @Override
  public void requirePlayable(StoredSitting sitting) {
    AssignmentRepository.Row row = rowOf(sitting);
    if (row.takenBack()) {
      throw Problem.conflict(
          "taken-back", "Your teacher has taken this back. What you did is kept.");
    }
    if (sitting.sitting().log().isEmpty()
        && !standing(row, allowance(row, sitting), begun(row, sitting)).begins()) {
      throw Problem.conflict(
          "not-now",
          "This can’t be begun now. Your page says when, and how often, you can play it.");
    }
    Outcome outcome = sitting.review() == null ? null : sitting.review().outcome();
    if (outcome != null && outcome.ended() == Outcome.Ended.AT_CLOSING) {
      throw Problem.conflict("closed", "The time for this is over. What you did is kept.");
    }
  }

  @Override
  public boolean tells(StoredSitting sitting) {
    AssignmentRepository.Row row = rowOf(sitting);
    Allowance own = allowance(row, sitting);
    return standing(row, own, begun(row, sitting)).tells(row.terms());
  }

  private List<AssignmentRepository.Game> begun(
      AssignmentRepository.Row row, StoredSitting sitting) {
    return assignments.games(row.row(), sitting.learner()).stream()
        .filter(AssignmentRepository.Game::begun)
        .toList();
  }

  private AssignmentRepository.Row rowOf(StoredSitting sitting) {
    return assignments.byRow(sitting.assignment()).orElseThrow();
  }

  private Allowance allowance(AssignmentRepository.Row row, StoredSitting sitting) {
    return assignments.own(row.row(), sitting.learner()).allowance();
  }
}
