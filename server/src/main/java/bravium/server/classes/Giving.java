package bravium.server.classes;

import bravium.server.problems.Problem;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is to be given to a class.
 *
 * @param activity the id of the activity, which is given in the version it has now
 * @param learners the ids of those it is for; null for all, also those who come later
 */
public record Giving(@Nullable String activity, LocalTerms terms, @Nullable List<String> learners) {

  /** Checks that there are terms. */
  public Giving {
    if (terms == null) {
      throw Problem.badRequest(
          "no-terms", "It is not said on which terms. Nothing was changed; choose them again.");
    }
  }
}
