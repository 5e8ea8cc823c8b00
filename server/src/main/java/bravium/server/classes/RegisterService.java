package bravium.server.classes;

import bravium.formats.LearnerName;
import bravium.formats.NameList;
import bravium.server.accounts.Teacher;
import bravium.server.data.schema.tables.records.ClassLearnerRecord;
import bravium.server.limits.LongWork;
import bravium.server.limits.Pools;
import bravium.server.problems.Problem;
import bravium.server.sittings.LearnerTokens;
import bravium.server.sittings.WarmSittings;
import java.time.Clock;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.stereotype.Service;

/** Who is in a class. */
@Service
class RegisterService {

  /** More than any class has. */
  private static final int MOST = 2_000;

  private static final int LONGEST_LIST = 1 << 20;

  private final ClassService classes;
  private final RegisterRepository register;
  private final SecretWords words;
  private final LearnerTokens tokens;
  private final WarmSittings sittings;
  private final LongWork work;
  private final Clock clock;

  RegisterService(
      ClassService classes,
      RegisterRepository register,
      SecretWords words,
      LearnerTokens tokens,
      WarmSittings sittings,
      @Qualifier(Pools.TEXTS) LongWork work,
      Clock clock) {
    this.classes = classes;
    this.work = work;
    this.register = register;
    this.words = words;
    this.tokens = tokens;
    this.sittings = sittings;
    this.clock = clock;
  }

  /** What would come of a list, without taking it in. */
  NamesUnderstood understood(Teacher teacher, String id, NamesGiven given) {
    Map<String, String> taken = register.names(classes.own(teacher, id));
    NameList list = read(given);
    return new NamesUnderstood(
        list.order(),
        list.headed(),
        texts(list.names().stream().filter(name -> !taken.containsKey(name.key())).toList()),
        texts(list.names().stream().filter(name -> taken.containsKey(name.key())).toList()),
        list.doubles(),
        list.left(),
        list.passedOver(),
        list.lines(),
        given.text(),
        list.more());
  }

  /** A list can be long: it is read where no request waits for it that a class plays with. */
  private NameList read(NamesGiven given) {
    if (given.text().length() > LONGEST_LIST) {
      throw Problem.tooLarge("A list of learners has at most 1 MB. Nobody was added.");
    }
    return work.run(() -> NameList.read(given.text(), given.order()));
  }

  private static List<String> texts(List<LearnerName> names) {
    return names.stream().map(LearnerName::text).toList();
  }

  LearnersAdded add(Teacher teacher, String id, NamesGiven given) {
    long row = classes.own(teacher, id);
    NameList list = read(given);
    if (list.names().isEmpty()) {
      throw Problem.badRequest(
          "no-names", "There is no name in that. Nobody was added; write one name a line.");
    }
    List<List<String>> two = list.names().stream().map(name -> words.two()).toList();
    List<@Nullable ClassLearnerRecord> rows =
        register
            .add(
                row,
                list.names(),
                false,
                MOST,
                clock.instant(),
                (learner, place) -> words.hash(learner, two.get(place)))
            .orElseThrow(
                () ->
                    Problem.tooLarge(
                        "A class has at most 2,000 learners. Nobody was added; take a shorter list."));
    List<Slip> slips = new ArrayList<>();
    List<String> there = new ArrayList<>();
    for (int i = 0; i < rows.size(); i++) {
      ClassLearnerRecord added = rows.get(i);
      if (added == null) {
        there.add(list.names().get(i).text());
      } else {
        slips.add(new Slip(added.getPublicId(), added.getName(), two.get(i)));
      }
    }
    return new LearnersAdded(slips, there);
  }

  /** Makes new words for these learners; the old ones open nothing from now on. */
  List<Slip> slips(Teacher teacher, String id, List<String> learners) {
    long row = classes.own(teacher, id);
    List<ClassLearnerRecord> found =
        learners.stream().distinct().map(learner -> present(row, learner)).toList();
    List<Slip> slips = new ArrayList<>();
    for (ClassLearnerRecord learner : found) {
      List<String> two = words.two();
      learner.setWordsHash(words.hash(learner.getLearnerId(), two));
      slips.add(new Slip(learner.getPublicId(), learner.getName(), two));
    }
    register.change(found);
    return slips;
  }

