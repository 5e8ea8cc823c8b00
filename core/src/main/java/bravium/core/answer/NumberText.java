package bravium.core.answer;

import bravium.core.rich.Texts;
import java.math.BigInteger;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Reads a number as people type it: {@code 12}, {@code -3.5}, {@code 3,5}, {@code 1,200}, {@code 1
 * 200}, {@code 3/4}, {@code 1 1/2}, {@code ½}, {@code 1½}, {@code 50 %}, {@code 12 kg}, {@code £5},
 * {@code = 42}, {@code x = 42.}, in the digits of any script. A comma or a point with three digits
 * behind it can be read in two ways, so that a text may have two readings. The teacher's numbers
 * and the learners' are read alike.
 */
final class NumberText {

  /** More digits than any answer needs, and more zeros than a power of ten needs. */
  private static final int MOST_DIGITS = 40;

  private static final int MOST_CHARACTERS = 200;

  /** Groups: numerator, denominator. */
  private static final String VULGAR =
      "\u00bd12\u215313\u215423\u00bc14\u00be34\u215515\u215625\u215735\u215845\u215916\u215a56"
          + "\u215b18\u215c38\u215d58\u215e78";

  private final String text;
  private int at;
  private boolean lowest = true;
  private @Nullable BigInteger parts;

  private NumberText(String text) {
    this.text = text;
  }

  /**
   * A way to read a text.
   *
   * @param value as a number: 50 % is a half
   * @param fraction whether it was written as a fraction
   * @param lowest whether a fraction is in lowest terms
   * @param percent whether a per-cent sign follows
   * @param unit what follows, or a currency before it; empty where nothing does
   */
  record Reading(Value value, boolean fraction, boolean lowest, boolean percent, String unit) {

    /** The number before the per-cent sign, where that is read as a unit. */
    Value inPerCent() {
      return percent ? value.times(Value.of(100, 1)) : value;
    }
  }

  /** A plain whole number or fraction, which is known to be one. */
  static Value plain(String text) {
    return readings(text).getFirst().value();
  }

  /** Into how many parts a fraction cuts a whole, as it is written; null where none is. */
  static @Nullable BigInteger parts(String text) {
    NumberText read = new NumberText(tidied(text));
    boolean fraction = read.readings().stream().anyMatch(Reading::fraction);
    return fraction ? read.parts : null;
  }

  /** All readings of a text; none where it is no number. */
  static List<Reading> readings(String text) {
    String tidy = tidied(text);
    if (tidy.length() > MOST_CHARACTERS) {
      return List.of();
    }
    Integer word = figure(tidy) ? null : NumberWords.number(tidy);
    return word == null
        ? new NumberText(tidy).readings()
        : List.of(new Reading(Value.of(word, 1), false, true, false, ""));
  }

  /**
   * Whether there is a figure in a text, in whatever script, or a fraction that is one character.
   */
  static boolean hasFigure(String text) {
    return figure(tidied(text));
  }

  private static boolean figure(String tidy) {
    for (int i = 0; i < tidy.length(); i++) {
      char c = tidy.charAt(i);
      if (Digits.is(c) || c >= '\u2150' && c <= '\u215e' || c >= '\u00bc' && c <= '\u00be') {
        return true;
      }
    }
    return false;
  }

