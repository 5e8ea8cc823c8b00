package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;

/**
 * A card that has its place in an order.
 *
 * @param level whether it and the card above it may come in any order: it comes after what that one
 *     comes after
 * @param after the ids of the only cards above it that have to come before it; empty for all of
 *     them. Others are passed over
 */
public record Ranked(
    String id,
    Words text,
    boolean level,
    @Range(max = Cards.MOST) List<String> after,
    @JsonIgnore Extra extra) {

  /** A card that comes after all that stand above it. */
  public Ranked(String id, Words text) {
    this(id, text, false, List.of(), Extra.NONE);
  }

  /** The same of plain text. */
  public Ranked(String id, String text) {
    this(id, Words.of(text));
  }

  /** Whether anything is written on it. */
  boolean written() {
    return !text.blank();
  }
}
