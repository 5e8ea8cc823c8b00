package bravium.server.activities;

import bravium.server.problems.Problem;
import org.jspecify.annotations.Nullable;

/** A title by itself, to rename something or to name a copy. */
record Title(@Nullable String title) {

  private static final int LONGEST = 200;

  String checked() {
    if (title == null || title.length() > LONGEST) {
      throw Problem.badRequest(
          "title-length", "A title has at most 200 letters. Nothing was changed.");
    }
    return title;
  }
}
