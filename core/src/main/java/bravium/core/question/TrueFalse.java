package bravium.core.question;

import bravium.core.json.Extra;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * A statement that is true or false. Its two choices have the ids {@value #TRUE} and {@value
 * #FALSE}; the interface gives them their words.
 *
 * @param answer whether the statement is true; null while the teacher has not said so
 */
public record TrueFalse(
    String id,
    String text,
    @Nullable Boolean answer,
    Feedback feedback,
    boolean off,
    @JsonIgnore Extra extra)
    implements Question {

  /** The id of the choice "true". */
  public static final String TRUE = "true";

  /** The id of the choice "false". */
  public static final String FALSE = "false";

  /** A question that is asked, with nothing unknown in it. */
  public TrueFalse(String id, String text, @Nullable Boolean answer, Feedback feedback) {
    this(id, text, answer, feedback, false, Extra.NONE);
  }

  @Override
  public TrueFalse switched(boolean isOff) {
    return new TrueFalse(id, text, answer, feedback, isOff, extra);
  }

  @Override
  public List<Option> choices() {
    return List.of(
        new Option(TRUE, "", Boolean.TRUE.equals(answer)),
        new Option(FALSE, "", Boolean.FALSE.equals(answer)));
  }

  @Override
  public boolean started() {
    return !Texts.blank(text);
  }
}
