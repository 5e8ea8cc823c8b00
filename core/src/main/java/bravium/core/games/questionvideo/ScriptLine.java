package bravium.core.games.questionvideo;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.measure.Stretch;
import com.fasterxml.jackson.annotation.JsonIgnore;

/**
 * What is said in the film, or seen in it, at a moment.
 *
 * @param from when it begins, in milliseconds from the file's beginning
 * @param to when it ends, not before it begins
 * @param text at most {@value #LONGEST_TEXT} characters
 * @param note whether it is the teacher's own note of what is seen: no learner gets it. Otherwise
 *     it is a caption
 */
public record ScriptLine(
    @Range(min = 0, max = Stretch.LONGEST) int from,
    @Range(min = 0, max = Stretch.LONGEST) int to,
    @Range(longest = LONGEST_TEXT) String text,
    boolean note,
    @JsonIgnore Extra extra) {

  /** The longest text of a line, in characters. */
  public static final int LONGEST_TEXT = 1_000;

  /** Checks the ranges. */
  public ScriptLine {
    if (from < 0 || to > Stretch.LONGEST || from > to) {
      throw new IllegalArgumentException("a line ends where it begins or later, within a day");
    }
    if (text.length() > LONGEST_TEXT) {
      throw new IllegalArgumentException("a line has at most " + LONGEST_TEXT + " characters");
    }
  }

  /** A caption. */
  public static ScriptLine said(int from, int to, String text) {
    return new ScriptLine(from, to, text, false, Extra.NONE);
  }
}
