package bravium.server.classes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class LiveStreamsTest {

  private static final LiveNews NEWS = new LiveNews(0, null, false, List.of());

  private final LiveStreams streams = new LiveStreams();

  @Test
  void oneThatTakesNothingIsClosedAndTheNextGoesOn() {
    streams.open(
        1,
        () -> {
          // Nobody takes anything from it before it has begun.
          for (int i = 0; i < 100; i++) {
            streams.tell(1, NEWS);
          }
          return NEWS;
        },
        it -> it);
    assertThat(streams.open()).isZero();
    streams.open(1, () -> NEWS, it -> it);
    streams.tell(1, NEWS);
    assertThat(streams.open()).isEqualTo(1);
    assertThat(streams.watched(1)).isTrue();
    streams.close(1);
    assertThat(streams.watched(1)).isFalse();
  }
}
