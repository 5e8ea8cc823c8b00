package bravium.core.play;

/** Something that is done in one game alone. */
public interface OwnAction {

  /** Whether it only tells something and changes no points: it is never taken back. */
  default boolean reports() {
    return false;
  }
}
