package bravium.server.data;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.ByteBuffer;
import java.nio.ByteOrder;
import java.nio.channels.FileChannel;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import org.jspecify.annotations.Nullable;

/**
 * SQLite's write-ahead log as a file, to find out what SQLite does not say: it ends its log at the
 * first frame whose checksum is wrong, and all commits behind are gone without a word. Format and
 * checksum: <i>WAL-mode File Format</i>, sqlite.org/walformat.html.
 */
final class DatabaseLog {

  private static final int HEADER = 32;
  private static final int FRAME_HEADER = 24;

  /** The header's first number; its last bit says which end of a number comes first in sums. */
  private static final int MAGIC = 0x377f0682;

  private static final int LARGEST_PAGE = 65_536;
  private static final int USUAL_PAGE = 4_096;

  private final FileChannel file;
  private final ByteOrder order;
  private final int page;
  private final long salts;
  private boolean sound;
  private int first;
  private int second;

  private DatabaseLog(FileChannel file, ByteBuffer header) throws IOException {
    this.file = file;
    this.order = (header.getInt(0) & 1) == 1 ? ByteOrder.BIG_ENDIAN : ByteOrder.LITTLE_ENDIAN;
    int said = header.getInt(8);
    this.page = said >= 512 && said <= LARGEST_PAGE ? said : USUAL_PAGE;
    sum(header, 0, FRAME_HEADER);
    this.sound =
        (header.getInt(0) & ~1) == MAGIC
            && first == header.getInt(24)
            && second == header.getInt(28);
    ByteBuffer frame = read(file, HEADER, FRAME_HEADER);
    // A header that can't be read says nothing of its round; its first frame does.
    this.salts = sound || frame == null ? header.getLong(16) : frame.getLong(8);
  }

  /**
   * How many commits stand behind the first frame that can't be read. A commit of an earlier round
   * of the log is none of them. Where the power failed, one can be there that nobody was told of:
   * its frames came to the disk in another order. The last commit of all, if the header of its
   * frame never came to the disk, can't be told from one that was never begun.
   *
   * @param log the file; it may be missing
   */
  static int afterDamage(Path log) {
    if (!Files.exists(log)) {
      return 0;
    }
    try (FileChannel file = FileChannel.open(log, StandardOpenOption.READ)) {
      ByteBuffer header = read(file, 0, HEADER);
      return header == null ? 0 : new DatabaseLog(file, header).commits();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  private int commits() throws IOException {
    int lost = 0;
    int whole = FRAME_HEADER + page;
    long at = HEADER;
    for (ByteBuffer frame = read(file, at, whole); frame != null; frame = read(file, at, whole)) {
      boolean ofThisRound = frame.getLong(8) == salts;
      if (sound) {
        sum(frame, 0, 8);
        sum(frame, FRAME_HEADER, whole);
        sound = ofThisRound && first == frame.getInt(16) && second == frame.getInt(20);
      }
      boolean commit = frame.getInt(4) != 0;
      lost += ofThisRound && commit && !sound ? 1 : 0;
      at += whole;
    }
    return lost;
  }

  private void sum(ByteBuffer of, int from, int to) {
    of.order(order);
    for (int i = from; i < to; i += 8) {
      first += of.getInt(i) + second;
      second += of.getInt(i + 4) + first;
    }
    of.order(ByteOrder.BIG_ENDIAN);
  }

  private static @Nullable ByteBuffer read(FileChannel file, long at, int length)
      throws IOException {
    ByteBuffer into = ByteBuffer.allocate(length);
    while (into.hasRemaining()) {
      if (file.read(into, at + into.position()) < 0) {
        return null;
      }
    }
    return into;
  }
}
