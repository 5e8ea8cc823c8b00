package bravium.enginejs;

import bravium.core.json.Format;
import com.eclipsesource.json.JsonValue;

/**
 * Reads texts and keeps the last value: one edit or one move asks several functions with the same
 * activity, and reading it is most of their work.
 */
final class LastRead<T> {

  private final Format<T> format;
  private String text;
  private T value;

  LastRead(Format<T> format) {
    this.format = format;
  }

  T of(String wanted) {
    if (!wanted.equals(text)) {
      JsonValue tree = NativeJson.read(wanted);
      value = tree == null ? format.read(wanted) : format.read(tree);
      text = wanted;
    }
    return value;
  }

  boolean has(String wanted) {
    return wanted.equals(text);
  }

  /** Keeps a value that was read, or written, elsewhere as this text. */
  void keep(String text, T value) {
    this.text = text;
    this.value = value;
  }
}
