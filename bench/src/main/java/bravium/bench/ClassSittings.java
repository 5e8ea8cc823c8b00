package bravium.bench;

import bravium.bench.Load.Begun;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.List;
import java.util.Queue;
import java.util.function.Supplier;

/**
 * Begins sittings of learners of classes: of thirty in each, who were given twenty things to do.
 */
final class ClassSittings implements Supplier<Begun> {

  static final int LEARNERS = 30;
  static final int ASSIGNMENTS = 20;

  /** A learner of a class, by the class's code. */
  record Learner(String code, String token) {}

  private final Classes classes;
  private final Queue<Begun> begun = new ArrayDeque<>();
  private int made;

  ClassSittings(Classes classes) {
    this.classes = classes;
  }

  @Override
  public Begun get() {
    if (begun.isEmpty()) {
      newClass();
    }
    return begun.remove();
  }

  /** A class with its learners. */
  record Full(String inClass, List<Learner> learners) {}

  /** A further class; everybody in it has begun everything. */
  Full newClass() {
    List<Classes.Given> given = new ArrayList<>();
    given.add(classes.given("Class " + made++, Load.QUIZ));
    while (given.size() < ASSIGNMENTS) {
      given.add(classes.andGiven(given.getFirst(), Load.QUIZ));
    }
    List<Learner> learners = new ArrayList<>();
    for (int i = 0; i < LEARNERS; i++) {
      String token = classes.joined(given.getFirst(), "Learner " + i);
      learners.add(new Learner(given.getFirst().code(), token));
      for (Classes.Given one : given) {
        begun.add(new Begun(classes.begun(one, token), token));
      }
    }
    return new Full(given.getFirst().inClass(), learners);
  }
}
