package bravium.server.media;

import bravium.server.data.DataFolder;
import bravium.server.data.OwnersAlone;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.security.DigestInputStream;
import java.security.MessageDigest;
import java.security.NoSuchAlgorithmException;
import java.time.Instant;
import java.util.HexFormat;
import java.util.stream.Stream;
import org.springframework.stereotype.Component;

/** The files of media, each once, under the SHA-256 of what is in it. */
@Component
class MediaFiles {

  private static final String THUMBNAIL = ".small";

  /** So many bytes of the disk stay free for answers, copies and logs. */
  private static final long SPARE = 1L << 30;

  private final Path folder;
  private final Path incoming;
  private final Path uploads;

  MediaFiles(DataFolder data) throws IOException {
    this.folder = data.media();
    this.incoming = folder.resolve("incoming");
    OwnersAlone.folder(folder);
    this.uploads = folder.resolve("uploads");
    OwnersAlone.folder(incoming);
    OwnersAlone.folder(uploads);
    try (Stream<Path> left = Files.list(incoming)) {
      for (Path file : left.toList()) {
        Files.deleteIfExists(file);
      }
    }
  }

  /** The file of an upload that comes in parts. */
  Path upload(String name) {
    return uploads.resolve(name);
  }

  /** Deletes what nobody has added anything to since then. */
  void clearUploads(Instant before) {
    try (Stream<Path> there = Files.list(uploads)) {
      for (Path file : there.toList()) {
        if (Files.getLastModifiedTime(file).toInstant().isBefore(before)) {
          Files.deleteIfExists(file);
        }
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** Whether the disk has room for so many bytes, and for all else that is written meanwhile. */
  boolean hasRoomFor(long bytes) throws IOException {
    return Files.getFileStore(uploads).getUsableSpace() > bytes + SPARE;
  }

  /** A new empty file for something that comes in. */
  Path fresh() throws IOException {
    return Files.createTempFile(incoming, "", "");
  }

  /**
   * Writes what comes in into a new file.
   *
   * @throws bravium.server.problems.Problem if it is empty or longer than that
   */
  Path receive(InputStream in, int mostBytes) throws IOException {
    Path file = fresh();
    boolean whole = false;
    try (OutputStream out = Files.newOutputStream(file)) {
      byte[] buffer = new byte[64 * 1024];
      long all = 0;
      for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
        all += n;
        if (all > mostBytes) {
          throw MediumRefusal.tooLarge(mostBytes >> 20);
        }
        out.write(buffer, 0, n);
      }
      if (all == 0) {
        throw MediumRefusal.empty();
      }
      whole = true;
      return file;
    } finally {
      if (!whole) {
        Files.deleteIfExists(file);
      }
    }
  }

  /** Keeps a prepared file and its small picture, and returns its name. */
  String keep(Prepared prepared) throws IOException {
    String name = hash(prepared.file());
    Path kept = file(name);
    OwnersAlone.folder(kept.getParent());
    if (prepared.thumbnail() != null) {
      move(prepared.thumbnail(), thumbnailFile(name));
    }
    move(prepared.file(), kept);
    return name;
  }

  static void move(Path from, Path to) throws IOException {
    Files.move(from, to, StandardCopyOption.ATOMIC_MOVE, StandardCopyOption.REPLACE_EXISTING);
  }

  Path file(String name) {
    return folder.resolve(name.substring(0, 2)).resolve(name);
  }

  /** The small picture of a medium, or the medium itself where it has none. */
  Path thumbnail(String name) {
    Path small = thumbnailFile(name);
    return Files.exists(small) ? small : file(name);
  }

  private Path thumbnailFile(String name) {
    return beside(name, THUMBNAIL);
  }

  /** What is kept beside a medium and goes with it. */
  Path beside(String name, String what) {
    return folder.resolve(name.substring(0, 2)).resolve(name + what);
  }

  void delete(String name) {
    Path beside = file(name).getParent();
    if (!Files.isDirectory(beside)) {
      return;
    }
    try (Stream<Path> kept = Files.list(beside)) {
      for (Path file : kept.filter(f -> f.getFileName().toString().startsWith(name)).toList()) {
        Files.deleteIfExists(file);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private static String hash(Path file) throws IOException {
    try (InputStream in =
        new DigestInputStream(Files.newInputStream(file), MessageDigest.getInstance("SHA-256"))) {
      in.transferTo(OutputStream.nullOutputStream());
      return HexFormat.of().formatHex(((DigestInputStream) in).getMessageDigest().digest());
    } catch (NoSuchAlgorithmException e) {
      throw new IllegalStateException("every Java has SHA-256", e);
    }
  }
}
