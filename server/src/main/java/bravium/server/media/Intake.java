package bravium.server.media;

import bravium.server.limits.LongWork;
import bravium.server.limits.Pools;
import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.regex.Pattern;
import javax.sound.sampled.AudioFileFormat;
import javax.sound.sampled.AudioSystem;
import javax.sound.sampled.UnsupportedAudioFileException;
import org.apache.tika.Tika;
import org.jspecify.annotations.Nullable;
import org.springframework.beans.factory.annotation.Qualifier;
import org.springframework.stereotype.Component;

/** Looks at what comes in, and makes of it what is kept. What a file is called decides nothing. */
@Component
class Intake {

  /** The largest file that is taken. */
  static final int MOST_BYTES = 20 << 20;

  private static final int MOST_DRAWING_BYTES = 5 << 20;

  private static final int MOST_SECONDS = 86_400;

  /** Tracks are named at the beginning of a file. */
  private static final int BEGINNING = 64 * 1024;

  /**
   * The element CodecID with the name of a video's codec (RFC 9559, sections 5.1.4.1.21 and 27).
   */
  private static final Pattern VIDEO_TRACK = Pattern.compile("\u0086[\u0081-\u00ff]V_");

  private final Tika tika = new Tika();
  private final MediaFiles files;

  /** Unpacked pictures are large: one at a time. */
  private final LongWork pictures;

  Intake(MediaFiles files, @Qualifier(Pools.PICTURES) LongWork pictures) {
    this.files = files;
    this.pictures = pictures;
  }

  /**
   * Receives a file and prepares it.
   *
   * @throws bravium.server.problems.Problem if it can't be taken, with what would be
   */
  Prepared take(InputStream in) throws IOException {
    Path file = files.receive(in, MOST_BYTES);
    boolean kept = false;
    try {
      String recognised = recognise(file);
      MediumType type =
          MediumType.of(recognised).orElseThrow(() -> MediumRefusal.otherType(recognised));
      if (type.kind() == MediaKind.SOUND) {
        if (type == MediumType.WEBM) {
          requireSoundAlone(file);
        }
        Integer millis = type == MediumType.WAV ? length(file) : null;
        if (type == MediumType.M4A) {
          Mp4Tracks tracks = Mp4Tracks.read(file);
          if (!tracks.isSoundAlone()) {
            throw MediumRefusal.otherType(tracks.hasVideo() ? "a video" : recognised);
          }
          millis = tracks.millis();
        }
        kept = true;
        return Prepared.sound(type, file, millis);
      }
      if (type == MediumType.SVG) {
        if (Files.size(file) > MOST_DRAWING_BYTES) {
          throw MediumRefusal.tooLarge(MOST_DRAWING_BYTES >> 20);
        }
        return pictures.run(() -> SvgCopy.prepare(file, files));
      }
      return pictures.run(() -> PictureFile.prepare(file, type, files));
    } finally {
      if (!kept) {
        Files.deleteIfExists(file);
      }
    }
  }

  private String recognise(Path file) throws IOException {
    try (InputStream in = Files.newInputStream(file)) {
      return tika.detect(in);
    }
  }

  /** A browser tells how long other sounds are. */
  private static @Nullable Integer length(Path file) throws IOException {
    try {
      AudioFileFormat sound = AudioSystem.getAudioFileFormat(file.toFile());
      double seconds = sound.getFrameLength() / (double) sound.getFormat().getFrameRate();
      return seconds > 0 && seconds < MOST_SECONDS ? (int) Math.round(seconds * 1_000) : null;
    } catch (UnsupportedAudioFileException e) {
      return null;
    }
  }

  private static void requireSoundAlone(Path file) throws IOException {
    try (InputStream in = Files.newInputStream(file)) {
      String start = new String(in.readNBytes(BEGINNING), StandardCharsets.ISO_8859_1);
      if (!start.contains("webm") || VIDEO_TRACK.matcher(start).find()) {
        throw MediumRefusal.otherType("a video");
      }
    }
  }
}
