package bravium.core.games.quizshow;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/** How the questions of a quiz show are laid out before the class. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Line.class, name = "line"),
  @JsonSubTypes.Type(value = Trail.class, name = "trail"),
  @JsonSubTypes.Type(value = Climb.class, name = "climb")
})
public sealed interface Board permits Line, Trail, Climb, UnknownBoard {}
