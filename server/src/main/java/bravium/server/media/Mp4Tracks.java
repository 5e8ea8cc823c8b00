package bravium.server.media;

import java.io.IOException;
import java.io.RandomAccessFile;
import java.nio.ByteBuffer;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Reads the tracks of a file in the ISO base media format from its boxes, those of a fragmented one
 * among them.
 *
 * @see <a href="https://www.iso.org/standard/83102.html">ISO/IEC 14496-12, sections 4.2, 8.2 to 8.6
 *     and 8.8</a>
 */
final class Mp4Tracks {

  /** Boxes lie within each other no deeper than this on the way to what is looked for. */
  private static final int DEEPEST = 6;

  /** More boxes than any honest file has on that way: a fragment a second for a day, in ten. */
  private static final int MOST_BOXES = 1_000_000;

  /** More entries than any honest table of times has that is not one for each frame. */
  private static final int MOST_ENTRIES = 4_000_000;

  /**
   * The boxes in which nearly all of a film lies: of one that was cut off, one of these is short.
   */
  private static final Set<String> LARGE = Set.of("mdat", "moov", "moof");

  private static final int HEAD = 8;
  private static final int LONG_HEAD = 16;

  private final RandomAccessFile in;
  private final List<Found> found = new ArrayList<>();
  private final Map<Long, Long> usualDurations = new LinkedHashMap<>();
  private @Nullable Double movie;
  private @Nullable Found fragment;
  private long durationHere;
  private int boxes;
  private boolean cutOff;

  private Mp4Tracks(RandomAccessFile in) {
    this.in = in;
  }

  /** One track while it is read; times are in its own scale. */
  private static final class Found {

    private long id;
    private String handler = "";
    private String codec = "";
    private long scale;
    private long duration;
    private long samples;
    private long lasting;
    private int width;
    private int height;
  }

  static FilmTracks read(Path file) throws IOException {
    try (RandomAccessFile in = new RandomAccessFile(file.toFile(), "r")) {
      Mp4Tracks reading = new Mp4Tracks(in);
      reading.boxes(0, in.length(), 0);
      return reading.tracks();
    }
  }

  private FilmTracks tracks() {
    List<FilmTracks.Track> tracks = new ArrayList<>();
    double longest = 0;
    for (Found one : found) {
      boolean video = one.handler.equals("vide");
      if (!video && !one.handler.equals("soun")) {
        continue;
      }
      double seconds = one.scale == 0 ? 0 : (double) one.lasting / one.scale;
      double said = one.scale == 0 ? 0 : (double) one.duration / one.scale;
      longest = Math.max(longest, seconds > 0 ? seconds : said);
      double rate = seconds > 0 ? 1_000 * one.samples / seconds : 0;
      tracks.add(
          video
              ? FilmTracks.Track.seen(one.codec, one.width, one.height, rate)
              : FilmTracks.Track.heard(one.codec));
    }
    return FilmTracks.of(tracks, 1_000 * (longest > 0 || movie == null ? longest : movie), cutOff);
  }

  private void boxes(long from, long to, int depth) throws IOException {
    long at = from;
    while (at + HEAD <= to && depth <= DEEPEST && ++boxes <= MOST_BOXES) {
      in.seek(at);
      long size = number();
      String type = text();
      int head = HEAD;
      if (size == 1 && at + LONG_HEAD <= to) {
        size = in.readLong();
        head = LONG_HEAD;
      } else if (size == 0) {
        size = to - at;
      }
      if (size < head || size > to - at) {
        cutOff |= depth == 0 && size > to - at && LARGE.contains(type);
        return;
      }
      box(type, at + head, at + size, depth);
      at += size;
    }
  }

  private void box(String type, long from, long to, int depth) throws IOException {
    long length = to - from;
    in.seek(from);
    switch (type) {
      case "trak" -> {
        found.add(new Found());
        boxes(from, to, depth + 1);
      }
      case "moov", "mdia", "minf", "stbl", "mvex", "moof", "traf" -> boxes(from, to, depth + 1);
      case "mvhd" -> movie = seconds(length);
      case "tkhd" -> trackId(length);
      case "mdhd" -> scale(length);
      case "hdlr" -> handler(length);
      case "stsd" -> codec(length);
      case "stts" -> times(length);
      case "trex" -> usual(length);
      case "tfhd" -> fragmentOf(length);
      case "trun" -> fragmentTimes(length);
      default -> {
        // Nothing of it is needed here.
      }
    }
  }

