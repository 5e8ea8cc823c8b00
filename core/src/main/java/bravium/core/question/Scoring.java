package bravium.core.question;

import com.fasterxml.jackson.annotation.JsonProperty;

/** What is counted in an order that is right in part. */
public enum Scoring {
  /** Cards that stand at a place where they can stand in a right order. */
  @JsonProperty("places")
  PLACES,
  /**
   * Pairs of cards that stand in the right order to each other, whatever is between them: what
   * Kendall counts as concordant (<i>A new measure of rank correlation</i>, Biometrika 30, 1938).
   * With wrong ones costing as much, what is earned is his tau.
   */
  @JsonProperty("pairs")
  PAIRS,
  /** Neighbours of which the second can come right after the first. */
  @JsonProperty("neighbours")
  NEIGHBOURS
}
