package bravium.core.activity;

import bravium.core.json.Extra;
import com.fasterxml.jackson.annotation.JsonIgnore;

/** What is said at a win and at a loss. */
public record Endings(Ending win, Ending lose, @JsonIgnore Extra extra) {

  /** Endings with nothing unknown in them. */
  public Endings(Ending win, Ending lose) {
    this(win, lose, Extra.NONE);
  }

  /** The usual words at both. */
  public static Endings usual() {
    return new Endings(Ending.usual(), Ending.usual());
  }
}
