package bravium.server.classes;

import bravium.core.assignment.Allowance;
import bravium.core.assignment.Glance;
import bravium.core.games.Games;
import bravium.core.play.Outcome;
import bravium.core.play.showing.Review;
import bravium.formats.Cells;
import bravium.server.accounts.Teacher;
import bravium.server.activities.ActivityService;
import bravium.server.data.schema.tables.records.ClassLearnerRecord;
import bravium.server.results.ToMark;
import bravium.server.sittings.WarmSittings;
import java.time.Clock;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.springframework.stereotype.Service;

/** What came back from classes: on one activity, over the term, from one learner. */
@Service
class GlanceService {

  private final AssignmentService assigned;
  private final ClassRepository classes;
  private final RegisterRepository register;
  private final AssignmentRepository assignments;
  private final ActivityService activities;
  private final WarmSittings sittings;
  private final SchoolTime time;
  private final Clock clock;

  GlanceService(
      AssignmentService assigned,
      ClassRepository classes,
      RegisterRepository register,
      AssignmentRepository assignments,
      ActivityService activities,
      WarmSittings sittings,
      SchoolTime time,
      Clock clock) {
    this.assigned = assigned;
    this.classes = classes;
    this.register = register;
    this.assignments = assignments;
    this.activities = activities;
    this.sittings = sittings;
    this.time = time;
    this.clock = clock;
  }

  /**
   * Who stands in the glance: who is in the class and has it to do, or has done it; and after them
   * who has done it and is in the class no more.
   */
  private Map<Long, ClassLearnerRecord> learners(
      AssignmentRepository.Row row,
      Map<Long, ClassLearnerRecord> present,
      Map<Long, AssignmentRepository.Own> own,
      Map<Long, List<AssignmentRepository.Game>> games) {
    Map<Long, ClassLearnerRecord> learners = new LinkedHashMap<>(present);
    learners
        .keySet()
        .removeIf(learner -> !row.isFor(own.get(learner)) && !games.containsKey(learner));
    for (Long learner : games.keySet()) {
      if (!learners.containsKey(learner)) {
        register.byRow(learner).ifPresent(left -> learners.put(learner, left));
      }
    }
    return learners;
  }

  ClassGlance glance(Teacher teacher, String id) {
    AssignmentRepository.Row row = assigned.own(teacher, id);
    Map<Long, AssignmentRepository.Own> own = assignments.own(row.row());
    List<AssignmentRepository.Game> all = assigned.games(row, own);
    Map<Long, List<AssignmentRepository.Game>> games = AssignmentRepository.byLearner(all);
    Map<Long, ClassLearnerRecord> present = assigned.present(row.inClass());
    Map<Long, ClassLearnerRecord> learners = learners(row, present, own, games);
    Map<Long, AssignmentRepository.Game> counting = new LinkedHashMap<>();
    games.forEach((learner, hers) -> counting.put(learner, row.counting(hers)));
    Map<Long, Review> reviews = new LinkedHashMap<>();
    counting.forEach(
        (learner, game) -> reviews.put(learner, sittings.review(game.sitting(), any -> true)));
    List<Long> order = List.copyOf(reviews.keySet());
    Set<Integer> excused =
        IntStream.range(0, order.size())
            .filter(place -> allowance(own, order.get(place)).excused())
            .boxed()
            .collect(Collectors.toSet());
    Glance glance =
        Glance.of(
            Games.prepared(activities.version(row.version()).activity()),
            List.copyOf(reviews.values()),
            excused);
    List<ClassGlance.GlanceLine> lines = new ArrayList<>();
    learners.forEach(
        (learner, entry) -> {
          Allowance allowance = allowance(own, learner);
          List<AssignmentRepository.Game> hers = games.getOrDefault(learner, List.of());
          int place = order.indexOf(learner);
          lines.add(
              new ClassGlance.GlanceLine(
                  entry.getPublicId(),
                  entry.getName(),
                  allowance.excused(),
                  left(entry, row),
                  row.standing(allowance, hers, clock.millis()),
                  hers.size(),
                  place < 0 ? null : glance.rows().get(place),
                  place < 0 ? null : counting.get(learner).sitting(),
                  place >= 0 && reviews.get(learner).outcome() != null,
                  !hers.isEmpty() && hers.getLast().isCutOff()));
        });
    ClassRepository.Counted inClass = classes.byRow(row.inClass()).orElseThrow();
    return new ClassGlance(
        inClass.row().getPublicId(),
        inClass.row().getName(),
        assigned.given(row, present, own, all),
        glance.columns(),
        lines);
  }

