package bravium.server.classes;

import bravium.server.problems.Problem;
import org.jspecify.annotations.Nullable;

/**
 * What a teacher says of a class.
 *
 * @param year the year group, 0 (Reception) to {@value #LAST_YEAR}; null for none
 * @param door null for one at which newcomers wait
 */
public record ClassDetails(@Nullable String name, @Nullable Integer year, @Nullable Door door) {

  static final int LAST_YEAR = 13;
  private static final int LONGEST = 60;

  /** The same, once it is clear that it can be kept. */
  ClassDetails checked() {
    String given = name == null ? "" : name.strip();
    if (given.isEmpty() || given.codePointCount(0, given.length()) > LONGEST) {
      throw Problem.badRequest(
          "class-name", "A class has a name of up to 60 letters. Nothing was changed.");
    }
    if (year != null && (year < 0 || year > LAST_YEAR)) {
      throw Problem.badRequest(
          "class-year", "The year group is from 0 (Reception) to 13. Nothing was changed.");
    }
    return new ClassDetails(given, year, door == null ? Door.WAIT : door);
  }
}
