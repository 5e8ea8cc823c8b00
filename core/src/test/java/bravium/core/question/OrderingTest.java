package bravium.core.question;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bravium.core.json.Extra;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.apache.commons.math3.stat.correlation.KendallsCorrelation;

/** Orders that are right in part, against every right order tried one by one. */
class OrderingTest {

  @Property(tries = 300)
  void creditIsThatOfAllRightOrders(@ForAll long seed) {
    Random random = new Random(seed);
    Ordering order = order(random, 2 + random.nextInt(5), any(random, Scoring.values()));
    if (!order.complete()) {
      return;
    }
    List<String> given = new ArrayList<>(order.items());
    Collections.shuffle(given, random);
    List<List<String>> right = rightOrders(order.cards());
    int n = given.size();

    Mark mark = order.mark(new Response.Ordered(given));

    assertThat(mark.full()).isEqualTo(right.contains(given));
    int count =
        switch (order.counts()) {
          // A card is right where it stands in some right order.
          case PLACES -> count(n, i -> right.stream().anyMatch(r -> r.get(i).equals(given.get(i))));
          // Neighbours are right where they are so in some right order.
          case NEIGHBOURS ->
              count(
                  n - 1,
                  i ->
                      right.stream()
                          .anyMatch(
                              r -> r.indexOf(given.get(i)) + 1 == r.indexOf(given.get(i + 1))));
          // A pair counts where all right orders agree on it.
          case PAIRS -> pairs(given, right, true);
        };
    int of =
        switch (order.counts()) {
          case PLACES -> n;
          case NEIGHBOURS -> n - 1;
          case PAIRS -> pairs(given, right, false);
        };
    assertThat(order.counted(new Response.Ordered(given)))
        .isEqualTo(new Ordering.Counted(order.counts(), count, of));
    assertThat(mark.of()).isEqualTo(of);
    if (order.credit() == Credit.EACH_RIGHT_COUNTS) {
      assertThat(mark.earned()).isEqualTo(mark.full() ? of : Math.min(count, of - 1));
    }
  }

  /** Checked against Kendall's tau of Apache Commons Math, where one order alone is right. */
  @Property(tries = 100)
  void pairsThatCostAreKendallsTau(@ForAll long seed) {
    Random random = new Random(seed);
    int n = 2 + random.nextInt(9);
    Ordering order = plain(n, Scoring.PAIRS, Credit.WRONG_COSTS);
    List<String> given = new ArrayList<>(order.items());
    Collections.shuffle(given, random);
    double[] places = given.stream().mapToDouble(id -> order.items().indexOf(id)).toArray();
    double[] line = IntStream.range(0, n).asDoubleStream().toArray();

    double tau = new KendallsCorrelation().correlation(places, line);
    Mark mark = order.mark(new Response.Ordered(given));

    assertThat((double) mark.earned() / mark.of()).isCloseTo(Math.max(0, tau), within(1e-9));
  }

  @Property(tries = 100)
  void theWrittenOrderIsRightAndTheWrongOneIsNot(@ForAll long seed) {
    Random random = new Random(seed);
    Ordering order = order(random, 1 + random.nextInt(7), any(random, Scoring.values()));

    order.rightResponse().ifPresent(right -> assertThat(order.mark(right).full()).isTrue());
    order.wrongResponse().ifPresent(wrong -> assertThat(order.mark(wrong).full()).isFalse());
    assertThat(order.rightResponse().isPresent()).isEqualTo(order.complete());
  }

  @Example
  void cardsThatReadTheSameStandForEachOther() {
    Ordering order =
        new Ordering(
            Basics.of("q", "Beat", Feedback.USUAL),
            List.of(new Card("a", "tum"), new Card("b", "ta"), new Card("c", "tum")),
            Credit.ALL_OR_NOTHING,
            Extra.NONE);

    assertThat(order.mark(new Response.Ordered(List.of("c", "b", "a"))).full()).isTrue();
    assertThat(order.mark(new Response.Ordered(List.of("b", "c", "a"))).full()).isFalse();
  }

  @Example
  void whereAnyOrderIsRightThereIsNothingToAnswer() {
    Ordering order =
        new Ordering(
            Basics.of("q", "Any", Feedback.USUAL),
            List.of(new Ranked("a", "wax"), level("b"), level("c")),
            Credit.ALL_OR_NOTHING,
            null,
            Extra.NONE);

    assertThat(order.complete()).isFalse();
  }

  private static Ranked level(String id) {
    return new Ranked(id, Words.of(id), true, List.of(), Extra.NONE);
  }

  private static Ordering plain(int n, Scoring scoring, Credit credit) {
    List<Ranked> cards =
        IntStream.range(0, n).mapToObj(i -> new Ranked("c" + i, "Card " + i)).toList();
    return new Ordering(
        Basics.of("q", "Order", Feedback.USUAL), cards, credit, scoring, Extra.NONE);
  }

  private static Ordering order(Random random, int n, Scoring scoring) {
    List<Ranked> cards = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      boolean level = random.nextInt(3) == 0;
      List<String> after =
          i > 0 && random.nextInt(3) == 0 ? List.of("c" + random.nextInt(i)) : List.of();
      cards.add(new Ranked("c" + i, Words.of("Card " + i), level, after, Extra.NONE));
    }
    return new Ordering(
        Basics.of("q", "Order", Feedback.USUAL),
        cards,
        any(random, Credit.values()),
        scoring,
        Extra.NONE);
  }

  private static <T> T any(Random random, T[] values) {
    return values[random.nextInt(values.length)];
  }

  /** Every order in which each card comes after what it has to come after, as its rule says. */
  private static List<List<String>> rightOrders(List<Ranked> cards) {
    List<List<String>> orders = new ArrayList<>();
    extend(cards, new ArrayList<>(), orders);
    return orders;
  }

  private static void extend(List<Ranked> cards, List<String> begun, List<List<String>> orders) {
    if (begun.size() == cards.size()) {
      orders.add(List.copyOf(begun));
    }
    for (int i = 0; i < cards.size(); i++) {
      String id = cards.get(i).id();
      if (!begun.contains(id) && begun.containsAll(needed(cards, i))) {
        begun.add(id);
        extend(cards, begun, orders);
        begun.removeLast();
      }
    }
  }

  private static List<String> needed(List<Ranked> cards, int place) {
    int ruling = place;
    while (ruling > 0 && cards.get(ruling).level()) {
      ruling--;
    }
    List<String> above = cards.subList(0, ruling).stream().map(Ranked::id).toList();
    List<String> only = cards.get(ruling).after();
    return only.isEmpty() ? above : above.stream().filter(only::contains).toList();
  }

  private interface AtPlace {
    boolean right(int place);
  }

  private static int count(int n, AtPlace where) {
    return (int) IntStream.range(0, n).filter(where::right).count();
  }

  private static int pairs(List<String> given, List<List<String>> right, boolean only) {
    int count = 0;
    for (String one : given) {
      for (String other : given) {
        boolean agreed = right.stream().allMatch(r -> r.indexOf(one) < r.indexOf(other));
        boolean there = given.indexOf(one) < given.indexOf(other);
        count += !one.equals(other) && agreed && (there || !only) ? 1 : 0;
      }
    }
    return count;
  }
}
