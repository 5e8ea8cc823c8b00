package bravium.core.games.escaperoom;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/** What comes of opening a lock. What names nothing that is there does nothing. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Effect.Uncovers.class, name = "uncovers"),
  @JsonSubTypes.Type(value = Effect.Brings.class, name = "brings"),
  @JsonSubTypes.Type(value = Effect.Gives.class, name = "gives"),
  @JsonSubTypes.Type(value = Effect.OpensWay.class, name = "opens-way"),
  @JsonSubTypes.Type(value = Effect.LeadsOut.class, name = "leads-out")
})
public sealed interface Effect {

  /** A cover vanishes, and what lies under it is seen. */
  record Uncovers(String cover) implements Effect {}

  /** A thing appears. */
  record Brings(String thing) implements Effect {}

  /** A key piece is won. */
  record Gives(String piece) implements Effect {}

  /** A room can be entered. */
  record OpensWay(String room) implements Effect {}

  /** The escape is won. */
  record LeadsOut() implements Effect {}
}
