package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;

/**
 * A card that belongs into a group.
 *
 * @param groups the ids of the groups in which it is right: several where each of them is; in
 *     rings, where it belongs into all of them at once; in a table, of its rows and columns
 * @param either whether it is right in any one of several rings rather than in all of them at once
 * @param nowhere whether it belongs into no group; what stands in {@code groups} then doesn't count
 */
public record Sortable(
    String id,
    Words text,
    @Range(max = Sorting.MOST_GROUPS) List<String> groups,
    boolean either,
    boolean nowhere,
    @JsonIgnore Extra extra) {

  /** A card with nothing unknown in it, right in each of its groups, or in all of its rings. */
  public Sortable(String id, Words text, List<String> groups) {
    this(id, text, groups, false, false, Extra.NONE);
  }

  /** The same of plain text. */
  public Sortable(String id, String text, List<String> groups) {
    this(id, Words.of(text), groups);
  }

  /** The same card where it belongs into these groups at once; into none where there are none. */
  Sortable in(List<String> changed) {
    return new Sortable(id, text, changed, false, changed.isEmpty(), extra);
  }
}
