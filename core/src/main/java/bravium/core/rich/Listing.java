package bravium.core.rich;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;

/**
 * A list.
 *
 * @param ordered whether its items are numbered
 * @param items at most {@value #MOST_ITEMS}
 */
public record Listing(
    boolean ordered, @Range(max = MOST_ITEMS) List<Item> items, @JsonIgnore Extra extra)
    implements Block {

  /** The most items of a list. */
  public static final int MOST_ITEMS = 1_000;

  /** Checks the number of items. */
  public Listing {
    if (items.size() > MOST_ITEMS) {
      throw new IllegalArgumentException("a list has at most " + MOST_ITEMS + " items");
    }
  }

  /** An item of a list. */
  public record Item(
      @Range(max = Paragraph.MOST_PIECES) List<Inline> content, @JsonIgnore Extra extra) {

    /** Checks the number of pieces. */
    public Item {
      Paragraph.require(content);
    }
  }

  @Override
  public String plain() {
    StringBuilder out = new StringBuilder();
    for (Item item : items) {
      out.append(out.isEmpty() ? "" : "\n").append(Paragraph.plain(item.content()));
    }
    return out.toString();
  }

  @Override
  public boolean blank() {
    return Texts.blank(plain());
  }
}
