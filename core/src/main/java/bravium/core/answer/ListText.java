package bravium.core.answer;

import bravium.core.rich.Texts;
import java.util.ArrayList;
import java.util.List;

/**
 * A text that lists things with commas or semicolons between them. Between figures a comma may be a
 * decimal mark or part a thousand from the rest; where there are several and no groups of three
 * follow them, they part numbers.
 */
final class ListText {

  private ListText() {}

  private static boolean between(String text, int place) {
    return text.charAt(place) == ',' && Digits.at(text, place - 1) && Digits.at(text, place + 1);
  }

  /** Whether commas stand between figures that can only be numbers of a list: {@code 2,3,5,7}. */
  static boolean isOfNumbers(String text) {
    int commas = 0;
    boolean groups = true;
    for (int i = 0; i < text.length(); i++) {
      if (between(text, i)) {
        commas++;
        groups &= Digits.at(text, i + 2) && Digits.at(text, i + 3) && !Digits.at(text, i + 4);
      }
    }
    return commas > 1 && !groups;
  }

  /** Whether things are listed in a text. */
  static boolean isList(String text) {
    if (isOfNumbers(text)) {
      return true;
    }
    for (int i = 0; i < text.length(); i++) {
      char c = text.charAt(i);
      if (c == ';' || c == '\u3001' || c == ',' && !between(text, i)) {
        return true;
      }
    }
    return false;
  }

  /** The text with a space behind each comma between figures. */
  static String parted(String text) {
    StringBuilder out = new StringBuilder(text.length() + 8);
    for (int i = 0; i < text.length(); i++) {
      out.append(text.charAt(i));
      if (between(text, i)) {
        out.append(' ');
      }
    }
    return out.toString();
  }

  /**
   * A list without the word that joins its last thing to the others: the last such word behind the
   * last comma, where no comma follows it. With one, it is a thing itself, as the vowel e is.
   */
  static String withoutJoining(String text) {
    int comma = Math.max(text.lastIndexOf(','), text.lastIndexOf(';'));
    List<String> words = Texts.split(text.substring(comma + 1), ' ');
    for (int i = words.size() - 2; i >= 0; i--) {
      if (Folded.joins(words.get(i)) && (comma >= 0 || i > 0)) {
        List<String> others = new ArrayList<>(words);
        others.remove(i);
        return text.substring(0, comma + 1) + " " + String.join(" ", others);
      }
    }
    return text;
  }
}
