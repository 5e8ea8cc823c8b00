package bravium.core.games.escaperoom;

import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;

/** What is there for who has opened some locks, whatever helps with what. */
final class Found {

  private final Escape escape;
  private final BitSet opened;

  /**
   * What is there.
   *
   * @param opened the ids of the locks that are open
   */
  Found(Escape escape, List<String> opened) {
    this.escape = escape;
    this.opened = new BitSet();
    for (String lock : opened) {
      if (escape.number(lock) >= 0) {
        this.opened.set(escape.number(lock));
      }
    }
  }

  /** Whether a lock is open. */
  boolean isOpen(Lock lock) {
    return opened.get(escape.number(lock.id()));
  }

  /** Whether a room can be entered. */
  boolean isOpen(Room room) {
    return escape.openFromTheStart(room) || escape.opening(room.id()).intersects(opened);
  }

  /** Whether a cover is gone. */
  boolean isGone(RoomCover cover) {
    return escape.uncovering(cover.id()).intersects(opened);
  }

  /** Whether a thing is seen. */
  boolean isSeen(RoomThing thing) {
    return met(escape.needs(thing));
  }

  /** Whether a lock is met: opened or not. */
  boolean isMet(Lock lock) {
    return met(escape.there(lock));
  }

  /** Whether a key piece was won. */
  boolean isWon(KeyPiece piece) {
    return escape.giving(piece.id()).intersects(opened);
  }

  private boolean met(List<Need> needs) {
    for (Need need : needs) {
      if (!need.isMet(opened)) {
        return false;
      }
    }
    return true;
  }

  /** The locks that are met, in their order. */
  List<Lock> met() {
    return escape.locks().stream().filter(this::isMet).toList();
  }

  /** Whether one is out. */
  boolean isOut() {
    return escape.exits().intersects(opened);
  }

  /** The ids of the locks that open by themselves with these, each after what it waits for. */
  List<String> byThemselves() {
    List<String> more = new ArrayList<>();
    boolean further = true;
    while (further) {
      further = false;
      for (Lock lock : escape.locks()) {
        if (lock.by() instanceof Opener.ByLocks together && !isOpen(lock) && isMet(lock)) {
          BitSet shut = escape.together(together);
          boolean any = !shut.isEmpty();
          shut.andNot(opened);
          if (any && shut.isEmpty()) {
            opened.set(escape.number(lock.id()));
            more.add(lock.id());
            further = true;
          }
        }
      }
    }
    return more;
  }
}
