package bravium.core.readiness;

/**
 * The chance to pass by guessing alone.
 *
 * @param chance from 0 to 1
 * @param off how far off it may be, from 0 to 1; 0 where it is exact
 */
public record Guessing(double chance, double off) {

  private static final double BILLION = 1e9;

  /**
   * The two-sided 99.9 % point of the normal distribution: an estimate is further off than it says
   * in one case of a thousand.
   */
  private static final double SURE = 3.2905;

  /** A chance that was followed through all that can happen. */
  public static Guessing exactly(double chance) {
    return new Guessing(Math.max(0, Math.min(1, chance)), 0);
  }

  /** A chance of which nothing is known. */
  static Guessing unknown(double chance) {
    return new Guessing(Math.max(0, Math.min(1, chance)), 1);
  }

  /**
   * The share of simulated plays that passed, with Wilson's score interval (Wilson, <i>Probable
   * inference</i>, Journal of the American Statistical Association 22, 1927).
   */
  public static Guessing counted(int passed, int plays) {
    double n = plays;
    double p = passed / n;
    double z = SURE * SURE;
    double middle = (p + z / (2 * n)) / (1 + z / n);
    double half = SURE * Math.sqrt(p * (1 - p) / n + z / (4 * n * n)) / (1 + z / n);
    return new Guessing(p, Math.max(middle + half - p, p - (middle - half)));
  }

  /** Whether it is no estimate. */
  public boolean exact() {
    return off == 0;
  }

  /** The chance in billionths, rounded half up. */
  public long billionths() {
    return (long) Math.floor(chance * BILLION + 0.5);
  }

  /** How far off it may be, in billionths, rounded up. */
  long billionthsOff() {
    return (long) Math.ceil(off * BILLION);
  }
}
