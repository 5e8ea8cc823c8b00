package bravium.core.question;

import bravium.core.json.OwnId;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;

/** What a learner gives as the answer. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Response.Picked.class, name = "picked"),
  @JsonSubTypes.Type(value = Response.PickedAll.class, name = "picked-all"),
  @JsonSubTypes.Type(value = Response.Typed.class, name = "typed"),
  @JsonSubTypes.Type(value = Response.Filled.class, name = "filled"),
  @JsonSubTypes.Type(value = Response.Ordered.class, name = "ordered"),
  @JsonSubTypes.Type(value = Response.Placed.class, name = "placed"),
  @JsonSubTypes.Type(value = Response.Pointed.class, name = "pointed"),
  @JsonSubTypes.Type(value = Response.Shaded.class, name = "shaded")
})
public sealed interface Response {

  /** The longest text that can be given, in characters. */
  int LONGEST = 5_000;

  /** One option, by its id. */
  record Picked(@OwnId String option) implements Response {}

  /** Options by their ids; their order doesn't matter. */
  record PickedAll(@OwnId List<String> options) implements Response {}

  /** A text: an answer, a number, something longer. */
  record Typed(String text) implements Response {

    /** Checks the length. */
    public Typed {
      requireShort(text);
    }
  }

  /** The words in the gaps, in their order; an empty text where a gap was left open. */
  record Filled(List<String> words) implements Response {

    /** Checks the lengths. */
    public Filled {
      words.forEach(Response::requireShort);
    }
  }

  /** Cards by their ids, in the order given. */
  record Ordered(@OwnId List<String> cards) implements Response {}

  /** Cards put to targets: partners in pairs, cards in groups. */
  record Placed(List<Placing> placings) implements Response {}

  /** A card and where it was put, by their ids. */
  record Placing(@OwnId String card, @OwnId String target) {}

  /** A place in a picture, in thousandths of its width and height from its upper left corner. */
  record Pointed(int x, int y) implements Response {}

  /**
   * Parts of a figure that are shaded.
   *
   * @param parts into how many each whole is cut
   * @param places the places of those that are shaded, from 0, whole after whole
   */
  record Shaded(int parts, List<Integer> places) implements Response {}

  private static void requireShort(String text) {
    if (text.length() > LONGEST) {
      throw new IllegalArgumentException("an answer has at most " + LONGEST + " characters");
    }
  }
}
