package bravium.core.measure;

import java.util.ArrayList;
import java.util.List;

/**
 * A fraction as parts of a whole that is cut into equal ones, and what follows from it. Exact, in
 * whole numbers.
 *
 * @param over how many parts, from 0
 * @param under into how many a whole is cut, from 1
 */
public record PartsOfWhole(int over, int under) {

  /** The most parts into which a figure is cut. */
  public static final int MOST = 24;

  /** Checks the range. */
  public PartsOfWhole {
    if (over < 0 || under < 1) {
      throw new IllegalArgumentException("a fraction has at least one part to a whole");
    }
  }

  /** The same value with the fewest parts: by Euclid's algorithm (<i>Elements</i> VII, 2). */
  public PartsOfWhole inLowestTerms() {
    int divisor = divisor(over, under);
    return new PartsOfWhole(over / divisor, under / divisor);
  }

  private static int divisor(int a, int b) {
    return b == 0 ? a : divisor(b, a % b);
  }

  /** The wholes in it. */
  public int wholes() {
    return over / under;
  }

  /** What is left of it beside the wholes, in lowest terms. */
  public PartsOfWhole rest() {
    return new PartsOfWhole(over % under, under).inLowestTerms();
  }

  /** Whether a whole cut into so many parts can show it. */
  public boolean shownBy(int cut) {
    return (long) over * cut % under == 0;
  }

  /** The same value as parts of a whole cut into so many, which can show it. */
  public PartsOfWhole cutInto(int cut) {
    return new PartsOfWhole((int) ((long) over * cut / under), cut);
  }

  /** The same value as other cuts of up to {@value #MOST} parts show it, from the fewest parts. */
  public List<PartsOfWhole> equivalents() {
    List<PartsOfWhole> equal = new ArrayList<>();
    for (int cut = 1; cut <= MOST; cut++) {
      if (cut != under && shownBy(cut)) {
        equal.add(cutInto(cut));
      }
    }
    return equal;
  }

  /** The fewest parts that show both this and another: the least common multiple of their cuts. */
  public int commonCut(PartsOfWhole other) {
    return under / divisor(under, other.under) * other.under;
  }

  /** Below 0 where it is less than another, 0 where it is as much, above where it is more. */
  public int compareTo(PartsOfWhole other) {
    return Long.compare((long) over * other.under, (long) other.over * under);
  }

  /** Whether it has the same value as another. */
  public boolean sameValueAs(PartsOfWhole other) {
    return compareTo(other) == 0;
  }

  /** It as a decimal number. */
  public Decimal decimal() {
    return Decimal.of(over, under);
  }

  /** It in per cent, as a decimal number. */
  public Decimal percent() {
    return Decimal.of(100L * over, under);
  }

  /**
   * A decimal number that ends or recurs.
   *
   * @param whole what is before the point
   * @param fixed the digits behind it that don't recur; empty for none
   * @param recurring the digits that recur after those; empty where it ends
   */
  public record Decimal(String whole, String fixed, String recurring) {

    /** By long division: a remainder that comes again begins the digits that recur. */
    static Decimal of(long over, long under) {
      StringBuilder digits = new StringBuilder();
      List<Long> remainders = new ArrayList<>();
      long left = over % under;
      while (left != 0 && !remainders.contains(left)) {
        remainders.add(left);
        digits.append(left * 10 / under);
        left = left * 10 % under;
      }
      int from = left == 0 ? digits.length() : remainders.indexOf(left);
      return new Decimal(
          String.valueOf(over / under), digits.substring(0, from), digits.substring(from));
    }

    /**
     * As it is written: with a dot above the first and the last of the digits that recur (common
     * practice in British schools).
     */
    public String text() {
      if (fixed.isEmpty() && recurring.isEmpty()) {
        return whole;
      }
      StringBuilder out = new StringBuilder(whole).append('.').append(fixed);
      for (int i = 0; i < recurring.length(); i++) {
        boolean edge = i == 0 || i == recurring.length() - 1;
        out.append(recurring.charAt(i)).append(edge ? "\u0307" : "");
      }
      return out.toString();
    }
  }
}
