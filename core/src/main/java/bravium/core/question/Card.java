package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;

/**
 * A card to put in order, into a group, or beside its partner.
 *
 * @param id unique within its question, not blank
 */
public record Card(String id, Words text, @JsonIgnore Extra extra) {

  /** A card of plain text with nothing unknown in it. */
  public Card(String id, String text) {
    this(id, Words.of(text), Extra.NONE);
  }

  /** Whether anything is written on it. */
  boolean written() {
    return !text.blank();
  }
}
