package bravium.core.answer;

/**
 * Letters whose accent is no mark of its own but a stroke through them, and which alphabets write
 * accents at all. Beyond Latin and Greek a mark makes another letter.
 */
final class Letters {

  /** Pairs: the letter with its stroke, the plain one. As ICU's collation at primary strength. */
  private static final String STROKED = "\u00f8o\u00d8O\u0111d\u0110D\u0127h\u0126H\u0142l\u0141L";

  private Letters() {}

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
