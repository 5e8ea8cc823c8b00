package bravium.core.games.escaperoom;

import java.math.BigInteger;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.BitSet;
import java.util.Deque;
import java.util.Iterator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * What waits on what in an escape: a lock can be answered once all that it needs is there, and each
 * need is there once any one of its locks is open. What is open never shuts again, so the locks
 * that can be opened at all are the least fixed point of this (forward chaining over monotone
 * and-or rules: Dowling and Gallier 1984), found in time linear in the size of all needs.
 */
final class Plan {

  /** More sets of open locks than this are not looked at one by one. */
  static final int MOST_STATES = 1_000_000;

  private final List<List<Need>> needs;
  private final BitSet exits;
  private final BitSet byThemselves;

  /** For each lock the needs that it can meet: whose, and which of them. */
  private final List<List<int[]>> meets;

  /** In which step each lock opens at the earliest, from 1; 0 where it never does. */
  private final int[] steps;

  /**
   * A plan.
   *
   * @param needs for each lock what it needs, by the lock's number
   * @param exits the numbers of the locks that lead out: any of them does
   * @param byThemselves the numbers of the locks that open by themselves as soon as they can
   */
  Plan(List<List<Need>> needs, BitSet exits, BitSet byThemselves) {
    this.needs = needs.stream().map(List::copyOf).toList();
    this.exits = (BitSet) exits.clone();
    this.byThemselves = (BitSet) byThemselves.clone();
    this.meets = new ArrayList<>();
    needs.forEach(none -> meets.add(new ArrayList<>()));
    for (int lock = 0; lock < needs.size(); lock++) {
      for (int i = 0; i < needs.get(lock).size(); i++) {
        int[] place = {lock, i};
        needs.get(lock).get(i).anyOf().stream().forEach(other -> meets.get(other).add(place));
      }
    }
    this.steps = stepsWithout(-1);
  }

  /**
   * In which step each lock opens if one of them stays shut, and always as many as possible at
   * once.
   */
  private int[] stepsWithout(int shut) {
    int[] opened = new int[needs.size()];
    int[] unmet = new int[needs.size()];
    List<boolean[]> met = new ArrayList<>();
    Deque<Integer> next = new ArrayDeque<>();
    for (int lock = 0; lock < needs.size(); lock++) {
      unmet[lock] = needs.get(lock).size();
      met.add(new boolean[unmet[lock]]);
      if (unmet[lock] == 0 && lock != shut) {
        opened[lock] = 1;
        next.add(lock);
      }
    }
    while (!next.isEmpty()) {
      int lock = next.remove();
      for (int[] place : meets.get(lock)) {
        int other = place[0];
        if (!met.get(other)[place[1]]) {
          met.get(other)[place[1]] = true;
          unmet[other]--;
          if (unmet[other] == 0 && other != shut) {
            opened[other] = opened[lock] + 1;
            next.add(other);
          }
        }
      }
    }
    return opened;
  }

  /** Whether there is a way out. */
  boolean isEscapable() {
    return nearest(steps) >= 0;
  }

  /** The exit that opens first in these steps; -1 where none does. */
  private int nearest(int[] opened) {
    int nearest = -1;
    for (int exit = exits.nextSetBit(0); exit >= 0; exit = next(exits, exit)) {
      if (opened[exit] > 0 && (nearest < 0 || opened[exit] < opened[nearest])) {
        nearest = exit;
      }
    }
    return nearest;
  }

  /** Whether a lock can be opened at all. */
  boolean opens(int lock) {
    return steps[lock] > 0;
  }

  /** Whether any lock can: where none can, there is nothing to play. */
  boolean opensAny() {
    return Arrays.stream(steps).anyMatch(step -> step > 0);
  }

  /**
   * How many locks have to be opened one after another before the way out is open, itself included,
   * however many play and however they go about it; 0 where there is no way out.
   */
  int longestChain() {
    return isEscapable() ? steps[nearest(steps)] : 0;
  }

  /** One such chain, from the first lock to the way out; empty where there is none. */
  List<Integer> chain() {
    List<Integer> chain = new ArrayList<>();
    int lock = nearest(steps);
    while (lock >= 0) {
      chain.addFirst(lock);
      lock = before(lock);
    }
    return chain;
  }

