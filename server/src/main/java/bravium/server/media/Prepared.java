package bravium.server.media;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import org.jspecify.annotations.Nullable;

/**
 * A file as it will be kept.
 *
 * @param file in the folder of what comes in
 * @param thumbnail a small picture of it; null where it is small itself, or a sound
 * @param width in pixels; null for a sound
 * @param height in pixels; null for a sound
 * @param millis how long a sound is, in milliseconds; null where that is not known here
 */
record Prepared(
    MediumType type,
    Path file,
    @Nullable Path thumbnail,
    @Nullable Integer width,
    @Nullable Integer height,
    @Nullable Integer millis) {

  /** A sound as it came. */
  /** How much room it takes, its small picture included. */
  long bytes() throws IOException {
    return Files.size(file) + (thumbnail == null ? 0 : Files.size(thumbnail));
  }

  static Prepared sound(MediumType type, Path file, @Nullable Integer millis) {
    return new Prepared(type, file, null, null, null, millis);
  }

  /** A picture of that size, in pixels. */
  static Prepared picture(
      MediumType type, Path file, @Nullable Path thumbnail, int width, int height) {
    return new Prepared(type, file, thumbnail, width, height, null);
  }
}
