package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Bonus;
import bravium.core.activity.Prices;
import bravium.core.activity.Rules;
import bravium.core.samples.Activities;
import java.math.BigDecimal;
import java.math.RoundingMode;
import java.util.Collections;
import java.util.List;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class PassMarkTest {

  @Test
  void eightyPerCentOfSevenQuestionsOfTenPointsNeedsFiftySixPointsSoSixRight() {
    PassMark mark = PassMark.of(80, Collections.nCopies(7, 10));

    assertThat(mark).isEqualTo(new PassMark(80, 7, 70, 56, 6, false, true));
  }

  @ParameterizedTest
  @CsvSource({"0,10,0,0", "100,10,100,10", "1,10,1,1", "50,3,15,2", "80,10,80,8", "33,3,10,1"})
  void aShareIsRoundedUpToWholePointsAndWholeQuestions(
      int percent, int asked, int needed, int right) {
    PassMark mark = PassMark.of(percent, Collections.nCopies(asked, 10));

    assertThat(mark.needed()).isEqualTo(needed);
    assertThat(mark.rightNeeded()).isEqualTo(right);
  }

  @Test
  void everyPassMarkIsTheExactDecimalShareRoundedUp() {
    // Source: java.math.BigDecimal, RoundingMode.CEILING, as an independent exact arithmetic.
    for (int percent = 0; percent <= 100; percent++) {
      for (int asked = 0; asked <= 40; asked++) {
        for (int worth : new int[] {1, 3, 7, 10, 100, 9_999}) {
          BigDecimal exact =
              BigDecimal.valueOf(asked)
                  .multiply(BigDecimal.valueOf(worth))
                  .multiply(BigDecimal.valueOf(percent))
                  .movePointLeft(2);
          assertThat(PassMark.of(percent, Collections.nCopies(asked, worth)).needed())
              .isEqualTo(exact.setScale(0, RoundingMode.CEILING).intValueExact());
        }
      }
    }
  }

  @Test
  void withNoPointsToWinNothingIsNeeded() {
    assertThat(PassMark.of(80, Collections.nCopies(5, 0)))
        .isEqualTo(new PassMark(80, 5, 0, 0, 0, false, true));
  }

  @Test
  void withQuestionsOfTheirOwnWorthsTheFewestThatReachItAreTheWeightiest() {
    assertThat(PassMark.of(50, List.of(10, 30, 10, 30)))
        .isEqualTo(new PassMark(50, 4, 80, 40, 2, false, false));
  }

  @Test
  void whereWorthsDifferAndNotAllAreAskedTheFiguresAreOfAUsualDraw() {
    PassMark mark = PassMark.ofWorths(Activities.asWritten(2, 100), List.of(10, 10, 30, 30));

    assertThat(mark).isEqualTo(new PassMark(100, 2, 40, 40, 2, true, false));
  }

  @Test
  void soManyOfSoManyIsSaidOnlyWhereItHoldsWhateverCostsOrBringsMore() {
    Rules rules = Activities.asWritten(null, 80);
    List<Integer> ten = Collections.nCopies(10, 10);

    assertThat(PassMark.ofWorths(rules, ten).counted()).isTrue();
    assertThat(PassMark.ofWorths(rules.withPrices(new Prices(0, 1)), ten).counted()).isFalse();
    assertThat(PassMark.ofWorths(rules.withPrices(new Prices(1, 0)), ten).counted()).isFalse();
    assertThat(PassMark.ofWorths(rules.withBonus(new Bonus(0, 5, 3)), ten).counted()).isFalse();
    assertThat(PassMark.ofWorths(rules, List.of(10, 20)).counted()).isFalse();
    // Two of the ten are discussions: they are none of those that can be right.
    PassMark talked = PassMark.ofWorths(rules, List.of(0, 0, 10, 10, 10, 10, 10, 10, 10, 10));
    assertThat(talked.asked()).isEqualTo(8);
    assertThat(talked.rightNeeded()).isEqualTo(7);
  }
}
