package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.json.Flat;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.Optional;

/** Something to read, not to answer. */
public record Information(@Flat @JsonUnwrapped Basics basics, @JsonIgnore Extra extra)
    implements Question {

  @Override
  public Information with(Basics changed) {
    return new Information(changed, extra);
  }

  @Override
  public boolean complete() {
    return true;
  }

  @Override
  public boolean numbered() {
    return false;
  }

  @Override
  public Marking marking() {
    return Marking.NONE;
  }

  @Override
  public boolean takes(Response response) {
    return false;
  }

  @Override
  public Mark mark(Response response) {
    throw new IllegalStateException("nobody marks it");
  }

  @Override
  public boolean canBeRight() {
    return true;
  }

  @Override
  public Optional<Response> rightResponse() {
    return Optional.empty();
  }

  @Override
  public Optional<Response> wrongResponse() {
    return rightResponse();
  }
}
