package bravium.server.media;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The tracks of a file in the ISO base media format, as far as its boxes tell.
 *
 * @param handlers what each track is for: {@code soun} a sound, {@code vide} a video
 * @param millis how long it lasts; null where that isn't said
 * @see <a href="https://www.iso.org/standard/83102.html">ISO/IEC 14496-12, sections 4.2, 8.2.2 and
 *     8.4.3</a>
 */
record Mp4Tracks(List<String> handlers, @Nullable Integer millis) {

  /** Boxes lie within each other no deeper than this on the way to what is looked for. */
  private static final int DEEPEST = 4;

  /** More boxes than any honest file has on that way. */
  private static final int MOST_BOXES = 10_000;

  private static final int HEAD = 8;
  private static final int LONG_HEAD = 16;
  private static final int LONGEST_MILLIS = 86_400_000;

  boolean hasVideo() {
    return handlers.contains("vide");
  }

  /** Whether there is a sound in it and nothing that is seen. */
  boolean isSoundAlone() {
    return handlers.contains("soun") && !hasVideo();
  }

  /** Reads the boxes; what is damaged has the tracks that were found until there. */
  static Mp4Tracks read(Path file) throws IOException {
    try (RandomAccessFile in = new RandomAccessFile(file.toFile(), "r")) {
      Reading reading = new Reading(in);
      reading.boxes(0, in.length(), 0);
      return new Mp4Tracks(List.copyOf(reading.handlers), reading.millis);
    }
  }

  /** One file while it is read. */
  private static final class Reading {

    private final RandomAccessFile in;
    private final List<String> handlers = new ArrayList<>();
    private @Nullable Integer millis;
    private int boxes;

    Reading(RandomAccessFile in) {
      this.in = in;
    }

    void boxes(long from, long to, int depth) throws IOException {
      long at = from;
      while (at + HEAD <= to && depth <= DEEPEST && ++boxes <= MOST_BOXES) {
        in.seek(at);
        long size = Integer.toUnsignedLong(in.readInt());
        String type = text();
        int head = HEAD;
        if (size == 1 && at + LONG_HEAD <= to) {
          size = in.readLong();
          head = LONG_HEAD;
        } else if (size == 0) {
          size = to - at;
        }
        if (size < head || size > to - at) {
          return;
        }
        box(type, at + head, at + size, depth);
        at += size;
      }
    }

    private void box(String type, long from, long to, int depth) throws IOException {
      switch (type) {
        case "moov", "trak", "mdia" -> boxes(from, to, depth + 1);
        case "hdlr" -> {
          if (to - from >= 12) {
            in.seek(from + 8);
            handlers.add(text());
          }
        }
        case "mvhd" -> length(from, to);
        default -> {
          // Nothing of it is needed here.
        }
      }
    }

    /** Version 1 has times of eight bytes, version 0 of four. */
    private void length(long from, long to) throws IOException {
      if (to - from < 32) {
        return;
      }
      in.seek(from);
      boolean wide = in.readByte() == 1;
      in.seek(from + (wide ? 20 : 12));
      long scale = Integer.toUnsignedLong(in.readInt());
      long duration = wide ? in.readLong() : Integer.toUnsignedLong(in.readInt());
      double found = scale == 0 ? -1 : 1_000.0 * duration / scale;
      millis = found > 0 && found <= LONGEST_MILLIS ? Integer.valueOf((int) found) : null;
    }

    private String text() throws IOException {
      byte[] four = new byte[4];
      in.readFully(four);
      return new String(four, StandardCharsets.ISO_8859_1);
    }
  }
}
