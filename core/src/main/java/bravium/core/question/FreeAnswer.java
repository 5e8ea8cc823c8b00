package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.json.Flat;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import org.jspecify.annotations.Nullable;

/**
 * A question that is answered in the learner's own words. The teacher marks it later.
 *
 * @param model an answer as it could be, for the teacher's eyes; null where there is none
 */
public record FreeAnswer(
    @Flat @JsonUnwrapped Basics basics, @Nullable String model, @JsonIgnore Extra extra)
    implements OwnWordsQuestion {

  @Override
  public FreeAnswer with(Basics changed) {
    return new FreeAnswer(changed, model, extra);
  }

  @Override
  public Marking marking() {
    return Marking.BY_TEACHER;
  }
}
