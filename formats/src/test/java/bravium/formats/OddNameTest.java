package bravium.formats;

import static org.assertj.core.api.Assertions.assertThat;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

class OddNameTest {

  /**
   * Mixed scripts of one look are those of UTS #39, section 5 ("Mixed-script confusables"); the
   * controls of direction those of UAX #9, table 4.
   */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "!!!",
        "😀",
        "1234",
        "...",
        "\u202eaiM",
        "Mia\u200f",
        "\u2066Mia\u2069",
        "Ра\u0061l",
        "M\u0456a",
        "Ni\u03bfs",
        "Ms Alder",
        "ms. alder",
        "MS  ALDER",
        "Alder",
      })
  void isOdd(String name) {
    assertThat(OddName.is(name, "Ms Alder")).isTrue();
  }

  /** What children are called (common practice); also who has two alphabets, a word each. */
  @ParameterizedTest
  @ValueSource(
      strings = {
        "Mia",
        "Zoë O’Neil",
        "Anne-Marie",
        "Łukasz",
        "Мария",
        "Νίκος",
        "李小龙",
        "さくら",
        "김민준",
        "محمد",
        "שרה",
        "Mia 2",
        "Mia B.",
        "Mia 🐝",
        "Мария Miller",
        "Alder Fern",
        "Ms Fern"
      })
  void isNot(String name) {
    assertThat(OddName.is(name, "Ms Alder")).isFalse();
  }
}
