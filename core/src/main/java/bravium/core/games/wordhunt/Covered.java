package bravium.core.games.wordhunt;

import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.List;

/** What is known of a name before it is found. */
final class Covered {

  /** The one letter that stays covered to the last, so that something is left to find out. */
  private static final int LAST = 1;

  private Covered() {}

  /** What each letter that can be uncovered shows of the name. */
  static List<Words> hints(String name, WordHunt hunt) {
    List<Words> hints = new ArrayList<>();
    if (hunt.letters()) {
      int first = shownAtOnce(hunt);
      for (int letter = first + 1; letter <= letters(name) - LAST; letter++) {
        hints.add(Words.of(String.join("", start(name, letter))));
      }
    }
    return List.copyOf(hints);
  }

  /** How many letters are shown from the beginning. */
  static int shownAtOnce(WordHunt hunt) {
    return hunt.list() == WordHunt.Unfound.FIRST_LETTERS ? 1 : 0;
  }

  private static int letters(String name) {
    return (int) Spelling.of(name).stream().filter(Spelling::covered).count();
  }

  /** The beginning of a name, up to so many letters, with the signs between them. */
  static List<String> start(String name, int letters) {
    List<String> start = new ArrayList<>();
    int left = letters;
    for (String letter : Spelling.of(name)) {
      if (left == 0) {
        break;
      }
      left -= Spelling.covered(letter) ? 1 : 0;
      start.add(letter);
    }
    return start;
  }

  /** The whole name with a blank for each letter but the first ones. */
  static List<String> blanks(String name, int letters) {
    List<String> shown = new ArrayList<>();
    int left = letters;
    for (String letter : Spelling.of(name)) {
      boolean covered = Spelling.covered(letter);
      shown.add(covered && left == 0 ? "" : letter);
      left -= covered && left > 0 ? 1 : 0;
    }
    return shown;
  }
}
