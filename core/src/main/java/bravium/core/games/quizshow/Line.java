package bravium.core.games.quizshow;

import bravium.core.json.Extra;
import com.fasterxml.jackson.annotation.JsonIgnore;

/** One question after another. */
public record Line(@JsonIgnore Extra extra) implements Board {

  /** A line with nothing unknown in it. */
  public Line() {
    this(Extra.NONE);
  }
}
