package bravium.formats;

import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.formats.Understood.Left;
import bravium.formats.writing.QuestionRow;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;
import java.util.regex.Pattern;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * Questions as a table: CSV (RFC 4180) with any common separator, or cells copied from a
 * spreadsheet. A first row that names its columns may have them in any order; without one a row is
 * the question, the right answer and the wrong ones.
 */
public final class QuestionTable {

  private static final long MOST_ROWS = Understood.MOST * 4L;

  /** What a column holds. */
  private enum Column {
    KIND,
    QUESTION,
    RIGHT,
    WRONG,
    HINT,
    IF_RIGHT,
    IF_WRONG,
    FEEDBACK,
    WORTH,
    /** An option of which another column says whether it is right. */
    OPTION,
    /** Of no use here, and no loss: a running number. */
    NUMBER
  }

  private QuestionTable() {}

  /** Reads a text. What is no question is told, and keeps nothing else from being read. */
  public static Understood read(String text) {
    List<CSVRecord> rows = Cells.rows(text, Cells.separator(text), MOST_ROWS);
    List<Column> columns = rows.isEmpty() ? List.of() : named(rows.getFirst());
    boolean hasNames = !columns.isEmpty();
    List<Understood.Placed> questions = new ArrayList<>();
    List<Left> left = new ArrayList<>(unread(rows, columns));
    StringBuilder rest = new StringBuilder();
    int line = 1;
    for (int i = 0; i < rows.size(); i++) {
      CSVRecord row = rows.get(i);
      line +=
          i == 0 ? 0 : (int) Cells.count(text.substring(start(rows.get(i - 1)), start(row)), '\n');
      if (hasNames && i == 0 || row.stream().allMatch(String::isBlank)) {
        continue;
      }
      try {
        Understood.add(questions, () -> row(row, columns), line);
      } catch (IllegalArgumentException e) {
        String said = said(text, rows, i);
        left.add(new Left(line, said, e.getMessage()));
        rest.append(said).append('\n');
      }
    }
    String names = hasNames && !rest.isEmpty() ? said(text, rows, 0) + "\n" : "";
    return Understood.of(Understood.TextForm.TABLE, questions, left, names + rest);
  }

  /** Columns that hold something and are not taken in. */
  private static List<Left> unread(List<CSVRecord> rows, List<@Nullable Column> columns) {
    List<Left> left = new ArrayList<>();
    for (int i = 0; i < columns.size(); i++) {
      int column = i;
      boolean holds =
          rows.stream().skip(1).anyMatch(row -> column < row.size() && !row.get(column).isBlank());
      if (columns.get(i) == null && holds) {
        left.add(new Left(1, rows.getFirst().get(i), "this column is not taken in"));
      }
    }
    return left;
  }

  /**
   * Whether a text looks like a table: its first row names columns, or its rows have cells alike,
   * between separators that are no sentence's commas.
   */
  static boolean looksLikeOne(String text) {
    char separator = Cells.separator(text);
    List<CSVRecord> rows = Cells.rows(text, separator, MOST_ROWS);
    if (rows.isEmpty() || !named(rows.getFirst()).isEmpty()) {
      return !rows.isEmpty();
    }
    List<CSVRecord> full =
        rows.stream().filter(row -> !row.stream().allMatch(String::isBlank)).toList();
    long several = full.stream().filter(row -> row.size() > 1).count();
    if (several == 0 || several * 2 < full.size()) {
      return false;
    }
    if (separator == '\t' || separator == '|') {
      return true;
    }
    // Who writes a sentence puts a space behind its commas; who writes cells does not.
    long all = Cells.count(text, separator);
    long spaced = text.split(Pattern.quote(String.valueOf(separator)) + " ", -1).length - 1L;
    return spaced * 2 <= all;
  }

  /** A row as it stands in the text. */
  private static String said(String text, List<CSVRecord> rows, int place) {
    int end = place + 1 < rows.size() ? start(rows.get(place + 1)) : text.length();
    return text.substring(start(rows.get(place)), end).stripTrailing();
  }

  private static int start(CSVRecord row) {
    return Math.toIntExact(row.getCharacterPosition());
  }

  /** The columns of a first row that names them; empty where it is a question itself. */
  private static List<Column> named(CSVRecord first) {
    List<Optional<Column>> columns = first.stream().map(QuestionTable::column).toList();
    boolean names =
        columns.contains(Optional.of(Column.QUESTION))
            && columns.stream().filter(Optional::isPresent).count() > 1;
    return names ? columns.stream().map(c -> c.orElse(null)).toList() : List.of();
  }

