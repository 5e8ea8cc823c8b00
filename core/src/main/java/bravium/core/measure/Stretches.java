package bravium.core.measure;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

/**
 * Stretches of one time line, in the order in which they came about. They may lie over each other:
 * what was watched twice is there twice.
 *
 * @param all none of them of no length
 */
public record Stretches(List<Stretch> all) {

  /** Nothing. */
  public static final Stretches NONE = new Stretches(List.of());

  /**
   * So many are kept one by one; more are laid together, so that a play never grows without end.
   */
  public static final int MOST = 1_000;

  /** Leaves out what has no length. */
  public Stretches {
    all = all.stream().filter(stretch -> stretch.length() > 0).toList();
  }

  /**
   * With one more. One that goes on where the last one ended makes it longer.
   *
   * <p>Takes time in proportion to how many there are.
   */
  public Stretches with(Stretch stretch) {
    if (stretch.length() == 0) {
      return this;
    }
    List<Stretch> longer = new ArrayList<>(all);
    if (!all.isEmpty() && all.getLast().to() == stretch.from()) {
      longer.set(all.size() - 1, new Stretch(all.getLast().from(), stretch.to()));
    } else {
      longer.add(stretch);
    }
    return longer.size() <= MOST ? new Stretches(longer) : new Stretches(longer).union();
  }

  /**
   * Everything that lies in any of them, each part once, in order, none touching the next.
   *
   * <p>Takes time as sorting does: n log n.
   */
  public Stretches union() {
    List<Stretch> sorted = new ArrayList<>(all);
    sorted.sort(Comparator.comparingInt(Stretch::from));
    List<Stretch> union = new ArrayList<>();
    for (Stretch next : sorted) {
      Stretch last = union.isEmpty() ? null : union.getLast();
      if (last != null && next.from() <= last.to()) {
        union.set(union.size() - 1, new Stretch(last.from(), Math.max(last.to(), next.to())));
      } else {
        union.add(next);
      }
    }
    return new Stretches(union);
  }

  /** All their lengths together, in milliseconds: what lies in two counts twice. */
  public long length() {
    return all.stream().mapToLong(Stretch::length).sum();
  }

  /** Only what lies in a part of the time line. */
  public Stretches within(Stretch part) {
    return new Stretches(all.stream().map(stretch -> stretch.within(part)).toList());
  }

  /** The latest moment that any of them reaches; 0 where there are none. */
  public int furthest() {
    return all.stream().mapToInt(Stretch::to).max().orElse(0);
  }

  /** How often one of them begins in a part and before the one that came before it ended. */
  public int timesBackTo(Stretch part) {
    int times = 0;
    for (int i = 1; i < all.size(); i++) {
      int from = all.get(i).from();
      boolean back = from < all.get(i - 1).to();
      times += back && from >= part.from() && from < part.to() ? 1 : 0;
    }
    return times;
  }
}
