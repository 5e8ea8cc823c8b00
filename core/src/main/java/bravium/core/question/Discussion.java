package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.json.Flat;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.Optional;

/** Something to talk about: everybody writes what they think, and nothing is marked. */
public record Discussion(@Flat @JsonUnwrapped Basics basics, @JsonIgnore Extra extra)
    implements Question {

  @Override
  public Discussion with(Basics changed) {
    return new Discussion(changed, extra);
  }

  @Override
  public boolean complete() {
    return true;
  }

  @Override
  public Marking marking() {
    return Marking.NONE;
  }

  @Override
  public boolean takes(Response response) {
    return response instanceof Response.Typed(String text) && !Texts.blank(text);
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
    return Optional.of(new Response.Typed("…"));
  }

  @Override
  public Optional<Response> wrongResponse() {
    return rightResponse();
  }
}
