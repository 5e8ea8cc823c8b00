package bravium.server.classes;

import bravium.core.play.Opening;
import bravium.formats.LearnerName;
import bravium.server.problems.Problem;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What a teacher says of a learner.
 *
 * @param name null to leave it
 * @param time how much of the usual time she has, in per cent, 100 to 1,000; null for the usual
 * @param help what else helps her, by the names that games give to it
 */
public record LearnerDetails(
    @Nullable String name, @Nullable Integer time, @Nullable List<String> help) {

  void check() {
    if (time != null && (time < 100 || time > Opening.MOST_TIME)) {
      throw Problem.badRequest(
          "time-range",
          "The time is from 100 to " + Opening.MOST_TIME + " % of the usual. Nothing was changed.");
    }
    if (help != null && (help.size() > Opening.MOST_HELP || help.stream().anyMatch(this::odd))) {
      throw Problem.badRequest("help-odd", "There is no such help. Nothing was changed.");
    }
  }

  private boolean odd(String name) {
    return name == null || !name.matches("[a-z-]{1,40}");
  }

  static LearnerName named(@Nullable String typed) {
    return LearnerName.of(typed == null ? "" : typed)
        .orElseThrow(
            () ->
                Problem.badRequest(
                    "learner-name",
                    "A name has from 1 to "
                        + LearnerName.LONGEST
                        + " letters. Nothing was changed."));
  }
}
