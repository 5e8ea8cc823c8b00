package bravium.core.games.quizshow;

import bravium.core.play.Draw;
import bravium.core.play.course.Course;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** On the line, the next question is the next open one, beginning again at the front. */
final class LineCourse implements Course {

  @Override
  public Optional<String> next(Draw draw, Set<String> settled, String now) {
    List<String> ids = draw.ids();
    int here = ids.indexOf(now);
    for (int step = 1; step <= ids.size(); step++) {
      String candidate = ids.get((here + step) % ids.size());
      if (!settled.contains(candidate)) {
        return Optional.of(candidate);
      }
    }
    return Optional.empty();
  }
}
