package bravium.core.question;

import bravium.core.json.Extra;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;

/**
 * A card that belongs into a group.
 *
 * @param groups the ids of the groups in which it is right; several where each of them is
 */
public record Sortable(String id, String text, List<String> groups, @JsonIgnore Extra extra) {

  /** A card with nothing unknown in it. */
  public Sortable(String id, String text, List<String> groups) {
    this(id, text, groups, Extra.NONE);
  }
}
