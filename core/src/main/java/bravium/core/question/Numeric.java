package bravium.core.question;

import bravium.core.answer.Judgement;
import bravium.core.answer.Mistake;
import bravium.core.answer.NumberAnswer;
import bravium.core.answer.NumberRead;
import bravium.core.json.Extra;
import bravium.core.json.Flat;
import bravium.core.json.Range;
import bravium.core.rich.Texts;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonUnwrapped;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * A question that is answered with a number.
 *
 * @param value the number that is right, as the teacher wrote it: {@code 12}, {@code 0,5}, {@code
 *     3/4}; null or no number while it is being written
 * @param tolerance how far an answer may be from it, as a number or in per cent of it; null for not
 *     at all
 * @param units the units that are right, the first of them shown, and the one the number is in;
 *     empty where none is asked for. A further one may say how many of it make one of the first
 * @param unitNeeded whether the unit has to be typed; otherwise it stands beside the box
 * @param unitsExact whether a unit has to be written as it is listed, and a number of which none is
 *     takes none
 * @param fractions whether a fraction is as good as a decimal number
 * @param percent whether per cent are as good as a decimal number
 * @param lowestTerms whether a fraction has to be in lowest terms. Where the right number is
 *     written as a fraction, a decimal number is as little one as per cent are, unless those are as
 *     good
 */
public record Numeric(
    @Flat @JsonUnwrapped Basics basics,
    @Range(longest = LONGEST) @Nullable String value,
    @Range(longest = LONGEST) @Nullable String tolerance,
    @Range(max = MOST_UNITS, longest = LONGEST) List<String> units,
    boolean unitNeeded,
    boolean unitsExact,
    boolean fractions,
    boolean percent,
    boolean lowestTerms,
    @Range(max = TypedText.MOST) List<Mistake> mistakes,
    @JsonIgnore Extra extra)
    implements Question {

  /** The most units. */
  public static final int MOST_UNITS = 50;

  /** The most characters of a number or a unit. */
  public static final int LONGEST = 200;

  @Override
  public Numeric with(Basics changed) {
    return with(changed, value, mistakes);
  }

  /** The same question with other wrong answers listed. */
  public Numeric withMistakes(List<Mistake> changed) {
    return with(basics, value, changed);
  }

  /** How a text would be judged, and why; empty while there is no number to compare with. */
  public Optional<Judgement> judge(String text) {
    return answer().map(answer -> answer.judge(text));
  }

  /** How the number is read; empty while there is none. */
  public Optional<NumberRead> numberRead() {
    return answer().map(NumberAnswer::read);
  }

  /** The same question with its number written otherwise. */
  public Numeric withValue(String changed) {
    return with(basics, changed, mistakes);
  }

  private Numeric with(Basics other, @Nullable String number, List<Mistake> listed) {
    return new Numeric(
        other,
        number,
        tolerance,
        units,
        unitNeeded,
        unitsExact,
        fractions,
        percent,
        lowestTerms,
        listed,
        extra);
  }

  private Optional<NumberAnswer> answer() {
    return value == null
        ? Optional.empty()
        : NumberAnswer.of(
            new NumberAnswer.Expected(
                value,
                tolerance,
                units,
                unitNeeded,
                unitsExact,
                fractions,
                percent,
                lowestTerms,
                mistakes));
  }

  @Override
  public boolean complete() {
    return answer().isPresent();
  }

  @Override
  public boolean takes(Response response) {
    return response instanceof Response.Typed(String text) && !Texts.blank(text);
  }

  @Override
  public boolean reads(Response response) {
    return answer().map(answer -> answer.reads(((Response.Typed) response).text())).orElse(true);
  }

  @Override
  public Mark mark(Response response) {
    Judgement judgement = judge(((Response.Typed) response).text()).orElseThrow();
    return Mark.whole(judgement.right(), judgement.feedback());
  }

  @Override
  public Optional<Response> rightResponse() {
    return answer().map(answer -> new Response.Typed(answer.rightText()));
  }

  @Override
  public Optional<Response> wrongResponse() {
    return Optional.of(new Response.Typed("?"));
  }
}
