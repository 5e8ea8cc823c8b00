package bravium.core.play.course;

import bravium.core.play.Draw;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** One after another: the next question is the next open one, beginning again at the front. */
public final class LineCourse implements Course {

  @Override
  public Optional<String> next(Draw draw, Set<String> settled, String now) {
    List<Draw.Drawn> drawn = draw.questions();
    int here = -1;
    for (int i = 0; i < drawn.size() && here < 0; i++) {
      here = drawn.get(i).question().equals(now) ? i : -1;
    }
    for (int step = 1; step <= drawn.size(); step++) {
      String candidate = drawn.get((here + step) % drawn.size()).question();
      if (!settled.contains(candidate)) {
        return Optional.of(candidate);
      }
    }
    return Optional.empty();
  }
}
