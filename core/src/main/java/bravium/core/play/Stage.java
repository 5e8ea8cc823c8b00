package bravium.core.play;

import com.fasterxml.jackson.annotation.JsonProperty;

/** Where a play stands. */
public enum Stage {
  /** On the title page. */
  @JsonProperty("title")
  TITLE,
  /** The board is shown, and a question is picked on it. */
  @JsonProperty("board")
  BOARD,
  /** Several things are open at once. */
  @JsonProperty("playing")
  PLAYING,
  /** A question is open. */
  @JsonProperty("question")
  QUESTION,
  /** The answer has been marked and its feedback is shown. */
  @JsonProperty("feedback")
  FEEDBACK,
  /** It is won or lost. */
  @JsonProperty("end")
  END
}
