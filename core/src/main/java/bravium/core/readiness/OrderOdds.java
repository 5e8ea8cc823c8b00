package bravium.core.readiness;

import bravium.core.play.Chance;
import bravium.core.question.Mark;
import bravium.core.question.Ordering;
import bravium.core.question.Ranked;
import bravium.core.question.Response;
import bravium.core.question.Scoring;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/** What cards come to that are put in any order, each as likely as the others. */
final class OrderOdds {

  /** Up to so many cards every order is tried: 720 of them. */
  private static final int MOST_TRIED = 6;

  private static final int SAMPLES = 2_000;

  private OrderOdds() {}

  static Responses of(Ordering order) {
    List<Ranked> cards = order.written();
    List<Integer> bands = order.bands();
    double all = 1;
    for (int i = 2; i <= cards.size(); i++) {
      all *= i;
    }
    boolean distinct =
        cards.stream().map(card -> card.text().key()).distinct().count() == cards.size();
    if (order.counts() == Scoring.PLACES && !bands.isEmpty()) {
      return GuessOdds.placed(order.standing(), cards.size(), order.credit());
    }
    if (order.counts() == Scoring.PAIRS && !bands.isEmpty() && distinct) {
      return pairs(order, bands, all);
    }
    Marks marks = new Marks(order);
    boolean tried = cards.size() <= MOST_TRIED;
    if (tried) {
      marks.every(new ArrayList<>(order.items()), 0);
    } else {
      marks.some(order.items());
    }
    return marks.responses(all, tried);
  }

  /**
   * The pairs in the right order are all but the inversions. Those of a shuffled multiset have the
   * Gaussian multinomial as their generating function (MacMahon, <i>Two applications of general
   * theorems in combinatory analysis</i>, Proceedings of the London Mathematical Society 15, 1916):
   * band after band, a product of polynomials (1 + q + … + q^(k-1)) over that of the band itself.
   */
  private static Responses pairs(Ordering order, List<Integer> bands, double all) {
    double[] inversions = {1};
    int before = 0;
    for (int band : bands) {
      for (int i = 1; i <= band; i++) {
        inversions = over(times(inversions, before + i), i);
      }
      before += band;
    }
    List<Responses.Parts> outcomes = new ArrayList<>();
    int of = inversions.length - 1;
    for (int wrong = 0; wrong <= of; wrong++) {
      outcomes.add(new Responses.Parts(of - wrong, wrong, inversions[wrong]));
    }
    return Responses.ofParts(outcomes, order.credit(), of, all, true);
  }

  /** Times the mean of 1, q … q^(k-1). */
  private static double[] times(double[] polynomial, int k) {
    double[] product = new double[polynomial.length + k - 1];
    for (int i = 0; i < polynomial.length; i++) {
      for (int j = 0; j < k; j++) {
        product[i + j] += polynomial[i] / k;
      }
    }
    return product;
  }

  /** The polynomial by which the mean of 1, q … q^(k-1) has to be multiplied to give this one. */
  private static double[] over(double[] product, int k) {
    double[] quotient = new double[product.length - k + 1];
    for (int i = 0; i < quotient.length; i++) {
      double rest = product[i] * k;
      for (int j = 1; j < k && j <= i; j++) {
        rest -= quotient[i - j];
      }
      quotient[i] = Math.max(0, rest);
    }
    return quotient;
  }

  /** What orders that are tried one by one come to. */
  private static final class Marks {

    private final Ordering order;
    private final Map<Integer, Integer> partly = new TreeMap<>();
    private int full;
    private int wrong;
    private int of = 1;

    Marks(Ordering order) {
      this.order = order;
    }

    /** All orders that begin so. */
    void every(List<String> ids, int from) {
      if (from == ids.size()) {
        add(ids);
        return;
      }
      for (int i = from; i < ids.size(); i++) {
        Collections.swap(ids, from, i);
        every(ids, from + 1);
        Collections.swap(ids, from, i);
      }
    }

    /** Some, drawn by chance. */
    void some(List<String> ids) {
      Chance chance = Chance.of("guessing", "orders");
      int[] places = new int[ids.size()];
      for (int i = 0; i < places.length; i++) {
        places[i] = i;
      }
      for (int sample = 0; sample < SAMPLES; sample++) {
        Sampled.mix(places, places.length, chance);
        List<String> given = new ArrayList<>();
        for (int place : places) {
          given.add(ids.get(place));
        }
        add(given);
      }
    }

    private void add(List<String> ids) {
      Mark mark = order.mark(new Response.Ordered(List.copyOf(ids)));
      of = mark.of();
      if (mark.full()) {
        full++;
      } else if (mark.earned() == 0) {
        wrong++;
      } else {
        partly.merge(mark.earned(), 1, Integer::sum);
      }
    }

    Responses responses(double all, boolean exact) {
      double each = all / (full + wrong + partly.values().stream().mapToInt(n -> n).sum());
      Map<Integer, Double> inPart = new TreeMap<>();
      partly.forEach((earned, count) -> inPart.put(earned, count * each));
      return new Responses(full * each, wrong * each, inPart, of, exact);
    }
  }
}