  /** The lock on which this one waited longest; -1 where it waited on none. */
  private int before(int lock) {
    int longest = -1;
    for (Need need : needs.get(lock)) {
      int first = earliest(need);
      if (longest < 0 || steps[first] > steps[longest]) {
        longest = first;
      }
    }
    return longest;
  }

  private int earliest(Need need) {
    int earliest = -1;
    for (int lock = need.anyOf().nextSetBit(0); lock >= 0; lock = next(need.anyOf(), lock)) {
      if (steps[lock] > 0 && (earliest < 0 || steps[lock] < steps[earliest])) {
        earliest = lock;
      }
    }
    return earliest;
  }

  /** Whether something that needs this is ever there. */
  boolean comes(List<Need> wanted) {
    return wanted.stream().allMatch(need -> need.anyOf().stream().anyMatch(this::opens));
  }

  private static int next(BitSet locks, int after) {
    return locks.nextSetBit(after + 1);
  }

  /**
   * The locks without which there is no way out, itself included; none where there is none anyway.
   */
  BitSet necessary() {
    BitSet necessary = new BitSet();
    if (isEscapable()) {
      for (int lock = 0; lock < needs.size(); lock++) {
        if (opens(lock) && nearest(stepsWithout(lock)) < 0) {
          necessary.set(lock);
        }
      }
    }
    return necessary;
  }

  /** The locks that can never be opened, each with a reason. */
  List<DeadLock> dead() {
    List<DeadLock> dead = new ArrayList<>();
    for (int lock = 0; lock < needs.size(); lock++) {
      if (!opens(lock)) {
        dead.add(why(lock));
      }
    }
    return dead;
  }

  /**
   * The lock that the way out waits for in the end and that nothing can open yet; empty where there
   * is a way out, or where what it waits for is something else.
   */
  Optional<Integer> holdsUp() {
    if (isEscapable()) {
      return Optional.empty();
    }
    BitSet seen = new BitSet();
    Deque<Integer> next = new ArrayDeque<>();
    exits.stream().forEach(next::add);
    while (!next.isEmpty()) {
      int lock = next.remove();
      if (seen.get(lock)) {
        continue;
      }
      seen.set(lock);
      for (Need need : unmet(lock)) {
        if (need.kind() == Need.Kind.ANSWER) {
          return Optional.of(lock);
        }
        need.anyOf().stream().forEach(next::add);
      }
    }
    return Optional.empty();
  }

  private DeadLock why(int lock) {
    List<Need> unmet = unmet(lock);
    for (Need need : unmet) {
      if (need.anyOf().isEmpty()) {
        return new DeadLock(lock, DeadLock.Why.NEVER_THERE, need, List.of());
      }
    }
    for (Need need : unmet) {
      Optional<List<Integer>> ring = ring(lock, need);
      if (ring.isPresent()) {
        return new DeadLock(lock, DeadLock.Why.WAITS_ON_ITSELF, need, ring.get());
      }
    }
    return new DeadLock(lock, DeadLock.Why.BEHIND_ANOTHER, unmet.getFirst(), List.of());
  }

  /** What a lock waits for when all that can be opened is open. */
  private List<Need> unmet(int lock) {
    return needs.get(lock).stream()
        .filter(need -> need.anyOf().stream().noneMatch(this::opens))
        .toList();
  }

  /** The shortest way from what a lock waits for back to itself. */
  private Optional<List<Integer>> ring(int lock, Need first) {
    Map<Integer, Integer> cameFrom = new LinkedHashMap<>();
    Deque<Integer> next = new ArrayDeque<>();
    for (int one = first.anyOf().nextSetBit(0); one >= 0; one = next(first.anyOf(), one)) {
      cameFrom.put(one, lock);
      next.add(one);
    }
    while (!next.isEmpty() && !cameFrom.containsKey(lock)) {
      int one = next.remove();
      for (Need need : unmet(one)) {
        for (int other = need.anyOf().nextSetBit(0);
            other >= 0;
            other = next(need.anyOf(), other)) {
          if (cameFrom.putIfAbsent(other, one) == null) {
            next.add(other);
          }
        }
      }
    }
    if (!cameFrom.containsKey(lock)) {
      return Optional.empty();
    }
    List<Integer> ring = new ArrayList<>();
    for (int one = cameFrom.get(lock); one != lock; one = cameFrom.get(one)) {
      ring.addFirst(one);
    }
    ring.addFirst(lock);
    return Optional.of(ring);
  }

