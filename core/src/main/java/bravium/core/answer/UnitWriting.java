package bravium.core.answer;

import bravium.core.rich.Texts;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/**
 * A unit as a product of powers, so that {@code m s⁻²}, {@code m/s²} and {@code m s^-2} are one
 * (The International System of Units, BIPM, 9th edition 2019, chapter 5). Capitals tell units
 * apart, mm from Mm; where a writing is no unit and could be meant for one alone, they don't:
 * {@code KG} is kg.
 *
 * @param powers each symbol or word with its power, which is never 0
 */
record UnitWriting(Map<String, Integer> powers) {

  private static final int HIGHEST = 99;

  /** Prefixes and the units they go with, of the SI and of what is used beside it. */
  private static final List<String> PREFIXES =
      List.of(
          "", "Q", "R", "Y", "Z", "E", "P", "T", "G", "M", "k", "h", "da", "d", "c", "m", "\u00b5",
          "n", "p", "f", "a", "z", "y", "r", "q");

  private static final List<String> BASES =
      words(
          "m g s A K mol cd Hz N Pa J W C V F \u03a9 S Wb T H lm lx Bq Gy Sv kat L t eV bar B b cal"
              + " rad sr");

  /** Those that take no prefix. */
  private static final List<String> WHOLE =
      words("min h d ha \u00b0 \u00b0C \u00b0F in ft yd mi lb oz");

  private static final List<String> CYRILLIC_PREFIXES =
      words("\u0413 \u041c \u043a \u0433 \u0434 \u0441 \u043c \u043c\u043a \u043d \u043f");

  private static final List<String> CYRILLIC_BASES =
      words(
          "\u043c \u0433 \u0441 \u0410 \u041a \u043c\u043e\u043b\u044c \u0413\u0446 \u041d \u041f\u0430"
              + " \u0414\u0436 \u0412\u0442 \u0412 \u0424 \u041e\u043c \u043b \u0442 \u0431\u0430\u0440");

  private static final Map<String, List<String>> SYMBOLS = symbols();

  private static List<String> words(String text) {
    return Texts.split(text, ' ');
  }

  /** All symbols, by what they are without the difference of capitals. */
  private static Map<String, List<String>> symbols() {
    Map<String, List<String>> all = new LinkedHashMap<>();
    PREFIXES.forEach(prefix -> BASES.forEach(base -> put(prefix + base, all)));
    WHOLE.forEach(unit -> put(unit, all));
    CYRILLIC_BASES.forEach(base -> put(base, all));
    CYRILLIC_PREFIXES.forEach(prefix -> CYRILLIC_BASES.forEach(base -> put(prefix + base, all)));
    return all;
  }

  private static void put(String symbol, Map<String, List<String>> all) {
    List<String> alike = all.computeIfAbsent(Forms.caseFolded(symbol), none -> new ArrayList<>());
    if (!alike.contains(symbol)) {
      alike.add(symbol);
    }
  }

  /** The unit that a text is; empty where it is none, as with a number in it. */
  static Optional<UnitWriting> of(String text) {
    return new Reader(plain(text)).read().map(UnitWriting::new);
  }

  /** Whether one is written for the other. */
  boolean isWritten(UnitWriting typed) {
    return powers.size() == typed.powers.size()
        && powers.entrySet().stream()
            .allMatch(
                factor ->
                    typed.powers.entrySet().stream()
                        .anyMatch(
                            other ->
                                factor.getValue().equals(other.getValue())
                                    && isMeant(factor.getKey(), other.getKey())));
  }

  /** Whether all of it is symbols that are known. */
  boolean isKnown() {
    return powers.keySet().stream().allMatch(UnitWriting::isSymbol);
  }

  private static boolean isMeant(String symbol, String typed) {
    if (symbol.equals(typed)) {
      return true;
    }
    String folded = Forms.caseFolded(typed);
    return Forms.caseFolded(symbol).equals(folded)
        && !isSymbol(typed)
        && SYMBOLS.getOrDefault(folded, List.of()).stream().allMatch(symbol::equals);
  }

  private static boolean isSymbol(String text) {
    return SYMBOLS.getOrDefault(Forms.caseFolded(text), List.of()).contains(text);
  }

