package bravium.core.games.wordhunt;

import java.util.ArrayList;
import java.util.List;

/**
 * A name letter by letter: a letter with the marks on it is one (extended grapheme clusters,
 * Unicode Standard Annex 29, as far as names of things need them), white space and signs are none.
 */
final class Spelling {

  /** Marks that stand on the letter before them: first and last of each range. */
  private static final int[] MARKS = {
    0x300, 0x36f, 0x483, 0x489, 0x591, 0x5bd, 0x5bf, 0x5bf, 0x5c1, 0x5c2, 0x5c4, 0x5c5, 0x5c7,
    0x5c7, 0x610, 0x61a, 0x64b, 0x65f, 0x670, 0x670, 0x6d6, 0x6dc, 0x6df, 0x6e4, 0x6e7, 0x6e8,
    0x6ea, 0x6ed, 0xe31, 0xe31, 0xe34, 0xe3a, 0xe47, 0xe4e, 0xeb1, 0xeb1, 0xeb4, 0xebc, 0xec8,
    0xecd, 0x1ab0, 0x1aff, 0x1dc0, 0x1dff, 0x200c, 0x200d, 0x20d0, 0x20ff, 0x3099, 0x309a, 0xfe00,
    0xfe0f, 0xfe20, 0xfe2f, 0x1f3fb, 0x1f3ff
  };

  /**
   * The scripts from Devanagari to Malayalam have their marks at the same places of their blocks.
   */
  private static final int FIRST_INDIC = 0x900;

  private static final int LAST_INDIC = 0xd7f;
  private static final int JOINER = 0x200d;
  private static final String SIGNS = "-'.,!?()/&\u2010\u2011\u2013\u2019";

  private Spelling() {}

  /** The letters and signs of a name, in their order. */
  static List<String> of(String name) {
    List<String> letters = new ArrayList<>();
    int last = 0;
    for (int i = 0; i < name.length(); ) {
      int c = name.codePointAt(i);
      int end = i + Character.charCount(c);
      boolean goesOn = !letters.isEmpty() && (mark(c) || last == JOINER);
      String there = name.substring(i, end);
      if (goesOn) {
        letters.add(letters.removeLast() + there);
      } else {
        letters.add(there);
      }
      last = c;
      i = end;
    }
    return letters;
  }

  /** Whether it is a letter that can be covered. */
  static boolean covered(String letter) {
    return !SIGNS.contains(letter) && !letter.equals(" ");
  }

  private static boolean mark(int c) {
    if (c >= FIRST_INDIC && c <= LAST_INDIC) {
      int place = c % 0x80;
      return place <= 3
          || place >= 0x3a && place <= 0x4f && place != 0x3d
          || place >= 0x51 && place <= 0x57
          || place == 0x62
          || place == 0x63;
    }
    for (int i = 0; i < MARKS.length; i += 2) {
      if (c >= MARKS[i] && c <= MARKS[i + 1]) {
        return true;
      }
    }
    return false;
  }
}
