package bravium.core.rich;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/** A part of {@link Words} that stands on lines of its own. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Paragraph.class, name = "paragraph"),
  @JsonSubTypes.Type(value = Listing.class, name = "list"),
  @JsonSubTypes.Type(value = Picture.class, name = "picture"),
  @JsonSubTypes.Type(value = Sound.class, name = "sound")
})
public sealed interface Block permits Paragraph, Listing, Media, UnknownBlock {

  /** It as plain text. */
  String plain();

  /** Whether there is nothing in it. */
  boolean blank();
}
