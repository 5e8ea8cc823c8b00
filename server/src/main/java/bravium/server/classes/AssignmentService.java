package bravium.server.classes;

import bravium.core.assignment.Allowance;
import bravium.core.assignment.Standing;
import bravium.core.games.Games;
import bravium.server.accounts.RightsChanged;
import bravium.server.accounts.Teacher;
import bravium.server.activities.ActivityService;
import bravium.server.activities.ActivityVersion;
import bravium.server.data.schema.tables.records.ClassLearnerRecord;
import bravium.server.problems.Problem;
import bravium.server.sittings.WarmSittings;
import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.BiFunction;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/** What is given to classes, on which terms, and what came back. */
@Service
class AssignmentService {

  private final ClassRepository classes;
  private final RegisterRepository register;
  private final AssignmentRepository assignments;
  private final ActivityService activities;
  private final WarmSittings sittings;
  private final SchoolTime time;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  AssignmentService(
      ClassRepository classes,
      RegisterRepository register,
      AssignmentRepository assignments,
      ActivityService activities,
      WarmSittings sittings,
      SchoolTime time,
      ApplicationEventPublisher events,
      Clock clock) {
    this.classes = classes;
    this.register = register;
    this.assignments = assignments;
    this.activities = activities;
    this.sittings = sittings;
    this.time = time;
    this.events = events;
    this.clock = clock;
  }

  /**
   * What was given to a class, the newest first.
   *
   * @param until when the clock alone makes another list of it, as {@link SchoolTime#next} says
   */
  record OfClass(List<Given> given, long until) {}

  OfClass ofClass(long inClass) {
    Map<Long, ClassLearnerRecord> learners = present(inClass);
    List<AssignmentRepository.Row> rows = assignments.ofClass(inClass);
    Map<Long, Map<Long, AssignmentRepository.Own>> own = assignments.ownInClass(inClass);
    Map<Long, List<AssignmentRepository.Game>> games =
        byRow(
            rows,
            (row, learner) -> own.getOrDefault(row, Map.of()).get(learner),
            () -> assignments.gamesInClass(inClass));
    List<Given> given =
        rows.stream()
            .map(
                row ->
                    given(
                        row,
                        learners,
                        own.getOrDefault(row.row(), Map.of()),
                        games.getOrDefault(row.row(), List.of())))
            .toList();
    return new OfClass(given, SchoolTime.next(hours(rows, own), clock.millis()));
  }

  /** When any of it opens or closes, for all or for one learner. */
  private static Stream<@Nullable Long> hours(
      List<AssignmentRepository.Row> rows, Map<Long, Map<Long, AssignmentRepository.Own>> own) {
    return Stream.concat(
        rows.stream().flatMap(row -> Stream.of(row.terms().opens(), row.terms().closes())),
        own.values().stream()
            .flatMap(ofOne -> ofOne.values().stream())
            .flatMap(hers -> Stream.of(hers.allowance().opens(), hers.allowance().closes())));
  }

  Map<Long, ClassLearnerRecord> present(long inClass) {
    Map<Long, ClassLearnerRecord> learners = new LinkedHashMap<>();
    register.present(inClass).forEach(row -> learners.put(row.getLearnerId(), row));
    return learners;
  }

  private Given given(AssignmentRepository.Row row, Map<Long, ClassLearnerRecord> learners) {
    Map<Long, AssignmentRepository.Own> own = assignments.own(row.row());
    return given(row, learners, own, games(row, own));
  }

  /** All games on an assignment, in the order they were opened. */
  List<AssignmentRepository.Game> games(
      AssignmentRepository.Row row, Map<Long, AssignmentRepository.Own> own) {
    return settled(
        game -> row.ended(own.get(game.learner()), clock.millis()),
        () -> assignments.games(row.row()));
  }

  /** The games that a learner has begun on it. */
  List<AssignmentRepository.Game> begun(
      AssignmentRepository.Row row, AssignmentRepository.Own own, long learner) {
    return begun(
        settled(
            any -> row.ended(own, clock.millis()), () -> assignments.games(row.row(), learner)));
  }

  /** The games that a learner has begun on each of these, by the number of its row. */
  Map<Long, List<AssignmentRepository.Game>> begun(
      List<AssignmentRepository.Row> rows, Map<Long, AssignmentRepository.Own> own, long learner) {
    Map<Long, List<AssignmentRepository.Game>> games =
        byRow(rows, (row, hers) -> own.get(row), () -> assignments.gamesOf(learner));
    games.replaceAll((row, hers) -> begun(hers));
    return games;
  }

  private static List<AssignmentRepository.Game> begun(List<AssignmentRepository.Game> games) {
    return games.stream().filter(AssignmentRepository.Game::begun).toList();
  }

