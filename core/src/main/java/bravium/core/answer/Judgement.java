package bravium.core.answer;

import bravium.core.json.Root;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonProperty;
import org.jspecify.annotations.Nullable;

/**
 * How an answer was judged, and why.
 *
 * @param compared the teacher's answer that decided it; null where none did
 * @param slips how many small slips were forgiven
 * @param feedback what the teacher says to this wrong answer; null where she says nothing special
 */
@Root
public record Judgement(
    boolean right, Reason reason, @Nullable String compared, int slips, @Nullable Words feedback) {

  /** Why an answer was judged so. */
  public enum Reason {
    /** It is as the teacher wrote it. */
    @JsonProperty("same")
    SAME,
    /** Only case, spaces, stops or quotes differ. */
    @JsonProperty("same-but-form")
    SAME_BUT_FORM,
    /** Accents differ, and don't matter. */
    @JsonProperty("accents")
    ACCENTS,
    /** The order of the words or their articles differ, and don't matter. */
    @JsonProperty("words")
    WORDS,
    /** Small slips were forgiven. */
    @JsonProperty("slips")
    SLIPS,
    /** It is a wrong answer that the teacher listed. */
    @JsonProperty("listed-wrong")
    LISTED_WRONG,
    /** It is none of the accepted answers. */
    @JsonProperty("other")
    OTHER,
    /** It would be right but for its capital letters, signs or accents, which matter. */
    @JsonProperty("form-matters")
    FORM_MATTERS,
    /** It would be right with slips forgiven, which are not. */
    @JsonProperty("slips-matter")
    SLIPS_MATTER,
    /** Nothing was typed. */
    @JsonProperty("empty")
    EMPTY,
    /** The number is equal. */
    @JsonProperty("equal")
    EQUAL,
    /** The number is as near as the teacher allows. */
    @JsonProperty("near")
    NEAR,
    /** The number is another. */
    @JsonProperty("other-number")
    OTHER_NUMBER,
    /** It is no number. */
    @JsonProperty("no-number")
    NO_NUMBER,
    /** The number is equal, but fractions or per cent are not allowed here. */
    @JsonProperty("form-not-allowed")
    FORM_NOT_ALLOWED,
    /** The number is right, but the fraction is not in lowest terms. */
    @JsonProperty("not-lowest")
    NOT_LOWEST,
    /** The number is right, but its unit is missing. */
    @JsonProperty("no-unit")
    NO_UNIT,
    /** The number is right, but its unit is another. */
    @JsonProperty("other-unit")
    OTHER_UNIT
  }

  static Judgement right(Reason reason, String compared) {
    return new Judgement(true, reason, compared, 0, null);
  }

  static Judgement wrong(Reason reason, @Nullable String compared) {
    return new Judgement(false, reason, compared, 0, null);
  }

  static Judgement listed(Mistake mistake) {
    return new Judgement(false, Reason.LISTED_WRONG, mistake.text(), 0, mistake.feedback());
  }
}
