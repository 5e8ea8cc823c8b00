package bravium.core.answer;

import bravium.core.json.Extra;
import com.fasterxml.jackson.annotation.JsonIgnore;

/**
 * How strictly typed texts are compared. Outer and repeated spaces, curly and straight quotes, the
 * forms of one accented letter, wide and narrow characters, raised and lowered figures and joined
 * letters never matter.
 *
 * @param caseMatters whether capital and small letters differ
 * @param signsMatter whether stops, commas, quotation marks, hyphens and the like count; spaces
 *     beside a comma never do
 * @param accentsMatter whether a letter with an accent or a vowel point differs from the plain one
 * @param slips whether small slips are forgiven: one letter in a word of 5 to 8, two in a longer
 *     one, none in a word with figures; two neighbours that changed places are one slip (Damerau
 *     1964). It never undoes what else matters
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
    return withSlips(true);
  }

  /** The same with no slip forgiven. */
  public Comparing withoutSlips() {
    return withSlips(false);
  }

  /** The same, but letter by letter in case, signs and accents, and in the words' order. */
  Comparing strict() {
    return new Comparing(true, true, true, false, false, false, extra);
  }

  Comparing withCase(boolean matters) {
    return new Comparing(matters, signsMatter, accentsMatter, slips, anyOrder, articles, extra);
  }

  Comparing withSigns(boolean matter) {
    return new Comparing(caseMatters, matter, accentsMatter, slips, anyOrder, articles, extra);
  }

  Comparing withAccents(boolean matter) {
    return new Comparing(caseMatters, signsMatter, matter, slips, anyOrder, articles, extra);
  }

  Comparing withSlips(boolean forgiven) {
    return new Comparing(
        caseMatters, signsMatter, accentsMatter, forgiven, anyOrder, articles, extra);
  }

  Comparing withAnyOrder(boolean free) {
    return new Comparing(caseMatters, signsMatter, accentsMatter, slips, free, articles, extra);
  }

  Comparing withArticles(boolean free) {
    return new Comparing(caseMatters, signsMatter, accentsMatter, slips, anyOrder, free, extra);
  }
}
