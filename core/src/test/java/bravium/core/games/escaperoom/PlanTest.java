package bravium.core.games.escaperoom;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import java.math.BigInteger;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.List;
import java.util.Random;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.jgrapht.Graph;
import org.jgrapht.alg.connectivity.KosarajuStrongConnectivityInspector;
import org.jgrapht.alg.cycle.CycleDetector;
import org.jgrapht.alg.shortestpath.BellmanFordShortestPath;
import org.jgrapht.graph.DefaultWeightedEdge;
import org.jgrapht.graph.SimpleDirectedWeightedGraph;
import org.junit.jupiter.api.Test;

/**
 * A plan of locks held against three things outside of it: JGraphT (strong components, longest
 * paths by Bellman–Ford on negated weights), the taking away of each lock in turn, and all orders
 * tried one by one.
 */
class PlanTest {

  private static Need need(int... anyOf) {
    BitSet locks = new BitSet();
    for (int lock : anyOf) {
      locks.set(lock);
    }
    return new Need(Need.Kind.HELP, "thing", locks);
  }

  private static Plan leadingOut(List<List<Need>> needs, int last) {
    BitSet exits = new BitSet();
    exits.set(last);
    return new Plan(needs, exits, new BitSet());
  }

  private static Plan plan(int last, List<?>... needs) {
    List<List<Need>> all = new ArrayList<>();
    for (List<?> some : needs) {
      all.add(some.stream().map(Need.class::cast).toList());
    }
    return leadingOut(all, last);
  }

  @Test
  void threeRoomsInARowHaveOneOrder() {
    Plan plan = plan(2, List.of(), List.of(need(0)), List.of(need(1)));
    assertThat(plan.isEscapable()).isTrue();
    assertThat(plan.chain()).containsExactly(0, 1, 2);
    assertThat(plan.longestChain()).isEqualTo(3);
    assertThat(plan.necessary().cardinality()).isEqualTo(3);
    assertThat(plan.orders(Plan.MOST_STATES))
        .isEqualTo(new Orders(BigInteger.ONE, true, 1, List.of(0, 1, 2)));
  }

  /** Common practice: so many things in any order is a factorial. */
  @Test
  void everythingAtOnceHasAFactorialOfOrders() {
    Plan plan =
        plan(
            4,
            List.of(),
            List.of(),
            List.of(),
            List.of(),
            List.of(need(0), need(1), need(2), need(3)));
    Orders orders = plan.orders(Plan.MOST_STATES);
    assertThat(orders.count()).isEqualTo(BigInteger.valueOf(24));
    assertThat(orders.widest()).isEqualTo(4);
    assertThat(plan.longestChain()).isEqualTo(2);
  }

  /** From memory: two rows of three, mixed, are 6! / (3! · 3!) orders. */
  @Test
  void twoWaysThatMeetAreMixedInAllWays() {
    Plan plan =
        plan(
            6,
            List.of(),
            List.of(need(0)),
            List.of(need(1)),
            List.of(),
            List.of(need(3)),
            List.of(need(4)),
            List.of(need(2), need(5)));
    assertThat(plan.orders(Plan.MOST_STATES).count()).isEqualTo(BigInteger.valueOf(20));
    assertThat(plan.necessary().cardinality()).isEqualTo(7);
  }

  @Test
  void eitherOfTwoWaysIsEnoughAndNeitherIsNecessary() {
    Plan plan = plan(2, List.of(), List.of(), List.of(need(0, 1)));
    assertThat(plan.necessary()).isEqualTo(bits(2));
    assertThat(plan.orders(Plan.MOST_STATES).example()).hasSize(2);
    // 0 2, 1 2, 0 1 2, 1 0 2
    assertThat(plan.orders(Plan.MOST_STATES).count()).isEqualTo(BigInteger.valueOf(4));
  }

  private static BitSet bits(int... all) {
    return need(all).anyOf();
  }

