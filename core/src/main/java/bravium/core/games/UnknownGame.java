package bravium.core.games;

import bravium.core.json.Extra;
import bravium.core.play.Course;
import bravium.core.question.Question;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import java.util.Optional;

/** A game of a kind that this version doesn't know: kept as it came, never played. */
public record UnknownGame(@JsonIgnore Extra content) implements Game {

  @Override
  public List<Question> questions() {
    return List.of();
  }

  @Override
  public Optional<Course> course() {
    return Optional.empty();
  }
}
