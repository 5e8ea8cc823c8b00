package bravium.core.measure;

import java.util.Locale;

/**
 * An sRGB colour, and how it stands out from another.
 *
 * <p>Relative luminance and contrast are those of WCAG 2.2 (W3C, 2023), worked out in whole numbers
 * so that they come out alike everywhere: luminance in billionths, contrast in thousandths, rounded
 * down.
 *
 * @param red 0 to 255
 * @param green 0 to 255
 * @param blue 0 to 255
 */
public record Colour(int red, int green, int blue) {

  /** Black. */
  public static final Colour BLACK = new Colour(0, 0, 0);

  /** White. */
  public static final Colour WHITE = new Colour(255, 255, 255);

  /** The contrast that every text has at least: 4.5 to 1 (WCAG 2.2, 1.4.3). */
  public static final int TEXT = 4_500;

  /** The contrast of questions and options: 7 to 1 (WCAG 2.2, 1.4.6). */
  public static final int QUESTION = 7_000;

  /** The contrast of signs and edges: 3 to 1 (WCAG 2.2, 1.4.11). */
  public static final int SIGN = 3_000;

  private static final int STEPS = 128;
  private static final int GRADIENT_STEPS = 64;
  private static final long WHOLE = 1_000_000_000L;
  private static final long FLARE = WHOLE / 20;
  private static final long[] LINEAR = linear();

  /** Checks the ranges. */
  public Colour {
    if ((red | green | blue) < 0 || red > 255 || green > 255 || blue > 255) {
      throw new IllegalArgumentException("red, green and blue are from 0 to 255");
    }
  }

  private static long[] linear() {
    long[] table = new long[256];
    for (int i = 0; i < table.length; i++) {
      double c = i / 255.0;
      double value = c <= 0.04045 ? c / 12.92 : Math.pow((c + 0.055) / 1.055, 2.4);
      table[i] = (long) Math.floor(value * WHOLE + 0.5);
    }
    return table;
  }

  /**
   * Reads a colour.
   *
   * @param text a hash and six hexadecimal digits
   * @throws IllegalArgumentException if it is anything else
   */
  public static Colour of(String text) {
    if (!isColour(text)) {
      throw new IllegalArgumentException("a colour is a hash and six hexadecimal digits");
    }
    int value = Integer.parseInt(text.substring(1), 16);
    return new Colour(value >> 16, value >> 8 & 255, value & 255);
  }

  /** Whether a text is a colour. */
  public static boolean isColour(String text) {
    if (text.length() != 7 || text.charAt(0) != '#') {
      return false;
    }
    for (int i = 1; i < 7; i++) {
      if ("0123456789abcdef".indexOf(text.toLowerCase(Locale.ROOT).charAt(i)) < 0) {
        return false;
      }
    }
    return true;
  }

  /** As a hash and six hexadecimal digits in small letters. */
  public String text() {
    String digits = Integer.toHexString(red << 16 | green << 8 | blue);
    return "#" + "000000".substring(digits.length()) + digits;
  }

  /** The relative luminance, in billionths of white's. */
  public long luminance() {
    return (2_126 * LINEAR[red] + 7_152 * LINEAR[green] + 722 * LINEAR[blue]) / 10_000;
  }

  /** The contrast with another colour, in thousandths: 1,000 to 21,000. */
  public int contrast(Colour other) {
    long one = luminance() + FLARE;
    long two = other.luminance() + FLARE;
    return (int) (Math.max(one, two) * 1_000 / Math.min(one, two));
  }

  /** This colour with so much of another laid over it, in thousandths. */
  public Colour under(Colour other, int share) {
    return new Colour(
        mixed(red, other.red, share),
        mixed(green, other.green, share),
        mixed(blue, other.blue, share));
  }

  private static int mixed(int one, int other, int share) {
    return (one * (1_000 - share) + other * share + 500) / 1_000;
  }

  /** Whether it is nearer to black than to white as text sees it. */
  public boolean dark() {
    return contrast(WHITE) >= contrast(BLACK);
  }

  /** Black or white, whichever stands out more from it; that is 4.5 to 1 at least. */
  public Colour counterpart() {
    return dark() ? WHITE : BLACK;
  }

  /**
   * The colour nearest to this one that stands out so much from all of the grounds: it goes towards
   * black or white. Where neither does, the better of the two.
   */
  public Colour standingOut(int least, Colour... grounds) {
    for (int step = 0; step <= STEPS; step++) {
      int share = 1_000 * step / STEPS;
      Colour darker = under(BLACK, share);
      Colour lighter = under(WHITE, share);
      boolean dark = darker.standsOut(least, grounds);
      boolean light = lighter.standsOut(least, grounds);
      if (dark && light) {
        return grounds[0].dark() ? lighter : darker;
      }
      if (dark || light) {
        return dark ? darker : lighter;
      }
    }
    return grounds[0].counterpart();
  }

  /** Whether it stands out so much from all of these. */
  public boolean standsOut(int least, Colour... grounds) {
    for (Colour ground : grounds) {
      if (contrast(ground) < least) {
        return false;
      }
    }
    return true;
  }

  /** The least contrast with a ground that runs from one colour to another, in thousandths. */
  public int contrastAlong(Colour from, Colour to) {
    int least = Integer.MAX_VALUE;
    for (int step = 0; step <= GRADIENT_STEPS; step++) {
      least = Math.min(least, contrast(from.under(to, 1_000 * step / GRADIENT_STEPS)));
    }
    return least;
  }
}
