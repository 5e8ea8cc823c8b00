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
 * @param millis how long a sound or a video is, in milliseconds; null where that is not known here
 * @param rate how many frames a video has in 1,000 seconds; null where that is not known
 */
record Prepared(
    MediumType type,
    Path file,
    @Nullable Path thumbnail,
    @Nullable Integer width,
    @Nullable Integer height,
    @Nullable Integer millis,
    @Nullable Integer rate) {

  /** How much room it takes, its small picture included. */
  long bytes() throws IOException {
    return Files.size(file) + (thumbnail == null ? 0 : Files.size(thumbnail));
  }

  /** A sound as it came. */
  static Prepared sound(MediumType type, Path file, @Nullable Integer millis) {
    return new Prepared(type, file, null, null, null, millis, null);
  }

  /** A video as it came. */
  static Prepared video(MediumType type, Path file, FilmTracks tracks, FilmTracks.Track seen) {
    return new Prepared(
        type, file, null, seen.width(), seen.height(), tracks.millis(), seen.rate());
  }

  /** A picture of that size, in pixels. */
  static Prepared picture(
      MediumType type, Path file, @Nullable Path thumbnail, int width, int height) {
    return new Prepared(type, file, thumbnail, width, height, null, null);
  }
}
