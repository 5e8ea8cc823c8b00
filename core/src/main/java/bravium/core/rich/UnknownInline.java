package bravium.core.rich;

import bravium.core.json.Extra;
import com.fasterxml.jackson.annotation.JsonIgnore;

/** A piece of a kind that this version doesn't know: kept as it came, never shown. */
public record UnknownInline(@JsonIgnore Extra content) implements Inline {

  @Override
  public String plain() {
    return "";
  }
}
