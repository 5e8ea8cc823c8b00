package bravium.core.answer;

import bravium.core.words.Texts;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;

/**
 * Reads a number as people type it: {@code 12}, {@code -3.5}, {@code 3,5}, {@code 1,200}, {@code 1
 * 200}, {@code 3/4}, {@code 1 1/2}, {@code ½}, {@code 1½}, {@code 50 %}, {@code 12 kg}. A comma
 * with three digits behind it can be read in two ways, so that a text may have two readings.
 */
final class NumberText {

  /** More digits than any answer needs. */
  private static final int MOST_DIGITS = 40;

  /** Groups: numerator, denominator. */
  private static final String VULGAR =
      "\u00bd12\u215313\u215423\u00bc14\u00be34\u215515\u215625\u215735\u215845\u215916\u215a56"
          + "\u215b18\u215c38\u215d58\u215e78";

  private final String text;
  private int at;

  private NumberText(String text) {
    this.text = text;
  }

  /**
   * A way to read a text.
   *
   * @param fraction whether it was written as a fraction
   * @param percent whether a per-cent sign follows
   * @param unit what follows; empty where nothing does
   */
  record Reading(Value value, boolean fraction, boolean percent, String unit) {}

  /** All readings of a text; none where it is no number. */
  static List<Reading> readings(String text) {
    String tidy = tidied(text);
    return tidy.length() > 200 ? List.of() : new NumberText(tidy).readings();
  }

