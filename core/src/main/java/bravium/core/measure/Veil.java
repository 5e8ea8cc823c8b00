package bravium.core.measure;

/**
 * How much of the ground's colour has to lie over a picture so that text on it can be read.
 *
 * <p>Of the picture it is enough to know the least and the greatest of each of red, green and blue
 * in it: the luminance of every veiled point lies between those of the two colours they make, as it
 * grows with each of the three.
 */
public final class Veil {

  private static final int STEP = 10;

  private Veil() {}

  /**
   * The thinnest veil under which text in that ink has that contrast at every point.
   *
   * @param darkest the least red, green and blue in the picture
   * @param lightest the greatest red, green and blue in the picture
   * @param least the contrast, in thousandths
   * @return the veil's share in thousandths, 0 to 1,000; 1,000 also where even the plain ground
   *     falls short
   */
  public static int over(Colour darkest, Colour lightest, Colour ground, Colour ink, int least) {
    for (int share = 0; share < 1_000; share += STEP) {
      if (readable(darkest.under(ground, share), lightest.under(ground, share), ink, least)) {
        return share;
      }
    }
    return 1_000;
  }

  /** Ink must lie outside of what lies between the two, and far enough from both. */
  private static boolean readable(Colour darkest, Colour lightest, Colour ink, int least) {
    boolean above = ink.luminance() >= lightest.luminance();
    boolean below = ink.luminance() <= darkest.luminance();
    return (above || below) && ink.contrast(darkest) >= least && ink.contrast(lightest) >= least;
  }
}
