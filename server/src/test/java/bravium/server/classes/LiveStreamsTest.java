package bravium.server.classes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class LiveStreamsTest {

  private static final LiveNews NEWS = new LiveNews(0, null, false, List.of());

  private final LiveStreams streams = new LiveStreams();
  private boolean may = true;

  private LiveStreams.Looker looker(long teacher) {
    return new LiveStreams.Looker(teacher, () -> may);
  }

  @Test
  void oneThatTakesNothingIsClosedAndTheNextGoesOn() {
    streams.open(
        1,
        looker(7),
        () -> {
          // Nobody takes anything from it before it has begun.
          for (int i = 0; i < 100; i++) {
            streams.tell(1, NEWS);
          }
          return NEWS;
        },
        it -> it);
    assertThat(streams.open()).isZero();
    streams.open(1, looker(7), () -> NEWS, it -> it);
    streams.tell(1, NEWS);
    assertThat(streams.open()).isEqualTo(1);
    assertThat(streams.watched(1)).isTrue();
    streams.closeWhereRightsEnded();
    assertThat(streams.watched(1)).isTrue();
    may = false;
    streams.closeWhereRightsEnded();
    assertThat(streams.watched(1)).isFalse();
  }

  @Test
  void aTeacherFillsHerOwnPlacesAndNobodyElses() {
    for (int i = 0; i < 40; i++) {
      assertThat(streams.full(7)).isFalse();
      streams.open(i % 3, looker(7), () -> NEWS, it -> it);
    }
    assertThat(streams.full(7)).isTrue();
    assertThat(streams.full(8)).isFalse();
  }
}