  /** The answers that wait for a mark, in all games that were begun; the oldest game's first. */
  List<ToMark> toMark(Teacher teacher, String id) {
    AssignmentRepository.Row row = assigned.own(teacher, id);
    List<ToMark> waiting = new ArrayList<>();
    for (AssignmentRepository.Game game : assigned.games(row, assignments.own(row.row()))) {
      if (game.waiting() > 0) {
        String name = register.byRow(game.learner()).orElseThrow().getName();
        sittings.review(game.sitting(), any -> true).answers().stream()
            .filter(Review.Reviewed::waits)
            .forEach(answer -> waiting.add(new ToMark(game.sitting(), 0, name, answer)));
      }
    }
    return waiting;
  }

  private static boolean left(ClassLearnerRecord entry, AssignmentRepository.Row row) {
    return entry.getRemovedAt() != null || entry.getClassId() != row.inClass();
  }

  private static Allowance allowance(Map<Long, AssignmentRepository.Own> own, Long learner) {
    return own.containsKey(learner) ? own.get(learner).allowance() : Allowance.NONE;
  }

  /**
   * A table for a spreadsheet.
   *
   * @param name what it is of, for its file
   */
  record Table(String name, String csv) {}

  /** The glance as a table: a learner a row, with her points for each item. */
  Table table(Teacher teacher, String id) {
    ClassGlance glance = glance(teacher, id);
    List<List<String>> rows = new ArrayList<>();
    List<String> heads =
        new ArrayList<>(List.of("Name", "State", "Goes", "Points", "Possible", "Passed"));
    for (int i = 0; i < glance.columns().size(); i++) {
      String label = glance.columns().get(i).label();
      heads.add((i + 1) + ". " + (label.isEmpty() ? "Guess at the whole" : label));
    }
    rows.add(heads);
    for (ClassGlance.GlanceLine line : glance.lines()) {
      List<String> cells = new ArrayList<>();
      cells.add(line.name());
      cells.add(state(line));
      cells.add(String.valueOf(line.goes()));
      Glance.GlanceRow counts = line.counts();
      cells.add(counts == null ? "" : String.valueOf(counts.points()));
      cells.add(
          counts == null || counts.possible() == null ? "" : String.valueOf(counts.possible()));
      cells.add(counts == null ? "" : passed(counts));
      for (int i = 0; i < glance.columns().size(); i++) {
        Glance.GlanceCell cell = counts == null ? null : counts.cells().get(i);
        cells.add(cell == null ? "" : said(cell));
      }
      rows.add(cells);
    }
    return named(glance.className(), glance.given().title(), rows);
  }

  /** The class, what of it, and today as the school has it. */
  private Table named(String className, String what, List<List<String>> rows) {
    List<String> names =
        Stream.of(className, what, time.today(clock.instant()).toString())
            .map(String::strip)
            .filter(name -> !name.isEmpty())
            .toList();
    return new Table(String.join(" \u2013 ", names), Cells.csv(rows));
  }

  private static String state(ClassGlance.GlanceLine line) {
    if (line.excused()) {
      return "excused";
    }
    return line.goes() == 0 ? "not started" : line.ended() ? "finished" : "playing";
  }

  private static String passed(Glance.GlanceRow counts) {
    if (counts.won() == null) {
      return "";
    }
    String passed = counts.won() ? "yes" : "no";
    return counts.why() == null
        ? passed
        : passed
            + switch (counts.why()) {
              case LIVES -> ", too many mistakes";
              case TIME -> ", out of time";
              case GIVEN_UP -> ", given up";
              case CUT_OFF -> ", cut off";
              case GOAL_MISSED -> ", the goal was missed";
              case GOAL_REACHED -> ", the goal was reached";
            };
  }

  private static String said(Glance.GlanceCell cell) {
    return switch (cell.mark()) {
      case NONE -> "";
      case WAITS -> "to mark";
      case GIVEN -> "handed in";
      case RIGHT, PARTLY, WRONG, MISSED -> String.valueOf(cell.points());
    };
  }

  /** The register as a table, to be taken in again. */
  Table register(Teacher teacher, String classId) {
    long inClass = assigned.ownClass(teacher, classId);
    List<List<String>> rows = new ArrayList<>();
    rows.add(List.of("Name", "Time in per cent", "Help"));
    for (ClassLearnerRecord row : register.present(inClass)) {
      rows.add(
          List.of(
              row.getName(),
              row.getTime() == null ? "" : String.valueOf(row.getTime()),
              String.join(" ", RegisterRepository.help(row))));
    }
    return named(classes.byRow(inClass).orElseThrow().row().getName(), "register", rows);
  }

