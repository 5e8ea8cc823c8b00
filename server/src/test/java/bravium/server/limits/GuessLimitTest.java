package bravium.server.limits;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bravium.server.problems.Problem;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class GuessLimitTest {

  private final SettableClock clock = new SettableClock();
  private final GuessLimit limit = new GuessLimit(3, Duration.ofSeconds(10), clock);

  @Test
  void whoMakesNoMistakesNeverWaits() {
    for (int i = 0; i < 1_000; i++) {
      limit.begin("school").right();
    }
  }

  @Test
  void afterThreeMistakesOneWaitsForAsLongAsIsSaid() {
    for (int i = 0; i < 3; i++) {
      limit.begin("school");
    }

    assertThatThrownBy(() -> limit.begin("school"))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("Wait 10 seconds");
    assertThatCode(() -> limit.begin("elsewhere")).doesNotThrowAnyException();
    clock.now = clock.now.plusSeconds(9);
    assertThatThrownBy(() -> limit.begin("school")).hasMessageContaining("Wait a second");
    clock.now = clock.now.plusSeconds(1);
    assertThatCode(() -> limit.begin("school")).doesNotThrowAnyException();
  }

  @Test
  void manyGuessesAtOnceAreNoMoreThanOneAfterAnother() {
    long begun =
        IntStream.range(0, 500)
            .parallel()
            .filter(
                i -> {
                  try {
                    limit.begin("school");
                    return true;
                  } catch (Problem e) {
                    return false;
                  }
                })
            .count();

    assertThat(begun).isEqualTo(3);
  }

  @Test
  void aClockThatIsSetBackMakesNobodyWaitForIt() {
    limit.begin("school");
    clock.now = clock.now.minusSeconds(3_600);
    assertThatCode(() -> limit.begin("school").right()).doesNotThrowAnyException();
    limit.begin("school");
    limit.begin("school");
    assertThatThrownBy(() -> limit.begin("school")).hasMessageContaining("Wait 10 seconds");
    clock.now = clock.now.plusSeconds(10);
    assertThatCode(() -> limit.begin("school")).doesNotThrowAnyException();
  }

  private static final class SettableClock extends Clock {

    private Instant now = Instant.parse("2026-05-04T08:00:00Z");

    @Override
    public Instant instant() {
      return now;
    }

    @Override
    public ZoneId getZone() {
      return ZoneOffset.UTC;
    }

    @Override
    public Clock withZone(ZoneId zone) {
      return this;
    }
  }
}
