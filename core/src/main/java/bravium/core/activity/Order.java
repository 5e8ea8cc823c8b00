package bravium.core.activity;

import com.fasterxml.jackson.annotation.JsonProperty;

/** In which order questions or options come. */
public enum Order {
  /** As the teacher wrote them. */
  @JsonProperty("as-written")
  AS_WRITTEN,
  /** Freshly mixed for each play. */
  @JsonProperty("mixed")
  MIXED
}
