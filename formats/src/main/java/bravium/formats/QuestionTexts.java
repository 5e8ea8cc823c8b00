package bravium.formats;

import bravium.formats.Understood.Left;
import bravium.formats.Understood.LineRole;
import bravium.formats.Understood.TextForm;
import bravium.formats.writing.QuestionRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import org.jspecify.annotations.Nullable;

/** Questions in a text of whatever form. */
public final class QuestionTexts {

  private QuestionTexts() {}

  /**
   * The text of a file: by its byte-order mark where it has one, else UTF-8, else Windows-1252,
   * which takes any bytes.
   */
  public static String text(byte[] file) {
    return Encodings.text(file);
  }

  /** Reads a text. What is no question is told, and keeps nothing else from being read. */
  public static Understood read(String text) {
    return read(text, null, Map.of());
  }

  /**
   * Reads a text.
   *
   * @param form what it is taken for; null for what it looks like
   * @param roles how lines of a quiz are to be read, by their places from 1; of the others it is
   *     found out
   */
  public static Understood read(
      String text, @Nullable TextForm form, Map<Integer, LineRole> roles) {
    TextForm taken = form == null ? looksLike(text) : form;
    return switch (taken) {
      case LIST -> QuestionList.read(text);
      case TABLE -> QuestionTable.read(text);
      case QUIZ -> QuizText.read(text, roles);
      case LINES -> lines(text);
    };
  }

  private static TextForm looksLike(String text) {
    if (QuestionList.looksLikeOne(text)) {
      return TextForm.LIST;
    }
    boolean cells = text.indexOf('\t') >= 0;
    if (!cells && QuizText.looksLikeOne(text)) {
      return TextForm.QUIZ;
    }
    return QuestionTable.looksLikeOne(text) ? TextForm.TABLE : TextForm.QUIZ;
  }

  /** The points of a line that says them; null where none does. */
  static @Nullable Integer worth(@Nullable String text) {
    if (text != null && !text.matches("\\d{1,5}")) {
      throw new IllegalArgumentException("“" + text + "” is no whole number of points");
    }
    return text == null ? null : Integer.valueOf(text);
  }

  /** Each line is a question; what answers it is written later. */
  private static Understood lines(String text) {
    List<Understood.Placed> questions = new ArrayList<>();
    List<Left> left = new ArrayList<>();
    List<String> lines = text.lines().toList();
    for (int i = 0; i < lines.size(); i++) {
      String line = lines.get(i).strip();
      if (line.isEmpty()) {
        continue;
      }
      try {
        Understood.add(
            questions,
            () -> new QuestionRow(null, line, List.of(), List.of(), List.of(), null, null, null),
            i + 1);
      } catch (IllegalArgumentException e) {
        left.add(new Left(i + 1, line, e.getMessage()));
      }
    }
    String rest = String.join("\n", left.stream().map(Left::text).toList());
    return Understood.of(TextForm.LINES, questions, left, rest);
  }
}
