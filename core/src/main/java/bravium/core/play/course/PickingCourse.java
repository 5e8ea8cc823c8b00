package bravium.core.play.course;

import bravium.core.activity.Rules;
import bravium.core.activity.Tries;
import bravium.core.play.Draw;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** A course in which whoever plays picks any question that is open. */
public interface PickingCourse extends Course {

  @Override
  default Optional<String> first(Draw draw) {
    return draw.counting().isEmpty() ? draw.ids().stream().findFirst() : Optional.empty();
  }

  /** Information leads to what is drawn after it; at the end comes information that is left. */
  @Override
  default Optional<String> next(Draw draw, Set<String> settled, String now) {
    List<String> ids = draw.ids();
    int here = ids.indexOf(now);
    boolean read = draw.find(now).map(drawn -> !drawn.counts()).orElse(false);
    if (read && here + 1 < ids.size() && !settled.contains(ids.get(here + 1))) {
      return Optional.of(ids.get(here + 1));
    }
    return picks(draw, settled)
        ? Optional.empty()
        : ids.stream().filter(id -> !settled.contains(id)).findFirst();
  }

  @Override
  default boolean picks(Draw draw, Set<String> settled) {
    return draw.counting().stream().anyMatch(drawn -> !settled.contains(drawn.question()));
  }

  @Override
  default String opening(Draw draw, Set<String> settled, String picked) {
    List<Draw.Drawn> questions = draw.questions();
    String first = picked;
    for (int i = draw.ids().indexOf(picked) - 1; i >= 0; i--) {
      Draw.Drawn before = questions.get(i);
      if (before.counts() || settled.contains(before.question())) {
        break;
      }
      first = before.question();
    }
    return first;
  }

  /** Until right: another question may be picked first. */
  @Override
  default boolean triesLater(Rules rules) {
    boolean untilRight = rules.tries() != null && rules.tries().again() == Tries.Again.UNTIL_RIGHT;
    return rules.triedLater() || untilRight;
  }
}
