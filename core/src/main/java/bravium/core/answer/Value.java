package bravium.core.answer;

import java.math.BigInteger;

/**
 * An exact number: a fraction of whole numbers in lowest terms (Euclid), its denominator above 0.
 */
record Value(BigInteger numerator, BigInteger denominator) implements Comparable<Value> {

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

  Value dividedBy(long by) {
    return of(numerator, denominator.multiply(BigInteger.valueOf(by)));
  }

  Value negated() {
    return new Value(numerator.negate(), denominator);
  }

  Value distance(Value other) {
    Value difference = minus(other);
    return difference.numerator.signum() < 0 ? difference.negated() : difference;
  }

  @Override
  public int compareTo(Value other) {
    return numerator.multiply(other.denominator).compareTo(other.numerator.multiply(denominator));
  }
}
