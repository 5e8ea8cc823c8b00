package bravium.server.classes;

import bravium.core.assignment.Allowance;
import bravium.core.assignment.Standing;
import bravium.core.assignment.Terms;
import bravium.server.accounts.RightsChanged;
import bravium.server.accounts.Teacher;
import bravium.server.accounts.TeacherRepository;
import bravium.server.data.schema.tables.records.SchoolClassRecord;
import bravium.server.problems.Problem;
import bravium.server.web.Unchanged;
import java.time.Clock;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import org.springframework.context.ApplicationEventPublisher;
import org.springframework.stereotype.Service;

/** A teacher's classes. What is another's is not there for her. */
@Service
class ClassService {

  private final ClassRepository classes;
  private final RegisterRepository register;
  private final AssignmentService assignments;
  private final AssignmentRepository given;
  private final TeacherRepository teachers;
  private final SchoolTime time;
  private final ApplicationEventPublisher events;
  private final Clock clock;

  ClassService(
      ClassRepository classes,
      RegisterRepository register,
      AssignmentService assignments,
      AssignmentRepository given,
      TeacherRepository teachers,
      SchoolTime time,
      ApplicationEventPublisher events,
      Clock clock) {
    this.classes = classes;
    this.register = register;
    this.assignments = assignments;
    this.given = given;
    this.teachers = teachers;
    this.time = time;
    this.events = events;
    this.clock = clock;
  }

  List<ClassCard> all(Teacher teacher) {
    Map<Long, List<Terms>> standing = given.standing(teacher.id());
    return classes.all(teacher.id()).stream()
        .map(one -> card(one, open(standing.getOrDefault(one.row().getId(), List.of()))))
        .toList();
  }

  private int open(List<Terms> standing) {
    long now = clock.millis();
    return (int)
        standing.stream()
            .map(terms -> Standing.of(terms, Allowance.NONE, List.of(), now).phase())
            .filter(phase -> phase == Standing.Phase.OPEN)
            .count();
  }

  private static ClassCard card(ClassRepository.Counted one, int open) {
    SchoolClassRecord row = one.row();
    return new ClassCard(
        row.getPublicId(),
        row.getName(),
        row.getYear() == null ? null : row.getYear().intValue(),
        one.learners(),
        one.waiting(),
        open,
        row.getPutAwayAt(),
        row.getRemovedAt());
  }

  ClassView add(Teacher teacher, ClassDetails details, List<String> addresses) {
    String id = classes.add(teacher.id(), details.checked(), clock.instant());
    return view(teacher, id, addresses).value();
  }

  /** A class, and until when it is so if nothing is written. */
  Unchanged.Answer<ClassView> view(Teacher teacher, String id, List<String> addresses) {
    ClassRepository.Counted one = assignments.classOf(teacher, id);
    long row = one.row().getId();
    AssignmentService.OfClass all = assignments.ofClass(row);
    int open = (int) all.given().stream().filter(Given::open).count();
    ClassView view =
        new ClassView(
            card(one, open),
            one.row().getCode(),
            Door.valueOf(one.row().getDoor()),
            addresses,
            time.zone(),
            register.lines(row),
            all.given(),
            given.removed(row));
    return new Unchanged.Answer<>(view, all.until());
  }

  void change(Teacher teacher, String id, ClassDetails details) {
    classes.change(own(teacher, id), details.checked());
  }

  void archive(Teacher teacher, String id) {
    classes.archive(own(teacher, id), clock.instant());
    events.publishEvent(new RightsChanged());
  }

  void bringBack(Teacher teacher, String id) {
    classes.archive(own(teacher, id), null);
  }

  /** Removes an archived class with all that was played; it can be brought back for thirty days. */
  void remove(Teacher teacher, String id) {
    if (!classes.remove(own(teacher, id), clock.instant())) {
      throw Problem.conflict(
          "not-archived", "Archive this class first; then it can be removed. Nothing was changed.");
    }
    events.publishEvent(new RightsChanged());
  }

  /** Brings a removed class back into the archive. */
  void bringBackRemoved(Teacher teacher, String id) {
    if (!classes.bringBackRemoved(teacher.id(), id)) {
      throw Problem.notFound(
          "not-removed",
          "You have no removed class of this kind; after 30 days they are erased. Nothing was"
              + " changed.");
    }
  }

  void recode(Teacher teacher, String id) {
    classes.recode(own(teacher, id));
  }

  /** The names of those to whom a class can be handed. */
  List<String> colleagues(Teacher teacher) {
    return teachers.all().stream()
        .filter(other -> other.id() != teacher.id())
        .map(Teacher::name)
        .toList();
  }

  /** Gives a class, with all that was given to it and came back, to a colleague. */
  void handOver(Teacher teacher, String id, String to) {
    long row = own(teacher, id);
    Teacher colleague =
        teachers.all().stream()
            .filter(other -> Objects.equals(other.name(), to) && other.id() != teacher.id())
            .findFirst()
            .orElseThrow(
                () ->
                    Problem.badRequest(
                        "no-such-colleague",
                        "There is no colleague of that name here. The class stays with you."));
    classes.handOver(row, colleague.id());
    events.publishEvent(new RightsChanged());
  }

  /** The row of a class of hers. */
  long own(Teacher teacher, String id) {
    return assignments.ownClass(teacher, id);
  }
}
