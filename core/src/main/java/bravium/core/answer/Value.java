package bravium.core.answer;

import java.math.BigInteger;

/**
 * An exact number: a fraction of whole numbers in lowest terms (Euclid), its denominator above 0.
 */
record Value(BigInteger numerator, BigInteger denominator) implements Comparable<Value> {

  private static final int MOST_PLACES = 12;

  static Value of(BigInteger numerator, BigInteger denominator) {
    if (denominator.signum() == 0) {
      throw new ArithmeticException("a fraction with 0 below its line");
    }
    BigInteger by = numerator.gcd(denominator);
    BigInteger sign = by.signum() == 0 ? BigInteger.ONE : by;
    BigInteger down = denominator.signum() < 0 ? sign.negate() : sign;
    return new Value(numerator.divide(down), denominator.divide(down));
  }

  static Value of(long numerator, long denominator) {
    return of(BigInteger.valueOf(numerator), BigInteger.valueOf(denominator));
  }

  Value plus(Value other) {
    return of(
        numerator.multiply(other.denominator).add(other.numerator.multiply(denominator)),
        denominator.multiply(other.denominator));
  }

  Value minus(Value other) {
    return plus(other.negated());
  }

  Value times(Value other) {
    return of(numerator.multiply(other.numerator), denominator.multiply(other.denominator));
  }

  /** Divided by another, which is not 0. */
  Value over(Value other) {
    return of(numerator.multiply(other.denominator), denominator.multiply(other.numerator));
  }

  Value magnitude() {
    return numerator.signum() < 0 ? negated() : this;
  }

  /** As a decimal number where that ends within twelve places, otherwise as a fraction. */
  String text() {
    BigInteger scale = BigInteger.ONE;
    for (int places = 0; places <= MOST_PLACES; places++) {
      BigInteger[] parts = numerator.multiply(scale).divideAndRemainder(denominator);
      if (parts[1].signum() == 0) {
        return decimal(parts[0].abs().toString(), places);
      }
      scale = scale.multiply(BigInteger.TEN);
    }
    return numerator + "/" + denominator;
  }

  private String decimal(String digits, int places) {
    String sign = numerator.signum() < 0 ? "-" : "";
    if (places == 0) {
      return sign + digits;
    }
    String filled = "0".repeat(Math.max(0, places + 1 - digits.length())) + digits;
    int point = filled.length() - places;
    return sign + filled.substring(0, point) + "." + filled.substring(point);
  }

  Value dividedBy(long by) {
    return of(numerator, denominator.multiply(BigInteger.valueOf(by)));
  }

  Value negated() {
    return new Value(numerator.negate(), denominator);
  }

  Value distance(Value other) {
    return minus(other).magnitude();
  }

  @Override
  public int compareTo(Value other) {
    return numerator.multiply(other.denominator).compareTo(other.numerator.multiply(denominator));
  }
}
