package bravium.core.answer;

import java.util.Arrays;

/**
 * The forms of a text that mean the same: canonical decomposition (Unicode Standard Annex #15, form
 * NFD) and canonical caseless matching (The Unicode Standard, D145). Both come from one table that
 * is made at build, so that the JVM and every browser agree. Linear in the length of the text, but
 * for runs of combining marks.
 */
public final class Forms {

  private static final int HANGUL = 0xac00;
  private static final int HANGUL_COUNT = 11_172;
  private static final int LEAD = 0x1100;
  private static final int VOWEL = 0x1161;
  private static final int TAIL = 0x11a7;
  private static final int VOWELS = 21;
  private static final int TAILS = 28;

  private static final Table DECOMPOSED = Table.of(UnicodeTable.DECOMPOSED);
  private static final Table CASE_FOLDED = Table.of(UnicodeTable.CASE_FOLDED);
  private static final Table COMPATIBLE = Table.of(UnicodeTable.COMPATIBLE);
  private static final Table CLASSES = Table.of(UnicodeTable.CLASSES);

  private Forms() {}

  /** The text with plain characters for wide, narrow, raised and lowered ones and ligatures. */
  static String compatible(String text) {
    if (ascii(text)) {
      return text;
    }
    StringBuilder out = new StringBuilder(text.length() + 8);
    for (int i = 0; i < text.length(); ) {
      int c = text.codePointAt(i);
      i += Character.charCount(c);
      COMPATIBLE.append(c, out);
    }
    return out.toString();
  }

  private static boolean ascii(String text) {
    for (int i = 0; i < text.length(); i++) {
      if (text.charAt(i) >= 0x80) {
        return false;
      }
    }
    return true;
  }

  /** The text in form NFD: letters and their accents apart, in one order. */
  public static String decomposed(String text) {
    if (plain(text)) {
      return text;
    }
    StringBuilder out = new StringBuilder(text.length() + 8);
    for (int i = 0; i < text.length(); ) {
      int c = text.codePointAt(i);
      i += Character.charCount(c);
      if (c >= HANGUL && c < HANGUL + HANGUL_COUNT) {
        hangul(c - HANGUL, out);
      } else {
        DECOMPOSED.append(c, out);
      }
    }
    return ordered(out);
  }

  /** The text in form NFD and without the difference of capital and small letters. */
  public static String caseFolded(String text) {
    String apart = decomposed(text);
    StringBuilder out = new StringBuilder(apart.length() + 8);
    for (int i = 0; i < apart.length(); ) {
      int c = apart.codePointAt(i);
      i += Character.charCount(c);
      CASE_FOLDED.append(c, out);
    }
    return ordered(out);
  }

  /** Whether a character is a mark that stands on the letter before it. */
  static boolean isMark(int c) {
    return combiningClass(c) > 0;
  }

  private static int combiningClass(int c) {
    return c < 0x300 ? 0 : CLASSES.first(c);
  }

  private static boolean plain(String text) {
    for (int i = 0; i < text.length(); i++) {
      if (text.charAt(i) >= 0xc0) {
        return false;
      }
    }
    return true;
  }

  private static void hangul(int syllable, StringBuilder out) {
    out.append((char) (LEAD + syllable / (VOWELS * TAILS)));
    out.append((char) (VOWEL + syllable / TAILS % VOWELS));
    if (syllable % TAILS > 0) {
      out.append((char) (TAIL + syllable % TAILS));
    }
  }

  /** Marks on one letter in the order of their classes; equal classes keep theirs. */
  private static String ordered(StringBuilder text) {
    int[] points = new int[text.length()];
    int count = 0;
    boolean marks = false;
    for (int i = 0; i < text.length(); count++) {
      points[count] = Character.codePointAt(text, i);
      marks |= points[count] >= 0x300;
      i += Character.charCount(points[count]);
    }
    if (!marks) {
      return text.toString();
    }
    for (int start = 0; start < count; ) {
      int end = start;
      while (end < count && isMark(points[end])) {
        end++;
      }
      sort(points, start, end);
      start = Math.max(end, start + 1);
    }
    return new String(points, 0, count);
  }

  /** Stable, by class: a counting sort, for a hostile text may be one long run of marks. */
  private static void sort(int[] points, int start, int end) {
    if (end - start < 2) {
      return;
    }
    int[] places = new int[257];
    for (int i = start; i < end; i++) {
      places[combiningClass(points[i]) + 1]++;
    }
    for (int i = 1; i < places.length; i++) {
      places[i] += places[i - 1];
    }
    int[] run = Arrays.copyOfRange(points, start, end);
    for (int c : run) {
      points[start + places[combiningClass(c)]++] = c;
    }
  }

  /** Characters in rising order, each with what stands for it. */
  private record Table(int[] keys, String[] values) {

    /** Reads lines, each a character and what stands for it. */
    static Table of(String lines) {
      int count = 0;
      for (int i = 0; i < lines.length(); i++) {
        count += lines.charAt(i) == '\n' ? 1 : 0;
      }
      int[] keys = new int[count];
      String[] values = new String[count];
      int start = 0;
      for (int line = 0; line < count; line++) {
        int end = lines.indexOf('\n', start);
        keys[line] = lines.codePointAt(start);
        values[line] = lines.substring(start + Character.charCount(keys[line]), end);
        start = end + 1;
      }
      return new Table(keys, values);
    }

    void append(int c, StringBuilder out) {
      int place = Arrays.binarySearch(keys, c);
      if (place >= 0) {
        out.append(values[place]);
      } else {
        out.appendCodePoint(c);
      }
    }

    int first(int c) {
      int place = Arrays.binarySearch(keys, c);
      return place < 0 ? 0 : values[place].charAt(0) - 0x100;
    }
  }
}
