package bravium.server.classes;

import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What there is for whoever covers for a teacher.
 *
 * @param name of the class
 * @param code with which learners come in
 * @param day as the school's calendar has it
 */
public record CoverPage(String name, String code, String day, List<ToPresent> items) {

  /**
   * Something to present.
   *
   * @param activity its id
   * @param watch the assignment under which the class plays it; null where it is not assigned
   */
  public record ToPresent(String activity, String title, @Nullable ToWatch watch) {}

  /**
   * How far the class is with it.
   *
   * @param id of the assignment
   * @param open whether learners can play it now
   * @param begun how many have begun
   * @param through how many are through
   * @param learners how many it is for
   */
  public record ToWatch(String id, boolean open, int begun, int through, int learners) {}
}
