package bravium.core.games.quizshow;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.question.Spot;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;

class TrailLayoutTest {

  /** A thousandth of the height is rounded down to a place, so much can be lost on either side. */
  private static double slack(int width, int height) {
    return 1 + 2.0 * height / width;
  }

  @Property(tries = 300)
  void markersNeverTouchAndNeverLeaveThePictureWhateverItsShape(
      @ForAll @IntRange(min = 2, max = Trail.MOST) int count,
      @ForAll @IntRange(min = 100, max = 4_000) int width,
      @ForAll @IntRange(min = 100, max = 4_000) int height,
      @ForAll long seed) {
    TrailLayout layout = TrailLayout.of(width, height);
    List<Spot> laid = layout.apart(crowd(count, new Random(seed)));

    double tall = 1_000.0 * height / width;
    double half = layout.size() / 2.0 - slack(width, height);
    for (int i = 0; i < count; i++) {
      double x = laid.get(i).x();
      double y = laid.get(i).y() * tall / 1_000;
      assertThat(x).isBetween(half, 1_000 - half);
      assertThat(y).isBetween(half, tall - half);
      for (int j = 0; j < i; j++) {
        double between = Math.hypot(x - laid.get(j).x(), y - laid.get(j).y() * tall / 1_000);
        assertThat(between).isGreaterThan(layout.size() - 2 * slack(width, height));
      }
    }
  }

  /** Anywhere, in a corner, or all on one spot. */
  private static List<Spot> crowd(int count, Random random) {
    int range = List.of(1_001, 40, 1).get(random.nextInt(3));
    List<Spot> spots = new ArrayList<>();
    for (int i = 0; i < count; i++) {
      spots.add(new Spot(random.nextInt(range), random.nextInt(range)));
    }
    return spots;
  }

  @Property(tries = 100)
  void markersThatTouchNobodyStayWhereTheyWereLaid(@ForAll long seed) {
    Random random = new Random(seed);
    TrailLayout layout = TrailLayout.of(4, 3);
    List<Spot> grid = new ArrayList<>();
    for (int x = 100; x <= 900; x += 200) {
      for (int y = 100; y <= 900; y += 200) {
        grid.add(new Spot(x + random.nextInt(40), y + random.nextInt(40)));
      }
    }
    List<Spot> laid = layout.apart(grid);

    for (int i = 0; i < grid.size(); i++) {
      assertThat(laid.get(i).x()).isEqualTo(grid.get(i).x());
      assertThat(laid.get(i).y()).isBetween(grid.get(i).y() - 2, grid.get(i).y());
    }
  }

  @Example
  void alongAPathTheyStandAtEvenDistances() {
    List<Spot> path = List.of(new Spot(100, 500), new Spot(500, 500), new Spot(900, 500));

    assertThat(TrailLayout.of(2, 1).along(path, 5))
        .containsExactly(
            new Spot(100, 500),
            new Spot(300, 500),
            new Spot(500, 500),
            new Spot(700, 500),
            new Spot(900, 500));
  }

  @Example
  void aPathThatIsAPointUnfolds() {
    List<Spot> path = List.of(new Spot(500, 500), new Spot(500, 500));

    assertThat(TrailLayout.of(4, 3).along(path, 3)).doesNotHaveDuplicates();
  }
}
