package bravium.server.media;

import bravium.server.problems.Problem;
import org.jspecify.annotations.Nullable;

/** What a teacher calls a medium, and the words that stand for it. */
public record MediumWords(@Nullable String title, @Nullable String words) {

  static final int LONGEST_TITLE = 200;
  static final int LONGEST_WORDS = 2_000;

  MediumWords checked() {
    String called = title == null ? "" : title.strip();
    String said = words == null ? "" : words.strip();
    if (called.isEmpty() || called.length() > LONGEST_TITLE || said.length() > LONGEST_WORDS) {
      throw Problem.badRequest(
          "medium-words",
          "A name has 1 to "
              + LONGEST_TITLE
              + " characters, a description at most "
              + LONGEST_WORDS
              + ". Nothing was changed.");
    }
    return new MediumWords(called, said);
  }
}
