package bravium.server.classes;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;

class LiveStreamsTest {

  private static final LiveNews NEWS = new LiveNews(0, null, false, List.of());

  private final LiveStreams streams = new LiveStreams();

  @Test
  void oneThatTakesNothingIsClosedAndTheOthersGoOn() {
    streams.open(1, () -> NEWS);
    streams.open(
        1,
        () -> {
          // Nobody takes anything from it before it has begun.
          for (int i = 0; i < 100; i++) {
            streams.tell(1, NEWS);
            await();
          }
          return NEWS;
        });
    assertThat(streams.open()).isEqualTo(1);
    assertThat(streams.watched(1)).isTrue();
    streams.close(1);
    assertThat(streams.watched(1)).isFalse();
  }

  /** Lets the other one take what it was told. */
  private static void await() {
    try {
      Thread.sleep(1);
    } catch (InterruptedException e) {
      throw new IllegalStateException(e);
    }
  }
}
