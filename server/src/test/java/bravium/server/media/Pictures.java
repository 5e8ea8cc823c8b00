package bravium.server.media;

import java.awt.Color;
import java.awt.Graphics2D;
import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.DataOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.charset.StandardCharsets;
import java.util.zip.CRC32;
import javax.imageio.ImageIO;

/** Files as cameras, programs and those who mean harm make them. */
public final class Pictures {

  private Pictures() {}

  /** A picture: its left half red, its right half blue. */
  public static byte[] halves(String format, int width, int height) {
    BufferedImage image = new BufferedImage(width, height, BufferedImage.TYPE_INT_RGB);
    Graphics2D pen = image.createGraphics();
    pen.setColor(Color.RED);
    pen.fillRect(0, 0, width / 2, height);
    pen.setColor(Color.BLUE);
    pen.fillRect(width / 2, 0, width - width / 2, height);
    pen.dispose();
    try {
      ByteArrayOutputStream out = new ByteArrayOutputStream();
      ImageIO.write(image, format, out);
      return out.toByteArray();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /**
   * A JPEG that a camera took lying on its side, with the place where it was: orientation 6 (turn
   * clockwise by a quarter), GPS latitude (Exif 2.32, tags 0x0112, 0x8825).
   */
  public static byte[] fromACamera(int width, int height) {
    byte[] plain = halves("jpg", width, height);
    ByteArrayOutputStream tiff = new ByteArrayOutputStream();
    try (DataOutputStream out = new DataOutputStream(tiff)) {
      out.writeBytes("MM");
      out.writeShort(42);
      out.writeInt(8);
      out.writeShort(2);
      entry(out, 0x0112, 3, 1, 6 << 16);
      entry(out, 0x8825, 4, 1, 38);
      out.writeInt(0);
      out.writeShort(1);
      entry(out, 0x0001, 2, 2, 'N' << 24);
      out.writeInt(0);
      out.writeBytes("SECRET PLACE");
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    int length = 2 + 6 + tiff.size();
    out.write(plain, 0, 2);
    out.writeBytes(new byte[] {(byte) 0xFF, (byte) 0xE1, (byte) (length >> 8), (byte) length});
    out.writeBytes("Exif\0\0".getBytes(StandardCharsets.ISO_8859_1));
    out.writeBytes(tiff.toByteArray());
    out.write(plain, 2, plain.length - 2);
    return out.toByteArray();
  }

  private static void entry(DataOutputStream out, int tag, int type, int count, int value)
      throws IOException {
    out.writeShort(tag);
    out.writeShort(type);
    out.writeInt(count);
    out.writeInt(value);
  }

  /** The beginning of a PNG that says it is so large, with nothing behind it. */
  public static byte[] pngThatClaims(int width, int height) {
    ByteArrayOutputStream bytes = new ByteArrayOutputStream();
    try (DataOutputStream out = new DataOutputStream(bytes)) {
      out.write(new byte[] {(byte) 0x89, 'P', 'N', 'G', '\r', '\n', 0x1A, '\n'});
      ByteArrayOutputStream header = new ByteArrayOutputStream();
      DataOutputStream chunk = new DataOutputStream(header);
      chunk.writeBytes("IHDR");
      chunk.writeInt(width);
      chunk.writeInt(height);
      chunk.write(new byte[] {8, 6, 0, 0, 0});
      CRC32 sum = new CRC32();
      sum.update(header.toByteArray());
      out.writeInt(13);
      out.write(header.toByteArray());
      out.writeInt((int) sum.getValue());
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return bytes.toByteArray();
  }

  /** A moving GIF of two frames with a comment in it. */
  public static byte[] movingGif() {
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.writeBytes("GIF89a".getBytes(StandardCharsets.US_ASCII));
    out.writeBytes(new byte[] {2, 0, 1, 0, (byte) 0x80, 0, 0, 0, 0, 0, -1, -1, -1});
    out.writeBytes(new byte[] {0x21, (byte) 0xFF, 11});
    out.writeBytes("NETSCAPE2.0".getBytes(StandardCharsets.US_ASCII));
    out.writeBytes(new byte[] {3, 1, 0, 0, 0});
    out.writeBytes(new byte[] {0x21, (byte) 0xFE, 12});
    out.writeBytes("SECRET PLACE".getBytes(StandardCharsets.US_ASCII));
    out.write(0);
    for (int frame = 0; frame < 2; frame++) {
      out.writeBytes(new byte[] {0x21, (byte) 0xF9, 4, 0, 50, 0, 0, 0});
      out.writeBytes(new byte[] {0x2C, 0, 0, 0, 0, 2, 0, 1, 0, 0});
      out.writeBytes(new byte[] {2, 2, (byte) (frame == 0 ? 0x44 : 0x0C), 0x01, 0});
    }
    out.write(0x3B);
    return out.toByteArray();
  }

  /** A second of silence. */
  public static byte[] wav() {
    int bytes = 8_000;
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.writeBytes("RIFF".getBytes(StandardCharsets.US_ASCII));
    little(out, 36 + bytes, 4);
    out.writeBytes("WAVEfmt ".getBytes(StandardCharsets.US_ASCII));
    little(out, 16, 4);
    little(out, 1, 2);
    little(out, 1, 2);
    little(out, 8_000, 4);
    little(out, 8_000, 4);
    little(out, 1, 2);
    little(out, 8, 2);
    out.writeBytes("data".getBytes(StandardCharsets.US_ASCII));
    little(out, bytes, 4);
    out.writeBytes(new byte[bytes]);
    return out.toByteArray();
  }

  /** The beginning of an MP3 (ID3v2.3), of an Ogg with Vorbis (RFC 3533), of a WebM (RFC 9559). */
  public static byte[] sound(String ending) {
    if (ending.equals("webm")) {
      return webm();
    }
    byte[] start =
        switch (ending) {
          case "mp3" -> "ID3\u0003\0\0\0\0\0\0".getBytes(StandardCharsets.ISO_8859_1);
          default ->
              ("OggS\0\u0002" + "\0".repeat(20) + "\u0001\u001e\u0001vorbis")
                  .getBytes(StandardCharsets.ISO_8859_1);
        };
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.writeBytes(start);
    out.writeBytes(new byte[400]);
    return out.toByteArray();
  }

  /** A tone of a little more than a second, made with ffmpeg. */
  private static byte[] webm() {
    try (var in = Pictures.class.getResourceAsStream("tone.weba")) {
      return in.readAllBytes();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A JPEG with so many more scans of the same than it has. */
  public static byte[] jpegOfScans(int scans) {
    byte[] plain = halves("jpg", 60, 40);
    int scan = 0;
    while ((plain[scan] & 0xff) != 0xff || (plain[scan + 1] & 0xff) != 0xda) {
      scan++;
    }
    ByteArrayOutputStream out = new ByteArrayOutputStream();
    out.write(plain, 0, plain.length - 2);
    for (int i = 0; i < scans; i++) {
      out.write(plain, scan, plain.length - 2 - scan);
    }
    out.write(plain, plain.length - 2, 2);
    return out.toByteArray();
  }

  private static void little(ByteArrayOutputStream out, int value, int bytes) {
    for (int i = 0; i < bytes; i++) {
      out.write(value >> (8 * i));
    }
  }
}
