package bravium.core.play;

import bravium.core.json.Root;
import bravium.core.rich.Texts;

/**
 * Something that a player or the teacher does.
 *
 * @param key made by the device, unique within the sitting, 1 to {@value #LONGEST_KEY} characters;
 *     a move sent twice is applied once
 */
@Root
public record Move(String key, Mover by, Action action) {

  /** The most characters of a key. */
  public static final int LONGEST_KEY = 64;

  /** Checks the key. */
  public Move {
    if (Texts.blank(key) || key.length() > LONGEST_KEY) {
      throw new IllegalArgumentException("key has 1 to " + LONGEST_KEY + " characters");
    }
  }

  /** Whether it is the same move, sent again: how long it was held up may differ. */
  public boolean sameAs(Move other) {
    return key.equals(other.key) && by == other.by && unheld(action).equals(unheld(other.action));
  }

  /** Whether it only tells something and changes no points. */
  boolean reports() {
    return action instanceof Action.Own own && own.own().reports();
  }

  private static Action unheld(Action action) {
    return action instanceof Action.Answer answer
        ? new Action.Answer(answer.question(), answer.attempt(), answer.response())
        : action;
  }
}
