package bravium.core.activity;

import com.fasterxml.jackson.annotation.JsonProperty;

/** What became of a part since the version before. */
public enum Edit {
  /** Nothing. */
  @JsonProperty("same")
  SAME,
  /** It was not there before. */
  @JsonProperty("added")
  ADDED,
  /** It is there no more. */
  @JsonProperty("removed")
  REMOVED,
  /** It reads otherwise. */
  @JsonProperty("changed")
  CHANGED
}
