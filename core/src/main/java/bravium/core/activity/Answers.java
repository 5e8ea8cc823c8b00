package bravium.core.activity;

import com.fasterxml.jackson.annotation.JsonProperty;

/** When a learner is told what would have been right. */
public enum Answers {
  /** With the feedback, once there is no further try at the question; and at the end. */
  @JsonProperty("after-last-try")
  AFTER_LAST_TRY,
  /** At the end alone. */
  @JsonProperty("at-the-end")
  AT_THE_END,
  /** Not at all. */
  @JsonProperty("never")
  NEVER
}
