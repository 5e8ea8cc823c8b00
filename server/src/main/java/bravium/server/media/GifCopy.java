package bravium.server.media;

import java.io.BufferedInputStream;
import java.io.BufferedOutputStream;
import java.io.DataInputStream;
import java.io.EOFException;
import java.io.IOException;
import java.io.OutputStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;

/**
 * Copies a GIF with its moving pictures, but without comments and whatever else was put into it.
 * Source of the form: GRAPHICS INTERCHANGE FORMAT Version 89a (CompuServe, 1990).
 */
final class GifCopy {

  private static final int IMAGE = 0x2C;
  private static final int EXTENSION = 0x21;
  private static final int TRAILER = 0x3B;
  private static final int GRAPHIC_CONTROL = 0xF9;
  private static final int APPLICATION = 0xFF;
  private static final int MOST_IMAGES = 1_000;

  /** The application extension that says how often the pictures go round. */
  private static final String LOOP = "NETSCAPE2.0";

  private final DataInputStream in;
  private final OutputStream out;

  private GifCopy(DataInputStream in, OutputStream out) {
    this.in = in;
    this.out = out;
  }

  static void write(Path from, Path to) throws IOException {
    try (DataInputStream in =
            new DataInputStream(new BufferedInputStream(Files.newInputStream(from)));
        OutputStream out = new BufferedOutputStream(Files.newOutputStream(to))) {
      new GifCopy(in, out).copy();
    }
  }

  private void copy() throws IOException {
    byte[] screen = take(13);
    out.write(screen);
    colours(screen[10]);
    int images = 0;
    while (true) {
      int block = in.read();
      switch (block) {
        case IMAGE -> {
          if (++images > MOST_IMAGES) {
            throw new IOException("more than " + MOST_IMAGES + " pictures");
          }
          image();
        }
        case EXTENSION -> extension();
        case TRAILER, -1 -> {
          out.write(TRAILER);
          return;
        }
        default -> throw new IOException("no block of a GIF");
      }
    }
  }

  private void image() throws IOException {
    out.write(IMAGE);
    byte[] place = take(9);
    out.write(place);
    colours(place[8]);
    out.write(take(1));
    blocks(true);
  }

  private void colours(byte flags) throws IOException {
    if ((flags & 0x80) != 0) {
      out.write(take(3 << ((flags & 7) + 1)));
    }
  }

  private void extension() throws IOException {
    int label = in.readUnsignedByte();
    if (label == GRAPHIC_CONTROL) {
      out.write(new byte[] {EXTENSION, (byte) label});
      blocks(true);
    } else if (label == APPLICATION) {
      byte[] name = take(in.readUnsignedByte());
      boolean loop = new String(name, StandardCharsets.US_ASCII).equals(LOOP);
      if (loop) {
        out.write(new byte[] {EXTENSION, (byte) label, (byte) name.length});
        out.write(name);
      }
      blocks(loop);
    } else {
      blocks(false);
    }
  }

  private void blocks(boolean kept) throws IOException {
    int length;
    do {
      length = in.readUnsignedByte();
      byte[] data = take(length);
      if (kept) {
        out.write(length);
        out.write(data);
      }
    } while (length > 0);
  }

  private byte[] take(int length) throws IOException {
    byte[] data = in.readNBytes(length);
    if (data.length < length) {
      throw new EOFException();
    }
    return data;
  }
}