  /**
   * Spaces of all kinds to one plain space each, other scripts' digits and signs to plain ones;
   * without what people write before a result and behind a sentence.
   */
  private static String tidied(String text) {
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      char plain = Texts.space(c) ? ' ' : Digits.plain(c);
      if (Folded.isUnseen(c)) {
        continue;
      }
      if (plain != ' ' || !out.isEmpty() && out.charAt(out.length() - 1) != ' ') {
        out.append(plain);
      }
    }
    String tidy = withoutEnd(Folded.unbracketed(Texts.trimmed(out.toString())));
    int equals = tidy.indexOf('=');
    boolean named = equals == 1 || equals == 2 && tidy.charAt(1) == ' ';
    boolean before = equals == 0 || named && letter(tidy.charAt(0));
    String number = before ? Texts.trimmed(tidy.substring(equals + 1)) : tidy;
    int space = number.indexOf(' ');
    boolean minus = space > 0 && NumberWords.minus(number.substring(0, space));
    return minus ? "-" + number.substring(space + 1) : number;
  }

  private static boolean letter(char c) {
    return c >= 'A' && c <= 'Z' || c >= 'a' && c <= 'z';
  }

  private static String withoutEnd(String text) {
    int end = text.length();
    while (end > 1 && ".,;!?\u3002".indexOf(text.charAt(end - 1)) >= 0) {
      end--;
    }
    return Texts.trimmed(text.substring(0, end));
  }

  private List<Reading> readings() {
    boolean negative = sign();
    boolean percent = accept('%');
    skipSpace();
    negative |= percent && sign();
    String currency = currency();
    negative |= !currency.isEmpty() && sign();
    List<Value> whole = scaled(decimals());
    int afterWhole = at;
    lowest = true;
    Value part = whole.isEmpty() ? fraction() : mixedPart();
    List<Value> values = new ArrayList<>();
    if (part != null) {
      values.addAll(whole.isEmpty() ? List.of(part) : whole.stream().map(part::plus).toList());
    } else {
      at = afterWhole;
      values.addAll(whole);
      skipSpace();
      if (!unitFollows() && accept('/')) {
        values = over(whole);
        part = values.isEmpty() ? null : values.getFirst();
      }
    }
    skipSpace();
    boolean before = percent;
    percent |= accept('%');
    skipSpace();
    String unit = text.substring(at);
    if (!before && !percent && NumberWords.perCent(unit)) {
      percent = true;
      unit = "";
    }
    boolean both =
        (!currency.isEmpty() || before) && !unit.isEmpty() || !currency.isEmpty() && percent;
    if (both || !unit.isEmpty() && !unitLike(unit)) {
      return List.of();
    }
    List<Reading> readings = new ArrayList<>();
    for (Value value : values) {
      Value signed = negative ? value.negated() : value;
      Value shown = percent ? signed.dividedBy(100) : signed;
      readings.add(
          new Reading(shown, part != null, lowest, percent, currency.isEmpty() ? unit : currency));
    }
    return readings;
  }

  private boolean sign() {
    boolean negative = accept('-');
    if (!negative) {
      accept('+');
    }
    skipSpace();
    return negative;
  }

  /** A currency before its number: its sign, or the three letters of ISO 4217. */
  private String currency() {
    int start = at;
    if (at < text.length() && isCurrency(text.charAt(at))) {
      at++;
    } else {
      while (at < text.length() && text.charAt(at) >= 'A' && text.charAt(at) <= 'Z') {
        at++;
      }
      at = at - start == 3 ? at : start;
    }
    String currency = text.substring(start, at);
    skipSpace();
    return currency;
  }

  /** Whether a text is the sign of a currency. */
  static boolean isCurrency(String text) {
    return text.length() == 1 && isCurrency(text.charAt(0));
  }

  private static boolean isCurrency(char c) {
    return c == '$' || c >= '\u00a2' && c <= '\u00a5' || c >= '\u20a0' && c <= '\u20c0';
  }

  private static boolean unitLike(String unit) {
    char c = unit.charAt(0);
    return c >= 'A' && c <= 'Z'
        || c >= 'a' && c <= 'z'
        || c >= 0xa0
        || "$'\"/".indexOf(c) >= 0
        || unit.startsWith("1/");
  }

  /** Whether a stroke here begins a unit such as /s, and no fraction. */
  private boolean unitFollows() {
    int next = at + 1;
    while (next < text.length() && text.charAt(next) == ' ') {
      next++;
    }
    return next < text.length() && !Digits.at(text, next);
  }

  /** The number times a power of ten: 2e3, 2×10³, 2·10^3, and 10^3 alone. */
  private List<Value> scaled(List<Value> values) {
    int before = at;
    boolean alone = values.equals(List.of(Value.of(10, 1)));
    Integer power = alone ? raised() : null;
    if (power != null) {
      return List.of(tenTo(power));
    }
    if (!values.isEmpty() && (accept('e') || accept('E'))) {
      power = whole();
    } else if (!values.isEmpty()) {
      skipSpace();
      boolean times = accept('\u00d7') || accept('\u00b7') || accept('*') || accept('x');
      skipSpace();
      power = times && accept('1') && accept('0') ? raised() : null;
    }
    if (power == null) {
      at = before;
      return values;
    }
    Value by = tenTo(power);
    return values.stream().map(value -> value.times(by)).toList();
  }

  private static Value tenTo(int power) {
    BigInteger size = BigInteger.TEN.pow(Math.abs(power));
    return power < 0 ? Value.of(BigInteger.ONE, size) : Value.of(size, BigInteger.ONE);
  }

  /** A power, behind its sign or raised; null where none follows. */
  private @Nullable Integer raised() {
    if (accept('^')) {
      return whole();
    }
    int start = at;
    boolean negative = accept('-');
    int power = 0;
    int digits = at;
    while (at < text.length() && Digits.raised(text.charAt(at)) >= 0 && power <= MOST_DIGITS) {
      power = power * 10 + Digits.raised(text.charAt(at));
      at++;
    }
    boolean there = at > digits && power <= MOST_DIGITS;
    at = there ? at : start;
    return there ? Integer.valueOf(negative ? -power : power) : null;
  }

  /** A short whole number with its sign; null where none follows. */
  private @Nullable Integer whole() {
    boolean negative = accept('-');
    if (!negative) {
      accept('+');
    }
    String digits = digits();
    boolean isShort = !digits.isEmpty() && digits.length() <= 2;
    int power = isShort ? Integer.parseInt(digits) : MOST_DIGITS + 1;
    return power > MOST_DIGITS ? null : Integer.valueOf(negative ? -power : power);
  }

  private List<Value> over(List<Value> whole) {
    skipSpace();
    String below = digits();
    if (below.isEmpty() || whole.isEmpty() || new BigInteger(below).signum() == 0) {
      return List.of();
    }
    BigInteger under = new BigInteger(below);
    Value by = Value.of(BigInteger.ONE, under);
    List<Value> above = whole.stream().filter(v -> v.denominator().equals(BigInteger.ONE)).toList();
    parts = under;
    lowest = above.stream().allMatch(v -> isLowest(v.numerator(), under));
    return above.stream()
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
    if (accept('\u2152')) {
      parts = BigInteger.TEN;
      return Value.of(1, 10);
    }
    if (at < text.length()) {
      for (int i = 0; i < VULGAR.length(); i += 3) {
        if (VULGAR.charAt(i) == text.charAt(at)) {
          at++;
          parts = BigInteger.valueOf(VULGAR.charAt(i + 2) - '0');
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
        parts = new BigInteger(below);
        lowest = isLowest(new BigInteger(above), parts);
        return Value.of(new BigInteger(above), new BigInteger(below));
      }
    }
    at = before;
    return null;
  }

  private static boolean isLowest(BigInteger above, BigInteger below) {
    return above.gcd(below).equals(BigInteger.ONE);
  }

  /** A decimal number with its marks and groups: all ways to read it. */
  private List<Value> decimals() {
    int start = at;
    while (at < text.length() && (Digits.at(text, at) || isMark(at))) {
      at++;
    }
    String body = text.substring(start, at);
    if (body.length() > MOST_DIGITS || body.chars().noneMatch(Digits::is)) {
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
      return Digits.at(text, place + 1);
    }
    return (c == ' ' || c == '\'' || c == '\u2019') && groupFollows(place);
  }

  /** Exactly three digits after a space, and no fraction behind them. */
  private boolean groupFollows(int place) {
    return place > 0
        && Digits.at(text, place - 1)
        && Digits.at(text, place + 1)
        && Digits.at(text, place + 2)
        && Digits.at(text, place + 3)
        && !Digits.at(text, place + 4)
        && (place + 4 >= text.length() || text.charAt(place + 4) != '/');
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

  /**
   * The digits without the signs between groups: of three, or in India of two before the last
   * three; null if the groups are others.
   */
  private static @Nullable String ungrouped(String whole) {
    StringBuilder digits = new StringBuilder();
    List<Integer> groups = new ArrayList<>();
    int inGroup = 0;
    char sign = 0;
    for (int i = 0; i < whole.length(); i++) {
      char c = whole.charAt(i);
      if (Digits.is(c)) {
        digits.append(c);
        inGroup++;
      } else if (sign == 0 || c == sign) {
        sign = c;
        groups.add(inGroup);
        inGroup = 0;
      } else {
        return null;
      }
    }
    boolean indian = sign == ',' && groups.size() > 1 && groups.get(1) == 2;
    int size = indian ? 2 : 3;
    for (int i = 0; i < groups.size(); i++) {
      int digitsHere = groups.get(i);
      boolean fits = i == 0 ? digitsHere >= 1 && digitsHere <= size : digitsHere == size;
      if (!fits) {
        return null;
      }
    }
    return sign != 0 && inGroup != 3 ? null : digits.toString();
  }

  private String digits() {
    int start = at;
    while (Digits.at(text, at) && at - start < MOST_DIGITS) {
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
