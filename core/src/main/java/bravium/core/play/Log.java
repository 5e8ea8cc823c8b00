package bravium.core.play;

import java.util.AbstractList;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * Every move that was applied, in that order: a persistent list, so that a longer one shares what a
 * shorter one has, and a move costs the same however many came before it. Looking for a key takes
 * as long as there are moves.
 */
public final class Log extends AbstractList<Played> {

  /** Nothing was done yet. */
  public static final Log EMPTY = new Log(null, null, 0);

  private final @Nullable Log before;
  private final @Nullable Played last;
  private final int size;

  /** All moves in their order, once somebody asked for them. */
  private volatile Played @Nullable [] moves;

  private Log(@Nullable Log before, @Nullable Played last, int size) {
    this.before = before;
    this.last = last;
    this.size = size;
  }

  /** These moves. */
  public static Log of(List<Played> moves) {
    Log log = EMPTY;
    for (Played played : moves) {
      log = log.with(played);
    }
    return log;
  }

  /** With a further move. */
  public Log with(Played played) {
    return new Log(this, played, size + 1);
  }

  /** The move with that key, if one was applied. */
  public Optional<Played> find(String key) {
    for (Log log = this; log != null && log.last != null; log = log.before) {
      if (log.last.move().key().equals(key)) {
        return Optional.of(log.last);
      }
    }
    return Optional.empty();
  }

  /** The moves that stand: without those that were taken back. */
  public List<Played> standing() {
    List<Played> standing = new ArrayList<>();
    for (Played played : this) {
      if (played.move().action() instanceof Action.TakeBack(String key)) {
        standing.removeIf(p -> p.move().key().equals(key));
      } else {
        standing.add(played);
      }
    }
    return standing;
  }

  @Override
  public Played get(int index) {
    if (last != null && index == size - 1) {
      return last;
    }
    return inOrder()[index];
  }

  @Override
  public int size() {
    return size;
  }

  private Played[] inOrder() {
    Played[] known = moves;
    if (known == null) {
      known = new Played[size];
      int place = size;
      for (Log log = this; log != null && log.last != null; log = log.before) {
        known[--place] = log.last;
      }
      moves = known;
    }
    return known;
  }

  @Override
  public boolean equals(Object other) {
    return other instanceof Log log
        ? size == log.size && Arrays.equals(inOrder(), log.inOrder())
        : super.equals(other);
  }

  @Override
  public int hashCode() {
    return Arrays.hashCode(inOrder());
  }
}