  private static Optional<Column> column(String name) {
    String key =
        name.strip().toLowerCase(Locale.ROOT).replaceAll("[\\s_-]+", " ").replaceAll(" ?\\d+$", "");
    return Optional.ofNullable(
        switch (key) {
          case "kind", "type", "question type" -> Column.KIND;
          case "question", "text", "question text", "questions", "prompt" -> Column.QUESTION;
          case "right",
              "right answer",
              "right answers",
              "right option",
              "correct",
              "correct answer",
              "correct answers",
              "correct option",
              "correct choice",
              "answer",
              "answers",
              "solution",
              "key" ->
              Column.RIGHT;
          case "wrong",
              "wrong answer",
              "wrong answers",
              "wrong option",
              "incorrect",
              "incorrect answer",
              "false answer",
              "distractor",
              "distractors" ->
              Column.WRONG;
          case "option",
              "choice",
              "answer option",
              "possible answer",
              "a",
              "b",
              "c",
              "d",
              "e",
              "f" ->
              Column.OPTION;
          case "hint", "hints", "clue" -> Column.HINT;
          case "if right" -> Column.IF_RIGHT;
          case "if wrong" -> Column.IF_WRONG;
          case "feedback", "explanation", "comment" -> Column.FEEDBACK;
          case "worth", "points", "marks", "score" -> Column.WORTH;
          case "no", "nr", "no.", "#", "number", "id" -> Column.NUMBER;
          default -> option(key) ? Column.OPTION : null;
        });
  }

  /** “Option A”, “Answer B”: a letter behind the word. */
  private static boolean option(String key) {
    return key.matches("(?:option|choice|answer|answer option) [a-h]");
  }

  private static QuestionRow row(CSVRecord record, List<@Nullable Column> columns) {
    List<String> cells = record.stream().map(Cells::undefused).toList();
    if (columns.isEmpty()) {
      Optional<QuestionRow> lettered = lettered(cells);
      if (lettered.isPresent()) {
        return lettered.get();
      }
      return new QuestionRow(
          null,
          cells.getFirst(),
          cells.subList(Math.min(1, cells.size()), Math.min(2, cells.size())),
          cells.subList(Math.min(2, cells.size()), cells.size()),
          List.of(),
          null,
          null,
          null);
    }
    Function<Column, List<String>> of =
        column -> {
          List<String> found = new ArrayList<>();
          for (int i = 0; i < Math.min(cells.size(), columns.size()); i++) {
            if (columns.get(i) == column && !cells.get(i).isBlank()) {
              found.add(cells.get(i));
            }
          }
          return found;
        };
    String both = first(of.apply(Column.FEEDBACK));
    String ifRight = first(of.apply(Column.IF_RIGHT));
    String ifWrong = first(of.apply(Column.IF_WRONG));
    String kind = first(of.apply(Column.KIND));
    List<String> right = new ArrayList<>(of.apply(Column.RIGHT));
    List<String> wrong = new ArrayList<>(of.apply(Column.WRONG));
    List<String> options = of.apply(Column.OPTION);
    if (!options.isEmpty()) {
      List<Boolean> rights = rights(options, right);
      right.clear();
      for (int i = 0; i < options.size(); i++) {
        (rights.get(i) ? right : wrong).add(options.get(i));
      }
    }
    return new QuestionRow(
        kind == null ? null : kind.strip().toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-"),
        Optional.ofNullable(first(of.apply(Column.QUESTION))).orElse(""),
        right,
        wrong,
        of.apply(Column.HINT),
        ifRight == null ? both : ifRight,
        ifWrong == null ? both : ifWrong,
        worth(first(of.apply(Column.WORTH))));
  }

