package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;

/**
 * A card that belongs into a group.
 *
 * @param groups the ids of the groups in which it is right; several where each of them is
 */
public record Sortable(
    String id,
    Words text,
    @Range(max = Sorting.MOST_GROUPS) List<String> groups,
    @JsonIgnore Extra extra) {

  /** A card of plain text with nothing unknown in it. */
  public Sortable(String id, String text, List<String> groups) {
    this(id, Words.of(text), groups, Extra.NONE);
  }
}
