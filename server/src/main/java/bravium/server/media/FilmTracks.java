package bravium.server.media;

import java.io.IOException;
import java.nio.file.Path;
import java.util.List;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * The tracks of a file with video or sound in it, as far as the file itself tells.
 *
 * @param tracks in the order in which they stand there
 * @param millis how long the longest of them lasts, in milliseconds; null where that isn't said
 * @param cutOff whether more should follow than is there, as after a transfer that broke off
 */
record FilmTracks(List<Track> tracks, @Nullable Integer millis, boolean cutOff) {

  /** A file without any. */
  static final FilmTracks NONE = new FilmTracks(List.of(), null, false);

  private static final int LONGEST_MILLIS = 86_400_000;

  /** A thousand frames a second, in frames in 1,000 seconds. */
  private static final int MOST_RATE = 1_000_000;

  /** So few bytes a second no film has that is worth its name: one that claims it is damaged. */
  private static final int FEWEST_BYTES_A_SECOND = 200;

  /** What every browser of today plays (common practice), by the names that files give them. */
  private static final Set<String> VIDEO =
      Set.of("avc1", "avc3", "vp09", "av01", "V_VP8", "V_VP9", "V_AV1");

  private static final Set<String> SOUND =
      Set.of("mp4a", ".mp3", "Opus", "fLaC", "A_OPUS", "A_VORBIS", "A_AAC", "A_MPEG/L3");

  /**
   * What was read of a file.
   *
   * @param millis how long it lasts, in milliseconds; left out where no film lasts so long
   */
  static FilmTracks of(List<Track> tracks, double millis, boolean cutOff) {
    boolean said = millis >= 1 && millis <= LONGEST_MILLIS;
    return new FilmTracks(List.copyOf(tracks), said ? Integer.valueOf((int) millis) : null, cutOff);
  }

  /**
   * One track.
   *
   * @param codec by the name the file gives it
   * @param width in pixels; null for a sound, or where it isn't said
   * @param height in pixels; null for a sound, or where it isn't said
   * @param rate frames in 1,000 seconds; null where that isn't said
   */
  record Track(
      boolean video,
      String codec,
      @Nullable Integer width,
      @Nullable Integer height,
      @Nullable Integer rate) {

    /** A track that is seen; what is 0 or no rate at all isn't said. */
    static Track seen(String codec, int width, int height, double rate) {
      return new Track(
          true,
          codec,
          width > 0 ? width : null,
          height > 0 ? height : null,
          rate >= 1 && rate <= MOST_RATE ? Integer.valueOf((int) Math.round(rate)) : null);
    }

    /** A track that is heard. */
    static Track heard(String codec) {
      return new Track(false, codec, null, null, null);
    }

    /** Whether every browser plays it. */
    boolean plays() {
      return (video ? VIDEO : SOUND).contains(codec);
    }
  }

  /** Reads a file of this type; of what is damaged comes what was found until there. */
  static FilmTracks read(Path file, MediumType type) throws IOException {
    return switch (type) {
      case WEBM, WEBM_VIDEO -> WebmTracks.read(file);
      case M4A, MP4 -> Mp4Tracks.read(file);
      default -> NONE;
    };
  }

  /** The first track that is seen; null where none is. */
  @Nullable Track video() {
    return tracks.stream().filter(Track::video).findFirst().orElse(null);
  }

  boolean hasVideo() {
    return video() != null;
  }

  /** Whether there is a sound in it and nothing that is seen. */
  boolean isSoundAlone() {
    return !tracks.isEmpty() && !hasVideo();
  }

  /** The first track that not every browser plays; null where all of them do. */
  @Nullable Track unplayable() {
    return tracks.stream().filter(track -> !track.plays()).findFirst().orElse(null);
  }

  /** Whether a file of so many bytes can last as long as this one says. */
  boolean fits(long bytes) {
    return millis == null || bytes * 1_000 >= (long) millis * FEWEST_BYTES_A_SECOND;
  }
}
