package bravium.core.answer;

import bravium.core.answer.Judgement.Reason;
import bravium.core.answer.NumberText.Reading;
import bravium.core.rich.Texts;
import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A number that a teacher expects, to compare with. Equal is what is equal in value, exactly. */
public final class NumberAnswer {

  /**
   * What a teacher writes of it.
   *
   * @param written the number that is right
   * @param tolerance how far off is still right, as a number or in per cent of it; null for not at
   *     all
   * @param units the number is in the first; see {@link Units}. Blank ones are passed over
   * @param unitNeeded whether the unit has to be typed
   * @param unitsExact whether a unit has to be written as it is listed; else as it is usually
   *     written
   * @param fractions whether fractions may be typed; where the number is one they may anyway
   * @param percent whether per cent may be typed; where the number is in per cent they may anyway
   * @param lowestTerms whether a fraction has to be in lowest terms
   * @param mistakes wrong numbers that are expected
   */
  public record Expected(
      String written,
      @Nullable String tolerance,
      List<String> units,
      boolean unitNeeded,
      boolean unitsExact,
      boolean fractions,
      boolean percent,
      boolean lowestTerms,
      List<Mistake> mistakes) {}

  private static final String[] PLUS_MINUS = {"\u00b1", "+/-", "+-"};

  private final Expected expected;
  private final String written;
  private final Reading right;
  private final Value value;
  private final @Nullable Value tolerance;
  private final List<Units.Unit> units;

  /** Whether the per-cent sign is one of the units, so that 50 % is 50 of them. */
  private final boolean inPerCent;

  private NumberAnswer(Expected expected, Reading right) {
    this.expected = expected;
    this.written = Texts.trimmed(expected.written());
    this.right = right;
    this.units = Units.of(expected.units(), expected.unitsExact());
    this.inPerCent = units.stream().anyMatch(unit -> unit.isCalled("%"));
    this.value = inPerCent ? right.inPerCent() : right.value();
    this.tolerance = distance();
  }

  /** The number of a text; empty where it is none. */
  public static Optional<NumberAnswer> of(Expected expected) {
    List<Reading> readings = NumberText.readings(expected.written());
    return readings.isEmpty() || !readings.getFirst().unit().isEmpty()
        ? Optional.empty()
        : Optional.of(new NumberAnswer(expected, readings.getFirst()));
  }

  /**
   * How far off is still right. Per cent are a share of the number; of a number in per cent they
   * are such per cent.
   */
  private @Nullable Value distance() {
    String text = expected.tolerance();
    if (text == null || Texts.blank(text)) {
      return null;
    }
    String plain = Texts.trimmed(text);
    for (String sign : PLUS_MINUS) {
      if (plain.startsWith(sign)) {
        plain = Texts.trimmed(plain.substring(sign.length()));
      }
    }
    List<Reading> readings = NumberText.readings(plain);
    if (readings.isEmpty()) {
      return null;
    }
    Reading reading = readings.getFirst();
    boolean known = reading.unit().isEmpty() || isFirst(reading.unit());
    Value distance = reading.value().magnitude();
    if (!known) {
      return null;
    }
    if (!reading.percent()) {
      return distance;
    }
    if (inPerCent) {
      return reading.inPerCent().magnitude();
    }
    return right.percent() ? distance : distance.times(value.magnitude());
  }

  private boolean isFirst(String unit) {
    return !units.isEmpty() && units.getFirst().isCalled(unit);
  }

  /** Into how many parts a fraction cuts a whole, as it is typed; empty where none is. */
  public static Optional<Integer> partsOf(String text) {
    return Optional.ofNullable(NumberText.parts(text))
        .filter(parts -> parts.bitLength() < Integer.SIZE - 1)
        .map(BigInteger::intValue);
  }

  /** Whether a tolerance is written that can't be read. */
  public boolean toleranceUnread() {
    return expected.tolerance() != null && !Texts.blank(expected.tolerance()) && tolerance == null;
  }

  /** How the number, its tolerance and its units are read. */
  public NumberRead read() {
    List<Reading> readings = NumberText.readings(expected.written());
    String other =
        readings.size() < 2
            ? null
            : (inPerCent ? readings.get(1).inPerCent() : readings.get(1).value()).text();
    List<String> equal =
        units.stream()
            .skip(1)
            .filter(unit -> !unit.factor().equals(Value.of(1, 1)))
            .map(unit -> value.over(unit.factor()).text() + " " + unit.name())
            .toList();
    return new NumberRead(
        value.text(),
        other,
        tolerance == null ? null : value.minus(tolerance).text(),
        tolerance == null ? null : value.plus(tolerance).text(),
        units.isEmpty() ? null : units.getFirst().name(),
        equal,
        toleranceUnread());
  }

