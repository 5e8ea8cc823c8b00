package bravium.core.play;

import com.fasterxml.jackson.annotation.JsonProperty;

/** How a question came out. */
public enum Verdict {
  /** Answered right. */
  @JsonProperty("right")
  RIGHT,
  /** Answered, and right in part. */
  @JsonProperty("partly")
  PARTLY,
  /** Answered, and not right. */
  @JsonProperty("wrong")
  WRONG,
  /** Never answered. */
  @JsonProperty("missed")
  MISSED,
  /** Answered, and not marked: nobody does, or the teacher will. */
  @JsonProperty("given")
  GIVEN
}