  /** The games on these assignments, by the number of its row; read at once. */
  private Map<Long, List<AssignmentRepository.Game>> byRow(
      List<AssignmentRepository.Row> rows,
      BiFunction<Long, Long, AssignmentRepository.@Nullable Own> own,
      Supplier<List<AssignmentRepository.Game>> read) {
    Map<Long, AssignmentRepository.Row> known =
        rows.stream().collect(Collectors.toMap(AssignmentRepository.Row::row, row -> row));
    Supplier<List<AssignmentRepository.Game>> there =
        () -> read.get().stream().filter(game -> known.containsKey(game.assignment())).toList();
    return settled(
            game ->
                known
                    .get(game.assignment())
                    .ended(own.apply(game.assignment(), game.learner()), clock.millis()),
            there)
        .stream()
        .collect(Collectors.groupingBy(AssignmentRepository.Game::assignment));
  }

  /** Games that had to end since somebody last looked end now. */
  private List<AssignmentRepository.Game> settled(
      Predicate<AssignmentRepository.Game> ended, Supplier<List<AssignmentRepository.Game>> read) {
    List<AssignmentRepository.Game> games = read.get();
    List<AssignmentRepository.Game> over =
        games.stream()
            .filter(game -> game.begun() && game.outcome() == null)
            .filter(ended)
            .toList();
    over.forEach(game -> sittings.read(game.sitting(), any -> true));
    return over.isEmpty() ? games : read.get();
  }

  /**
   * How something stands with a class.
   *
   * @param learners who is in the class
   * @param own what is settled for single learners
   * @param games all that were opened on it
   */
  Given given(
      AssignmentRepository.Row row,
      Map<Long, ClassLearnerRecord> learners,
      Map<Long, AssignmentRepository.Own> own,
      List<AssignmentRepository.Game> games) {
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
            .filter(learner -> row.isFor(own.get(learner)))
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
        row.toldAt(),
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

  Given give(Teacher teacher, String classId, Giving giving) {
    long inClass = ownClass(teacher, classId);
    long activity = activities.row(teacher, String.valueOf(giving.activity()));
    ActivityVersion version = activities.newest(activity);
    if (!Games.prepared(version.activity()).asksAnything()) {
      throw Problem.badRequest(
          "nothing-to-play",
          "There is nothing to play in this activity yet. Nothing was set; finish a question"
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
        .orElseThrow(RegisterService::notThere);
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
          "The activity is in the bin. What was set stays as it is; restore the activity first.");
    }
    assignments.renew(row.row(), activities.newest(row.activityRow()));
    return read(teacher, id);
  }

  /** Shows learners the marks that were given so far. */
  Given tellMarks(Teacher teacher, String id) {
    assignments.tellMarks(own(teacher, id).row(), clock.instant());
    return read(teacher, id);
  }

  Given takeBack(Teacher teacher, String id) {
    assignments.takeBack(own(teacher, id).row(), clock.instant());
    events.publishEvent(new RightsChanged());
    return read(teacher, id);
  }

  /** Removes it with all that was played on it; it can be brought back for thirty days. */
  void remove(Teacher teacher, String id) {
    assignments.remove(own(teacher, id).row(), clock.instant());
    events.publishEvent(new RightsChanged());
  }

  /** Brings it back as it was, with all that was played. */
  Given bringBack(Teacher teacher, String id) {
    if (!assignments.bringBack(teacher.id(), id)) {
      throw Problem.notFound(
          "not-removed",
          "This was not removed from one of your classes, or more than 30 days ago. Nothing was"
              + " changed.");
    }
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

  /** Lets a learner go on with her last game, which ended when the time was over. */
  Given reopen(Teacher teacher, String id, String learnerId) {
    AssignmentRepository.Row row = own(teacher, id);
    long learner = learner(row.inClass(), learnerId);
    AssignmentRepository.Own own = assignments.own(row.row(), learner);
    List<AssignmentRepository.Game> begun = begun(row, own, learner);
    if (begun.isEmpty()) {
      throw Problem.conflict("never-begun", "There is no game to continue. Nothing was changed.");
    }
    if (row.ended(own, clock.millis())) {
      throw Problem.conflict(
          "still-closed",
          "The time is over for this learner, too, so the game would end again at once. Nothing was"
              + " changed; set a later time first.");
    }
    sittings.reopen(begun.getLast().sitting());
    return read(teacher, id);
  }

  long ownClass(Teacher teacher, String id) {
    return classOf(teacher, id).row().getId();
  }

  /** A class of hers. */
  ClassRepository.Counted classOf(Teacher teacher, String id) {
    return classes
        .find(teacher.id(), id)
        .orElseThrow(
            () ->
                Problem.notFound(
                    "no-such-class",
                    "There is no such class among yours. It may have been handed to a colleague."));
  }

  AssignmentRepository.Row own(Teacher teacher, String id) {
    return assignments
        .find(teacher.id(), id)
        .orElseThrow(
            () ->
                Problem.notFound(
                    "no-such-assignment",
                    "This was not given to any of your classes. Reload the page."));
  }
}
