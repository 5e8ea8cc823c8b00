package bravium.server.upkeep;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class HealthAndMetricsTest {

  @ParameterizedTest
  @CsvSource({"0, DOWN", "9, DOWN", "11, LOOK", "499, LOOK", "501, UP", "50000, UP"})
  void aDiskThatIsFullIsSaid(long megabytes, String status) {
    assertThat(HealthAndMetrics.disk(megabytes << 20).getStatus().getCode()).isEqualTo(status);
  }
}
