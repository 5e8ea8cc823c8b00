package bravium.server.media;

import bravium.server.accounts.Teacher;
import bravium.server.data.Codes;
import bravium.server.data.Nightly;
import bravium.server.data.schema.tables.records.UploadRecord;
import bravium.server.limits.Stripes;
import bravium.server.problems.Problem;
import java.io.IOException;
import java.io.InputStream;
import java.io.OutputStream;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Set;
import java.util.concurrent.ConcurrentHashMap;
import org.springframework.stereotype.Service;

/**
 * Large files that come in parts, one after another. What has come stays, also when the connection
 * breaks within a part or the server ends: the next part begins where the file ends.
 */
@Service
class UploadService implements Nightly {

  /** The largest file: an hour of film at the quality of a projector. */
  static final long MOST_BYTES = 1L << 30;

  /** The most bytes of a part: a few seconds on the network of a school. */
  static final int PART = 4 << 20;

  /** The most files that a teacher has on the way. */
  private static final int MOST = 5;

  /** So long a file may take to come. */
  private static final Duration KEPT = Duration.ofDays(1);

  private final UploadRepository uploads;
  private final MediaService media;
  private final MediaFiles files;
  private final Clock clock;
  private final Stripes beginnings = new Stripes();

  /** Those into which something is being written. */
  private final Set<String> busy = ConcurrentHashMap.newKeySet();

  UploadService(UploadRepository uploads, MediaService media, MediaFiles files, Clock clock) {
    this.uploads = uploads;
    this.media = media;
    this.files = files;
    this.clock = clock;
  }

  /** Begins a file, or goes on with the same one: of the same name, and as long. */
  UploadCard begin(Teacher teacher, UploadBeginning said) throws IOException {
    // So many and no more, also where several are begun at once.
    synchronized (beginnings.of(teacher.id())) {
      return beginAlone(teacher, said);
    }
  }

  private UploadCard beginAlone(Teacher teacher, UploadBeginning said) throws IOException {
    List<UploadRecord> there = uploads.list(teacher.id());
    for (UploadRecord row : there) {
      if (row.getTitle().equals(said.title()) && row.getBytes() == said.bytes()) {
        return card(row);
      }
    }
    if (there.size() >= MOST) {
      throw Problem.conflict(
          "uploads-many",
          "There are "
              + MOST
              + " files on their way already. Bring one to its end or give it up first. Nothing was"
              + " added.");
    }
    media.requireRoom(
        teacher, true, said.bytes() + there.stream().mapToLong(UploadRecord::getBytes).sum());
    if (!files.hasRoomFor(said.bytes())) {
      throw Problem.tooLarge(
          "The disk of this server has no room for this file. Whoever looks after the server has to"
              + " make some. Nothing was added.");
    }
    String name = Codes.id();
    Files.createFile(files.upload(name));
    uploads.add(teacher.id(), name, said, clock.instant());
    return read(teacher, name);
  }

  List<UploadCard> list(Teacher teacher) {
    return uploads.list(teacher.id()).stream().map(this::card).toList();
  }

  UploadCard read(Teacher teacher, String name) {
    return card(row(teacher, name));
  }

  /**
   * Takes the next part. What came of it before a connection broke stays.
   *
   * @param from the byte with which it begins: where the file ends
   */
  UploadCard take(Teacher teacher, String name, long from, InputStream in) throws IOException {
    return alone(
        name,
        () -> {
          UploadRecord row = row(teacher, name);
          Path file = files.upload(name);
          if (received(row) != from) {
            throw Problem.conflict(
                "upload-place",
                "This part belongs elsewhere: "
                    + received(row)
                    + " bytes of the file are there. Go on from that byte.");
          }
          long left = row.getBytes() - from;
          try (OutputStream out = Files.newOutputStream(file, StandardOpenOption.APPEND)) {
            byte[] buffer = new byte[64 * 1024];
            for (int n = in.read(buffer); n >= 0; n = in.read(buffer)) {
              if (n > left) {
                throw Problem.badRequest(
                    "upload-long",
                    "More came than the file was said to have. Begin it anew. What came before is"
                        + " kept for a day.");
              }
              out.write(buffer, 0, n);
              left -= n;
            }
          }
          return card(row);
        });
  }

  /**
   * Makes a medium of what has come.
   *
   * @throws Problem if it isn't all there, or can't be taken; what can't be taken is gone
   */
  MediumCard finish(Teacher teacher, String name) throws IOException {
    return alone(
        name,
        () -> {
          // Asked for here: whoever was first may have finished it meanwhile.
          UploadRecord row = row(teacher, name);
          long received = received(row);
          if (received != row.getBytes()) {
            throw Problem.conflict(
                "upload-unfinished",
                received
                    + " of "
                    + row.getBytes()
                    + " bytes of this file have come. Send the others first; what came is kept.");
          }
          uploads.remove(name);
          return media.add(teacher, row.getTitle(), files.upload(name));
        });
  }

  void giveUp(Teacher teacher, String name) throws IOException {
    alone(
        name,
        () -> {
          row(teacher, name);
          uploads.remove(name);
          return Files.deleteIfExists(files.upload(name));
        });
  }

  private interface Done<T> {

    T done() throws IOException;
  }

  private <T> T alone(String name, Done<T> work) throws IOException {
    if (!busy.add(name)) {
      throw Problem.conflict(
          "upload-busy", "A part of this file is coming in just now. Wait until it is there.");
    }
    try {
      return work.done();
    } finally {
      busy.remove(name);
    }
  }

  private UploadRecord row(Teacher teacher, String name) {
    return uploads
        .find(teacher.id(), name)
        .orElseThrow(
            () ->
                Problem.notFound(
                    "no-such-upload",
                    "Nothing is on its way under this name. It may have been finished or given up,"
                        + " or it took longer than a day. Choose the file again."));
  }

  private UploadCard card(UploadRecord row) {
    return new UploadCard(row.getName(), row.getTitle(), row.getBytes(), received(row), PART);
  }

  private long received(UploadRecord row) {
    try {
      Path file = files.upload(row.getName());
      return Files.exists(file) ? Files.size(file) : 0;
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  @Override
  public void atNight(Instant now) {
    Instant before = now.minus(KEPT);
    uploads.forget(before);
    files.clearUploads(before);
  }
}
