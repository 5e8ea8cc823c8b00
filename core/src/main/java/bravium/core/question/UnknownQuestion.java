package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import java.util.Optional;

/** A question of a kind that this version doesn't know: kept as it came, never asked. */
public record UnknownQuestion(@JsonIgnore Extra content) implements Question {

  @Override
  public Basics basics() {
    return new Basics(
        content.text("id"),
        Words.of(content.text("text")),
        Feedback.USUAL,
        true,
        null,
        null,
        List.of());
  }

  @Override
  public UnknownQuestion with(Basics changed) {
    return this;
  }

  @Override
  public boolean started() {
    return false;
  }

  @Override
  public boolean complete() {
    return false;
  }

  @Override
  public boolean takes(Response response) {
    return false;
  }

  @Override
  public Mark mark(Response response) {
    throw new IllegalStateException("never asked");
  }

  @Override
  public Optional<Response> rightResponse() {
    return Optional.empty();
  }

  @Override
  public Optional<Response> wrongResponse() {
    return Optional.empty();
  }
}
