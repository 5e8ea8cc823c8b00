package bravium.formats;

import bravium.core.activity.Activity;
import bravium.core.codec.Codec;
import bravium.core.json.Format;
import bravium.core.json.FormatProblem;
import java.nio.charset.StandardCharsets;

/** An activity as one open JSON file: UTF-8, indented by two spaces. */
public final class ActivityFile {

  private static final String BYTE_ORDER_MARK = "\uFEFF";

  private ActivityFile() {}

  /**
   * Reads a file, with or without a byte-order mark.
   *
   * @throws FormatProblem if it doesn't follow the format
   */
  public static Activity read(byte[] file) {
    return readNoting(file).value();
  }

  /**
   * Reads a file as far as this version understands it, and says where it doesn't.
   *
   * @throws FormatProblem if it doesn't follow the format
   */
  public static Format.Understood<Activity> readNoting(byte[] file) {
    String text = new String(file, StandardCharsets.UTF_8);
    return Codec.ACTIVITY.readNoting(text.startsWith(BYTE_ORDER_MARK) ? text.substring(1) : text);
  }

  /** Writes a file that {@link #read} reads back as an equal activity. */
  public static byte[] write(Activity activity) {
    return Codec.ACTIVITY.writePretty(activity).getBytes(StandardCharsets.UTF_8);
  }
}
