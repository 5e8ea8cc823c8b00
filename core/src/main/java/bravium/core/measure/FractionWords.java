package bravium.core.measure;

/**
 * Fractions and whole numbers in English words. What is written here is content of a question, as a
 * teacher would write it, not of the interface: it is asked, read aloud and printed.
 */
public final class FractionWords {

  private static final String[] ONES = {
    "zero",
    "one",
    "two",
    "three",
    "four",
    "five",
    "six",
    "seven",
    "eight",
    "nine",
    "ten",
    "eleven",
    "twelve",
    "thirteen",
    "fourteen",
    "fifteen",
    "sixteen",
    "seventeen",
    "eighteen",
    "nineteen"
  };

  private static final String[] TENS = {
    "", "", "twenty", "thirty", "forty", "fifty", "sixty", "seventy", "eighty", "ninety"
  };

  private static final String[] ORDINALS = {
    "zeroth",
    "first",
    "half",
    "third",
    "quarter",
    "fifth",
    "sixth",
    "seventh",
    "eighth",
    "ninth",
    "tenth",
    "eleventh",
    "twelfth",
    "thirteenth",
    "fourteenth",
    "fifteenth",
    "sixteenth",
    "seventeenth",
    "eighteenth",
    "nineteenth",
    "twentieth",
    "twenty-first",
    "twenty-second",
    "twenty-third",
    "twenty-fourth"
  };

  private FractionWords() {}

  /**
   * A whole number.
   *
   * @param number from 0 to 999
   */
  public static String whole(int number) {
    if (number >= 100) {
      String hundreds = ONES[number / 100] + " hundred";
      return number % 100 == 0 ? hundreds : hundreds + " and " + whole(number % 100);
    }
    if (number < ONES.length) {
      return ONES[number];
    }
    return TENS[number / 10] + (number % 10 == 0 ? "" : "-" + ONES[number % 10]);
  }

  /** A fraction as it stands: three eighths, one half, two wholes; none where it is nothing. */
  public static String of(PartsOfWhole fraction) {
    int over = fraction.over();
    if (over == 0) {
      return "none";
    }
    String part = fraction.under() == 1 ? "whole" : ORDINALS[fraction.under()];
    String parts = part.equals("half") ? "halves" : part + "s";
    return whole(over) + " " + (over == 1 ? part : parts);
  }

  /** The same as wholes and what is beside them, in lowest terms: one and three eighths. */
  public static String mixed(PartsOfWhole fraction) {
    PartsOfWhole rest = fraction.rest();
    if (fraction.wholes() == 0) {
      return of(rest);
    }
    return rest.over() == 0
        ? of(new PartsOfWhole(fraction.wholes(), 1))
        : whole(fraction.wholes()) + " and " + of(rest);
  }
}
