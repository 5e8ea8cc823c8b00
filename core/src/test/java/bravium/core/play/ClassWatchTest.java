package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.measure.Stretch;
import java.util.List;
import org.junit.jupiter.api.Test;

class ClassWatchTest {

  private static final Stretch MINUTE = new Stretch(0, 60_000);

  @Test
  void eachSecondOfAMinuteSaysWhoWatchedHowOftenAndWhoWentBackAndLeft() {
    Watched whole = new Watched(MINUTE, List.of(MINUTE), 100, 90, 60_000);
    Watched again =
        new Watched(
            MINUTE, List.of(new Stretch(0, 20_000), new Stretch(10_200, 15_000)), 33, 90, 15_000);

    ClassWatch map = ClassWatch.of(List.of(whole, again)).orElseThrow();

    assertThat(map.games()).isEqualTo(2);
    assertThat(map.share()).isEqualTo(67);
    assertThat(map.parts()).hasSize(60);
    assertThat(map.parts().get(5)).isEqualTo(new ClassWatch.WatchedPart(5_000, 6_000, 2, 20, 0, 0));
    assertThat(map.parts().get(10))
        .isEqualTo(new ClassWatch.WatchedPart(10_000, 11_000, 2, 28, 1, 0));
    assertThat(map.parts().get(15))
        .isEqualTo(new ClassWatch.WatchedPart(15_000, 16_000, 2, 20, 0, 1));
    assertThat(map.parts().get(59))
        .isEqualTo(new ClassWatch.WatchedPart(59_000, 60_000, 1, 10, 0, 0));
    assertThat(ClassWatch.of(List.of())).isEmpty();
  }
}
