package bravium.core.answer;

import bravium.core.rich.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/**
 * The units that a teacher lists for a number. The number is in the first. Another may say how many
 * of it make one of the first ({@code 1000 g}); those of the common measures are known (The
 * International System of Units, BIPM, 9th edition 2019, and units accepted for use with it). What
 * is neither counts as another name of the first.
 */
final class Units {

  /** A unit, and how much of the first unit one of it is. */
  record Unit(String name, Value factor, Optional<UnitWriting> writing) {

    Unit(String name, Value factor) {
      this(name, factor, UnitWriting.of(name));
    }

    boolean isCalled(String typed) {
      if (typed.isEmpty() || name.equals(typed)) {
        return name.equals(typed);
      }
      Optional<UnitWriting> other = writing.isPresent() ? UnitWriting.of(typed) : Optional.empty();
      return other
          .map(read -> writing.orElseThrow().isWritten(read))
          .orElseGet(() -> plain(name).equals(plain(typed)));
    }

    /** The same, to be written as it is. */
    Unit exactly() {
      return new Unit(name, factor, Optional.empty());
    }
  }

  /** Lines of units of one measure, each with how much of the line's first it is. */
  private static final String KNOWN =
      """
      m 1 metre 1 metres 1 meter 1 meters 1 km 1000 kilometre 1000 kilometres 1000 kilometer 1000 \
      kilometers 1000 dm 1/10 cm 1/100 centimetre 1/100 centimetres 1/100 centimeter 1/100 \
      centimeters 1/100 mm 1/1000 millimetre 1/1000 millimetres 1/1000 millimeter 1/1000 \
      millimeters 1/1000 µm 1/1000000
      g 1 gram 1 grams 1 gramme 1 grammes 1 kg 1000 kilogram 1000 kilograms 1000 mg 1/1000 \
      milligram 1/1000 milligrams 1/1000 t 1000000 tonne 1000000 tonnes 1000000
      l 1 L 1 litre 1 litres 1 liter 1 liters 1 dl 1/10 dL 1/10 cl 1/100 cL 1/100 ml 1/1000 \
      mL 1/1000 millilitre 1/1000 millilitres 1/1000 milliliter 1/1000 milliliters 1/1000 hl 100
      s 1 sec 1 second 1 seconds 1 min 60 minute 60 minutes 60 h 3600 hour 3600 hours 3600 \
      d 86400 day 86400 days 86400 week 604800 weeks 604800 ms 1/1000
      m2 1 km2 1000000 ha 10000 dm2 1/100 cm2 1/10000 mm2 1/1000000
      m3 1 dm3 1/1000 cm3 1/1000000 mm3 1/1000000000
      £ 1 p 1/100
      $ 1 ¢ 1/100
      € 1 ct 1/100 cent 1/100 cents 1/100
      """;

  private static final List<List<Unit>> MEASURES = measures();

  private Units() {}

  private static List<List<Unit>> measures() {
    List<List<Unit>> measures = new ArrayList<>();
    for (String line : Texts.split(KNOWN, '\n')) {
      List<String> parts = Texts.split(Texts.trimmed(line), ' ');
      List<Unit> units = new ArrayList<>();
      for (int i = 0; i + 1 < parts.size(); i += 2) {
        units.add(new Unit(parts.get(i), NumberText.plain(parts.get(i + 1))));
      }
      measures.add(units);
    }
    return measures;
  }

  /**
   * The units as they are listed; blank ones are passed over.
   *
   * @param exact whether each has to be written as it is, but for spaces, stops and raised figures
   */
  static List<Unit> of(List<String> listed, boolean exact) {
    List<Unit> units = new ArrayList<>();
    for (String text : listed) {
      if (!Texts.blank(text)) {
        units.add(units.isEmpty() ? first(text) : further(text, units.getFirst()));
      }
    }
    return exact ? units.stream().map(Unit::exactly).toList() : units;
  }

  private static Unit first(String text) {
    return new Unit(counted(text).map(Unit::name).orElse(Texts.trimmed(text)), Value.of(1, 1));
  }

  private static Unit further(String text, Unit first) {
    return counted(text)
        .orElseGet(
            () -> {
              String name = Texts.trimmed(text);
              return new Unit(name, known(name, first.name()).orElse(Value.of(1, 1)));
            });
  }

  /** So many of it make one of the first: {@code 1000 g}. */
  private static Optional<Unit> counted(String text) {
    List<NumberText.Reading> readings = NumberText.readings(text);
    if (readings.isEmpty()) {
      return Optional.empty();
    }
    NumberText.Reading reading = readings.getFirst();
    boolean some = reading.value().numerator().signum() > 0 && !reading.unit().isEmpty();
    return some
        ? Optional.of(new Unit(reading.unit(), Value.of(1, 1).over(reading.value())))
        : Optional.empty();
  }

  /**
   * Whether what stands behind a number may do so where no unit is asked for: a unit, a currency,
   * or a word that says what is counted.
   */
  static boolean mayFollow(String typed) {
    return NumberText.isCurrency(typed)
        || NumberWords.counted(typed)
        || UnitWriting.of(typed).map(UnitWriting::isKnown).orElse(false);
  }

  private static Optional<Value> known(String unit, String first) {
    for (List<Unit> measure : MEASURES) {
      Value one = scale(measure, unit);
      Value other = scale(measure, first);
      if (one != null && other != null) {
        return Optional.of(one.over(other));
      }
    }
    return Optional.empty();
  }

  private static Value scale(List<Unit> measure, String name) {
    return measure.stream()
        .filter(u -> u.isCalled(name))
        .findFirst()
        .map(Unit::factor)
        .orElse(null);
  }

  /** Of what is no product of powers, stops and small raised numbers don't matter. */
  private static String plain(String text) {
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      switch (c) {
        case '\u00b9' -> out.append('1');
        case '\u00b2' -> out.append('2');
        case '\u00b3' -> out.append('3');
        case '\u207b', '\u2212' -> out.append('-');
        case '\u03bc' -> out.append('\u00b5');
        case ' ', '.' -> {}
        default -> out.append(c);
      }
    }
    return out.toString();
  }
}
