package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.ArrayList;
import java.util.List;

/**
 * A question with options of which one is picked. Usually one of them is right; if more are marked
 * right, picking any of these counts.
 *
 * @param options at most {@value #MOST_OPTIONS}, told apart by a letter each
 */
public record PickOne(
    String id,
    String text,
    @Range(max = MOST_OPTIONS) List<Option> options,
    Feedback feedback,
    boolean off,
    @JsonIgnore Extra extra)
    implements Question {

  /** As many options as there are letters. */
  public static final int MOST_OPTIONS = 26;

  /** Checks the options' number and ids. */
  public PickOne {
    if (options.size() > MOST_OPTIONS) {
      throw new IllegalArgumentException("a question has at most " + MOST_OPTIONS + " options");
    }
    Ids.requireDistinct("option", options.stream().map(Option::id).toList());
  }

  /** A question that is asked, with nothing unknown in it. */
  public PickOne(String id, String text, List<Option> options, Feedback feedback) {
    this(id, text, options, feedback, false, Extra.NONE);
  }

  /** The same question with other options. */
  public PickOne withOptions(List<Option> changed) {
    return new PickOne(id, text, changed, feedback, off, extra);
  }

  @Override
  public PickOne switched(boolean isOff) {
    return new PickOne(id, text, options, feedback, isOff, extra);
  }

  @Override
  public List<Option> choices() {
    List<Option> choices = new ArrayList<>(options.size());
    for (Option option : options) {
      if (!Texts.blank(option.text())) {
        choices.add(option);
      }
    }
    return choices;
  }

  @Override
  public boolean started() {
    return !Texts.blank(text) || !choices().isEmpty();
  }
}
