package bravium.core.games.escaperoom;

import bravium.core.question.Numeric;
import bravium.core.question.Question;
import bravium.core.question.TypedText;
import bravium.core.rich.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** Wheels on which an answer is set: one for each of its signs, and on each all signs alike. */
final class Wheels {

  /** More wheels than this are typed. */
  static final int MOST = 12;

  private static final String DIGITS = "0123456789";
  private static final String LETTERS = "ABCDEFGHIJKLMNOPQRSTUVWXYZ";

  private Wheels() {}

  /** The signs of each wheel for the answer to a question; none where it can't be set on any. */
  static List<String> of(Question question) {
    return answer(question).map(Wheels::of).orElse(List.of());
  }

  /** The answer that fits on them. */
  private static Optional<String> answer(Question question) {
    return switch (question) {
      case TypedText typed -> typed.right().stream().findFirst().map(Texts::trimmed);
      case Numeric number -> Optional.ofNullable(number.value()).map(Texts::trimmed);
      default -> Optional.empty();
    };
  }

  private static List<String> of(String answer) {
    List<String> wheels = new ArrayList<>();
    for (int i = 0; i < answer.length(); i++) {
      Optional<String> signs = signs(answer.charAt(i));
      if (signs.isEmpty()) {
        return List.of();
      }
      wheels.add(signs.get());
    }
    return wheels.size() > MOST ? List.of() : wheels;
  }

  private static Optional<String> signs(char sign) {
    char upper = sign >= 'a' && sign <= 'z' ? (char) (sign - 'a' + 'A') : sign;
    return DIGITS.indexOf(upper) >= 0
        ? Optional.of(DIGITS)
        : LETTERS.indexOf(upper) >= 0 ? Optional.of(LETTERS) : Optional.empty();
  }

  /** How many settings there are, but not more than so many. */
  static int settings(List<String> wheels, int most) {
    int settings = 1;
    for (String wheel : wheels) {
      settings = (int) Math.min(most, (long) settings * wheel.length());
    }
    return settings;
  }

  /** An answer for other settings of the same wheels. */
  static String turned(String answer) {
    StringBuilder turned = new StringBuilder();
    for (int i = 0; i < answer.length(); i++) {
      String signs = signs(answer.charAt(i)).orElse(LETTERS);
      char upper = Character.toUpperCase(answer.charAt(i));
      turned.append(signs.charAt((signs.indexOf(upper) + 1) % signs.length()));
    }
    return turned.toString();
  }
}
