package bravium.server.media;

import bravium.server.problems.Problem;

/**
 * What is said of a file before it comes in parts.
 *
 * @param title what it is called; a file's path and ending are left out later
 * @param bytes how long it is
 */
public record UploadBeginning(String title, long bytes) {

  private static final int LONGEST_NAME = 1_000;

  /** The same, if it can be begun. */
  UploadBeginning checked() {
    if (title == null || title.length() > LONGEST_NAME) {
      throw Problem.badRequest(
          "upload-title",
          "Say what the file is called, in at most "
              + LONGEST_NAME
              + " characters. Nothing was added.");
    }
    if (bytes < 1) {
      throw MediumRefusal.empty();
    }
    if (bytes > UploadService.MOST_BYTES) {
      throw MediumRefusal.tooLarge((int) (UploadService.MOST_BYTES >> 20));
    }
    return this;
  }
}
