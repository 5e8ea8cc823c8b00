package bravium.core.question;

import com.fasterxml.jackson.annotation.JsonProperty;

/** What becomes of cards that were sorted to where they don't belong, once that is said. */
public enum Misplaced {
  /** They stay, with a sign that says so. */
  @JsonProperty("stays")
  STAYS,
  /** They go back to those that are still to be sorted. */
  @JsonProperty("goes-back")
  GOES_BACK
}
