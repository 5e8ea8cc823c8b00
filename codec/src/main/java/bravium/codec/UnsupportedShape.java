package bravium.codec;

import javax.lang.model.element.Element;

/** A type that the codec can't be written for; it stops the compilation at that type. */
final class UnsupportedShape extends RuntimeException {

  private static final long serialVersionUID = 1L;
  private final transient Element where;

  UnsupportedShape(String message, Element where) {
    super(message);
    this.where = where;
  }

  Element where() {
    return where;
  }
}
