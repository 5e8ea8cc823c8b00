package bravium.core.measure;

import java.util.List;

/**
 * Whether a question with its options fits on the projector without scrolling: a stage of 1280 by
 * 800 pixels, of which the markers, the foot and the margins take their share. All in pixels.
 *
 * @param question the size of the question's type
 * @param option the size of the options' type
 */
public record ProjectorFit(int question, int option) {

  /** As large as a game usually is. */
  public static final ProjectorFit USUAL = new ProjectorFit(52, 36);

  /** The least that is read from the back row (interface.md: question 40, nothing under 28). */
  public static final ProjectorFit LEAST = new ProjectorFit(40, 28);

  private static final int WIDTH = 1_168;
  private static final int HEIGHT = 510;
  private static final int TEAMS = 70;
  private static final int GAP = 14;
  private static final int READ_ALOUD = 70;
  private static final int MOST_COLUMNS = 3;

  /** What a card takes besides its text: the ring with its letter, margins, its edge. */
  private static final int BESIDE_TEXT = 130;

  private static final int AROUND_TEXT = 34;

  /**
   * Whether it fits.
   *
   * @param options the texts of what can be picked; empty where nothing is
   * @param beside whether a picture stands beside the answer and takes two fifths of the width
   * @param teams whether teams have a line of their own
   */
  public boolean takes(String text, List<String> options, boolean beside, boolean teams) {
    int lines = AdvanceWidths.lines(text, question, WIDTH - READ_ALOUD);
    int left = HEIGHT - (teams ? TEAMS : 0) - lines * question * 6 / 5;
    if (options.isEmpty()) {
      return left >= 0;
    }
    int width = beside ? WIDTH * 3 / 5 : WIDTH;
    int most = beside ? 1 : MOST_COLUMNS;
    for (int columns = 1; columns <= most; columns++) {
      if (GAP + height(options, width, columns) <= left) {
        return true;
      }
    }
    return false;
  }

  private int height(List<String> options, int width, int columns) {
    int inner = (width - (columns - 1) * GAP) / columns - BESIDE_TEXT;
    int tallest = 0;
    for (String text : options) {
      tallest = Math.max(tallest, AdvanceWidths.lines(text, option, inner) * option * 5 / 4);
    }
    int rows = (options.size() + columns - 1) / columns;
    return rows * (tallest + AROUND_TEXT) + (rows - 1) * GAP;
  }
}
