package bravium.core.measure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/** Parts of a whole, in whole numbers that add up. */
public final class Shares {

  private Shares() {}

  /**
   * The share of each amount in their sum, by the largest remainder: what is cut off goes to where
   * most of it was cut off, and to the first among equals.
   *
   * @param amounts none below 0, of any unit
   * @param whole what the shares add up to
   * @return all 0 where all amounts are
   */
  public static List<Integer> of(List<? extends Number> amounts, int whole) {
    double sum = amounts.stream().mapToDouble(Number::doubleValue).sum();
    List<Integer> shares = new ArrayList<>();
    List<Integer> places = new ArrayList<>();
    List<Double> cutOff = new ArrayList<>();
    int missing = whole;
    for (Number amount : amounts) {
      double exact = sum > 0 ? amount.doubleValue() * whole / sum : 0;
      int share = (int) exact;
      places.add(shares.size());
      shares.add(share);
      cutOff.add(exact - share);
      missing -= share;
    }
    if (sum > 0) {
      places.sort(Comparator.comparing((Integer place) -> -cutOff.get(place)));
      for (int i = 0; i < missing && i < places.size(); i++) {
        shares.set(places.get(i), shares.get(places.get(i)) + 1);
      }
    }
    return List.copyOf(shares);
  }
}
