package bravium.formats;

import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.formats.writing.QuestionRow;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.function.Supplier;
import java.util.stream.Stream;
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
 * @param doubts where it can't be told which answer is right: by the line on which the question
 *     begins, with what it says of it and why that is no answer; nothing is taken for right there
 */
public record Understood(
    TextForm form,
    List<Question> questions,
    List<Integer> places,
    List<Left> left,
    String rest,
    List<ReadLine> lines,
    List<Left> doubts) {

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
    LINES,
    /** One text with words in brackets that are its gaps. */
    @JsonProperty("gaps")
    GAPS
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

  /** A question, the line on which it begins, and what is in doubt there; null for nothing. */
  record Placed(Question question, int line, @Nullable Left doubt) {

    Stream<Left> doubts() {
      return Stream.ofNullable(doubt);
    }
  }

  /** A row and why it can't be told what is right in it; null where it can. */
  record Doubtful(QuestionRow row, @Nullable String doubt) {}

  /**
   * Adds the question that a row is.
   *
   * @param row read only where there is room for it
   * @param line on which it begins
   * @throws IllegalArgumentException where there are as many as are taken in, or it is no question
   */
  static void add(List<Placed> questions, Supplier<QuestionRow> row, int line) {
    addDoubtful(questions, () -> new Doubtful(row.get(), null), line);
  }

  /** The same of a row of which it may not be told what is right. */
  static void addDoubtful(List<Placed> questions, Supplier<Doubtful> row, int line) {
    if (questions.size() == MOST) {
      throw new IllegalArgumentException("at most " + MOST + " questions are taken in at once");
    }
    Doubtful read = row.get();
    Question question = read.row.question(String.valueOf(questions.size() + 1));
    String doubt = read.doubt;
    Left told = doubt == null ? null : new Left(line, read.row.question(), doubt);
    questions.add(new Placed(question, line, told));
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
        List.of(),
        placed.stream().flatMap(one -> one.doubts()).toList());
  }

  static Understood ofQuiz(
      List<Placed> placed, List<Left> left, String rest, List<ReadLine> lines) {
    Understood read = of(TextForm.QUIZ, placed, left, rest);
    return new Understood(
        read.form, read.questions, read.places, read.left, rest, List.copyOf(lines), read.doubts);
  }

  /** This and what was understood of other lines of the same text, in the order of the lines. */
  Understood and(Understood other) {
    record One(Question question, int place) {}
    List<One> all = new ArrayList<>();
    for (Understood read : List.of(this, other)) {
      for (int i = 0; i < read.questions.size(); i++) {
        all.add(new One(read.questions.get(i), read.places.get(i)));
      }
    }
    all.sort(Comparator.comparingInt(One::place));
    return new Understood(
        form,
        all.stream().map(One::question).toList(),
        all.stream().map(One::place).toList(),
        Stream.concat(left.stream(), other.left.stream())
            .sorted(Comparator.comparingInt(Left::line))
            .toList(),
        (rest + "\n" + other.rest).strip(),
        lines,
        Stream.concat(doubts.stream(), other.doubts.stream()).toList());
  }

  /** Why nothing is right where nothing says what is; any other doubt is between two answers. */
  static final String NOTHING_SAID = "nothing says which of them is right";

  /** This with the first option for the right one wherever nothing says which is. */
  Understood withFirstRight() {
    List<Left> doubted = new ArrayList<>(doubts);
    List<Question> all = new ArrayList<>();
    for (int i = 0; i < questions.size(); i++) {
      Question question = questions.get(i);
      int place = places.get(i);
      boolean between =
          doubts.stream()
              .anyMatch(doubt -> doubt.line() == place && !NOTHING_SAID.equals(doubt.reason()));
      if (!between
          && question instanceof PickOne one
          && one.options().stream().noneMatch(Option::right)) {
        all.add(firstRight(one));
        doubted.removeIf(doubt -> doubt.line() == place);
      } else {
        all.add(question);
      }
    }
    return new Understood(form, all, places, left, rest, lines, List.copyOf(doubted));
  }

  private static PickOne firstRight(PickOne one) {
    List<Option> options = new ArrayList<>(one.options());
    if (!options.isEmpty()) {
      Option first = options.getFirst();
      options.set(
          0,
          new Option(
              first.id(), first.text(), true, first.pinned(), first.feedback(), first.extra()));
    }
    return new PickOne(one.basics(), options, one.extra());
  }
}
