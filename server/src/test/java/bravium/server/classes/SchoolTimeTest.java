package bravium.server.classes;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bravium.server.BraviumSettings;
import bravium.server.problems.Problem;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import org.junit.jupiter.api.Test;

/**
 * Days and hours at a school in London. When clocks change there: the IANA time zone database, as
 * Java ships it; in 2026 on 29 March at 01:00 and on 25 October at 02:00.
 */
class SchoolTimeTest {

  private final SchoolTime london =
      new SchoolTime(
          new BraviumSettings(Path.of("."), 1, false, "Europe/London", null, List.of(), "test"));

  private static Long at(String instant) {
    return Instant.parse(instant).toEpochMilli();
  }

  @Test
  void aWindowAcrossTheSpringChangeIsAnHourShorterThanTheClockSays() {
    assertThat(london.opening("2026-03-28T08:00")).isEqualTo(at("2026-03-28T08:00:00Z"));
    assertThat(london.closing("2026-03-30T08:00")).isEqualTo(at("2026-03-30T07:00:00Z"));
  }

  @Test
  void aWindowAcrossTheAutumnChangeIsAnHourLonger() {
    assertThat(london.opening("2026-10-24T08:00")).isEqualTo(at("2026-10-24T07:00:00Z"));
    assertThat(london.closing("2026-10-26T08:00")).isEqualTo(at("2026-10-26T08:00:00Z"));
  }

  @Test
  void anHourThatComesTwiceOpensTheFirstTimeAndClosesTheSecond() {
    assertThat(london.opening("2026-10-25T01:30")).isEqualTo(at("2026-10-25T00:30:00Z"));
    assertThat(london.closing("2026-10-25T01:30")).isEqualTo(at("2026-10-25T01:30:00Z"));
  }

  @Test
  void anHourThatIsSkippedIsNoneAndThatIsSaid() {
    assertThatThrownBy(() -> london.opening("2026-03-29T01:30"))
        .isInstanceOf(Problem.class)
        .hasMessageContaining("There is no 1:30 on 29 March 2026: clocks go from 1:00 to 2:00");
  }

  @Test
  void aMomentIsShownAsTheClockOnTheWallShowsIt() {
    assertThat(london.local(at("2026-07-01T07:00:00Z"))).isEqualTo("2026-07-01T08:00");
    assertThat(london.local(at("2026-12-01T08:00:00Z"))).isEqualTo("2026-12-01T08:00");
    assertThat(london.local(null)).isNull();
    assertThat(london.opening(" ")).isNull();
  }

  @Test
  void whatIsNoTimeIsRefused() {
    assertThatThrownBy(() -> london.opening("tomorrow")).isInstanceOf(Problem.class);
  }
}
