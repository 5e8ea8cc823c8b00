package bravium.server.limits;

import bravium.server.problems.Problem;

/** What somebody looks for in a list. */
public final class SearchText {

  private static final int LONGEST = 200;
  private static final int MOST_WORDS = 20;

  private SearchText() {}

  /**
   * The text, if it is one that somebody looks for.
   *
   * @throws Problem if it is longer than that, or has more words
   */
  public static String checked(String text) {
    if (text.length() > LONGEST || text.strip().split("\\s+").length > MOST_WORDS) {
      throw Problem.badRequest(
          "search-long",
          "Up to "
              + MOST_WORDS
              + " words and "
              + LONGEST
              + " letters can be looked for at once. Nothing was changed; use fewer.");
    }
    return text;
  }
}
