package bravium.core.games;

import bravium.core.json.Extra;
import bravium.core.question.Question;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;

/** A game of a kind that this version doesn't know: kept as it came, never played. */
public record UnknownGame(@JsonIgnore Extra content) implements GameData {

  @Override
  public String kind() {
    return content.text("kind");
  }

  @Override
  public List<Question> questions() {
    return List.of();
  }

  @Override
  public UnknownGame withQuestions(List<Question> changed) {
    return this;
  }
}