  @Test
  void aLockThatCanNeverBeOpenedSaysWhy() {
    Plan plan =
        plan(
            4,
            List.of(need()),
            List.of(need(1)),
            List.of(need(3)),
            List.of(need(2)),
            List.of(need(0)));
    assertThat(plan.isEscapable()).isFalse();
    assertThat(plan.dead())
        .extracting(DeadLock::lock, DeadLock::why, DeadLock::ring)
        .containsExactly(
            tuple(0, DeadLock.Why.NEVER_THERE, List.of()),
            tuple(1, DeadLock.Why.WAITS_ON_ITSELF, List.of(1)),
            tuple(2, DeadLock.Why.WAITS_ON_ITSELF, List.of(2, 3)),
            tuple(3, DeadLock.Why.WAITS_ON_ITSELF, List.of(3, 2)),
            tuple(4, DeadLock.Why.BEHIND_ANOTHER, List.of()));
    assertThat(plan.orders(Plan.MOST_STATES))
        .isEqualTo(new Orders(BigInteger.ZERO, true, 0, List.of()));
    assertThat(plan.chain()).isEmpty();
  }

  @Test
  void whatIsTooMuchToCountHasALowerBound() {
    List<List<Need>> needs = new ArrayList<>();
    for (int i = 0; i < 30; i++) {
      needs.add(List.of());
    }
    needs.add(IntStream.range(0, 30).mapToObj(PlanTest::need).toList());
    Orders orders = leadingOut(needs, 30).orders(10_000);
    assertThat(orders.isExact()).isFalse();
    BigInteger all =
        IntStream.rangeClosed(1, 30)
            .mapToObj(BigInteger::valueOf)
            .reduce(BigInteger.ONE, BigInteger::multiply);
    assertThat(orders.count()).isGreaterThan(BigInteger.valueOf(10_000)).isLessThan(all);
    assertThat(orders.example()).hasSize(31);
  }

  /**
   * So many locks with up to two needs each, the first with none.
   *
   * @param only whether each need is met by one lock only; else by one or two
   * @param ahead how often a need looks to any lock, and not to one before it
   * @param never how often nothing meets a need
   */
  private static List<List<Need>> random(
      long seed, int locks, boolean only, double ahead, double never) {
    Random random = new Random(seed);
    List<List<Need>> needs = new ArrayList<>();
    for (int lock = 0; lock < locks; lock++) {
      List<Need> hers = new ArrayList<>();
      int many = lock == 0 ? 0 : random.nextInt(3);
      for (int i = 0; i < many; i++) {
        int reach = random.nextDouble() < ahead ? locks : lock;
        int first = random.nextInt(reach);
        boolean two = !only && random.nextBoolean();
        hers.add(
            random.nextDouble() < never
                ? need()
                : two ? need(first, random.nextInt(reach)) : need(first));
      }
      needs.add(hers);
    }
    return needs;
  }

  @Test
  void randomPlansHaveAWayOutOrNone() {
    long out =
        IntStream.range(0, 200)
            .filter(seed -> leadingOut(random(seed, 12, false, 0.35, 0.02), 11).isEscapable())
            .count();
    assertThat(out).isBetween(20L, 180L);
  }

  @Property(tries = 400)
  void whatOpensIsWhatTryingAgainAndAgainOpens(
      @ForAll long seed, @ForAll @IntRange(min = 1, max = 60) int locks) {
    List<List<Need>> needs = random(seed, locks, false, 0.35, 0.03);
    Plan plan = leadingOut(needs, locks - 1);
    for (int lock = 0; lock < locks; lock++) {
      assertThat(plan.opens(lock)).isEqualTo(tried(needs, -1).get(lock));
    }
    BitSet without = new BitSet();
    if (plan.isEscapable()) {
      for (int lock = 0; lock < locks; lock++) {
        if (!tried(needs, lock).get(locks - 1)) {
          without.set(lock);
        }
      }
    }
    assertThat(plan.necessary()).as("taking each away in turn").isEqualTo(without);
  }

