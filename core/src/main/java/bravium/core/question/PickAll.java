package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.json.Flat;
import bravium.core.json.Range;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * A question with options of which all that apply are picked. Each right option is a part; a wrong
 * one that is picked is a wrong part.
 *
 * @param options at most {@value Options#MOST}, told apart by a letter each
 * @param strikeOrder the ids of wrong options in the order they are struck out at the front of the
 *     class; those it doesn't name come after it, as written
 */
public record PickAll(
    @Flat @JsonUnwrapped Basics basics,
    @Range(max = Options.MOST) List<Option> options,
    Credit credit,
    @Range(max = Options.MOST) List<String> strikeOrder,
    @JsonIgnore Extra extra)
    implements ChoiceQuestion {

  /** Checks the options' number and ids. */
  public PickAll {
    Options.require(options);
    Options.requireOrder(strikeOrder);
  }

  /** A question whose wrong options are struck out as they are written. */
  public PickAll(Basics basics, List<Option> options, Credit credit, Extra extra) {
    this(basics, options, credit, List.of(), extra);
  }

  /** The same question with other options. */
  public PickAll withOptions(List<Option> changed) {
    return new PickAll(basics, changed, credit, strikeOrder, extra);
  }

  /** The same question with another rule for partly right answers. */
  public PickAll withCredit(Credit changed) {
    return new PickAll(basics, options, changed, strikeOrder, extra);
  }

  @Override
  public PickAll with(Basics changed) {
    return new PickAll(changed, options, credit, strikeOrder, extra);
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
    return response instanceof Response.PickedAll(List<String> picked)
        && !picked.isEmpty()
        && Ids.distinct(picked)
        && picked.stream().allMatch(id -> choice(id).isPresent());
  }

  @Override
  public Mark mark(Response response) {
    List<String> picked = ((Response.PickedAll) response).options();
    List<Mark.Part> parts = new ArrayList<>();
    Words feedback = null;
    for (Option option : choices()) {
      if (picked.contains(option.id())) {
        parts.add(new Mark.Part(option.id(), option.right()));
        feedback = !option.right() && feedback == null ? option.feedback() : feedback;
      }
    }
    return Mark.ofParts(credit, parts, Math.max(1, rightChoices().size())).with(parts, feedback);
  }

  @Override
  public Optional<Response> rightResponse() {
    return picking(rightChoices());
  }

  @Override
  public Optional<Response> wrongResponse() {
    return picking(items().stream().filter(id -> !rightChoices().contains(id)).toList());
  }

  private static Optional<Response> picking(List<String> ids) {
    return ids.isEmpty() ? Optional.empty() : Optional.of(new Response.PickedAll(ids));
  }
}
