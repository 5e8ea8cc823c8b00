package bravium.server.media;

import java.io.EOFException;
import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

/**
 * Reads the tracks of a WebM file from its elements. Where it doesn't say how long it lasts, as
 * recordings of a browser don't, the time of its last block does.
 *
 * @see <a href="https://www.rfc-editor.org/rfc/rfc8794">RFC 8794 (EBML)</a>
 * @see <a href="https://www.rfc-editor.org/rfc/rfc9559">RFC 9559 (Matroska), section 5.1</a>
 */
final class WebmTracks {

  private static final int HEADER = 0x1A45DFA3;
  private static final int DOC_TYPE = 0x4282;
  private static final int SEGMENT = 0x18538067;
  private static final int INFO = 0x1549A966;
  private static final int TIMESTAMP_SCALE = 0x2AD7B1;
  private static final int DURATION = 0x4489;
  private static final int TRACKS = 0x1654AE6B;
  private static final int TRACK = 0xAE;
  private static final int TRACK_TYPE = 0x83;
  private static final int CODEC = 0x86;
  private static final int FRAME_DURATION = 0x23E383;
  private static final int VIDEO = 0xE0;
  private static final int WIDTH = 0xB0;
  private static final int HEIGHT = 0xBA;
  private static final int CLUSTER = 0x1F43B675;
  private static final int TIMESTAMP = 0xE7;
  private static final int BLOCK_GROUP = 0xA0;
  private static final int BLOCK = 0xA1;
  private static final int SIMPLE_BLOCK = 0xA3;

  /** More elements than a film of some hours has. */
  private static final int MOST_ELEMENTS = 2_000_000;

  /** The longest text that is read: names of types and codecs. */
  private static final int LONGEST_TEXT = 64;

  private static final long UNKNOWN = -1;

  private final RandomAccessFile in;
  private final List<Found> found = new ArrayList<>();
  private String docType = "";
  private long scale = 1_000_000;
  private double duration;
  private long cluster;
  private long lastBlock;
  private int elements;

  private WebmTracks(RandomAccessFile in) {
    this.in = in;
  }

  private boolean cutOff;

  private static final class Found {
    private long type;
    private String codec = "";
    private long frame;
    private int width;
    private int height;
  }

  static FilmTracks read(Path file) throws IOException {
    try (RandomAccessFile in = new RandomAccessFile(file.toFile(), "r")) {
      WebmTracks reading = new WebmTracks(in);
      try {
        reading.elements(in.length());
      } catch (EOFException e) {
        // It was cut off: what was found until there counts.
      }
      return reading.docType.equals("webm") ? reading.tracks() : FilmTracks.NONE;
    }
  }

  private FilmTracks tracks() {
    List<FilmTracks.Track> tracks = new ArrayList<>();
    for (Found one : found) {
      if (one.type == 1) {
        double rate = one.frame > 0 ? 1e12 / one.frame : 0;
        tracks.add(FilmTracks.Track.seen(one.codec, one.width, one.height, rate));
      } else if (one.type == 2) {
        tracks.add(FilmTracks.Track.heard(one.codec));
      }
    }
    return FilmTracks.of(tracks, (duration > 0 ? duration : lastBlock) * scale / 1e6, cutOff);
  }

  /**
   * All elements, those within others as they come: each has a number that tells what it is,
   * wherever it stands. Ends where everything is known.
   */
  private void elements(long end) throws IOException {
    long at = 0;
    while (at < end && ++elements <= MOST_ELEMENTS) {
      in.seek(at);
      int id = id();
      long size = size();
      long from = in.getFilePointer();
      if (id == CLUSTER && duration > 0 && !found.isEmpty()) {
        return;
      }
      cutOff |= id == SEGMENT && size != UNKNOWN && size > end - from;
      if (goesInto(id)) {
        if (id == TRACK) {
          found.add(new Found());
        }
        at = from;
        continue;
      }
      if (size == UNKNOWN || size > end - from) {
        return;
      }
      element(id, size);
      at = from + size;
    }
  }

  private static boolean goesInto(int id) {
    return switch (id) {
      case HEADER, SEGMENT, INFO, TRACKS, TRACK, VIDEO, CLUSTER, BLOCK_GROUP -> true;
      default -> false;
    };
  }

  private void element(int id, long size) throws IOException {
    Found track = found.isEmpty() ? null : found.getLast();
    switch (id) {
      case DOC_TYPE -> docType = text(size);
      case TIMESTAMP_SCALE -> scale = Math.max(1, number(size));
      case DURATION -> duration = real(size);
      case TIMESTAMP -> cluster = number(size);
      case BLOCK, SIMPLE_BLOCK -> {
        size();
        lastBlock = Math.max(lastBlock, cluster + in.readShort());
      }
      default -> {
        if (track != null) {
          ofTrack(track, id, size);
        }
      }
    }
  }

  private void ofTrack(Found track, int id, long size) throws IOException {
    switch (id) {
      case TRACK_TYPE -> track.type = number(size);
      case CODEC -> track.codec = text(size);
      case FRAME_DURATION -> track.frame = number(size);
      case WIDTH -> track.width = (int) Math.min(Integer.MAX_VALUE, number(size));
      case HEIGHT -> track.height = (int) Math.min(Integer.MAX_VALUE, number(size));
      default -> {
        // Nothing of it is needed here.
      }
    }
  }

  /** The number of an element, with its mark of length. */
  private int id() throws IOException {
    int first = in.readUnsignedByte();
    int length = Integer.numberOfLeadingZeros(first) - 23;
    int id = first;
    for (int i = 1; i < Math.min(length, 4); i++) {
      id = id << 8 | in.readUnsignedByte();
    }
    return id;
  }

  /** A length: the first bit that is set says how many bytes it has; all bits set mean unknown. */
  private long size() throws IOException {
    int first = in.readUnsignedByte();
    int length = Integer.numberOfLeadingZeros(first) - 23;
    if (length > 8) {
      return UNKNOWN;
    }
    long size = first & (0xFF >> length);
    boolean ones = size == 0xFF >> length;
    for (int i = 1; i < length; i++) {
      int next = in.readUnsignedByte();
      ones &= next == 0xFF;
      size = size << 8 | next;
    }
    return ones ? UNKNOWN : size;
  }

  private long number(long size) throws IOException {
    long number = 0;
    for (int i = 0; i < Math.min(size, 8); i++) {
      number = number << 8 | in.readUnsignedByte();
    }
    return Math.max(0, number);
  }

  private double real(long size) throws IOException {
    double real = size == 4 ? in.readFloat() : size == 8 ? in.readDouble() : 0;
    return Double.isFinite(real) ? real : 0;
  }

  private String text(long size) throws IOException {
    byte[] bytes = new byte[(int) Math.min(size, LONGEST_TEXT)];
    in.readFully(bytes);
    return new String(bytes, StandardCharsets.ISO_8859_1).replace("\0", "");
  }
}