  /** By trying every lock until none opens any more. */
  private static BitSet tried(List<List<Need>> needs, int takenAway) {
    BitSet open = new BitSet();
    for (boolean more = true; more; ) {
      more = false;
      for (int lock = 0; lock < needs.size(); lock++) {
        if (lock != takenAway
            && !open.get(lock)
            && needs.get(lock).stream().allMatch(need -> need.anyOf().intersects(open))) {
          open.set(lock);
          more = true;
        }
      }
    }
    return open;
  }

  @Property(tries = 300)
  void theNumberOfOrdersIsThatOfAllOrdersTriedOneByOne(
      @ForAll long seed, @ForAll @IntRange(min = 1, max = 7) int locks) {
    List<List<Need>> needs = random(seed, locks, false, 0.35, 0.02);
    Plan plan = leadingOut(needs, locks - 1);
    Orders orders = plan.orders(Plan.MOST_STATES);
    int[] found = new int[2];
    everyOrder(needs, locks - 1, new BitSet(), found);
    assertThat(orders.count()).isEqualTo(BigInteger.valueOf(found[0]));
    assertThat(orders.widest()).isEqualTo(plan.isEscapable() ? found[1] : 0);
    assertThat(orders.isExact()).isTrue();
    assertThat(orders.example().isEmpty()).isEqualTo(!plan.isEscapable());
    if (plan.isEscapable()) {
      assertThat(orders.example()).endsWith(locks - 1);
      assertThat(plan.leadsOut(orders.example())).isTrue();
      for (int i = 0; i < orders.example().size() - 1; i++) {
        List<Integer> shorter = new ArrayList<>(orders.example());
        shorter.remove(i);
        assertThat(plan.leadsOut(shorter)).as("nothing in it can be left out").isFalse();
      }
    }
  }

  private static void everyOrder(List<List<Need>> needs, int last, BitSet open, int[] found) {
    int wide = 0;
    for (int lock = 0; lock < needs.size(); lock++) {
      if (!open.get(lock)
          && needs.get(lock).stream().allMatch(need -> need.anyOf().intersects(open))) {
        wide++;
        if (lock == last) {
          found[0]++;
        } else {
          open.set(lock);
          everyOrder(needs, last, open, found);
          open.clear(lock);
        }
      }
    }
    found[1] = Math.max(found[1], wide);
  }

  @Property(tries = 300)
  void whatOpensByItselfIsNoStepAndAnyExitLeadsOut(
      @ForAll long seed, @ForAll @IntRange(min = 2, max = 7) int locks) {
    List<List<Need>> needs = random(seed, locks, false, 0.35, 0.02);
    Random random = new Random(seed);
    BitSet exits = new BitSet();
    exits.set(locks - 1);
    exits.set(random.nextInt(locks));
    BitSet themselves = new BitSet();
    IntStream.range(0, locks).filter(i -> random.nextInt(4) == 0).forEach(themselves::set);
    Orders orders = new Plan(needs, exits, themselves).orders(Plan.MOST_STATES);
    BitSet begun = settled(needs, themselves, new BitSet());
    int found = begun.intersects(exits) ? 1 : ends(needs, exits, themselves, begun);
    assertThat(orders.count()).isEqualTo(BigInteger.valueOf(found));
    assertThat(orders.example()).noneMatch(themselves::get);
  }

  private static BitSet settled(List<List<Need>> needs, BitSet themselves, BitSet open) {
    BitSet more = (BitSet) open.clone();
    for (int round = 0; round < needs.size(); round++) {
      for (int lock = 0; lock < needs.size(); lock++) {
        if (themselves.get(lock)
            && needs.get(lock).stream().allMatch(need -> need.anyOf().intersects(more))) {
          more.set(lock);
        }
      }
    }
    return more;
  }

