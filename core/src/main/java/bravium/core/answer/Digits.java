package bravium.core.answer;

/**
 * The digits, dashes and marks of numbers in other scripts, as plain ones (Unicode Character
 * Database, general category Nd of the Basic Multilingual Plane; UAX #44).
 */
final class Digits {

  /** The digit 0 of each script; its others follow it. */
  private static final String ZEROS =
      "\u0660\u06f0\u07c0\u0966\u09e6\u0a66\u0ae6\u0b66\u0be6\u0c66\u0ce6\u0d66\u0de6\u0e50\u0ed0"
          + "\u0f20\u1040\u1090\u17e0\u1810\u1946\u19d0\u1a80\u1a90\u1b50\u1bb0\u1c40\u1c50\ua620"
          + "\ua8d0\ua900\ua9d0\ua9f0\uaa50\uabf0";

  private static final String DASHES =
      "\u2010\u2011\u2012\u2013\u2014\u2015\u2212\ufe58\ufe63\uff0d\u02d7\u207b\u208b";

  /** The raised digits from 0 on. */
  private static final String RAISED =
      "\u2070\u00b9\u00b2\u00b3\u2074\u2075\u2076\u2077\u2078\u2079";

  private Digits() {}

  /** Whether a character is a plain digit. */
  static boolean is(int c) {
    return c >= '0' && c <= '9';
  }

  /** Whether a plain digit stands at a place, which may lie outside of the text. */
  static boolean at(String text, int place) {
    return place >= 0 && place < text.length() && is(text.charAt(place));
  }

  /** What a raised digit says, from 0 to 9; -1 for any other character. */
  static int raised(char c) {
    return RAISED.indexOf(c);
  }

  /** The plain character for one in a number; any other as it is. */
  static char plain(char c) {
    if (c < 0x80) {
      return c;
    }
    if (c >= '\uff01' && c <= '\uff5e') {
      return (char) (c - 0xfee0);
    }
    if (DASHES.indexOf(c) >= 0) {
      return '-';
    }
    for (int i = 0; i < ZEROS.length(); i++) {
      int digit = c - ZEROS.charAt(i);
      if (digit >= 0 && digit < 10) {
        return (char) ('0' + digit);
      }
    }
    return switch (c) {
      case '\u2044', '\u2215' -> '/';
      case '\u066b' -> '.';
      case '\u066c' -> '\'';
      case '\u066a', '\ufe6a' -> '%';
      default -> c;
    };
  }
}
