package bravium.core.question;

import com.fasterxml.jackson.annotation.JsonProperty;

/** How groups are laid out to be sorted into. */
public enum Arrangement {
  /** Beside each other; a card lies in one of them. */
  @JsonProperty("columns")
  COLUMNS,
  /** As rings that overlap; a card can lie in two of them at once. */
  @JsonProperty("rings")
  RINGS,
  /** As a table; a card lies in a row and a column. */
  @JsonProperty("table")
  TABLE
}