  /**
   * Spaces of all kinds to one plain space each, minus signs and fraction slashes to plain ones.
   */
  private static String tidied(String text) {
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      char plain =
          switch (c) {
            case '\u2212', '\u2013' -> '-';
            case '\u2044', '\u2215' -> '/';
            default -> Texts.space(c) ? ' ' : c;
          };
      if (plain != ' ' || !out.isEmpty() && out.charAt(out.length() - 1) != ' ') {
        out.append(plain);
      }
    }
    return Texts.trimmed(out.toString());
  }

  private List<Reading> readings() {
    boolean negative = accept('-');
    if (!negative) {
      accept('+');
    }
    skipSpace();
    List<Value> whole = decimals();
    int afterWhole = at;
    Value part = whole.isEmpty() ? fraction() : mixedPart();
    List<Value> values = new ArrayList<>();
    if (part != null) {
      values.addAll(whole.isEmpty() ? List.of(part) : whole.stream().map(part::plus).toList());
    } else {
      at = afterWhole;
      values.addAll(whole);
      skipSpace();
      if (accept('/')) {
        values = over(whole);
        part = values.isEmpty() ? null : values.getFirst();
      }
    }
    skipSpace();
    boolean percent = accept('%');
    skipSpace();
    String unit = text.substring(at);
    if (!unit.isEmpty() && !unitLike(unit.charAt(0))) {
      return List.of();
    }
    List<Reading> readings = new ArrayList<>();
    for (Value value : values) {
      Value signed = negative ? value.negated() : value;
      Value shown = percent ? signed.dividedBy(100) : signed;
      readings.add(new Reading(shown, part != null, percent, unit));
    }
    return readings;
  }

  private static boolean unitLike(char c) {
    return c >= 'A' && c <= 'Z' || c >= 'a' && c <= 'z' || c >= 0xa0 || "$'\"".indexOf(c) >= 0;
  }

  private List<Value> over(List<Value> whole) {
    skipSpace();
    String below = digits();
    if (below.isEmpty() || whole.isEmpty() || new BigInteger(below).signum() == 0) {
      return List.of();
    }
    Value by = Value.of(BigInteger.ONE, new BigInteger(below));
    return whole.stream()
        .filter(v -> v.denominator().equals(BigInteger.ONE))
        .map(v -> Value.of(v.numerator().multiply(by.numerator()), by.denominator()))
        .toList();
  }

  /** A fraction behind a whole number: {@code 1½}, {@code 1 1/2}. */
  private Value mixedPart() {
    int before = at;
    skipSpace();
    Value part = fraction();
    if (part == null || part.compareTo(Value.of(1, 1)) >= 0) {
      at = before;
      return null;
    }
    return part;
  }

  private Value fraction() {
    if (at < text.length()) {
      for (int i = 0; i < VULGAR.length(); i += 3) {
        if (VULGAR.charAt(i) == text.charAt(at)) {
          at++;
          return Value.of(VULGAR.charAt(i + 1) - '0', VULGAR.charAt(i + 2) - '0');
        }
      }
    }
    int before = at;
    String above = digits();
    skipSpace();
    if (!above.isEmpty() && accept('/')) {
      skipSpace();
      String below = digits();
      if (!below.isEmpty() && new BigInteger(below).signum() > 0) {
        return Value.of(new BigInteger(above), new BigInteger(below));
      }
    }
    at = before;
    return null;
  }

  /** A decimal number with its marks and groups: all ways to read it. */
  private List<Value> decimals() {
    int start = at;
    while (at < text.length() && (digit(at) || isMark(at))) {
      at++;
    }
    String body = text.substring(start, at);
    if (body.length() > MOST_DIGITS || body.chars().noneMatch(c -> c >= '0' && c <= '9')) {
      at = start;
      return List.of();
    }
    List<Value> values = new ArrayList<>();
    for (char mark : new char[] {'.', ','}) {
      Value value = read(body, mark);
      if (value != null && !values.contains(value)) {
        values.add(value);
      }
    }
    return values;
  }

  /** A mark or a group's space belongs to the number only where a digit follows. */
  private boolean isMark(int place) {
    char c = text.charAt(place);
    if (c == '.' || c == ',') {
      return digit(place + 1);
    }
    return (c == ' ' || c == '\'' || c == '\u2019') && groupFollows(place);
  }

  /** Exactly three digits after a space, and no fraction behind them. */
  private boolean groupFollows(int place) {
    return place > 0
        && digit(place - 1)
        && digit(place + 1)
        && digit(place + 2)
        && digit(place + 3)
        && !digit(place + 4)
        && (place + 4 >= text.length() || text.charAt(place + 4) != '/');
  }

  private boolean digit(int place) {
    return place < text.length() && text.charAt(place) >= '0' && text.charAt(place) <= '9';
  }

  /** Reads with that decimal mark; the other mark and spaces are for groups of three. */
  private static Value read(String body, char decimal) {
    int mark = body.indexOf(decimal);
    String whole = mark < 0 ? body : body.substring(0, mark);
    String rest = mark < 0 ? "" : body.substring(mark + 1);
    for (int i = 0; i < rest.length(); i++) {
      if (rest.charAt(i) < '0' || rest.charAt(i) > '9') {
        return null;
      }
    }
    String digits = ungrouped(whole);
    if (digits == null) {
      return null;
    }
    return Value.of(new BigInteger("0" + digits + rest), BigInteger.TEN.pow(rest.length()));
  }

  /** The digits without the signs between groups of three; null if the groups are others. */
  private static String ungrouped(String whole) {
    StringBuilder digits = new StringBuilder();
    int inGroup = 0;
    char sign = 0;
    for (int i = 0; i < whole.length(); i++) {
      char c = whole.charAt(i);
      if (c >= '0' && c <= '9') {
        digits.append(c);
        inGroup++;
      } else {
        boolean first = sign == 0;
        boolean fits = first ? inGroup >= 1 && inGroup <= 3 : inGroup == 3 && c == sign;
        if (!fits) {
          return null;
        }
        sign = c;
        inGroup = 0;
      }
    }
    return sign != 0 && inGroup != 3 ? null : digits.toString();
  }

  private String digits() {
    int start = at;
    while (digit(at) && at - start < MOST_DIGITS) {
      at++;
    }
    return text.substring(start, at);
  }

  private boolean accept(char c) {
    boolean there = at < text.length() && text.charAt(at) == c;
    at += there ? 1 : 0;
    return there;
  }

  private void skipSpace() {
    while (at < text.length() && text.charAt(at) == ' ') {
      at++;
    }
  }
}
