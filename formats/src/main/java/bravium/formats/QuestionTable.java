package bravium.formats;

import bravium.core.question.Question;
import bravium.core.writing.QuestionRow;
import bravium.formats.Understood.Left;
import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Function;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/**
 * Questions as a table: CSV (RFC 4180) with any common separator, or cells copied from a
 * spreadsheet. A first row that names its columns may have them in any order; without one a row is
 * the question, the right answer and the wrong ones.
 */
public final class QuestionTable {

  private static final char[] SEPARATORS = {'\t', ';', ',', '|'};
  private static final int LOOKED_AT = 20;
  private static final long TO_THE_LINE = 1_000_000;

  /** Whoever opens the file in a spreadsheet must not run what a cell begins with. */
  private static final String RUN_BY_SPREADSHEETS = "=+-@\t\r";

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
    WORTH
  }

  private QuestionTable() {}

  /** Reads a text. What is no question is told, and keeps nothing else from being read. */
  public static Understood read(String text) {
    List<CSVRecord> rows = rows(text, separator(text));
    List<Column> columns = rows.isEmpty() ? List.of() : named(rows.getFirst());
    boolean hasNames = !columns.isEmpty();
    List<Question> questions = new ArrayList<>();
    List<Left> left = new ArrayList<>();
    StringBuilder rest = new StringBuilder();
    int line = 1;
    for (int i = 0; i < rows.size(); i++) {
      CSVRecord row = rows.get(i);
      line += i == 0 ? 0 : (int) count(text.substring(start(rows.get(i - 1)), start(row)), '\n');
      if (hasNames && i == 0 || row.stream().allMatch(String::isBlank)) {
        continue;
      }
      try {
        if (questions.size() == Understood.MOST) {
          throw new IllegalArgumentException(
              "at most " + Understood.MOST + " questions are taken in at once");
        }
        questions.add(row(row, columns).question(String.valueOf(questions.size() + 1)));
      } catch (IllegalArgumentException e) {
        String said = said(text, rows, i);
        left.add(new Left(line, said, e.getMessage()));
        rest.append(said).append('\n');
      }
    }
    String names = hasNames && !left.isEmpty() ? said(text, rows, 0) + "\n" : "";
    return new Understood(List.copyOf(questions), List.copyOf(left), names + rest);
  }

  /** A row as it stands in the text. */
  private static String said(String text, List<CSVRecord> rows, int place) {
    int end = place + 1 < rows.size() ? start(rows.get(place + 1)) : text.length();
    return text.substring(start(rows.get(place)), end).stripTrailing();
  }

  private static int start(CSVRecord row) {
    return Math.toIntExact(row.getCharacterPosition());
  }

  private static List<CSVRecord> rows(String text, char separator) {
    try (CSVParser parser = CSVParser.parse(new StringReader(text), format(separator).get())) {
      return parser.stream().limit(Understood.MOST * 4L).toList();
    } catch (UncheckedIOException | IOException e) {
      // A quotation mark that is never closed, for instance: then quotation marks are just text.
      try (CSVParser plain =
          CSVParser.parse(new StringReader(text), format(separator).setQuote(null).get())) {
        return plain.stream().limit(Understood.MOST * 4L).toList();
      } catch (IOException again) {
        throw new UncheckedIOException(again);
      }
    }
  }

  private static CSVFormat.Builder format(char separator) {
    return CSVFormat.RFC4180
        .builder()
        .setDelimiter(separator)
        .setIgnoreSurroundingSpaces(true)
        .setIgnoreEmptyLines(true)
        .setLenientEof(true)
        .setTrailingData(true);
  }

  /** The separator that most of the first lines have, and of several the one the first has most. */
  private static char separator(String text) {
    List<String> lines = text.lines().filter(line -> !line.isBlank()).limit(LOOKED_AT).toList();
    char best = ',';
    long most = 0;
    for (char separator : SEPARATORS) {
      long with = lines.stream().filter(line -> line.indexOf(separator) >= 0).count();
      if (separator == '\t' && with == lines.size() && with > 0) {
        return separator;
      }
      long weight = with * TO_THE_LINE + (with == 0 ? 0 : count(lines.getFirst(), separator));
      if (weight > most) {
        most = weight;
        best = separator;
      }
    }
    return best;
  }

  private static long count(String line, char separator) {
    return line.chars().filter(c -> c == separator).count();
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
          case "kind", "type" -> Column.KIND;
          case "question", "text" -> Column.QUESTION;
          case "right", "right answer", "correct", "answer" -> Column.RIGHT;
          case "wrong", "wrong answer", "distractor" -> Column.WRONG;
          case "hint" -> Column.HINT;
          case "if right" -> Column.IF_RIGHT;
          case "if wrong" -> Column.IF_WRONG;
          case "feedback" -> Column.FEEDBACK;
          case "worth", "points" -> Column.WORTH;
          default -> null;
        });
  }

  private static QuestionRow row(CSVRecord record, List<@Nullable Column> columns) {
    List<String> cells = record.stream().map(QuestionTable::undefused).toList();
    if (columns.isEmpty()) {
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
    return new QuestionRow(
        kind == null ? null : kind.strip().toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", "-"),
        Optional.ofNullable(first(of.apply(Column.QUESTION))).orElse(""),
        of.apply(Column.RIGHT),
        of.apply(Column.WRONG),
        of.apply(Column.HINT),
        ifRight == null ? both : ifRight,
        ifWrong == null ? both : ifWrong,
        worth(first(of.apply(Column.WORTH))));
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
    StringBuilder out = new StringBuilder();
    try {
      CSVFormat format = CSVFormat.RFC4180;
      format.printRecord(out, names.toArray());
      for (QuestionRow row : rows) {
        Object[] cells = parts.stream().map(part -> defused(first(part.apply(row)))).toArray();
        format.printRecord(out, cells);
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
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

  private static String defused(@Nullable String cell) {
    if (cell == null) {
      return "";
    }
    boolean runs = !cell.isEmpty() && RUN_BY_SPREADSHEETS.indexOf(cell.charAt(0)) >= 0;
    return runs || cell.startsWith("'") ? "'" + cell : cell;
  }

  private static String undefused(String cell) {
    boolean defused =
        cell.length() > 1
            && cell.charAt(0) == '\''
            && (RUN_BY_SPREADSHEETS.indexOf(cell.charAt(1)) >= 0 || cell.charAt(1) == '\'');
    return defused ? cell.substring(1) : cell;
  }
}
