package bravium.core.rich;

import bravium.core.json.Extra;
import com.fasterxml.jackson.annotation.JsonIgnore;

/** A block of a kind that this version doesn't know: kept as it came, never shown. */
public record UnknownBlock(@JsonIgnore Extra content) implements Block {

  @Override
  public String plain() {
    return "";
  }

  @Override
  public boolean blank() {
    return true;
  }
}
