package bravium.formats;

import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.formats.Understood.Doubtful;
import bravium.formats.Understood.Left;
import bravium.formats.lists.Head;
import bravium.formats.writing.QuestionRow;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
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

  private static final Map<Head, Column> KNOWN =
      new EnumMap<>(
          Map.of(
              Head.KIND, Column.KIND,
              Head.QUESTION, Column.QUESTION,
              Head.RIGHT, Column.RIGHT,
              Head.WRONG, Column.WRONG,
              Head.OPTION, Column.OPTION,
              Head.IF_RIGHT, Column.IF_RIGHT,
              Head.IF_WRONG, Column.IF_WRONG,
              Head.FEEDBACK, Column.FEEDBACK,
              Head.WORTH, Column.WORTH,
              Head.NUMBER, Column.NUMBER));

  static {
    KNOWN.put(Head.HINT, Column.HINT);
  }

  /** No table of questions has more heads. */
  private static final int MOST_COLUMNS = 100;

  /** Titles above the heads of a table are few. */
  private static final int MOST_TITLES = 5;

  private final List<CSVRecord> rows;
  private final List<@Nullable Column> columns;

  /** Where the heads are; -1 where there are none. */
  private final int heads;

  /** The letters that say true or false in it. */
  private final Set<String> letters = new HashSet<>();

  /** How many answers are such letters. */
  private int lettered;

  /** Whether letters are answers themselves here, since some mean neither true nor false. */
  private final boolean lettersAreAnswers;

  /** Whether each question has a number before it. */
  private final boolean numbered;

  /** Whether the numbers of right options count from nought somewhere. */
  private boolean fromNought;

  private QuestionTable(List<CSVRecord> rows) {
    this.rows = rows;
    int found = -1;
    for (int i = 0; i < Math.min(MOST_TITLES, rows.size()) && found < 0; i++) {
      found = named(rows.get(i)).isEmpty() ? -1 : i;
    }
    this.heads = found;
    this.columns = found < 0 ? List.of() : named(rows.get(found));
    boolean otherLetters = false;
    boolean counted = rows.size() > heads + 2 && !columns.contains(Column.KIND);
    int number = 0;
    int asked = Math.max(0, columns.indexOf(Column.QUESTION));
    for (CSVRecord row : rows.subList(heads + 1, rows.size())) {
      List<String> right = columns.isEmpty() ? unnamed(row) : cells(row, Column.RIGHT);
      List<String> truths = right.stream().filter(Truth::isLetter).toList();
      letters.addAll(truths);
      lettered += truths.size();
      otherLetters |= right.stream().anyMatch(said -> said.length() < 3 && !isTruth(said));
      fromNought |= right.contains("0") && !cells(row, Column.OPTION).isEmpty();
      number++;
      counted &=
          asked < row.size()
              && Integer.valueOf(number).equals(QuizLine.of(1, row.get(asked)).number());
    }
    this.lettersAreAnswers = otherLetters;
    this.numbered = counted;
  }

  /** Whether a text says itself of which kind each question is, as ours do: nothing is guessed. */
  static boolean saysKinds(String text) {
    List<CSVRecord> first = Cells.rows(text, Cells.separator(text), 1);
    return !first.isEmpty() && named(first.getFirst()).contains(Column.KIND);
  }

  private static boolean isTruth(String said) {
    return Truth.isLetter(said) || Truth.word(said) != null;
  }

  /** The words of a question, without the number where all have one. */
  private String asked(String cell) {
    return numbered ? QuizLine.of(1, cell).words() : cell;
  }

  /** The second of two cells. */
  private static List<String> unnamed(CSVRecord row) {
    return row.size() == 2 ? List.of(row.get(1)) : List.of();
  }

  /** Reads a text. What is no question is told, and keeps nothing else from being read. */
  public static Understood read(String text) {
    QuestionTable table = new QuestionTable(Cells.rows(text, Cells.separator(text), MOST_ROWS));
    return table.understood(text);
  }

  private Understood understood(String text) {
    List<Understood.Placed> questions = new ArrayList<>();
    List<Left> left = new ArrayList<>();
    StringBuilder rest = new StringBuilder();
    int line = 1;
    for (int i = 0; i < rows.size(); i++) {
      CSVRecord row = rows.get(i);
      line +=
          i == 0 ? 0 : (int) Cells.count(text.substring(start(rows.get(i - 1)), start(row)), '\n');
      if (i == heads) {
        left.addAll(unread(line));
      }
      boolean again = heads >= 0 && row.toList().equals(rows.get(heads).toList());
      if (again || row.stream().allMatch(String::isBlank)) {
        continue;
      }
      if (i < heads) {
        left.add(new Left(line, said(text, rows, i), null));
        continue;
      }
      try {
        Understood.addDoubtful(questions, () -> row(row), line);
      } catch (IllegalArgumentException e) {
        String said = said(text, rows, i);
        left.add(new Left(line, said, e.getMessage()));
        rest.append(said).append('\n');
      }
    }
    String names = heads >= 0 && !rest.isEmpty() ? said(text, rows, heads) + "\n" : "";
    return Understood.of(Understood.TextForm.TABLE, questions, left, names + rest);
  }

  /** Columns that hold something and are not taken in. */
  private List<Left> unread(int line) {
    List<Left> left = new ArrayList<>();
    for (int i = 0; i < columns.size(); i++) {
      int column = i;
      boolean holds =
          rows.stream()
              .skip(heads + 1L)
              .anyMatch(row -> column < row.size() && !row.get(column).isBlank());
      if (columns.get(i) == null && holds) {
        left.add(new Left(line, rows.get(heads).get(i), "this column is not taken in"));
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
    if (rows.stream().limit(MOST_TITLES).anyMatch(row -> !named(row).isEmpty())) {
      return true;
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
  private static List<@Nullable Column> named(CSVRecord first) {
    if (first.size() > MOST_COLUMNS) {
      return List.of();
    }
    if (first.size() == 2 && isWordAndClue(first.get(0), first.get(1))) {
      return List.of(Column.QUESTION, Column.RIGHT);
    }
    List<Optional<Column>> columns = first.stream().map(QuestionTable::column).toList();
    boolean names =
        columns.contains(Optional.of(Column.QUESTION))
            && columns.stream().filter(Optional::isPresent).count() > 1;
    if (!names) {
      return List.of();
    }
    List<@Nullable Column> all =
        new ArrayList<>(columns.stream().map(column -> column.orElse(null)).toList());
    // Several columns of answers beside one that says which is right hold options.
    List<Integer> answers =
        IntStream.range(0, first.size()).filter(i -> isAnswer(first.get(i))).boxed().toList();
    boolean key =
        IntStream.range(0, first.size())
            .anyMatch(i -> all.get(i) == Column.RIGHT && !answers.contains(i));
    boolean counted = answers.stream().allMatch(i -> first.get(i).matches(".*\\p{Nd}\\s*"));
    if (answers.size() > 1 && (key || counted)) {
      answers.forEach(i -> all.set(i, Column.OPTION));
    }
    return all;
  }

  /** “Term” and “Definition”, “Front” and “Back”: the first is asked, the second answers. */
  private static boolean isWordAndClue(String first, String second) {
    return Head.WORD.names(first) && Head.CLUE.names(second)
        || Head.CLUE.names(first) && Head.WORD.names(second);
  }

  private static boolean isAnswer(String name) {
    return Head.ANSWER.names(name);
  }

  private static Optional<Column> column(String name) {
    for (Map.Entry<Head, Column> known : KNOWN.entrySet()) {
      if (known.getKey().names(name)) {
        return Optional.of(known.getValue());
      }
    }
    String key = name.strip().toLowerCase(Locale.ROOT).replaceAll("[\\s_-]+", " ");
    return option(key) ? Optional.of(Column.OPTION) : Optional.empty();
  }

  /** “Option A”, “Answer B”: a letter behind the word. */
  private static boolean option(String key) {
    return key.length() < 40
        && key.matches(
            "(?:(?:option|choice|answer|answer option|antwort|réponse|respuesta) )?[a-h]");
  }

  private List<String> cells(CSVRecord row, Column column) {
    List<String> found = new ArrayList<>();
    for (int i = 0; i < Math.min(row.size(), columns.size()); i++) {
      if (columns.get(i) == column && !row.get(i).isBlank()) {
        found.add(Cells.undefused(row.get(i)));
      }
    }
    return found;
  }

  private Doubtful row(CSVRecord record) {
    if (columns.isEmpty()) {
      List<String> cells = record.stream().map(Cells::undefused).toList();
      return lettered(cells).orElseGet(() -> unnamed(cells));
    }
    String both = first(cells(record, Column.FEEDBACK));
    String ifRight = first(cells(record, Column.IF_RIGHT));
    String ifWrong = first(cells(record, Column.IF_WRONG));
    String kind = first(cells(record, Column.KIND));
    String question = asked(Optional.ofNullable(first(cells(record, Column.QUESTION))).orElse(""));
    List<String> right = new ArrayList<>(cells(record, Column.RIGHT));
    List<String> wrong = new ArrayList<>(cells(record, Column.WRONG));
    List<String> options = cells(record, Column.OPTION);
    String doubt = null;
    if (!options.isEmpty()) {
      RightOptions rights = rights(options, right);
      doubt = rights.doubt();
      right.clear();
      for (int i = 0; i < options.size(); i++) {
        (rights.right().get(i) ? right : wrong).add(options.get(i));
      }
    } else if (kind == null && wrong.isEmpty()) {
      Doubtful truth = truth(question, right);
      kind = truth.row().kind();
      right = truth.row().right();
      doubt = truth.doubt();
    }
    QuestionRow row =
        new QuestionRow(
            kind == null ? null : kind.strip().toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-"),
            question,
            right,
            wrong,
            cells(record, Column.HINT),
            ifRight == null ? both : ifRight,
            ifWrong == null ? both : ifWrong,
            worth(first(cells(record, Column.WORTH))));
    return new Doubtful(row, doubt);
  }

  private static QuestionRow plain(
      @Nullable String kind, String question, List<String> right, List<String> wrong) {
    return new QuestionRow(kind, question, right, wrong, List.of(), null, null, null);
  }

  /** Cells without heads and letters: a question with its answer, or with options. */
  private Doubtful unnamed(List<String> cells) {
    List<String> full = cells.stream().skip(1).filter(cell -> !cell.isBlank()).toList();
    String question = asked(cells.getFirst());
    return full.size() < 2
        ? truth(question, full)
        : new Doubtful(plain("pick-one", question, List.of(), full), Understood.NOTHING_SAID);
  }

  /** A question with its answer, which may be true or false in words or by a letter. */
  private Doubtful truth(String question, List<String> right) {
    String said = right.size() == 1 ? right.getFirst() : "";
    boolean asks = QuizLine.of(1, question).leads();
    Boolean word = asks ? Truth.answer(said) : Truth.word(said);
    if (word != null) {
      return new Doubtful(plain("true-false", question, List.of(word.toString()), List.of()), null);
    }
    if (asks || lettersAreAnswers || !Truth.isLetter(said)) {
      return new Doubtful(plain(null, question, right, List.of()), null);
    }
    Boolean letter = Truth.letter(said, letters);
    boolean several = letters.stream().map(String::toLowerCase).distinct().count() > 1;
    if (letter == null && several) {
      // Letters that are answers themselves: signs of elements, for instance.
      return new Doubtful(plain(null, question, right, List.of()), null);
    }
    return letter == null || lettered < 2
        ? new Doubtful(
            plain("true-false", question, List.of(), List.of()),
            "“" + said + "” can mean true, or false, or be the answer itself")
        : new Doubtful(plain("true-false", question, List.of(letter.toString()), List.of()), null);
  }

  /** Which options are right: those that are named by their letters, numbers or words. */
  private RightOptions rights(List<String> options, List<String> named) {
    boolean numbers = named.stream().anyMatch(name -> name.strip().matches("\\d{1,2}"));
    if (fromNought && numbers && !options.containsAll(named)) {
      return RightOptions.doubtful(
          options.size(), "one row’s key is 0: whether it counts from 0 or from 1 is not said");
    }
    List<RightOptions.Option> all =
        options.stream().map(text -> new RightOptions.Option(text, null, null)).toList();
    return RightOptions.named(all, named);
  }

  /**
   * A row whose cells are a question, its options with letters, and perhaps the letter of the right
   * one; or whose first cell has them all.
   */
  private static Optional<Doubtful> lettered(List<String> cells) {
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
