package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.json.Flat;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A question that is answered in the learner's own words. The teacher marks it later.
 *
 * @param model an answer as it could be, for the teacher's eyes; null where there is none
 */
public record FreeAnswer(
    @Flat @JsonUnwrapped Basics basics, @Nullable String model, @JsonIgnore Extra extra)
    implements Question {

  @Override
  public FreeAnswer with(Basics changed) {
    return new FreeAnswer(changed, model, extra);
  }

  @Override
  public boolean complete() {
    return true;
  }

  @Override
  public Marking marking() {
    return Marking.BY_TEACHER;
  }

  @Override
  public boolean takes(Response response) {
    return response instanceof Response.Typed(String text) && !Texts.blank(text);
  }

  @Override
  public Mark mark(Response response) {
    throw new IllegalStateException("the teacher marks it");
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
