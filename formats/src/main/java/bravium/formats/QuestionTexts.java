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
    return read(text, null, Map.of(), false);
  }

  /**
   * Reads a text.
   *
   * @param form what it is taken for; null for what it looks like
   * @param roles how lines of a quiz are to be read, by their places from 1; of the others it is
   *     found out
   * @param firstIsRight whether the first option is the right one where nothing says which is
   */
  public static Understood read(
      String text, @Nullable TextForm form, Map<Integer, LineRole> roles, boolean firstIsRight) {
    Understood read = read(text, form, roles);
    return firstIsRight ? read.withFirstRight() : read;
  }

  private static Understood read(
      String text, @Nullable TextForm form, Map<Integer, LineRole> roles) {
    String plain = Encodings.unmarked(text);
    boolean whole = QuestionTable.saysKinds(plain);
    String tidy = whole ? plain : TidyText.of(plain, !QuestionList.looksLikeOne(plain));
    if (form == null && roles.isEmpty() && looksLikeGaps(tidy)) {
      return gaps(tidy);
    }
    TextForm taken = form == null ? looksLike(tidy) : form;
    return switch (taken) {
      case LIST -> QuestionList.read(tidy);
      case TABLE -> QuestionTable.read(tidy);
      case QUIZ -> form == null && roles.isEmpty() ? mixed(tidy) : QuizText.read(tidy, roles);
      case LINES -> lines(tidy);
      case GAPS -> gaps(tidy);
    };
  }

  private static TextForm looksLike(String text) {
    if (QuestionList.looksLikeOne(text)) {
      return TextForm.LIST;
    }
    if (QuestionTable.saysKinds(text)) {
      return TextForm.TABLE;
    }
    if (QuizText.looksLikeOne(TidyText.withoutTables(text))) {
      return TextForm.QUIZ;
    }
    return QuestionTable.looksLikeOne(text) ? TextForm.TABLE : TextForm.QUIZ;
  }

  /** A quiz with tables between: each is read as what it is. */
  private static Understood mixed(String text) {
    String tables = TidyText.tablesOf(text);
    Understood quiz = QuizText.read(TidyText.withoutTables(text), Map.of());
    return tables.isBlank() ? quiz : quiz.and(QuestionTable.read(tables));
  }

  /** Lines with words in brackets and nothing that a quiz has: one text with gaps. */
  private static boolean looksLikeGaps(String text) {
    List<String> full = text.lines().filter(line -> !line.isBlank()).toList();
    long gaps = full.stream().filter(line -> QuizText.GAP.matcher(line).find()).count();
    boolean quiz =
        full.stream()
            .map(line -> QuizLine.of(1, line))
            .anyMatch(
                line ->
                    line.number() != null
                        || line.letter() != null
                        || line.box()
                        || line.asks()
                        || line.marked()
                        || line.denied());
    return full.size() > 1 && gaps > 1 && gaps * 2 >= full.size() && !quiz;
  }

  private static Understood gaps(String text) {
    List<Understood.Placed> questions = new ArrayList<>();
    List<Left> left = new ArrayList<>();
    String whole = text.strip();
    try {
      QuestionRow row =
          new QuestionRow("gaps", whole, List.of(), List.of(), List.of(), null, null, null);
      Understood.add(questions, () -> row, 1);
    } catch (IllegalArgumentException e) {
      left.add(new Left(1, whole, e.getMessage()));
    }
    return Understood.of(TextForm.GAPS, questions, left, left.isEmpty() ? "" : whole);
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
