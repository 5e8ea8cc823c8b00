package bravium.server.media;

import com.fasterxml.jackson.annotation.JsonProperty;

/** What a medium is. */
public enum MediaKind {
  /** To look at. */
  @JsonProperty("picture")
  PICTURE,
  /** To hear. */
  @JsonProperty("sound")
  SOUND,
  /** To look at and to hear. */
  @JsonProperty("video")
  VIDEO
}
