package bravium.core.question;

import bravium.core.answer.Comparing;
import bravium.core.answer.Comparison;
import bravium.core.answer.Judgement;
import bravium.core.answer.Mistake;
import bravium.core.answer.SwitchExample;
import bravium.core.json.Extra;
import bravium.core.json.Flat;
import bravium.core.json.Range;
import bravium.core.rich.Texts;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Optional;

/**
 * A question that is answered by typing a text.
 *
 * @param accepted the texts that are right; blank ones are passed over
 * @param mistakes wrong texts that are expected, with what is said to them
 */
public record TypedText(
    @Flat @JsonUnwrapped Basics basics,
    @Range(max = MOST, longest = LONGEST) List<String> accepted,
    @Range(max = MOST) List<Mistake> mistakes,
    Comparing comparing,
    @JsonIgnore Extra extra)
    implements Question {

  /** The most accepted texts, and the most mistakes. */
  public static final int MOST = 100;

  /** The most characters of an accepted text. */
  public static final int LONGEST = 500;

  @Override
  public TypedText with(Basics changed) {
    return new TypedText(changed, accepted, mistakes, comparing, extra);
  }

  /** The same question with other wrong answers listed. */
  public TypedText withMistakes(List<Mistake> changed) {
    return new TypedText(basics, accepted, changed, comparing, extra);
  }

  /** The accepted texts with something written in them. */
  public List<String> right() {
    return accepted.stream().filter(text -> !Texts.blank(text)).toList();
  }

  /** What each switch of comparing does to the first accepted text; empty while there is none. */
  public List<SwitchExample> examples() {
    return right().stream()
        .findFirst()
        .map(text -> SwitchExample.of(text, comparing))
        .orElse(List.of());
  }

  /** How a text would be judged, and why. */
  public Judgement judge(String text) {
    return comparison().judge(text);
  }

  /** What texts are compared with, for who has several to judge. */
  public Comparison comparison() {
    return Comparison.with(right(), mistakes, comparing);
  }

  @Override
  public boolean complete() {
    return !right().isEmpty();
  }

  @Override
  public boolean takes(Response response) {
    return response instanceof Response.Typed(String text) && !Texts.blank(text);
  }

  @Override
  public Mark mark(Response response) {
    Judgement judgement = judge(((Response.Typed) response).text());
    return Mark.whole(judgement.right(), judgement.feedback());
  }

  @Override
  public Optional<Response> rightResponse() {
    return right().stream().findFirst().map(Response.Typed::new);
  }

  @Override
  public Optional<Response> wrongResponse() {
    return Optional.of(new Response.Typed("?"));
  }
}
