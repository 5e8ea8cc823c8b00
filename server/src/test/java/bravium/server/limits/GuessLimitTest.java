package bravium.server.limits;

import static org.assertj.core.api.Assertions.assertThatCode;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bravium.server.problems.Problem;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;
import org.junit.jupiter.api.Test;

class GuessLimitTest {

  private final SettableClock clock = new SettableClock();
  private final GuessLimit limit = new GuessLimit(3, Duration.ofSeconds(10), clock);

  @Test
  void whoMakesNoMistakesNeverWaits() {
    for (int i = 0; i < 1_000; i++) {
      assertThatCode(() -> limit.check("school")).doesNotThrowAnyException();
    }
  }

  @Test
  void afterThreeMistakesOneWaitsForAsLongAsIsSaid() {
    for (int i = 0; i < 3; i++) {
      limit.check("school");
      limit.wentWrong("school");
    }

    assertThatThrownBy(() -> limit.check("school"))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("Wait 10 seconds");
    assertThatCode(() -> limit.check("elsewhere")).doesNotThrowAnyException();
    clock.now = clock.now.plusSeconds(9);
    assertThatThrownBy(() -> limit.check("school")).hasMessageContaining("Wait a second");
    clock.now = clock.now.plusSeconds(1);
    assertThatCode(() -> limit.check("school")).doesNotThrowAnyException();
  }

  @Test
  void aClockThatIsSetBackMakesNobodyWaitForIt() {
    limit.wentWrong("school");
    clock.now = clock.now.minusSeconds(3_600);
    assertThatCode(() -> limit.check("school")).doesNotThrowAnyException();
    limit.wentWrong("school");
    limit.wentWrong("school");
    assertThatThrownBy(() -> limit.check("school")).hasMessageContaining("Wait 10 seconds");
    clock.now = clock.now.plusSeconds(10);
    assertThatCode(() -> limit.check("school")).doesNotThrowAnyException();
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
