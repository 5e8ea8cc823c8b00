package bravium.core.games.escaperoom;

import java.util.List;

/**
 * A lock that can never be opened, and why.
 *
 * @param lock its number
 * @param why what is wrong
 * @param need what it waits for in vain
 * @param ring the numbers of the locks that wait on each other, from this one on; empty where they
 *     do not
 */
record DeadLock(int lock, Why why, Need need, List<Integer> ring) {

  /** Why a lock stays shut. */
  enum Why {
    /** What it waits for is never there: no lock brings it. */
    NEVER_THERE,
    /** It waits on itself: what it waits for lies behind it, or behind others that wait on it. */
    WAITS_ON_ITSELF,
    /** It waits on another that can never be opened. */
    BEHIND_ANOTHER
  }

  DeadLock {
    ring = List.copyOf(ring);
  }
}
