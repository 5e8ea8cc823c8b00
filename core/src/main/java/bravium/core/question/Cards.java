package bravium.core.question;

import java.util.List;

/** What all questions with cards have in common. */
final class Cards {

  /** More fit on no screen. */
  static final int MOST = 100;

  private Cards() {}

  /**
   * Checks the number and the ids of cards.
   *
   * @throws IllegalArgumentException if there are too many, or an id is blank or stands twice
   */
  static void require(List<String> ids) {
    if (ids.size() > MOST) {
      throw new IllegalArgumentException("a question has at most " + MOST + " cards");
    }
    Ids.requireDistinct("card", ids);
  }
}
