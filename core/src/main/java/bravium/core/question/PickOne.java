package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.json.Flat;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Optional;

/**
 * A question with options of which one is picked. Usually one of them is right; if more are marked
 * right, picking any of these counts.
 *
 * @param options at most {@value #MOST_OPTIONS}, told apart by a letter each
 * @param strikeOrder the ids of wrong options in the order they are struck out at the front of the
 *     class; those it doesn't name come after it, as written
 */
public record PickOne(
    @Flat @JsonUnwrapped Basics basics,
    @Range(max = MOST_OPTIONS) List<Option> options,
    @Range(max = MOST_OPTIONS) List<String> strikeOrder,
    @JsonIgnore Extra extra)
    implements ChoiceQuestion {

  /** As many options as there are letters. */
  public static final int MOST_OPTIONS = Options.MOST;

  /** Checks the options' number and ids. */
  public PickOne {
    Options.require(options);
    Options.requireOrder(strikeOrder);
  }

  /** A question whose wrong options are struck out as they are written. */
  public PickOne(Basics basics, List<Option> options, Extra extra) {
    this(basics, options, List.of(), extra);
  }

  /** A question that is asked, with nothing unknown in it. */
  public PickOne(String id, String text, List<Option> options, Feedback feedback) {
    this(Basics.of(id, text, feedback), options, Extra.NONE);
  }

  /** The same question with other options. */
  public PickOne withOptions(List<Option> changed) {
    return new PickOne(basics, changed, strikeOrder, extra);
  }

  @Override
  public PickOne with(Basics changed) {
    return new PickOne(changed, options, strikeOrder, extra);
  }

  @Override
  public List<Option> choices() {
    return Options.written(options);
  }

  @Override
  public boolean started() {
    return !text().blank() || !choices().isEmpty();
  }

  @Override
  public boolean takes(Response response) {
    return response instanceof Response.Picked(String option) && choice(option).isPresent();
  }

  @Override
  public Mark mark(Response response) {
    Option option = choice(((Response.Picked) response).option()).orElseThrow();
    return Mark.whole(option.right(), option.feedback());
  }

  @Override
  public Optional<Response> rightResponse() {
    return picking(true);
  }

  @Override
  public Optional<Response> wrongResponse() {
    return picking(false);
  }

  private Optional<Response> picking(boolean right) {
    return choices().stream()
        .filter(o -> o.right() == right)
        .findFirst()
        .map(o -> new Response.Picked(o.id()));
  }
}
