package bravium.server.media;

import bravium.server.limits.LongWork;
import bravium.server.limits.Pools;
import java.io.BufferedInputStream;
import java.io.IOException;
import java.io.InputStream;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Objects;
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

  /** The largest picture or sound, and the largest file that comes by itself and at once. */
  static final int MOST_BYTES = 20 << 20;

  /** The largest that comes within another file, as a video does with its activity. */
  private static final int MOST_WITHIN = 200 << 20;

  private static final int MOST_DRAWING_BYTES = 5 << 20;

  /** So much of a file is looked at before the rest of it is taken. */
  private static final int BEGINNING = 64 * 1024;

  private static final int MOST_SECONDS = 86_400;

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
    InputStream start = new BufferedInputStream(in, BEGINNING);
    boolean large = MediumType.of(tika.detect(start)).map(MediumType::mayBeVideo).orElse(false);
    return prepare(files.receive(start, large ? MOST_WITHIN : MOST_BYTES));
  }

  /**
   * Prepares a file that is there. It is gone if it can't be taken.
   *
   * @throws bravium.server.problems.Problem if it can't be taken, with what would be
   */
  Prepared prepare(Path file) throws IOException {
    boolean kept = false;
    try {
      String recognised = recognise(file);
      MediumType form =
          MediumType.of(recognised).orElseThrow(() -> MediumRefusal.otherType(recognised));
      FilmTracks tracks = FilmTracks.read(file, form);
      MediumType type = form.with(tracks);
      if (type.kind() != MediaKind.VIDEO && Files.size(file) > MOST_BYTES) {
        throw MediumRefusal.tooLarge(MOST_BYTES >> 20);
      }
      Prepared prepared =
          switch (type.kind()) {
            case VIDEO -> video(type, file, tracks);
            case SOUND -> sound(type, file, tracks, recognised);
            case PICTURE -> picture(type, file);
          };
      kept = prepared.file().equals(file);
      return prepared;
    } finally {
      if (!kept) {
        Files.deleteIfExists(file);
      }
    }
  }

  private Prepared picture(MediumType type, Path file) throws IOException {
    if (type == MediumType.SVG) {
      if (Files.size(file) > MOST_DRAWING_BYTES) {
        throw MediumRefusal.tooLarge(MOST_DRAWING_BYTES >> 20);
      }
      return pictures.run(() -> SvgCopy.prepare(file, files));
    }
    return pictures.run(() -> PictureFile.prepare(file, type, files));
  }

  private static Prepared sound(MediumType type, Path file, FilmTracks tracks, String recognised)
      throws IOException {
    return switch (type) {
      case WAV -> Prepared.sound(type, file, length(file));
      case WEBM, M4A -> {
        if (!tracks.isSoundAlone()) {
          throw MediumRefusal.otherType(recognised);
        }
        yield Prepared.sound(type, file, tracks.millis());
      }
      default -> Prepared.sound(type, file, null);
    };
  }

  private static Prepared video(MediumType type, Path file, FilmTracks tracks) throws IOException {
    FilmTracks.Track unplayable = tracks.unplayable();
    if (unplayable != null && !unplayable.codec().isEmpty()) {
      throw MediumRefusal.unplayable(unplayable);
    }
    if (tracks.cutOff()) {
      throw MediumRefusal.cutOff();
    }
    if (unplayable != null || tracks.millis() == null || !tracks.fits(Files.size(file))) {
      throw MediumRefusal.damagedFilm();
    }
    return Prepared.video(type, file, tracks, Objects.requireNonNull(tracks.video()));
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
}