  private @Nullable Found last() {
    return found.isEmpty() ? null : found.getLast();
  }

  /** Version 1 has times of eight bytes, version 0 of four. */
  private @Nullable Double seconds(long length) throws IOException {
    if (length < 32) {
      return null;
    }
    boolean wide = in.readByte() == 1;
    in.skipBytes(wide ? 19 : 11);
    long scale = number();
    long duration = wide ? in.readLong() : number();
    return scale == 0 || duration < 0 ? null : (double) duration / scale;
  }

  private void trackId(long length) throws IOException {
    Found track = last();
    if (track != null && length >= 24) {
      boolean wide = in.readByte() == 1;
      in.skipBytes(wide ? 19 : 11);
      track.id = number();
    }
  }

  private void scale(long length) throws IOException {
    Found track = last();
    if (track != null && length >= 24) {
      boolean wide = in.readByte() == 1;
      in.skipBytes(wide ? 19 : 11);
      track.scale = number();
      track.duration = Math.max(0, wide ? in.readLong() : number());
    }
  }

  private void handler(long length) throws IOException {
    Found track = last();
    if (track != null && length >= 12 && track.handler.isEmpty()) {
      in.skipBytes(8);
      track.handler = text();
    }
  }

  /** The first entry: its name, and where it is seen, its size. */
  private void codec(long length) throws IOException {
    Found track = last();
    if (track != null && length >= 16) {
      in.skipBytes(12);
      track.codec = text();
      if (length >= 44) {
        in.skipBytes(24);
        track.width = in.readUnsignedShort();
        track.height = in.readUnsignedShort();
      }
    }
  }

  private void times(long length) throws IOException {
    Found track = last();
    if (track == null || length < 8) {
      return;
    }
    in.skipBytes(4);
    long entries = Math.min(number(), (length - 8) / 8);
    byte[] table = new byte[(int) Math.min(entries, MOST_ENTRIES) * 8];
    in.readFully(table);
    ByteBuffer numbers = ByteBuffer.wrap(table);
    while (numbers.remaining() >= 8) {
      long count = Integer.toUnsignedLong(numbers.getInt());
      long delta = Integer.toUnsignedLong(numbers.getInt());
      track.samples += count;
      track.lasting += count * delta;
    }
  }

  private void usual(long length) throws IOException {
    if (length >= 16) {
      in.skipBytes(4);
      long id = number();
      in.skipBytes(4);
      usualDurations.put(id, number());
    }
  }

  private void fragmentOf(long length) throws IOException {
    fragment = null;
    if (length < 8) {
      return;
    }
    long flags = number() & 0xFFFFFF;
    long id = number();
    fragment = found.stream().filter(track -> track.id == id).findFirst().orElse(null);
    durationHere = usualDurations.getOrDefault(id, 0L);
    in.skipBytes(((flags & 1) != 0 ? 8 : 0) + ((flags & 2) != 0 ? 4 : 0));
    if ((flags & 8) != 0) {
      durationHere = number();
    }
  }

  private void fragmentTimes(long length) throws IOException {
    Found track = fragment;
    if (track == null || length < 8) {
      return;
    }
    long flags = number() & 0xFFFFFF;
    long samples = number();
    if ((flags & 0x100) == 0) {
      track.samples += samples;
      track.lasting += samples * durationHere;
      return;
    }
    in.skipBytes(((flags & 1) != 0 ? 4 : 0) + ((flags & 4) != 0 ? 4 : 0));
    int beside =
        ((flags & 0x200) != 0 ? 4 : 0)
            + ((flags & 0x400) != 0 ? 4 : 0)
            + ((flags & 0x800) != 0 ? 4 : 0);
    long most = Math.min(samples, (length - 8) / (4 + beside));
    for (long i = 0; i < most; i++) {
      track.lasting += number();
      in.skipBytes(beside);
    }
    track.samples += most;
  }

  private long number() throws IOException {
    return Integer.toUnsignedLong(in.readInt());
  }

  private String text() throws IOException {
    byte[] four = new byte[4];
    in.readFully(four);
    return new String(four, StandardCharsets.ISO_8859_1);
  }
}
