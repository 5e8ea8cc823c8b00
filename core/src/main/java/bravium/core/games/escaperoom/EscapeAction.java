package bravium.core.games.escaperoom;

import bravium.core.games.GameAction;
import bravium.core.json.OwnId;
import bravium.core.json.Range;
import java.util.List;

/** What is done in an escape room alone. */
public final class EscapeAction {

  private EscapeAction() {}

  /**
   * Tries key pieces at a lock.
   *
   * @param lock its id
   * @param attempt which try at it this is, from 1
   * @param pieces their ids, in the order in which they are put
   */
  public record UsePieces(
      @OwnId String lock,
      int attempt,
      @OwnId @Range(max = EscapeRoom.MOST_PIECES) List<String> pieces)
      implements GameAction {

    /** Checks the number. */
    public UsePieces {
      if (pieces.size() > EscapeRoom.MOST_PIECES) {
        throw new IllegalArgumentException(
            "there are at most " + EscapeRoom.MOST_PIECES + " key pieces");
      }
    }

    @Override
    public String item() {
      return lock;
    }
  }

  /**
   * Opens a lock that the class is stuck at: for the teacher, and when trying out.
   *
   * @param lock its id
   */
  public record OpenLock(@OwnId String lock) implements GameAction {

    @Override
    public String item() {
      return lock;
    }
  }

  /** Tries no further. */
  public record StopEscaping() implements GameAction {}
}
