package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Order;
import bravium.core.activity.Rules;
import bravium.core.json.Extra;
import bravium.core.samples.Activities;
import java.math.BigDecimal;
import java.math.RoundingMode;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PassMarkTest {

  @Test
  void eightyPerCentOfSevenQuestionsOfTenPointsNeedsFiftySixPointsSoSixRight() {
    PassMark mark = PassMark.of(Activities.asWritten(null, 80), 7);

    assertThat(mark).isEqualTo(new PassMark(80, 7, 10, 70, 56, 6));
  }

  @ParameterizedTest
  @CsvSource({"0,10,0,0", "100,10,100,10", "1,10,1,1", "50,3,15,2", "80,10,80,8", "33,3,10,1"})
  void aShareIsRoundedUpToWholePointsAndWholeQuestions(
      int percent, int asked, int needed, int right) {
    PassMark mark = PassMark.of(Activities.asWritten(null, percent), asked);

    assertThat(mark.needed()).isEqualTo(needed);
    assertThat(mark.rightNeeded()).isEqualTo(right);
  }

  @Test
  void everyPassMarkIsTheExactDecimalShareRoundedUp() {
    // Source: java.math.BigDecimal, RoundingMode.CEILING, as an independent exact arithmetic.
    for (int percent = 0; percent <= 100; percent++) {
      for (int asked = 0; asked <= 40; asked++) {
        for (int worth : new int[] {1, 3, 7, 10, 100, 9_999}) {
          Rules rules = new Rules(null, Order.MIXED, Order.MIXED, worth, percent, Extra.NONE);
          BigDecimal exact =
              BigDecimal.valueOf(asked)
                  .multiply(BigDecimal.valueOf(worth))
                  .multiply(BigDecimal.valueOf(percent))
                  .movePointLeft(2);
          assertThat(PassMark.of(rules, asked).needed())
              .isEqualTo(exact.setScale(0, RoundingMode.CEILING).intValueExact());
        }
      }
    }
  }

  @Test
  void withNoPointsToWinNothingIsNeeded() {
    Rules rules = new Rules(null, Order.MIXED, Order.MIXED, 0, 80, Extra.NONE);

    assertThat(PassMark.of(rules, 5)).isEqualTo(new PassMark(80, 5, 0, 0, 0, 0));
  }
}
