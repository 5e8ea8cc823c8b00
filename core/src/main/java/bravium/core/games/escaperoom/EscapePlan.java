package bravium.core.games.escaperoom;

import bravium.core.json.Root;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * What can be said of an escape while it is written, without counting orders.
 *
 * @param locks the ids of all locks, in their order, also of those of which nothing is written yet
 * @param escapable whether there is a way out
 * @param chain the ids of the locks of a longest chain, one waiting on the other, to the way out;
 *     empty where there is none
 * @param necessary the ids of the locks without which there is no way out
 * @param never the ids of the rooms, things, covers, key pieces and locks that are never reached:
 *     of covers those that stay, of locks those that never open
 */
@Root
public record EscapePlan(
    List<String> locks,
    boolean escapable,
    List<String> chain,
    List<String> necessary,
    List<String> never) {

  /** What can be said of it. */
  public static EscapePlan of(EscapeRoom room) {
    Escape escape = new Escape(room);
    Plan plan = escape.plan();
    return new EscapePlan(
        escape.locks().stream().map(Lock::id).toList(),
        plan.isEscapable(),
        ids(escape, plan.chain()),
        ids(escape, plan.necessary().stream().boxed().toList()),
        never(escape, plan));
  }

  private static List<String> ids(Escape escape, List<Integer> locks) {
    return locks.stream().map(lock -> escape.lock(lock).id()).toList();
  }

  private static List<String> never(Escape escape, Plan plan) {
    EscapeRoom room = escape.written();
    List<String> opened = new ArrayList<>();
    Set<String> never = new LinkedHashSet<>();
    for (int lock = 0; lock < escape.locks().size(); lock++) {
      (plan.opens(lock) ? opened : never).add(escape.lock(lock).id());
    }
    Found found = new Found(escape, opened);
    room.rooms().stream().filter(r -> !found.isOpen(r)).forEach(r -> never.add(r.id()));
    room.things().stream().filter(t -> !found.isSeen(t)).forEach(t -> never.add(t.id()));
    room.covers().stream().filter(c -> !found.isGone(c)).forEach(c -> never.add(c.id()));
    room.pieces().stream().filter(p -> !found.isWon(p)).forEach(p -> never.add(p.id()));
    return List.copyOf(never);
  }

  /** In how many orders it can be solved; takes long where there are many. */
  public static EscapeOrders orders(EscapeRoom room) {
    Escape escape = new Escape(room);
    Orders orders = escape.plan().orders(Plan.MOST_STATES);
    return new EscapeOrders(
        orders.count().toString(),
        orders.isExact(),
        orders.widest(),
        ids(escape, orders.example()));
  }
}
