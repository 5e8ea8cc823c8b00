package bravium.core.question;

import bravium.core.json.Extra;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;

/** A question of a kind that this version doesn't know: kept as it came, never asked. */
public record UnknownQuestion(@JsonIgnore Extra content) implements Question {

  @Override
  public String id() {
    return content.text("id");
  }

  @Override
  public String text() {
    return content.text("text");
  }

  @Override
  public Feedback feedback() {
    return Feedback.USUAL;
  }

  @Override
  public List<Option> choices() {
    return List.of();
  }

  @Override
  public boolean off() {
    return true;
  }

  @Override
  public UnknownQuestion switched(boolean isOff) {
    return this;
  }

  @Override
  public boolean started() {
    return false;
  }
}
