package bravium.core.play;

import com.fasterxml.jackson.annotation.JsonProperty;

/** Who made a move. A server says so itself and never takes a device's word for it. */
public enum Mover {
  /** A learner. */
  @JsonProperty("player")
  PLAYER,
  /** The teacher, at the front of the class or trying her game out. */
  @JsonProperty("teacher")
  TEACHER
}
