package bravium.core.question;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import java.util.stream.Stream;

/**
 * Cards that belong together; the left one keeps its place.
 *
 * @param more further partners of the left one; blank ones are passed over
 */
public record Pair(
    Card left, Card right, @Range(max = Cards.MOST) List<Card> more, @JsonIgnore Extra extra) {

  /** Two cards that belong together. */
  public Pair(Card left, Card right) {
    this(left, right, List.of(), Extra.NONE);
  }

  /** All partners of the left one, written or not. */
  public Stream<Card> partners() {
    return Stream.concat(Stream.of(right), more.stream());
  }

  /** The partners with something written on them. */
  public Stream<Card> written() {
    return partners().filter(Card::written);
  }

  /** Whether both sides are written. */
  boolean complete() {
    return left.written() && written().findAny().isPresent();
  }
}
