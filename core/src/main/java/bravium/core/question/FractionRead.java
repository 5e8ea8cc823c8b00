package bravium.core.question;

import bravium.core.json.Root;

/**
 * A fraction task as it is read while it is being written.
 *
 * @param asked the question as it follows from the figure, for where none is written
 */
@Root
public record FractionRead(String asked, FractionFacts facts) {

  /** How a task is read. */
  public static FractionRead of(FractionTask task) {
    return new FractionRead(task.question(), FractionFacts.of(task));
  }
}
