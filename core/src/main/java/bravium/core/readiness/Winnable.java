package bravium.core.readiness;

import com.fasterxml.jackson.annotation.JsonProperty;

/** Whether the pass mark can be reached. */
public enum Winnable {
  /** In every draw. */
  @JsonProperty("always")
  ALWAYS,
  /** Only if the draw leaves out questions without a right option. */
  @JsonProperty("sometimes")
  SOMETIMES,
  /** In no draw. */
  @JsonProperty("never")
  NEVER
}
