package bravium.core.question;

import java.util.List;

/** What the options of every question have in common. */
final class Options {

  /** As many options as there are letters. */
  static final int MOST = 26;

  private Options() {}

  /**
   * Checks the options' number and ids.
   *
   * @throws IllegalArgumentException if there are too many, or an id is blank or stands twice
   */
  static void require(List<Option> options) {
    if (options.size() > MOST) {
      throw new IllegalArgumentException("a question has at most " + MOST + " options");
    }
    Ids.requireDistinct("option", options.stream().map(Option::id).toList());
  }

  /**
   * Checks the order in which options are struck out.
   *
   * @throws IllegalArgumentException if it is too long or names one twice
   */
  static void requireOrder(List<String> order) {
    if (order.size() > MOST || !Ids.distinct(order)) {
      throw new IllegalArgumentException("strikeOrder names at most " + MOST + " options once");
    }
  }

  /** The options with something written on them. */
  static List<Option> written(List<Option> options) {
    for (Option option : options) {
      if (option.text().blank()) {
        return options.stream().filter(o -> !o.text().blank()).toList();
      }
    }
    return options;
  }
}
