package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.json.Flat;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonUnwrapped;

/** Something to talk about: everybody writes what they think, and nothing is marked. */
public record Discussion(@Flat @JsonUnwrapped Basics basics, @JsonIgnore Extra extra)
    implements OwnWordsQuestion {

  @Override
  public Discussion with(Basics changed) {
    return new Discussion(changed, extra);
  }

  @Override
  public Marking marking() {
    return Marking.NONE;
  }
}
