package bravium.core.play;

import com.fasterxml.jackson.annotation.JsonProperty;

/** Who looks at a play. */
public enum Audience {
  /** A learner on her own device. */
  @JsonProperty("player")
  PLAYER,
  /** The whole class, at the front. */
  @JsonProperty("projector")
  PROJECTOR,
  /** The teacher alone: also the answer, and what comes next. */
  @JsonProperty("teacher")
  TEACHER
}
