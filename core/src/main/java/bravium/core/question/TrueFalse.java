package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.json.Flat;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A statement that is true or false. Its two choices have the ids {@value #TRUE} and {@value
 * #FALSE}; the interface gives them their words.
 *
 * @param answer whether the statement is true; null while the teacher has not said so
 */
public record TrueFalse(
    @Flat @JsonUnwrapped Basics basics, @Nullable Boolean answer, @JsonIgnore Extra extra)
    implements ChoiceQuestion {

  /** The id of the choice "true". */
  public static final String TRUE = "true";

  /** The id of the choice "false". */
  public static final String FALSE = "false";

  /** A question that is asked, with nothing unknown in it. */
  public TrueFalse(String id, String text, @Nullable Boolean answer, Feedback feedback) {
    this(Basics.of(id, text, feedback), answer, Extra.NONE);
  }

  @Override
  public TrueFalse with(Basics changed) {
    return new TrueFalse(changed, answer, extra);
  }

  @Override
  public List<Option> choices() {
    return List.of(
        new Option(TRUE, "", Boolean.TRUE.equals(answer)),
        new Option(FALSE, "", Boolean.FALSE.equals(answer)));
  }

  @Override
  public boolean takes(Response response) {
    return response instanceof Response.Picked(String option) && choice(option).isPresent();
  }

  @Override
  public Mark mark(Response response) {
    return Mark.whole(choice(((Response.Picked) response).option()).orElseThrow().right(), null);
  }

  @Override
  public Optional<Response> rightResponse() {
    return answer == null ? Optional.empty() : Optional.of(saying(answer));
  }

  @Override
  public Optional<Response> wrongResponse() {
    return Optional.of(saying(answer == null || !answer));
  }

  private static Response saying(boolean isTrue) {
    return new Response.Picked(isTrue ? TRUE : FALSE);
  }
}
