package bravium.core.question;

import bravium.core.json.Extra;
import com.fasterxml.jackson.annotation.JsonIgnore;

/**
 * One of the answers to pick from.
 *
 * @param id unique within its question, not blank
 */
public record Option(String id, String text, boolean right, @JsonIgnore Extra extra) {

  /** An option with nothing unknown in it. */
  public Option(String id, String text, boolean right) {
    this(id, text, right, Extra.NONE);
  }
}