  /** The right answer as it could be typed, with its unit where that is needed. */
  public String rightText() {
    return expected.unitNeeded() ? withUnit() : written;
  }

  private String withUnit() {
    boolean there = units.isEmpty() || inPerCent && right.percent();
    return there ? written : written + " " + units.getFirst().name();
  }

  /**
   * Whether a text says any number, so that it can be judged: in figures, in a word, or by being
   * one of the wrong answers that are listed.
   */
  public boolean reads(String text) {
    return saysNumber(text) || listed(text).isPresent();
  }

  /**
   * Whether a text says any number, in figures or in a word. What has no letter either is taken for
   * one that is wrong: a question mark says that somebody doesn't know.
   */
  public static boolean saysNumber(String text) {
    return NumberText.hasFigure(text)
        || NumberWords.number(text) != null
        || !NumberWords.hasLetter(text);
  }

  /** Judges a text. Where it can be read in two ways, the better one counts. */
  public Judgement judge(String text) {
    if (Texts.blank(text)) {
      return Judgement.wrong(Reason.EMPTY, null);
    }
    List<Reading> readings = NumberText.readings(text);
    if (readings.isEmpty()) {
      return listed(text).orElse(Judgement.wrong(Reason.NO_NUMBER, null));
    }
    Judgement best = null;
    for (Reading reading : readings) {
      Judgement judgement = judge(reading);
      boolean better = best == null || judgement.right() || best.reason() == Reason.OTHER_NUMBER;
      best = best != null && (best.right() || !better) ? best : judgement;
    }
    return best.right() ? best : listed(text).orElse(best);
  }

  private Judgement judge(Reading reading) {
    boolean percentUnit = inPerCent && reading.percent() && reading.unit().isEmpty();
    String typed = percentUnit ? "%" : reading.unit();
    Units.Unit unit = units.stream().filter(one -> one.isCalled(typed)).findFirst().orElse(null);
    Value given = percentUnit ? reading.inPerCent() : reading.value();
    Value there = unit == null ? given : given.times(unit.factor());
    // The sign of a number in per cent may be left out.
    boolean bare = right.percent() && !inPerCent && !reading.percent() && !reading.fraction();
    Value shown = bare && typed.isEmpty() ? there.dividedBy(100) : there;
    boolean equal = there.equals(value) || shown.equals(value);
    boolean near = isNear(there) || isNear(shown);
    if (!equal && !near) {
      return Judgement.wrong(Reason.OTHER_NUMBER, null);
    }
    boolean fractions = expected.fractions() || right.fraction() || expected.lowestTerms();
    boolean percent = expected.percent() || right.percent() || percentUnit;
    // A decimal number has no terms: where they are to be lowest, it is as little as per cent.
    boolean part = !reading.fraction() && !given.denominator().equals(BigInteger.ONE);
    boolean asFraction = expected.lowestTerms() && right.fraction() && !expected.percent();
    if (asFraction && (part || reading.percent())) {
      return Judgement.wrong(Reason.FORM_NOT_ALLOWED, written);
    }
    if (reading.fraction() && !fractions || reading.percent() && !percent) {
      return Judgement.wrong(Reason.FORM_NOT_ALLOWED, written);
    }
    boolean counts =
        units.isEmpty() && !expected.unitsExact() && !right.percent() && Units.mayFollow(typed);
    if (!typed.isEmpty() && unit == null && !counts) {
      return Judgement.wrong(Reason.OTHER_UNIT, withUnit());
    }
    if (typed.isEmpty() && expected.unitNeeded() && !units.isEmpty()) {
      return Judgement.wrong(Reason.NO_UNIT, rightText());
    }
    if (reading.fraction() && expected.lowestTerms() && !reading.lowest()) {
      return Judgement.wrong(Reason.NOT_LOWEST, null);
    }
    return Judgement.right(equal ? Reason.EQUAL : Reason.NEAR, written);
  }

  private boolean isNear(Value given) {
    return tolerance != null && given.distance(value).compareTo(tolerance) <= 0;
  }

  /** A listed wrong number is met by what is equal to it, a listed text by the same text. */
  private Optional<Judgement> listed(String text) {
    List<Value> values = NumberText.readings(text).stream().map(Reading::value).toList();
    for (Mistake mistake : expected.mistakes()) {
      List<Reading> listed = NumberText.readings(mistake.text());
      boolean met =
          listed.isEmpty()
              ? Comparison.with(List.of(mistake.text()), List.of(), Comparing.FAIR)
                  .judge(text)
                  .right()
              : values.contains(listed.getFirst().value());
      if (met) {
        return Optional.of(Judgement.listed(mistake));
      }
    }
    return Optional.empty();
  }
}
