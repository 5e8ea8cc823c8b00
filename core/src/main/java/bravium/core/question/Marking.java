package bravium.core.question;

/** Who marks a question. */
public enum Marking {
  /** The engine, as soon as it is answered. */
  AT_ONCE,
  /** The teacher, later. */
  BY_TEACHER,
  /** Nobody: it brings no points. */
  NONE
}