  /**
   * In how many orders the locks can be opened until the way out is, each time any lock that can be
   * answered then: sets of open locks are looked at by how many were answered, and with each goes
   * the number of ways to it. What opens by itself is no step of its own.
   *
   * @param mostStates after so many sets only a lower bound is given
   */
  Orders orders(int mostStates) {
    if (!isEscapable()) {
      return new Orders(BigInteger.ZERO, true, 0, List.of());
    }
    BigInteger complete = BigInteger.ZERO;
    int widest = 0;
    int states = 0;
    Map<BitSet, BigInteger> layer = Map.of(settled(new BitSet()), BigInteger.ONE);
    if (layer.keySet().iterator().next().intersects(exits)) {
      return new Orders(BigInteger.ONE, true, 0, List.of());
    }
    while (!layer.isEmpty()) {
      states += layer.size();
      Map<BitSet, BigInteger> following = new LinkedHashMap<>();
      Iterator<Map.Entry<BitSet, BigInteger>> left = layer.entrySet().iterator();
      while (left.hasNext() && states + following.size() <= mostStates) {
        Map.Entry<BitSet, BigInteger> state = left.next();
        BitSet open = state.getKey();
        BitSet next = answerable(open);
        widest = Math.max(widest, next.cardinality());
        for (int lock = next.nextSetBit(0); lock >= 0; lock = next(next, lock)) {
          BitSet more = (BitSet) open.clone();
          more.set(lock);
          more = settled(more);
          if (more.intersects(exits)) {
            complete = complete.add(state.getValue());
          } else {
            following.merge(more, state.getValue(), BigInteger::add);
          }
        }
      }
      if (states + following.size() > mostStates) {
        // Nothing that is open stands in the way: each beginning comes to at least one end.
        BigInteger begun = following.values().stream().reduce(BigInteger.ZERO, BigInteger::add);
        while (left.hasNext()) {
          begun = begun.add(left.next().getValue());
        }
        return new Orders(complete.add(begun), false, widest, example());
      }
      layer = following;
    }
    return new Orders(complete, true, widest, example());
  }

  /** These locks, and all that open by themselves with them. */
  private BitSet settled(BitSet open) {
    boolean further = !byThemselves.isEmpty();
    while (further) {
      further = false;
      for (int lock = byThemselves.nextSetBit(0); lock >= 0; lock = next(byThemselves, lock)) {
        if (!open.get(lock) && needs.get(lock).stream().allMatch(need -> need.isMet(open))) {
          open.set(lock);
          further = true;
        }
      }
    }
    return open;
  }

  private BitSet answerable(BitSet open) {
    BitSet next = new BitSet();
    for (int lock = 0; lock < needs.size(); lock++) {
      if (steps[lock] > 0
          && !open.get(lock)
          && !byThemselves.get(lock)
          && needs.get(lock).stream().allMatch(need -> need.isMet(open))) {
        next.set(lock);
      }
    }
    return next;
  }

  /** An order with nothing in it that could be left out; what opens by itself is not in it. */
  private List<Integer> example() {
    Integer[] byStep = new Integer[needs.size()];
    Arrays.setAll(byStep, lock -> lock);
    Arrays.sort(byStep, (a, b) -> Integer.compare(steps[a], steps[b]));
    int last = nearest(steps);
    List<Integer> order = new ArrayList<>();
    for (int lock : byStep) {
      boolean before = steps[lock] > 0 && steps[lock] < steps[last];
      if ((before || lock == last) && !byThemselves.get(lock)) {
        order.add(lock);
      }
    }
    for (int i = order.size() - 1; i >= 0; i--) {
      List<Integer> shorter = new ArrayList<>(order);
      shorter.remove(i);
      if (leadsOut(shorter)) {
        order = shorter;
      }
    }
    return order;
  }

  /** Whether locks can be opened in this order, and one is out with the last. */
  boolean leadsOut(List<Integer> order) {
    BitSet open = settled(new BitSet());
    for (int lock : order) {
      if (!needs.get(lock).stream().allMatch(need -> need.isMet(open))) {
        return false;
      }
      open.set(lock);
      settled(open);
    }
    return open.intersects(exits);
  }
}
