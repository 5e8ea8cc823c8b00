package bravium.server.classes;

import com.fasterxml.jackson.annotation.JsonProperty;

/** Whether newcomers get into a class with its code. Who is in the register always comes in. */
public enum Door {
  /** They are in at once. */
  @JsonProperty("open")
  OPEN,
  /** They wait until the teacher lets them in. */
  @JsonProperty("wait")
  WAIT,
  /** Nobody new comes in. */
  @JsonProperty("shut")
  SHUT
}
