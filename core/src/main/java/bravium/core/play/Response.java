package bravium.core.play;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/** What a learner gives as the answer. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({@JsonSubTypes.Type(value = Response.Picked.class, name = "picked")})
public sealed interface Response {

  /** One option, by its id. */
  record Picked(String option) implements Response {}
}
