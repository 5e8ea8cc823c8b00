package bravium.core.answer;

/**
 * Letters whose accent is no mark of its own but a stroke through them, and which alphabets write
 * accents at all. Beyond Latin and Greek a mark makes another letter.
 */
final class Letters {

  /** Pairs: the letter with its stroke, the plain one. As ICU's collation at primary strength. */
  private static final String STROKED =
      "\u00f8o\u00d8O\u0111d\u0110D\u0127h\u0126H\u0142l\u0141L\u0131i";

  /** Two letters in one: threes of such a letter and the two. */
  private static final String JOINED = "\u0153oe\u0152OE\u00e6ae\u00c6AE";

  private Letters() {}

  /** The two letters that one is written for; null for any other. */
  static String apart(int c) {
    if (c < 0xc0) {
      return null;
    }
    for (int i = 0; i < JOINED.length(); i += 3) {
      if (JOINED.charAt(i) == c) {
        return JOINED.substring(i + 1, i + 3);
      }
    }
    return null;
  }

  /**
   * Whether a mark is a vowel point: Hebrew and Arabic are written with or without them. Hamza and
   * madda are none.
   */
  static boolean isPoint(int c) {
    return c >= 0x591 && c <= 0x5c7
        || c >= 0x610 && c <= 0x61a
        || c >= 0x64b && c <= 0x652
        || c >= 0x656 && c <= 0x65f
        || c == 0x670
        || c >= 0x6d6 && c <= 0x6ed;
  }

  /** The letter without its stroke; any other as it is. */
  static int plain(int c) {
    if (c < 0xc0) {
      return c;
    }
    for (int i = 0; i < STROKED.length(); i += 2) {
      if (STROKED.charAt(i) == c) {
        return STROKED.charAt(i + 1);
      }
    }
    return c;
  }

  /** Whether a mark on this letter is an accent, which may not matter. */
  static boolean takesAccents(int c) {
    return c >= 'A' && c <= 'Z'
        || c >= 'a' && c <= 'z'
        || c >= 0xc0 && c <= 0x2af
        || c >= 0x370 && c <= 0x3ff;
  }
}
