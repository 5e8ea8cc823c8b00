package bravium.formats;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.Charset;
import java.nio.charset.StandardCharsets;

/** Texts in the encodings that office programs write. */
final class Encodings {

  private static final char BYTE_ORDER_MARK = '\uFEFF';
  private static final Charset WESTERN = Charset.forName("windows-1252");

  private Encodings() {}

  /**
   * The text of a file: by its byte-order mark where it has one, else UTF-8, else Windows-1252,
   * which takes any bytes.
   */
  static String text(byte[] file) {
    if (startsWith(file, 0xFF, 0xFE)) {
      return unmarked(new String(file, StandardCharsets.UTF_16LE));
    }
    if (startsWith(file, 0xFE, 0xFF)) {
      return unmarked(new String(file, StandardCharsets.UTF_16BE));
    }
    try {
      return unmarked(StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(file)).toString());
    } catch (CharacterCodingException e) {
      return new String(file, WESTERN);
    }
  }

  private static boolean startsWith(byte[] file, int first, int second) {
    return file.length > 1 && (file[0] & 0xFF) == first && (file[1] & 0xFF) == second;
  }

  /** The text without the mark that some programs begin a file with. */
  static String unmarked(String text) {
    return !text.isEmpty() && text.charAt(0) == BYTE_ORDER_MARK ? text.substring(1) : text;
  }
}
