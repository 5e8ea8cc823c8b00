package bravium.server.media;

import java.util.Arrays;
import java.util.Optional;

/**
 * The types of files that are kept, by what Tika finds in their content.
 *
 * @see <a href="https://www.iana.org/assignments/media-types">IANA media types</a>
 */
enum MediumType {
  PNG(MediaKind.PICTURE, "image/png", "png", 50),
  JPEG(MediaKind.PICTURE, "image/jpeg", "jpg", 50),
  GIF(MediaKind.PICTURE, "image/gif", "gif", 25),
  WEBP(MediaKind.PICTURE, "image/webp", "webp", 25),
  SVG(MediaKind.PICTURE, "image/svg+xml", "svg", 0),
  MP3(MediaKind.SOUND, "audio/mpeg", "mp3", 0),
  OGG(MediaKind.SOUND, "audio/ogg", "ogg", 0, "audio/vorbis", "audio/opus", "application/ogg"),
  WAV(MediaKind.SOUND, "audio/wav", "wav", 0, "audio/vnd.wave", "audio/x-wav"),
  M4A(
      MediaKind.SOUND,
      "audio/mp4",
      "m4a",
      0,
      "audio/x-m4a",
      "application/mp4",
      "video/x-m4v",
      "video/quicktime"),
  WEBM(MediaKind.SOUND, "audio/webm", "weba", 0, "application/x-matroska", "video/x-matroska"),
  MP4(MediaKind.VIDEO, "video/mp4", "mp4", 0),
  WEBM_VIDEO(MediaKind.VIDEO, "video/webm", "webm", 0);

  private final MediaKind kind;
  private final String type;
  private final String ending;
  private final int mostMegapixels;
  private final String[] found;

  MediumType(MediaKind kind, String type, String ending, int mostMegapixels, String... found) {
    this.kind = kind;
    this.type = type;
    this.ending = ending;
    this.mostMegapixels = mostMegapixels;
    this.found = found;
  }

  /** The type of what was recognised, if it is kept here. */
  static Optional<MediumType> of(String recognised) {
    return Arrays.stream(values())
        .filter(t -> t.type.equals(recognised) || Arrays.asList(t.found).contains(recognised))
        .findFirst();
  }

  /** Whether a file of this form can have something in it that is seen. */
  boolean mayBeVideo() {
    return switch (this) {
      case M4A, WEBM, MP4, WEBM_VIDEO -> true;
      default -> false;
    };
  }

  /** The same form of file with these tracks in it: what is seen makes a video of it. */
  MediumType with(FilmTracks tracks) {
    return switch (this) {
      case M4A, MP4 -> tracks.hasVideo() ? MP4 : M4A;
      case WEBM, WEBM_VIDEO -> tracks.hasVideo() ? WEBM_VIDEO : WEBM;
      default -> this;
    };
  }

  MediaKind kind() {
    return kind;
  }

  /** For the header {@code Content-Type}. */
  String type() {
    return type;
  }

  /** The end of a file's name, without a dot. */
  String ending() {
    return ending;
  }

  /** How many million pixels a picture of this type may have, so that it fits into memory. */
  int mostMegapixels() {
    return mostMegapixels;
  }
}
