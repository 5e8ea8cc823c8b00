package bravium.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

/** Every overlap that is offered has room, and none is offered that isn't there. */
class RingsTest {

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6})
  void eachRegionHasRoomOfItsOwn(int count) {
    Rings rings = Rings.of(count);

    for (Rings.Region region : rings.regions()) {
      assertThat(region.width()).isGreaterThanOrEqualTo(100);
      assertThat(region.height()).isGreaterThanOrEqualTo(100);
      for (int x : List.of(region.left() + 5, region.left() + region.width() - 5)) {
        for (int y : List.of(region.top() + 5, region.top() + region.height() - 5)) {
          assertThat(in(rings, x, y)).isEqualTo(region.rings());
        }
      }
    }
  }

  /** From memory: a diagram of three has all seven; of more, neighbours alone overlap. */
  @ParameterizedTest
  @ValueSource(ints = {2, 3, 4, 5, 6})
  void ringsOverlapAsTheySay(int count) {
    List<List<Integer>> regions =
        Rings.of(count).regions().stream().map(Rings.Region::rings).toList();

    assertThat(regions).doesNotHaveDuplicates();
    if (count <= 3) {
      assertThat(regions).hasSize((1 << count) - 1);
    } else {
      assertThat(regions)
          .hasSize(2 * count)
          .containsAll(IntStream.range(0, count).mapToObj(List::of).toList())
          .containsAll(
              IntStream.range(0, count)
                  .mapToObj(i -> List.of(i, (i + 1) % count).stream().sorted().toList())
                  .toList());
    }
  }

  @ParameterizedTest
  @ValueSource(ints = {1, 2, 3, 4, 5, 6})
  void ringsLieOnTheSheet(int count) {
    assertThat(Rings.of(count).rings())
        .hasSize(count)
        .allSatisfy(
            ring -> {
              assertThat(ring.x() - ring.rx()).isGreaterThanOrEqualTo(0);
              assertThat(ring.y() - ring.ry()).isGreaterThanOrEqualTo(0);
              assertThat(ring.x() + ring.rx()).isLessThanOrEqualTo(1_000);
              assertThat(ring.y() + ring.ry()).isLessThanOrEqualTo(1_000);
            });
  }

  private static List<Integer> in(Rings rings, int x, int y) {
    return IntStream.range(0, rings.rings().size())
        .filter(i -> rings.rings().get(i).holds(x, y))
        .boxed()
        .toList();
  }
}