  /** One character for those that look alike, plain digits for raised ones. */
  private static String plain(String text) {
    StringBuilder out = new StringBuilder();
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      switch (c) {
        case '\u03bc' -> out.append('\u00b5');
        case '\u2126' -> out.append('\u03a9');
        case '\u212a' -> out.append('K');
        case '\u212b' -> out.append('\u00c5');
        case '\u2113' -> out.append('L');
        case '\u00ba', '\u02da' -> out.append('\u00b0');
        case '\u2103' -> out.append("\u00b0C");
        case '\u2109' -> out.append("\u00b0F");
        case '\u207a' -> {}
        case '\u00b7', '\u22c5', '\u2219', '\u00d7', '*' -> out.append(' ');
        default -> {
          int raised = Digits.raised(c);
          out.append(raised >= 0 ? (char) ('0' + raised) : Texts.space(c) ? ' ' : Digits.plain(c));
        }
      }
    }
    return Texts.trimmed(out.toString());
  }

  /** The symbol as it is told apart: litres have two letters, and a u may stand for micro. */
  private static String symbol(String token) {
    int last = token.length() - 1;
    if (token.charAt(last) == 'l' && last <= 2 && PREFIXES.contains(token.substring(0, last))) {
      return token.substring(0, last) + "L";
    }
    if (token.charAt(0) == 'u' && last > 0 && BASES.contains(token.substring(1))) {
      return "\u00b5" + token.substring(1);
    }
    return token;
  }

  /** Reads factors one after another; what stands behind a stroke divides. */
  private static final class Reader {

    private final String text;
    private int at;
    private final Map<String, Integer> powers = new LinkedHashMap<>();

    Reader(String text) {
      this.text = text;
    }

    Optional<Map<String, Integer>> read() {
      boolean whole = text.startsWith("1/");
      at = whole ? 1 : 0;
      return product(1, false) && !powers.isEmpty() && at == text.length()
          ? Optional.of(powers)
          : Optional.empty();
    }

    /** Factors up to the end, or to the closing bracket. */
    private boolean product(int sign, boolean inBrackets) {
      int next = sign;
      while (at < text.length()) {
        char c = text.charAt(at);
        if (c == ' ' || c == '.') {
          at++;
        } else if (c == '/') {
          at++;
          next = -sign;
        } else if (c == '(') {
          at++;
          if (!product(next, true)) {
            return false;
          }
          next = sign;
        } else if (c == ')') {
          at++;
          return inBrackets;
        } else {
          if (!factor(next)) {
            return false;
          }
          next = divides() ? -sign : sign;
        }
      }
      return !inBrackets;
    }

    /** The word for a stroke. */
    private boolean divides() {
      boolean there = text.startsWith(" per ", at);
      at += there ? 5 : 0;
      return there;
    }

    private boolean factor(int sign) {
      int start = at;
      while (at < text.length() && inSymbol(text.charAt(at))) {
        at++;
      }
      if (at == start) {
        return false;
      }
      String symbol = symbol(text.substring(start, at));
      // The ring of degrees may stand apart from its letter.
      boolean degrees = symbol.equals("\u00b0") && at + 1 < text.length() && text.charAt(at) == ' ';
      if (degrees && "CFcf".indexOf(text.charAt(at + 1)) >= 0) {
        symbol += text.charAt(at + 1);
        at += 2;
      }
      int power = power();
      if (power == 0) {
        return false;
      }
      powers.merge(symbol, sign * power, Integer::sum);
      powers.values().removeIf(sum -> sum == 0);
      return true;
    }

    private static boolean inSymbol(char c) {
      return !Digits.is(c) && " ./()^-+".indexOf(c) < 0;
    }

    /** A power behind its symbol, 1 without one; 0 where it is none. */
    private int power() {
      int start = at;
      boolean raised = at < text.length() && text.charAt(at) == '^';
      at += raised ? 1 : 0;
      boolean negative = at < text.length() && text.charAt(at) == '-';
      at += negative ? 1 : 0;
      int power = 0;
      int digits = at;
      while (Digits.at(text, at)) {
        power = Math.min(HIGHEST, power * 10 + text.charAt(at) - '0');
        at++;
      }
      if (at == digits) {
        return at == start ? 1 : 0;
      }
      return negative ? -power : power;
    }
  }
}
