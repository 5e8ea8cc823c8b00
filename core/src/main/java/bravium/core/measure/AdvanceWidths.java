package bravium.core.measure;

import bravium.core.rich.Texts;

/**
 * How wide text is in the display type that ships with Bravium (Lexend). The table is read off that
 * font's file by {@code web/scripts/advance-widths.mjs}, and a test there holds it to the file.
 */
public final class AdvanceWidths {

  private static final int FIRST = 0x20;

  /** Of regular weight, in thousandths of the size, from U+0020 to U+00FF. */
  private static final int[] WIDTHS = {
    280, 236, 412, 678, 624, 839, 739, 205, 366, 366, 387, 591, 267, 394, 228, 557,
    607, 500, 548, 529, 620, 568, 557, 542, 579, 551, 228, 262, 524, 566, 524, 511,
    965, 700, 681, 679, 748, 614, 602, 766, 761, 478, 642, 732, 599, 864, 793, 782,
    634, 782, 695, 624, 576, 740, 715, 996, 685, 660, 659, 403, 557, 403, 579, 690,
    500, 633, 630, 535, 634, 586, 393, 649, 595, 278, 265, 568, 251, 921, 595, 615,
    631, 630, 403, 479, 384, 605, 573, 800, 562, 581, 484, 411, 231, 411, 510, 584,
    584, 584, 584, 584, 584, 584, 584, 584, 584, 584, 584, 584, 584, 584, 584, 584,
    584, 584, 584, 584, 584, 584, 584, 584, 584, 584, 584, 584, 584, 584, 584, 584,
    280, 236, 535, 610, 550, 660, 239, 549, 500, 786, 365, 486, 670, 394, 507, 424,
    532, 582, 346, 342, 500, 586, 712, 228, 500, 281, 354, 491, 793, 785, 791, 511,
    700, 700, 700, 700, 700, 700, 969, 679, 614, 614, 614, 614, 478, 478, 478, 478,
    748, 793, 782, 782, 782, 782, 782, 484, 770, 740, 740, 740, 740, 660, 634, 664,
    633, 633, 633, 633, 633, 633, 899, 535, 586, 586, 586, 586, 243, 243, 243, 243,
    574, 595, 615, 615, 615, 615, 615, 597, 615, 605, 605, 605, 605, 581, 631, 581
  };

  /** What the table doesn't have counts as wide as the widest Latin letters. */
  private static final int OTHER = 1_000;

  /** How much wider text in semi-bold is, in hundredths. */
  private static final int SEMI_BOLD = 104;

  private AdvanceWidths() {}

  /** The width of a text in semi-bold, in pixels, rounded up. */
  public static int of(String text, int size) {
    long width = 0;
    for (int i = 0; i < text.length(); i++) {
      int place = text.charAt(i) - FIRST;
      width += place >= 0 && place < WIDTHS.length ? WIDTHS[place] : OTHER;
    }
    return (int) ((width * size * SEMI_BOLD + 99_999) / 100_000);
  }

  /**
   * How many lines a text takes, broken between words; a word that is wider than a line is broken
   * inside.
   *
   * @param size of the type, in pixels
   * @param width of a line, in pixels
   */
  public static int lines(String text, int size, int width) {
    int lines = 0;
    for (String paragraph : Texts.split(text, '\n')) {
      lines += linesOf(paragraph, size, width);
    }
    return lines;
  }

  private static int linesOf(String paragraph, int size, int width) {
    int space = of(" ", size);
    int lines = 1;
    int used = 0;
    for (String word : Texts.split(paragraph, ' ')) {
      int wide = of(word, size);
      if (used > 0 && used + space + wide > width) {
        lines++;
        used = 0;
      }
      used += (used > 0 ? space : 0) + wide;
      while (used > width) {
        lines++;
        used -= width;
      }
    }
    return lines;
  }
}
