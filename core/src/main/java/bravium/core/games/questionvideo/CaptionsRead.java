package bravium.core.games.questionvideo;

import bravium.core.json.Root;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;

/**
 * What a text with captions came to.
 *
 * @param lines in order
 * @param passedOver what is left out, at most so many that one still reads them
 */
@Root
public record CaptionsRead(List<ScriptLine> lines, List<PassedOver> passedOver) {

  /**
   * A caption that is left out.
   *
   * @param line where it stands in the text, from 1
   */
  public record PassedOver(int line, Why why) {}

  /** Why a caption is left out. */
  public enum Why {
    /** It ends before it begins, or where it begins. */
    @JsonProperty("ends-early")
    ENDS_EARLY,
    /** Its times are beyond a day. */
    @JsonProperty("too-late")
    TOO_LATE,
    /** It is longer than a line can be. */
    @JsonProperty("too-long")
    TOO_LONG,
    /** There are more than a script can have. */
    @JsonProperty("too-many")
    TOO_MANY
  }
}
