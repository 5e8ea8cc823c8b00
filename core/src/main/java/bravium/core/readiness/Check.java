package bravium.core.readiness;

import com.fasterxml.jackson.annotation.JsonProperty;

/** What was found. Beside each stand the values that its sentence needs. */
public enum Check {
  /** The activity has no title. */
  @JsonProperty("no-title")
  NO_TITLE,
  /** There is nothing to ask. */
  @JsonProperty("nothing-to-ask")
  NOTHING_TO_ASK,
  /** A question has options and no text; it is left out. */
  @JsonProperty("empty-question")
  EMPTY_QUESTION,
  /** A question has nothing to pick; it is left out. */
  @JsonProperty("no-options")
  NO_OPTIONS,
  /** A question has just one option. */
  @JsonProperty("one-option")
  ONE_OPTION,
  /** An option has no text and is left out. Value: its letter. */
  @JsonProperty("empty-option")
  EMPTY_OPTION,
  /** No option is marked right. */
  @JsonProperty("no-right-option")
  NO_RIGHT_OPTION,
  /** Several options of a pick-one question are marked right. Value: how many. */
  @JsonProperty("two-right-options")
  TWO_RIGHT_OPTIONS,
  /** Two options read the same. Value: their text. */
  @JsonProperty("same-options")
  SAME_OPTIONS,
  /** A question is of a kind that this version doesn't know; it is kept and not asked. */
  @JsonProperty("unknown-question")
  UNKNOWN_QUESTION,
  /** The game is of a kind that this version doesn't know; it is kept and not played. */
  @JsonProperty("unknown-game")
  UNKNOWN_GAME,
  /** More is asked than there is. Values: asked, there. */
  @JsonProperty("asks-too-many")
  ASKS_TOO_MANY,
  /** No question is worth a point. */
  @JsonProperty("no-points")
  NO_POINTS,
  /** With this pass mark everybody wins. */
  @JsonProperty("always-won")
  ALWAYS_WON,
  /** The pass mark is out of reach. Values: points needed, points within reach. */
  @JsonProperty("pass-mark-unreachable")
  PASS_MARK_UNREACHABLE,
  /** The pass mark is out of reach in some draws. Values: points needed, points within reach. */
  @JsonProperty("pass-mark-sometimes-unreachable")
  PASS_MARK_SOMETIMES_UNREACHABLE,
  /** All questions are switched off. */
  @JsonProperty("all-off")
  ALL_OFF,
  /** Two questions ask the same. Value: the number of the first. */
  @JsonProperty("same-questions")
  SAME_QUESTIONS,
  /** An option that speaks of the others may be mixed in among them. Value: its letter. */
  @JsonProperty("loose-last-option")
  LOOSE_LAST_OPTION,
  /** Options come as written, and the right one always stands in one place. Value: its letter. */
  @JsonProperty("right-in-one-place")
  RIGHT_IN_ONE_PLACE,
  /** The right option is mostly the longest. Values: in how many questions, of how many. */
  @JsonProperty("longest-is-right")
  LONGEST_IS_RIGHT,
  /** Guessing alone passes too often. Values: the chance in billionths, a better pass mark. */
  @JsonProperty("guessing-wins")
  GUESSING_WINS,
  /** A question takes long to read. Values: seconds, year group. */
  @JsonProperty("long-read")
  LONG_READ,
  /** More is asked than a game usually shows. Values: asked, the usual most. */
  @JsonProperty("many-questions")
  MANY_QUESTIONS
}