  private static int ends(List<List<Need>> needs, BitSet exits, BitSet themselves, BitSet open) {
    int ends = 0;
    for (int lock = 0; lock < needs.size(); lock++) {
      if (!open.get(lock)
          && !themselves.get(lock)
          && needs.get(lock).stream().allMatch(need -> need.anyOf().intersects(open))) {
        BitSet more = (BitSet) open.clone();
        more.set(lock);
        more = settled(needs, themselves, more);
        ends += more.intersects(exits) ? 1 : ends(needs, exits, themselves, more);
      }
    }
    return ends;
  }

  /** An edge from what a lock waits for to the lock; with one lock a need there is no either–or. */
  private static Graph<Integer, DefaultWeightedEdge> graph(List<List<Need>> needs) {
    Graph<Integer, DefaultWeightedEdge> graph =
        new SimpleDirectedWeightedGraph<>(DefaultWeightedEdge.class);
    IntStream.range(0, needs.size()).forEach(graph::addVertex);
    for (int lock = 0; lock < needs.size(); lock++) {
      for (Need need : needs.get(lock)) {
        for (int other : need.anyOf().stream().toArray()) {
          if (other != lock && !graph.containsEdge(other, lock)) {
            graph.setEdgeWeight(graph.addEdge(other, lock), -1);
          }
        }
      }
    }
    return graph;
  }

  @Property(tries = 300)
  void withoutRingsTheChainIsTheLongestPath(
      @ForAll long seed, @ForAll @IntRange(min = 1, max = 60) int locks) {
    List<List<Need>> needs = random(seed, locks, true, 0, 0);
    Graph<Integer, DefaultWeightedEdge> graph = graph(needs);
    assertThat(new CycleDetector<>(graph).detectCycles()).isFalse();
    Plan plan = leadingOut(needs, locks - 1);
    double longest =
        IntStream.range(0, locks)
            .filter(lock -> graph.inDegreeOf(lock) == 0)
            .mapToDouble(
                first -> {
                  var path = new BellmanFordShortestPath<>(graph).getPath(first, locks - 1);
                  return path == null ? 0 : 1 - path.getWeight();
                })
            .max()
            .orElse(0);
    assertThat(plan.longestChain()).isEqualTo((int) longest);
    assertThat(plan.chain()).hasSize((int) longest);
    List<Integer> chain = plan.chain();
    for (int i = 1; i < chain.size(); i++) {
      assertThat(graph.containsEdge(chain.get(i - 1), chain.get(i))).isTrue();
    }
  }

  /** Where nothing is either–or, what waits on itself are the rings among what stays shut. */
  @Property(tries = 300)
  void whatWaitsOnItselfAreTheStrongComponents(
      @ForAll long seed, @ForAll @IntRange(min = 1, max = 60) int locks) {
    List<List<Need>> needs = random(seed, locks, true, 0.1, 0.02);
    Plan plan = leadingOut(needs, locks - 1);
    Set<Integer> shut =
        IntStream.range(0, locks).filter(l -> !plan.opens(l)).boxed().collect(Collectors.toSet());
    Set<Integer> inRings =
        new KosarajuStrongConnectivityInspector<>(graph(needs))
            .stronglyConnectedSets().stream()
                .filter(part -> part.size() > 1)
                .flatMap(Set::stream)
                .collect(Collectors.toSet());
    for (int lock = 0; lock < locks; lock++) {
      int self = lock;
      if (needs.get(lock).stream().anyMatch(need -> need.anyOf().get(self))) {
        inRings.add(lock);
      }
    }
    assertThat(shut).containsAll(inRings);
    for (DeadLock dead : plan.dead()) {
      boolean never = needs.get(dead.lock()).stream().anyMatch(need -> need.anyOf().isEmpty());
      DeadLock.Why why =
          never
              ? DeadLock.Why.NEVER_THERE
              : inRings.contains(dead.lock())
                  ? DeadLock.Why.WAITS_ON_ITSELF
                  : DeadLock.Why.BEHIND_ANOTHER;
      assertThat(dead.why()).isEqualTo(why);
      assertThat(inRings).containsAll(dead.ring());
    }
    assertThat(plan.dead()).hasSize(shut.size());
  }
}
