package bravium.core.games.picturereveal;

import bravium.core.json.Root;
import bravium.core.measure.DetailMap;
import bravium.core.measure.Shares;
import java.util.ArrayList;
import java.util.Collections;
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
    boolean plain = detail.stream().allMatch(one -> one == 0);
    List<Integer> shares =
        Shares.of(plain ? Collections.nCopies(patches.size(), 1) : detail, WHOLE);
    List<Integer> sorted = new ArrayList<>(shares);
    sorted.sort(Comparator.naturalOrder());
    return new Telling(shares, sums(sorted), sums(sorted.reversed()));
  }

  private static List<Integer> sums(List<Integer> shares) {
    List<Integer> sums = new ArrayList<>(List.of(0));
    for (int share : shares) {
      sums.add(sums.getLast() + share);
    }
    return List.copyOf(sums);
  }
}
