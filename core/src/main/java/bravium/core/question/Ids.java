package bravium.core.question;

import bravium.core.rich.Texts;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Checks the ids that an editor made. */
public final class Ids {

  private Ids() {}

  /**
   * Checks that every id is there and stands only once.
   *
   * @throws IllegalArgumentException if not
   */
  public static void requireDistinct(String what, List<String> ids) {
    Set<String> seen = new LinkedHashSet<>();
    for (String id : ids) {
      if (Texts.blank(id)) {
        throw new IllegalArgumentException(what + " needs an id that is not blank");
      }
      if (!seen.add(id)) {
        throw new IllegalArgumentException(
            "the id " + id + " stands twice among the " + what + "s");
      }
    }
  }

  /** Whether no id stands twice. */
  static boolean distinct(List<String> ids) {
    return new LinkedHashSet<>(ids).size() == ids.size();
  }
}
