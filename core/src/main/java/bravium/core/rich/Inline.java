package bravium.core.rich;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/** A piece of a line. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Run.class, name = "text"),
  @JsonSubTypes.Type(value = Formula.class, name = "formula")
})
public sealed interface Inline permits Run, Formula, UnknownInline {

  /** It as plain text. */
  String plain();
}
