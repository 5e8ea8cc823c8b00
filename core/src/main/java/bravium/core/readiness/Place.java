package bravium.core.readiness;

import com.fasterxml.jackson.annotation.JsonProperty;

/** Where on the page a finding leads. */
public enum Place {
  /** The title. */
  @JsonProperty("title")
  TITLE,
  /** The rule that says how many are asked. */
  @JsonProperty("ask")
  ASK,
  /** The rule that says in which order options come. */
  @JsonProperty("option-order")
  OPTION_ORDER,
  /** The rule that says what a question is worth. */
  @JsonProperty("worth")
  WORTH,
  /** The pass mark. */
  @JsonProperty("pass-mark")
  PASS_MARK,
  /** The rule that says how often a question may be tried. */
  @JsonProperty("tries")
  TRIES,
  /** The rule that says how many wrong answers are allowed. */
  @JsonProperty("lives")
  LIVES,
  /** The rule that says what hints and wrong answers cost. */
  @JsonProperty("prices")
  PRICES,
  /** The rule that says how much time there is. */
  @JsonProperty("clock")
  CLOCK,
  /** The rule that says who plays. */
  @JsonProperty("teams")
  TEAMS,
  /** The look. */
  @JsonProperty("look")
  LOOK,
  /** The board. */
  @JsonProperty("board")
  BOARD,
  /** The sheet as a whole. */
  @JsonProperty("sheet")
  SHEET,
  /** A question's text. */
  @JsonProperty("question")
  QUESTION,
  /** An option of a question. */
  @JsonProperty("option")
  OPTION
}
