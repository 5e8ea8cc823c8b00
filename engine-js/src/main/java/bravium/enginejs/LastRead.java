package bravium.enginejs;

import bravium.core.json.Format;

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
      value = format.read(wanted);
      text = wanted;
    }
    return value;
  }
}