  void change(Teacher teacher, String id, String learner, LearnerDetails details) {
    details.check();
    long row = classes.own(teacher, id);
    ClassLearnerRecord found = present(row, learner);
    if (details.name() != null) {
      LearnerName name = LearnerDetails.named(details.name());
      boolean taken =
          register
              .byName(row, name.key())
              .filter(other -> !other.getLearnerId().equals(found.getLearnerId()))
              .isPresent();
      if (taken) {
        throw taken(name.text());
      }
      found.setName(name.text());
      found.setNameKey(name.key());
    }
    found.setTime(
        details.time() == null || details.time() == 100 ? null : details.time().longValue());
    found.setHelp(details.help() == null ? "" : String.join("\n", details.help()));
    register.change(found);
  }

  void letIn(Teacher teacher, String id, String learner) {
    alter(teacher, id, learner, row -> row.setIsWaiting(false));
  }

  void letAllIn(Teacher teacher, String id) {
    register.letAllIn(classes.own(teacher, id));
  }

  /**
   * Refuses newcomers who wait, all of them: they are taken out as any learner is, and can be
   * brought back.
   */
  void refuse(Teacher teacher, String id) {
    register.removeWaiting(classes.own(teacher, id), clock.instant());
    tokens.forget();
  }

  /**
   * Takes a learner out of the register: her devices are not known any more, her games are kept.
   */
  void remove(Teacher teacher, String id, String learner) {
    alter(teacher, id, learner, row -> row.setRemovedAt(clock.instant()));
    long row = find(classes.own(teacher, id), learner).getLearnerId();
    register.forgetDevices(row);
    tokens.forget();
  }

  void bringBack(Teacher teacher, String id, String learner) {
    long row = classes.own(teacher, id);
    ClassLearnerRecord found = find(row, learner);
    if (found.getRemovedAt() == null) {
      return;
    }
    if (register.byName(row, found.getNameKey()).isPresent()) {
      throw Problem.conflict(
          "name-taken",
          found.getName()
              + " is the name of somebody else in the class by now. Rename that learner, then bring"
              + " this one back.");
    }
    found.setRemovedAt(null);
    register.change(found);
  }

  /** Two entries of one child become one; the other one is what stays. */
  void merge(Teacher teacher, String id, String learner, String into) {
    long row = classes.own(teacher, id);
    ClassLearnerRecord from = present(row, learner);
    ClassLearnerRecord stays = present(row, into);
    if (from.getLearnerId().equals(stays.getLearnerId())) {
      throw Problem.badRequest(
          "same-learner", "That is one entry already. Nothing was changed; choose another one.");
    }
    register.merge(from.getLearnerId(), stays.getLearnerId(), clock.instant());
    tokens.forget();
    sittings.forget();
  }

  /** A learner goes to another class of the same teacher; what she played stays where it was. */
  void move(Teacher teacher, String id, String learner, String other) {
    ClassLearnerRecord found = present(classes.own(teacher, id), learner);
    long to = classes.own(teacher, other);
    if (found.getClassId() == to) {
      return;
    }
    if (register.byName(to, found.getNameKey()).isPresent()) {
      throw taken(found.getName());
    }
    found.setClassId(to);
    register.change(found);
  }

  private void alter(
      Teacher teacher, String id, String learner, Consumer<ClassLearnerRecord> change) {
    ClassLearnerRecord found = present(classes.own(teacher, id), learner);
    change.accept(found);
    register.change(found);
  }

  private ClassLearnerRecord present(long row, String learner) {
    ClassLearnerRecord found = find(row, learner);
    if (found.getRemovedAt() != null) {
      throw notThere();
    }
    return found;
  }

  private ClassLearnerRecord find(long row, String learner) {
    return register.find(row, learner).orElseThrow(RegisterService::notThere);
  }

  static Problem taken(String name) {
    return Problem.conflict(
        "name-taken",
        name
            + " is the name of somebody in this class already. Nothing was changed; add a letter.");
  }

  static Problem notThere() {
    return Problem.notFound(
        "no-such-learner", "There is no such learner in this class. Reload the page.");
  }
}