  /**
   * Which options are right: those that are named by their letters, their numbers or their words.
   *
   * @throws IllegalArgumentException where what is named is none of them
   */
  private static List<Boolean> rights(List<String> options, List<String> named) {
    List<Boolean> rights = new ArrayList<>(options.stream().map(option -> false).toList());
    for (String name : named) {
      int same = options.indexOf(name);
      if (same >= 0) {
        rights.set(same, true);
        continue;
      }
      for (String one : name.strip().split("\\s*(?:[,;/&]|\\band\\b)\\s*|\\s+")) {
        String sign = one.replaceAll("[().\\]\\[]", "").toLowerCase(Locale.ROOT);
        int place =
            sign.matches("[a-h]")
                ? sign.charAt(0) - 'a'
                : sign.matches("\\d{1,2}") ? Integer.parseInt(sign) - 1 : -1;
        if (place < 0 || place >= options.size()) {
          throw new IllegalArgumentException(
              "“" + name + "” is none of the options, nor a letter of one");
        }
        rights.set(place, true);
      }
    }
    return rights;
  }

  /**
   * A row whose cells are a question, its options with letters, and perhaps the letter of the right
   * one; or whose first cell has them all.
   */
  private static Optional<QuestionRow> lettered(List<String> cells) {
    List<String> full = cells.stream().filter(cell -> !cell.isBlank()).toList();
    if (full.size() < 2) {
      return Optional.empty();
    }
    String last = full.getLast().strip();
    boolean names = last.matches("(?i)[(\\[]?[a-h][).\\]]?(?:\\s*(?:,|&|and)\\s*[a-h])*");
    boolean letters =
        full.stream().skip(1).filter(cell -> QuizLine.of(1, cell).letter() != null).count() > 1;
    if (!letters && !(names && (full.size() > 3 || hasOptions(full.getFirst())))) {
      return Optional.empty();
    }
    StringBuilder quiz = new StringBuilder();
    for (String cell : names ? full.subList(0, full.size() - 1) : full) {
      boolean lettered = quiz.isEmpty() || QuizLine.of(1, cell).letter() != null;
      char letter = (char) ('a' + quiz.chars().filter(c -> c == '\n').count() - 1);
      quiz.append(lettered ? "" : letter + ") ").append(cell).append('\n');
    }
    quiz.append(names ? "Answer: " + last : "");
    return QuizText.rowOf(quiz.toString());
  }

  private static boolean hasOptions(String cell) {
    return QuizText.read(cell, Map.of()).questions().stream()
        .anyMatch(q -> q instanceof PickOne one && one.options().size() > 1);
  }

  private static @Nullable String first(List<String> texts) {
    return texts.isEmpty() ? null : texts.getFirst();
  }

  private static @Nullable Integer worth(@Nullable String text) {
    if (text == null) {
      return null;
    }
    try {
      return Integer.valueOf(text.strip());
    } catch (NumberFormatException e) {
      throw new IllegalArgumentException("“" + text + "” is no whole number of points");
    }
  }

  /** As CSV with a first row that names its columns. What a table can't hold is left out. */
  public static String write(List<Question> questions) {
    List<QuestionRow> rows =
        questions.stream().flatMap(question -> QuestionRow.of(question).stream()).toList();
    List<Function<QuestionRow, List<String>>> parts = new ArrayList<>();
    List<String> names = new ArrayList<>();
    add(names, parts, rows, "kind", row -> one(row.kind()));
    add(names, parts, rows, "question", row -> one(row.question()));
    add(names, parts, rows, "right", QuestionRow::right);
    add(names, parts, rows, "wrong", QuestionRow::wrong);
    add(names, parts, rows, "hint", QuestionRow::hints);
    add(names, parts, rows, "if right", row -> one(row.ifRight()));
    add(names, parts, rows, "if wrong", row -> one(row.ifWrong()));
    add(
        names,
        parts,
        rows,
        "worth",
        row -> row.worth() == null ? List.of() : one("" + row.worth()));
    List<List<String>> table = new ArrayList<>();
    table.add(names);
    for (QuestionRow row : rows) {
      table.add(parts.stream().map(part -> first(part.apply(row))).toList());
    }
    return Cells.csv(table);
  }

  /** As many columns of a name as a row needs. */
  private static void add(
      List<String> names,
      List<Function<QuestionRow, List<String>>> parts,
      List<QuestionRow> rows,
      String name,
      Function<QuestionRow, List<String>> texts) {
    int most = rows.stream().mapToInt(row -> texts.apply(row).size()).max().orElse(0);
    for (int i = 0; i < Math.max(1, most); i++) {
      int place = i;
      names.add(name);
      parts.add(row -> texts.apply(row).stream().skip(place).limit(1).toList());
    }
  }

  private static List<String> one(@Nullable String text) {
    return text == null ? List.of() : List.of(text);
  }
}
