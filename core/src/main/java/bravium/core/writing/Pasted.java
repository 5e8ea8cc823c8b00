package bravium.core.writing;

import bravium.core.question.Feedback;
import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.core.question.Texts;
import java.util.ArrayList;
import java.util.List;

/**
 * Questions of a pasted block of lines. A line is a question; where it has several cells, as lines
 * from a spreadsheet do, the second cell is the right option and the others are wrong ones. Empty
 * lines and cells are passed over.
 */
public final class Pasted {

  private static final int MOST = 500;

  private Pasted() {}

  /** Whether a text is a block: whether more than one of its lines holds something, or a cell. */
  public static boolean isBlock(String text) {
    return questions(text).size() > 1 || cells(Texts.trimmed(text)).size() > 1;
  }

  /**
   * The questions of a text, at most 500. Their ids, and those of their options, are only numbers:
   * whoever puts them into an activity gives them ids of its own.
   */
  public static List<Question> questions(String text) {
    List<Question> questions = new ArrayList<>();
    for (String line : Texts.split(text.replace('\r', '\n'), '\n')) {
      List<String> cells = cells(line);
      if (!cells.isEmpty() && questions.size() < MOST) {
        questions.add(question(String.valueOf(questions.size() + 1), cells));
      }
    }
    return List.copyOf(questions);
  }

  private static List<String> cells(String line) {
    List<String> cells = new ArrayList<>();
    for (String cell : Texts.split(line, '\t')) {
      if (!Texts.blank(cell)) {
        cells.add(Texts.trimmed(cell));
      }
    }
    return cells;
  }

  private static Question question(String id, List<String> cells) {
    List<Option> options = new ArrayList<>();
    for (int i = 1; i < Math.min(cells.size(), PickOne.MOST_OPTIONS + 1); i++) {
      options.add(new Option(String.valueOf(i), cells.get(i), i == 1));
    }
    return new PickOne(id, cells.getFirst(), options, Feedback.USUAL);
  }
}
