package bravium.core.activity;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.rich.Texts;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonProperty;

/**
 * A team that plays at the front of the class.
 *
 * @param name 1 to {@value #LONGEST_NAME} characters
 */
public record Team(
    @Range(min = 1, max = LONGEST_NAME) String name, Sign sign, @JsonIgnore Extra extra) {

  /** The most characters of a name. */
  public static final int LONGEST_NAME = 40;

  /** By what a team is known besides its name: no colour, so that everybody can tell them apart. */
  public enum Sign {
    /** A leaf. */
    @JsonProperty("leaf")
    LEAF,
    /** An acorn. */
    @JsonProperty("acorn")
    ACORN,
    /** A feather. */
    @JsonProperty("feather")
    FEATHER,
    /** A pebble. */
    @JsonProperty("pebble")
    PEBBLE,
    /** A kite. */
    @JsonProperty("kite")
    KITE,
    /** A lantern. */
    @JsonProperty("lantern")
    LANTERN
  }

  /** Checks the name's length. */
  public Team {
    if (Texts.blank(name) || name.length() > LONGEST_NAME) {
      throw new IllegalArgumentException("a team's name has 1 to " + LONGEST_NAME + " characters");
    }
  }

  /** A team with nothing unknown in it. */
  public Team(String name, Sign sign) {
    this(name, sign, Extra.NONE);
  }
}
