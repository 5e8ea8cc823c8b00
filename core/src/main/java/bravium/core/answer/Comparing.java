package bravium.core.answer;

import bravium.core.json.Extra;
import com.fasterxml.jackson.annotation.JsonIgnore;

/**
 * How strictly typed texts are compared. Outer and repeated spaces, curly and straight quotes and
 * the forms of one accented letter never matter.
 *
 * @param caseMatters whether capital and small letters differ
 * @param signsMatter whether stops, commas and the like count
 * @param accentsMatter whether a letter with an accent differs from the plain one
 * @param slips whether small slips are forgiven: one letter in a word of 5 to 8, two in a longer
 *     one; two neighbours that changed places are one slip (Damerau 1964)
 * @param anyOrder whether the words may come in any order
 * @param articles whether articles may be left out or put in
 */
public record Comparing(
    boolean caseMatters,
    boolean signsMatter,
    boolean accentsMatter,
    boolean slips,
    boolean anyOrder,
    boolean articles,
    @JsonIgnore Extra extra) {

  /** What a fair teacher does unless she says otherwise; slips count as slips. */
  public static final Comparing FAIR =
      new Comparing(false, false, false, false, false, false, Extra.NONE);

  /** As fair, and small slips are forgiven. */
  public Comparing forgivingSlips() {
    return new Comparing(caseMatters, signsMatter, accentsMatter, true, anyOrder, articles, extra);
  }

  /** The same, but letter by letter in case, signs and accents, and in the words' order. */
  Comparing strict() {
    return new Comparing(true, true, true, false, false, false, extra);
  }

  /** The same, but with accents that count. */
  Comparing withAccents() {
    return new Comparing(caseMatters, signsMatter, true, slips, anyOrder, articles, extra);
  }
}
