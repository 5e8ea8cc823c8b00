package bravium.formats;

import bravium.core.question.Question;
import bravium.formats.writing.QuestionRow;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/**
 * What was understood of a text with questions in it.
 *
 * @param form what the text was taken for
 * @param questions those that were understood, in their order; their ids are only numbers
 * @param places the line on which each of them begins, from 1, in the same order
 * @param left what could not be understood, in its order
 * @param rest the text without what was understood, to be read again once it is put right
 * @param lines how each line was read, but for blank ones; empty for tables and lists with boxes
 */
public record Understood(
    TextForm form,
    List<Question> questions,
    List<Integer> places,
    List<Left> left,
    String rest,
    List<ReadLine> lines) {

  /** The most questions that are taken in at once. */
  public static final int MOST = 500;

  /** What a text can be taken for. */
  public enum TextForm {
    /** A table with a question in each row. */
    @JsonProperty("table")
    TABLE,
    /** A Markdown list with boxes. */
    @JsonProperty("list")
    LIST,
    /** A quiz as it is typed: questions with options below them. */
    @JsonProperty("quiz")
    QUIZ,
    /** A question in each line. */
    @JsonProperty("lines")
    LINES
  }

  /** What a line of a quiz is. */
  public enum LineRole {
    /** Nothing. */
    @JsonProperty("blank")
    BLANK,
    /** The beginning of a question. */
    @JsonProperty("question")
    QUESTION,
    /** It goes on with the line before. */
    @JsonProperty("more")
    MORE,
    /** An option. */
    @JsonProperty("option")
    OPTION,
    /** An option that is right. */
    @JsonProperty("right")
    RIGHT,
    /** It says the answer. */
    @JsonProperty("answer")
    ANSWER,
    /** It says something else of the question: a hint, points. */
    @JsonProperty("hint")
    HINT,
    /** It is left over. */
    @JsonProperty("left")
    LEFT
  }

  /**
   * A line and how it was read.
   *
   * @param place from 1
   */
  public record ReadLine(int place, String text, LineRole role) {}

  /** A question and the line on which it begins. */
  record Placed(Question question, int line) {}

  /**
   * Adds the question that a row is.
   *
   * @param row read only where there is room for it
   * @param line on which it begins
   * @throws IllegalArgumentException where there are as many as are taken in, or it is no question
   */
  static void add(List<Placed> questions, Supplier<QuestionRow> row, int line) {
    if (questions.size() == MOST) {
      throw new IllegalArgumentException("at most " + MOST + " questions are taken in at once");
    }
    questions.add(new Placed(row.get().question(String.valueOf(questions.size() + 1)), line));
  }

  /**
   * A piece that is left over.
   *
   * @param line the line on which it begins, from 1
   * @param text as it stands there
   * @param reason why, in words; null where it is just no question
   */
  public record Left(int line, String text, @Nullable String reason) {}

  static Understood of(TextForm form, List<Placed> placed, List<Left> left, String rest) {
    return new Understood(
        form,
        placed.stream().map(Placed::question).toList(),
        placed.stream().map(Placed::line).toList(),
        List.copyOf(left),
        rest,
        List.of());
  }

  static Understood ofQuiz(
      List<Placed> placed, List<Left> left, String rest, List<ReadLine> lines) {
    Understood read = of(TextForm.QUIZ, placed, left, rest);
    return new Understood(
        read.form, read.questions, read.places, read.left, rest, List.copyOf(lines));
  }
}
