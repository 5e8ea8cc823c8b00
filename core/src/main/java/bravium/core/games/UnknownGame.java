package bravium.core.games;

import bravium.core.activity.Activity;
import bravium.core.activity.Rules;
import bravium.core.json.Extra;
import bravium.core.play.Course;
import bravium.core.question.Question;
import bravium.core.readiness.Check;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Place;
import bravium.core.readiness.Weight;
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
  public UnknownGame withQuestions(List<Question> changed) {
    return this;
  }

  @Override
  public List<Finding> findings(Activity activity) {
    return List.of(Finding.of(Check.UNKNOWN_GAME, Weight.STOP, Place.SHEET));
  }

  @Override
  public Optional<Course> course(Rules rules) {
    return Optional.empty();
  }
}
