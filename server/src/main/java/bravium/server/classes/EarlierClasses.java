package bravium.server.classes;

import bravium.core.assignment.Allowance;
import bravium.core.assignment.Terms;
import bravium.formats.LearnerName;
import bravium.server.accounts.Teacher;
import bravium.server.activities.ActivityVersion;
import bravium.server.data.Codes;
import java.time.Instant;
import java.util.List;
import org.springframework.stereotype.Component;

/** Takes in a class that was there before, with what was given to it. */
@Component
public class EarlierClasses {

  private final ClassRepository classes;
  private final RegisterRepository register;
  private final AssignmentRepository assignments;
  private final SecretWords words;
  private final SchoolTime time;

  EarlierClasses(
      ClassRepository classes,
      RegisterRepository register,
      AssignmentRepository assignments,
      SecretWords words,
      SchoolTime time) {
    this.classes = classes;
    this.register = register;
    this.assignments = assignments;
    this.words = words;
    this.time = time;
  }

  /** A class and the rows of its learners, in the order of their names. */
  public record Rows(long row, List<Long> learners) {}

  /** A class of a teacher's. */
  public Rows add(Teacher teacher, String name, int year, List<String> names, Instant at) {
    String id = classes.add(teacher.id(), new ClassDetails(name, year, Door.OPEN).checked(), at);
    long row = classes.find(teacher.id(), id).orElseThrow().row().getId();
    List<LearnerName> learners = names.stream().map(LearnerDetails::named).toList();
    List<Long> rows =
        register
            .add(
                row,
                learners,
                false,
                learners.size(),
                at,
                (learner, place) -> words.hash(learner, words.two()))
            .orElseThrow()
            .stream()
            .map(added -> added.getLearnerId())
            .toList();
    rows.forEach(learner -> register.addDevice(learner, Codes.hash(Codes.secret()), at));
    return new Rows(row, rows);
  }

  /** What a learner of it is entitled to. */
  public void entitle(long learner, int percent, List<String> help) {
    var row = register.byRow(learner).orElseThrow();
    row.setTime(percent == 100 ? null : (long) percent);
    row.setHelp(String.join("\n", help));
    register.change(row);
  }

  /** Something that was given to all of a class; the row of it. */
  public long assign(
      long inClass, long activity, ActivityVersion version, Terms terms, Instant at) {
    String id = assignments.add(inClass, activity, version, terms, null, at);
    return assignments.inClass(inClass, id).orElseThrow().row();
  }

  /** What is settled for one learner alone. */
  public void allow(long assignment, long learner, Allowance own) {
    assignments.allow(assignment, learner, own);
  }

  /** An hour of a day at the school, in milliseconds since 1970. */
  public long at(Instant day, int hour) {
    String local = time.local(day.toEpochMilli());
    return time.opening(local.substring(0, 10) + "T%02d:00".formatted(hour));
  }
}
