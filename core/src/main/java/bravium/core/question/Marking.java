package bravium.core.question;

import com.fasterxml.jackson.annotation.JsonProperty;

/** Who marks a question. */
public enum Marking {
  /** The engine, as soon as it is answered. */
  @JsonProperty("at-once")
  AT_ONCE,
  /** The teacher, later. */
  @JsonProperty("by-teacher")
  BY_TEACHER,
  /** Nobody: it brings no points. */
  @JsonProperty("none")
  NONE
}