  /** The term: learners down, what they were given across. */
  ClassTerm term(Teacher teacher, String classId) {
    long inClass = assigned.ownClass(teacher, classId);
    List<AssignmentRepository.Row> given =
        assignments.ofClass(inClass).reversed().stream().filter(row -> !row.takenBack()).toList();
    Map<Long, List<ClassTerm.TermCell>> cells = new LinkedHashMap<>();
    Map<Long, ClassLearnerRecord> learners = assigned.present(inClass);
    learners.keySet().forEach(learner -> cells.put(learner, new ArrayList<>()));
    for (AssignmentRepository.Row row : given) {
      Map<Long, AssignmentRepository.Own> own = assignments.own(row.row());
      Map<Long, List<AssignmentRepository.Game>> games =
          AssignmentRepository.byLearner(assigned.games(row, own));
      cells.forEach(
          (learner, line) ->
              line.add(cell(row, own.get(learner), games.getOrDefault(learner, List.of()))));
    }
    List<ClassTerm.TermLine> lines = new ArrayList<>();
    cells.forEach(
        (learner, line) ->
            lines.add(
                new ClassTerm.TermLine(
                    learners.get(learner).getPublicId(), learners.get(learner).getName(), line)));
    ClassRepository.Counted one = classes.byRow(inClass).orElseThrow();
    return new ClassTerm(
        one.row().getPublicId(),
        one.row().getName(),
        given.stream()
            .map(
                row ->
                    new ClassTerm.TermColumn(
                        row.id(), row.title(), time.local(row.terms().closes())))
            .toList(),
        lines);
  }

  private ClassTerm.TermCell cell(
      AssignmentRepository.Row row,
      AssignmentRepository.Own own,
      List<AssignmentRepository.Game> begun) {
    Allowance allowance = own == null ? Allowance.NONE : own.allowance();
    AssignmentRepository.Game counts = begun.isEmpty() ? null : row.counting(begun);
    Outcome outcome = counts == null ? null : counts.outcome();
    ClassTerm.TermState state =
        outcome != null
            ? ClassTerm.TermState.DONE
            : !begun.isEmpty()
                ? ClassTerm.TermState.AT_IT
                : !row.isFor(own)
                    ? ClassTerm.TermState.NOT_HERS
                    : switch (row.standing(allowance, begun, clock.millis()).phase()) {
                      case NOT_YET -> ClassTerm.TermState.NOT_YET;
                      case OPEN -> ClassTerm.TermState.TO_DO;
                      case CLOSED -> ClassTerm.TermState.NOT_DONE;
                    };
    return new ClassTerm.TermCell(
        state,
        allowance.excused(),
        outcome,
        outcome == null ? null : outcome.why(),
        counts == null ? null : counts.sitting());
  }

  /** All that one learner did, the newest first. */
  LearnerRecord record(Teacher teacher, String classId, String learner) {
    long inClass = assigned.ownClass(teacher, classId);
    ClassLearnerRecord entry =
        register.find(inClass, learner).orElseThrow(RegisterService::notThere);
    List<LearnerRecord.RecordLine> lines = new ArrayList<>();
    for (AssignmentRepository.Row row : assignments.ofLearner(entry.getLearnerId(), inClass)) {
      AssignmentRepository.Own own = assignments.own(row.row(), entry.getLearnerId());
      List<AssignmentRepository.Game> begun = assigned.begun(row, own, entry.getLearnerId());
      if (!row.takenBack() && (row.isFor(own) || !begun.isEmpty())) {
        lines.add(
            new LearnerRecord.RecordLine(
                row.id(),
                row.title(),
                cell(row, own, begun),
                time.local(row.terms().closes()),
                begun.stream()
                    .map(
                        game ->
                            new LearnerRecord.RecordGame(
                                game.sitting(),
                                game.openedAt(),
                                game.endedAt(),
                                game.outcome(),
                                comments(game)))
                    .toList()));
      }
    }
    ClassRepository.Counted one = classes.byRow(inClass).orElseThrow();
    return new LearnerRecord(one.row().getPublicId(), one.row().getName(), entry.getName(), lines);
  }

  /** Only what was marked has comments: of other games no review is looked up. */
  private List<LearnerRecord.Commented> comments(AssignmentRepository.Game game) {
    if (!game.marked()) {
      return List.of();
    }
    return sittings.review(game.sitting(), any -> true).answers().stream()
        .filter(answer -> answer.told().comment() != null)
        .map(
            answer ->
                new LearnerRecord.Commented(
                    answer.question().text(),
                    answer.told().points(),
                    answer.question().worth(),
                    Objects.requireNonNull(answer.told().comment())))
        .toList();
  }
}
