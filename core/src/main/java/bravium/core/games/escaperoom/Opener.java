package bravium.core.games.escaperoom;

import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.rich.Words;
import com.fasterxml.jackson.annotation.JsonIgnore;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What opens a lock. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Opener.ByAnswer.class, name = "answer"),
  @JsonSubTypes.Type(value = Opener.ByPieces.class, name = "pieces"),
  @JsonSubTypes.Type(value = Opener.ByLocks.class, name = "locks")
})
public sealed interface Opener {

  /**
   * The answer to the question that has the lock's id.
   *
   * @param wheels whether a typed answer is set on wheels, one for each of its signs
   */
  record ByAnswer(boolean wheels, @JsonIgnore Extra extra) implements Opener {

    /** An answer in the way of its question. */
    static final ByAnswer USUAL = new ByAnswer(false, Extra.NONE);
  }

  /**
   * Key pieces in their order.
   *
   * @param text what stands on the lock; null for nothing
   * @param order the ids of the pieces, at most {@value #MOST_PIECES}
   * @param hints in the order in which they are given, at most {@value #MOST_HINTS}
   */
  record ByPieces(
      @Nullable Words text,
      @Range(max = MOST_PIECES) List<String> order,
      @Range(max = MOST_HINTS) List<Words> hints,
      @JsonIgnore Extra extra)
      implements Opener {

    /** The most pieces that one lock takes. */
    public static final int MOST_PIECES = 20;

    /** The most hints. */
    public static final int MOST_HINTS = 20;

    /** Checks the numbers. */
    public ByPieces {
      if (order.size() > MOST_PIECES) {
        throw new IllegalArgumentException("a lock takes at most " + MOST_PIECES + " pieces");
      }
      if (hints.size() > MOST_HINTS) {
        throw new IllegalArgumentException("a lock has at most " + MOST_HINTS + " hints");
      }
    }
  }

  /**
   * All of these locks together: it opens by itself with the last of them.
   *
   * @param locks their ids, at most {@value EscapeRoom#MOST_LOCKS}
   */
  record ByLocks(@Range(max = EscapeRoom.MOST_LOCKS) List<String> locks, @JsonIgnore Extra extra)
      implements Opener {}
}
