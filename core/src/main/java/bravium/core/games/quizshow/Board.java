package bravium.core.games.quizshow;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/** How the questions of a quiz show are laid out before the class. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({@JsonSubTypes.Type(value = Line.class, name = "line")})
public sealed interface Board permits Line, UnknownBoard {}
