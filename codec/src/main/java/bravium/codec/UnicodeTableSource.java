package bravium.codec;

import com.ibm.icu.lang.UCharacter;
import com.ibm.icu.lang.UProperty;
import com.ibm.icu.text.Normalizer2;

/**
 * The text of {@code bravium.core.answer.UnicodeTable}: what the Unicode Character Database says of
 * letter forms, as ICU4J carries it, in lines of a character and what stands for it.
 */
final class UnicodeTableSource {

  private static final int HANGUL = 0xac00;
  private static final int HANGUL_END = 0xd7a3;
  private static final Normalizer2 NFD = Normalizer2.getNFDInstance();
  private static final Normalizer2 NFKC = Normalizer2.getNFKCInstance();
  private static final int A_LINE = 60;

  private UnicodeTableSource() {}

  static String text() {
    StringBuilder decomposed = new StringBuilder();
    StringBuilder caseFolded = new StringBuilder();
    StringBuilder classes = new StringBuilder();
    StringBuilder compatible = new StringBuilder();
    for (int c = 0x80; c <= Character.MAX_CODE_POINT; c++) {
      boolean surrogate = c >= Character.MIN_SURROGATE && c <= Character.MAX_SURROGATE;
      boolean hangul = c >= HANGUL && c <= HANGUL_END;
      if (!surrogate && !hangul) {
        add(decomposed, caseFolded, classes, c);
        if (meansThePlainOnes(c)) {
          compatible.appendCodePoint(c).append(NFKC.getDecomposition(c)).append('\n');
        }
      }
    }
    for (int c = 'A'; c <= 'Z'; c++) {
      caseFolded.insert((c - 'A') * 3, "" + (char) c + (char) (c + 32) + '\n');
    }
    return """
    package bravium.core.answer;

    /** Letter forms, from the Unicode Character Database. Written at build by the codec's module. */
    final class UnicodeTable {

      static final String DECOMPOSED =
          %s;

      static final String CASE_FOLDED =
          %s;

      static final String CLASSES =
          %s;

      static final String COMPATIBLE =
          %s;

      private UnicodeTable() {}
    }
    """
        .formatted(literal(decomposed), literal(caseFolded), literal(classes), literal(compatible));
  }

  /**
   * Wide and narrow forms, raised and lowered ones, and ligatures mean the plain characters (UAX
   * #15, compatibility decompositions of these types).
   */
  private static boolean meansThePlainOnes(int c) {
    boolean ligature = c >= 0xfb00 && c <= 0xfb4f || c == 0x132 || c == 0x133;
    return NFKC.getDecomposition(c) != null
        && switch (UCharacter.getIntPropertyValue(c, UProperty.DECOMPOSITION_TYPE)) {
          case UCharacter.DecompositionType.WIDE,
              UCharacter.DecompositionType.NARROW,
              UCharacter.DecompositionType.SUPER,
              UCharacter.DecompositionType.SUB ->
              true;
          case UCharacter.DecompositionType.COMPAT -> ligature;
          default -> false;
        };
  }

  /** A character that comes apart is never case-folded itself: its parts are. */
  private static void add(
      StringBuilder decomposed, StringBuilder caseFolded, StringBuilder classes, int c) {
    String apart = NFD.getDecomposition(c);
    if (apart != null) {
      decomposed.appendCodePoint(c).append(NFD.normalize(apart)).append('\n');
      return;
    }
    String character = Character.toString(c);
    String folded = NFD.normalize(UCharacter.foldCase(character, true));
    if (!folded.equals(character)) {
      caseFolded.appendCodePoint(c).append(folded).append('\n');
    }
    if (UCharacter.getCombiningClass(c) > 0) {
      classes
          .appendCodePoint(c)
          .append((char) (0x100 + UCharacter.getCombiningClass(c)))
          .append('\n');
    }
  }

  private static String literal(CharSequence text) {
    StringBuilder out = new StringBuilder("\"");
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (i > 0 && i % A_LINE == 0) {
        out.append("\"\n          + \"");
      }
      switch (c) {
        case '\n' -> out.append("\\n");
        case '"', '\\' -> out.append('\\').append(c);
        default -> out.append("\\u%04x".formatted((int) c));
      }
    }
    return out.append('"').toString();
  }
}
