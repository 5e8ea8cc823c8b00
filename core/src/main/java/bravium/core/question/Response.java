package bravium.core.question;

import bravium.core.answer.Comparing;
import bravium.core.answer.Comparison;
import bravium.core.json.PartId;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

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

  /**
   * Whether another response says the same: the order of what has none makes no difference, nor
   * does what {@link Comparing#FAIR} takes alike in a text.
   */
  default boolean saysTheSame(Response other) {
    return switch (this) {
      case PickedAll(var options) ->
          other instanceof PickedAll(var others) && Set.copyOf(options).equals(Set.copyOf(others));
      case Typed(String text) -> other instanceof Typed(String said) && sameText(text, said);
      case Filled(var words) ->
          other instanceof Filled(var said)
              && words.size() == said.size()
              && IntStream.range(0, words.size())
                  .allMatch(i -> sameText(words.get(i), said.get(i)));
      case Placed(var placings) ->
          other instanceof Placed(var others) && Set.copyOf(placings).equals(Set.copyOf(others));
      case Shaded(int parts, var places) ->
          other instanceof Shaded(int cut, var others)
              && parts == cut
              && Set.copyOf(places).equals(Set.copyOf(others));
      case Picked picked -> equals(other);
      case Ordered ordered -> equals(other);
      case Pointed pointed -> equals(other);
    };
  }

  private static boolean sameText(String text, String other) {
    return Comparison.fair(text).equals(Comparison.fair(other));
  }

  /** One option, by its id. */
  record Picked(@PartId String option) implements Response {}

  /** Options by their ids; their order doesn't matter. */
  record PickedAll(@PartId List<String> options) implements Response {}

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
  record Ordered(@PartId List<String> cards) implements Response {}

  /** Cards put to targets: partners in pairs, cards in groups. */
  record Placed(List<Placing> placings) implements Response {}

  /** A card and where it was put, by their ids. */
  record Placing(@PartId String card, @PartId String target) {}

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
