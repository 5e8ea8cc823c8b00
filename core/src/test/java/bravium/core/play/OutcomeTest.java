package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class OutcomeTest {

  @ParameterizedTest
  @CsvSource({
    // won, points, needed, ended: why
    "true, 20, 20, PLAYED, ",
    "false, 19, 20, PLAYED, ",
    "false, 10, 20, LIVES, ",
    "false, 10, 20, TIME, ",
    "false, 20, 20, LIVES, LIVES",
    "false, 30, 20, TIME, TIME",
    "false, 0, 0, GIVEN_UP, GIVEN_UP",
    "false, 0, 0, PLAYED, GOAL_MISSED",
    "false, 50, 20, FALL, GOAL_MISSED",
    "true, 10, 20, PLAYED, GOAL_REACHED",
    "false, 40, 20, AT_CLOSING, CUT_OFF",
    "false, 40, 20, CLOSED, CUT_OFF",
  })
  void whyItWasWonOrNotIsSaidWherePointsDoNotShowIt(
      boolean won, int points, int needed, Outcome.Ended ended, Outcome.OutcomeReason why) {
    assertThat(new Outcome(won, points, 60, needed, ended, 0).why()).isEqualTo(why);
  }

  @Test
  void ofTeamsAndOfWhatIsNotDecidedNothingIsSaid() {
    assertThat(new Outcome(false, 40, 60, 20, Outcome.Ended.TIME, 1).why()).isNull();
    assertThat(new Outcome(false, 40, 60, 20, Outcome.Ended.TIME, 0, List.of(1, 2)).why()).isNull();
  }
}
