package bravium.core.rich;

import java.util.ArrayList;
import java.util.List;

/**
 * Blank and outer spaces, said once: the JVM and the browser differ on which rare characters are
 * white space, so neither is asked. White space is what the Unicode Character Database gives the
 * property White_Space, and the zero-width no-break space.
 */
public final class Texts {

  private static final char FIRST_RARE = '\u0085';
  private static final String RARE = "\u0085\u00a0\u1680\u2028\u2029\u202f\u205f\u3000\ufeff";

  private Texts() {}

  /** Whether a text holds nothing but white space. */
  public static boolean blank(String text) {
    int start = 0;
    while (start < text.length() && space(text.charAt(start))) {
      start++;
    }
    return start == text.length();
  }

  /** The text without white space at its ends. */
  public static String trimmed(String text) {
    int start = 0;
    int end = text.length();
    while (start < end && space(text.charAt(start))) {
      start++;
    }
    while (start < end && space(text.charAt(end - 1))) {
      end--;
    }
    return text.substring(start, end);
  }

  /** The parts of a text between a character, the empty ones among them. */
  public static List<String> split(String text, char at) {
    List<String> parts = new ArrayList<>();
    int start = 0;
    for (int end = text.indexOf(at); end >= 0; end = text.indexOf(at, start)) {
      parts.add(text.substring(start, end));
      start = end + 1;
    }
    parts.add(text.substring(start));
    return parts;
  }

  /** How many words a text has: what stands between white space. */
  public static int words(String text) {
    int words = 0;
    boolean within = false;
    for (int i = 0; i < text.length(); i++) {
      boolean word = !space(text.charAt(i));
      words += word && !within ? 1 : 0;
      within = word;
    }
    return words;
  }

  /** Whether a character is white space. */
  public static boolean space(int c) {
    if (c < FIRST_RARE) {
      return c == ' ' || c >= '\t' && c <= '\r';
    }
    return c >= '\u2000' && c <= '\u200a' || RARE.indexOf(c) >= 0;
  }
}
