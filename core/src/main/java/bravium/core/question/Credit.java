package bravium.core.question;

import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * What a partly right answer brings. The rules are those of QTI 3.0's response processing: {@code
 * match_correct}, and {@code map_response} with a lower bound of 0 and the number of parts as the
 * upper bound.
 */
public enum Credit {
  /** Only a fully right answer brings points: {@code match_correct}. */
  @JsonProperty("all-or-nothing")
  ALL_OR_NOTHING,
  /** Each right part counts 1, each wrong one nothing. */
  @JsonProperty("each-right-counts")
  EACH_RIGHT_COUNTS,
  /** Each right part counts 1, each wrong one -1; together never below 0. */
  @JsonProperty("wrong-costs")
  WRONG_COSTS;

  /** The parts earned of all, 0 to {@code of}. */
  int earned(int right, int wrong, int of) {
    return switch (this) {
      case ALL_OR_NOTHING -> right == of && wrong == 0 ? of : 0;
      case EACH_RIGHT_COUNTS -> Math.min(right, of);
      case WRONG_COSTS -> Math.max(0, Math.min(of, right - wrong));
    };
  }
}
