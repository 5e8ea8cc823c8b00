package bravium.core.answer;

import bravium.core.answer.Judgement.Reason;
import bravium.core.answer.NumberText.Reading;
import bravium.core.words.Texts;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/** A number that a teacher expects, to compare with. Equal is what is equal in value, exactly. */
public final class NumberAnswer {

  private final String written;
  private final Reading right;
  private final @Nullable Value tolerance;
  private final List<String> units;
  private final boolean unitNeeded;
  private final boolean fractions;
  private final boolean percent;
  private final List<Mistake> mistakes;

  private NumberAnswer(
      String written,
      Reading right,
      @Nullable Value tolerance,
      List<String> units,
      boolean unitNeeded,
      boolean fractions,
      boolean percent,
      List<Mistake> mistakes) {
    this.written = written;
    this.right = right;
    this.tolerance = tolerance;
    this.units = units;
    this.unitNeeded = unitNeeded;
    this.fractions = fractions || right.fraction();
    this.percent = percent || right.percent();
    this.mistakes = mistakes;
  }

  /**
   * The number of a text; empty where it is none. What the teacher writes as a fraction or in per
   * cent may be answered so.
   *
   * @param tolerance how far off is still right; null, or what is no number, for not at all
   * @param units blank ones are passed over
   */
  public static Optional<NumberAnswer> of(
      String written,
      @Nullable String tolerance,
      List<String> units,
      boolean unitNeeded,
      boolean fractions,
      boolean percent,
      List<Mistake> mistakes) {
    List<Reading> readings = NumberText.readings(written);
    if (readings.isEmpty() || !readings.getFirst().unit().isEmpty()) {
      return Optional.empty();
    }
    List<String> named = units.stream().filter(u -> !Texts.blank(u)).map(Texts::trimmed).toList();
    return Optional.of(
        new NumberAnswer(
            Texts.trimmed(written),
            readings.getFirst(),
            distance(tolerance),
            named,
            unitNeeded,
            fractions,
            percent,
            mistakes));
  }

  private static @Nullable Value distance(@Nullable String tolerance) {
    List<Reading> readings = tolerance == null ? List.of() : NumberText.readings(tolerance);
    return readings.isEmpty() ? null : readings.getFirst().value().distance(Value.of(0, 1));
  }

  /** The right answer as it could be typed, with its unit where that is needed. */
  public String rightText() {
    return unitNeeded ? withUnit() : written;
  }

  private String withUnit() {
    return units.isEmpty() ? written : written + " " + units.getFirst();
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
    boolean equal = reading.value().equals(right.value());
    boolean near =
        tolerance != null && reading.value().distance(right.value()).compareTo(tolerance) <= 0;
    if (!equal && !near) {
      return Judgement.wrong(Reason.OTHER_NUMBER, null);
    }
    if (reading.fraction() && !fractions || reading.percent() && !percent) {
      return Judgement.wrong(Reason.FORM_NOT_ALLOWED, written);
    }
    if (!reading.unit().isEmpty() && !isUnit(reading.unit())) {
      return Judgement.wrong(Reason.OTHER_UNIT, withUnit());
    }
    if (reading.unit().isEmpty() && unitNeeded && !units.isEmpty()) {
      return Judgement.wrong(Reason.NO_UNIT, rightText());
    }
    return Judgement.right(equal ? Reason.EQUAL : Reason.NEAR, written);
  }

  /** Units are told apart by case: mm is not Mm. Signs and small raised numbers don't matter. */
  private boolean isUnit(String unit) {
    return units.stream().anyMatch(u -> unit(u).equals(unit(unit)));
  }

  private static String unit(String text) {
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      switch (c) {
        case '\u00b2' -> out.append('2');
        case '\u00b3' -> out.append('3');
        case '\u03bc' -> out.append('\u00b5');
        case ' ', '.' -> {}
        default -> out.append(c);
      }
    }
    return out.toString();
  }

  /** A listed wrong number is met by what is equal to it, a listed text by the same text. */
  private Optional<Judgement> listed(String text) {
    List<Value> values = NumberText.readings(text).stream().map(Reading::value).toList();
    for (Mistake mistake : mistakes) {
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
