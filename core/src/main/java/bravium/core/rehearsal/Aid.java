package bravium.core.rehearsal;

import com.fasterxml.jackson.annotation.JsonProperty;

/** Something that is done for the teacher while she tries her game out. */
public enum Aid {
  /** Answers one question right. */
  @JsonProperty("right")
  RIGHT,
  /** Answers one question wrong. */
  @JsonProperty("wrong")
  WRONG,
  /** Plays to the win. */
  @JsonProperty("win")
  WIN,
  /** Plays to the loss. */
  @JsonProperty("loss")
  LOSS
}
