package bravium.core.question;

import bravium.core.json.Extra;
import com.fasterxml.jackson.annotation.JsonIgnore;

/** Two cards that belong together; the left one keeps its place. */
public record Pair(Card left, Card right, @JsonIgnore Extra extra) {

  /** A pair with nothing unknown in it. */
  public Pair(Card left, Card right) {
    this(left, right, Extra.NONE);
  }

  /** Whether both sides are written. */
  boolean written() {
    return left.written() && right.written();
  }
}
