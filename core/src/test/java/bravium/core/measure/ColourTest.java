package bravium.core.measure;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.util.Random;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

class ColourTest {

  /** Source: WCAG 2.2 and its Understanding document of 1.4.3: 21:1, and #767676 with 4.54:1. */
  @Example
  void publishedContrasts() {
    assertThat(Colour.BLACK.contrast(Colour.WHITE)).isEqualTo(21_000);
    assertThat(Colour.of("#767676").contrast(Colour.WHITE)).isBetween(4_540, 4_549);
    assertThat(Colour.of("#777777").contrast(Colour.WHITE)).isLessThan(Colour.TEXT);
    assertThat(Colour.of("#949494").contrast(Colour.WHITE)).isBetween(3_000, 3_049);
  }

  /** Source: WCAG 2.2, definition of relative luminance, in floating point. */
  @Property(tries = 500)
  void contrastIsThatOfTheDefinition(@ForAll long seed) {
    Random random = new Random(seed);
    Colour one = any(random);
    Colour other = any(random);
    double bright = Math.max(luminance(one), luminance(other)) + 0.05;
    double dim = Math.min(luminance(one), luminance(other)) + 0.05;

    assertThat(one.contrast(other) / 1_000.0).isCloseTo(bright / dim, within(0.0011));
  }

  private static double luminance(Colour colour) {
    return 0.2126 * linear(colour.red())
        + 0.7152 * linear(colour.green())
        + 0.0722 * linear(colour.blue());
  }

  private static double linear(int eightBit) {
    double c = eightBit / 255.0;
    return c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
  }

  @Property(tries = 500)
  void whatIsMadeToStandOutDoesAndIsLeftAloneWhereItDid(@ForAll long seed) {
    Random random = new Random(seed);
    Colour ground = any(random);
    Colour text = any(random);
    Colour mended = text.standingOut(Colour.TEXT, ground);

    assertThat(mended.contrast(ground)).isGreaterThanOrEqualTo(Colour.TEXT);
    if (text.contrast(ground) >= Colour.TEXT) {
      assertThat(mended).isEqualTo(text);
    }
  }

  @Property(tries = 300)
  void underItsVeilTextHasItsContrastAtEveryPointOfThePicture(@ForAll long seed) {
    Random random = new Random(seed);
    Colour ground = any(random);
    Colour ink = ground.counterpart();
    Colour[] picture = new Colour[30];
    int[] low = {255, 255, 255};
    int[] high = {0, 0, 0};
    for (int i = 0; i < picture.length; i++) {
      picture[i] = any(random);
      int[] parts = {picture[i].red(), picture[i].green(), picture[i].blue()};
      for (int c = 0; c < 3; c++) {
        low[c] = Math.min(low[c], parts[c]);
        high[c] = Math.max(high[c], parts[c]);
      }
    }
    Colour darkest = new Colour(low[0], low[1], low[2]);
    Colour lightest = new Colour(high[0], high[1], high[2]);
    int most = Math.min(Colour.QUESTION, ink.contrast(ground));
    int veil = Veil.over(darkest, lightest, ground, ink, most);

    for (Colour point : picture) {
      assertThat(ink.contrast(point.under(ground, veil))).isGreaterThanOrEqualTo(most);
    }
    if (veil > 0 && veil < 1_000) {
      int thinner = veil - 10;
      assertThat(
              Math.min(
                  ink.contrast(darkest.under(ground, thinner)),
                  ink.contrast(lightest.under(ground, thinner))))
          .as("a thinner veil would not do")
          .isLessThan(most);
    }
  }

  @Example
  void colourTextsAreReadAndWritten() {
    assertThat(Colour.of("#0A0b0c").text()).isEqualTo("#0a0b0c");
    for (String text : new String[] {"", "#12345", "#12345g", "1234567", "#+12345", "red"}) {
      assertThatThrownBy(() -> Colour.of(text)).isInstanceOf(IllegalArgumentException.class);
    }
  }

  static Colour any(Random random) {
    return new Colour(random.nextInt(256), random.nextInt(256), random.nextInt(256));
  }
}
