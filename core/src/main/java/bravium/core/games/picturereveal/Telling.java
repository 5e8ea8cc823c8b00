package bravium.core.games.picturereveal;

import bravium.core.json.Root;
import bravium.core.measure.DetailMap;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * How telling the pieces of a picture are: the share of its detail that each shows.
 *
 * @param shares in thousandths, in the order of the cut; together 1,000. All alike where there is
 *     nothing to make out
 * @param least how much of the detail at least is bare after so many lifted pieces, from none to
 *     all of them, in thousandths: when the least telling go first
 * @param most how much at most: when the most telling go first
 */
@Root
public record Telling(List<Integer> shares, List<Integer> least, List<Integer> most) {

  private static final int WHOLE = 1_000;

  /** How telling the pieces of a cut are. */
  static Telling of(DetailMap map, Cut cut) {
    List<Patch> patches = cut.patches();
    List<Long> detail =
        patches.stream().map(p -> map.within(p.x(), p.y(), p.width(), p.height())).toList();
    long whole = detail.stream().mapToLong(d -> d).sum();
    List<Integer> shares = whole == 0 ? alike(patches.size()) : shares(detail, whole);
    List<Integer> sorted = new ArrayList<>(shares);
    sorted.sort(Comparator.naturalOrder());
    return new Telling(shares, sums(sorted), sums(sorted.reversed()));
  }

  private static List<Integer> alike(int size) {
    List<Long> equal = new ArrayList<>();
    for (int i = 0; i < size; i++) {
      equal.add(1L);
    }
    return shares(equal, size);
  }

  /** In whole thousandths that add up: what is cut off goes to where most of it was cut off. */
  private static List<Integer> shares(List<Long> detail, long whole) {
    List<Integer> shares = new ArrayList<>();
    List<Integer> places = new ArrayList<>();
    int missing = WHOLE;
    for (long one : detail) {
      int share = (int) (one * WHOLE / whole);
      places.add(shares.size());
      shares.add(share);
      missing -= share;
    }
    places.sort(Comparator.comparing((Integer place) -> -(detail.get(place) * WHOLE % whole)));
    for (int i = 0; i < missing; i++) {
      shares.set(places.get(i), shares.get(places.get(i)) + 1);
    }
    return List.copyOf(shares);
  }

  private static List<Integer> sums(List<Integer> shares) {
    List<Integer> sums = new ArrayList<>(List.of(0));
    for (int share : shares) {
      sums.add(sums.getLast() + share);
    }
    return List.copyOf(sums);
  }
}
