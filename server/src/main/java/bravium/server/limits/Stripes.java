package bravium.server.limits;

import java.util.List;
import java.util.stream.Stream;

/** Locks for numbered things: what is done to one of them is done one after another. */
public final class Stripes {

  private final List<Object> locks = Stream.generate(Object::new).limit(64).toList();

  /** The lock of a thing; others may share it, so nothing else may be locked within. */
  public Object of(long number) {
    return locks.get((int) Math.floorMod(number, (long) locks.size()));
  }
}
