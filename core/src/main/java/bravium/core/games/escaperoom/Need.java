package bravium.core.games.escaperoom;

import java.util.BitSet;

/**
 * Something that a lock waits for: it is there once one of some locks is open.
 *
 * @param kind what it is
 * @param about the id of the room, thing, cover, key piece or lock
 * @param anyOf the numbers of the locks that bring it; none where nothing ever does
 */
record Need(Kind kind, String about, BitSet anyOf) {

  /** What a lock can wait for. */
  enum Kind {
    /** The room that it is in. */
    ROOM,
    /** What it lies under. */
    COVER,
    /** Something that helps with it. */
    HELP,
    /** A key piece. */
    PIECE,
    /** A lock that it is made of. */
    LOCK,
    /** What opens it isn't written yet. */
    ANSWER
  }

  Need {
    anyOf = (BitSet) anyOf.clone();
  }

  /** Whether it is there when these locks are open. */
  boolean isMet(BitSet open) {
    return anyOf.intersects(open);
  }
}
