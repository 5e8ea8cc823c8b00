package bravium.core.measure;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class ReadingSpeedTest {

  /**
   * Source: Hasbrouck &amp; Tindal, An update to compiled ORF norms (2017), spring, grades 1 to 6:
   * words correct a minute at the 25th, 50th and 75th percentile (from memory).
   */
  @ParameterizedTest
  @CsvSource({
    "1, 34, 60, 91", "2, 72, 100, 124", "3, 91, 112, 139",
    "4, 105, 133, 160", "5, 119, 146, 169", "6, 122, 146, 173"
  })
  void yearsTwoToSevenAreTheGradesOfTheNorms(int grade, int slow, int middle, int fast) {
    assertThat(ReadingSpeed.ofYear(grade + 1)).isEqualTo(new ReadingSpeed(slow, middle, fast));
  }

  /** Source: Brysbaert (2019): 238 words a minute, most adults from 175 to 300 (from memory). */
  @Test
  void olderYearsRiseEvenlyToAdults() {
    assertThat(ReadingSpeed.ofYear(13)).isEqualTo(new ReadingSpeed(175, 238, 300));
    assertThat(ReadingSpeed.ofYear(10)).isEqualTo(new ReadingSpeed(148, 192, 236));
    for (int year = 2; year < 13; year++) {
      assertThat(ReadingSpeed.ofYear(year).middle())
          .isLessThanOrEqualTo(ReadingSpeed.ofYear(year + 1).middle());
    }
  }

  /**
   * Source: Tauroza &amp; Allison, Speech rates in British English, Applied Linguistics 11:1
   * (1990): about 140 words a minute in lectures, 160 where a text is read out on the radio (from
   * memory).
   */
  @Test
  void whoCanNotReadYetIsReadToAtThePaceOfALecture() {
    assertThat(ReadingSpeed.ofYear(0)).isEqualTo(new ReadingSpeed(140, 140, 140));
    assertThat(ReadingSpeed.ofYear(1)).isEqualTo(ReadingSpeed.ofYear(0));
  }

  /** Source: as above; the slower end of what is usual for lectures is 125 (from memory). */
  @Test
  void whatIsReadAloudFollowsThePaceOfTheClassWithinThatOfSpeech() {
    assertThat(ReadingSpeed.aloud(null)).isEqualTo(160);
    assertThat(ReadingSpeed.aloud(1)).isEqualTo(125);
    assertThat(ReadingSpeed.aloud(2)).isEqualTo(125);
    assertThat(ReadingSpeed.aloud(5)).isEqualTo(ReadingSpeed.ofYear(5).middle()).isEqualTo(133);
    assertThat(ReadingSpeed.aloud(13)).isEqualTo(160);
  }
}
