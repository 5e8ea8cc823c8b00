package bravium.server.media;

import bravium.server.problems.Problem;

/** What a teacher calls a medium, and the words that stand for it. */
public record MediumWords(String title, String words) {

  static final int LONGEST_TITLE = 200;
  static final int LONGEST_WORDS = 2_000;

  MediumWords checked() {
    if (title.isBlank() || title.length() > LONGEST_TITLE || words.length() > LONGEST_WORDS) {
      throw Problem.badRequest(
          "medium-words",
          "A name has 1 to "
              + LONGEST_TITLE
              + " characters, a description at most "
              + LONGEST_WORDS
              + ". Nothing was changed.");
    }
    return new MediumWords(title.strip(), words.strip());
  }
}
