package bravium.core.readiness;

import com.fasterxml.jackson.annotation.JsonProperty;

/** How much a finding matters. */
public enum Weight {
  /** The game does not work as it is. */
  @JsonProperty("stop")
  STOP,
  /** Worth a look. */
  @JsonProperty("look")
  LOOK
}
