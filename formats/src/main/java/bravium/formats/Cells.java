package bravium.formats;

import java.io.IOException;
import java.io.StringReader;
import java.io.UncheckedIOException;
import java.util.List;
import org.apache.commons.csv.CSVFormat;
import org.apache.commons.csv.CSVParser;
import org.apache.commons.csv.CSVRecord;
import org.jspecify.annotations.Nullable;

/** Tables as texts: CSV (RFC 4180) with any common separator, and cells of a spreadsheet. */
public final class Cells {

  private static final char[] SEPARATORS = {'\t', ';', ',', '|'};
  private static final int LOOKED_AT = 20;
  private static final long TO_THE_LINE = 1_000_000;

  /** Whoever opens the file in a spreadsheet must not run what a cell begins with. */
  private static final String RUN_BY_SPREADSHEETS = "=+-@＝＋－＠\t\r\n";

  private Cells() {}

  /** The rows of a text, at most so many. */
  static List<CSVRecord> rows(String text, char separator, long most) {
    try (CSVParser parser = CSVParser.parse(new StringReader(text), format(separator).get())) {
      return parser.stream().limit(most).toList();
    } catch (UncheckedIOException | IOException e) {
      // A quotation mark that is never closed, for instance: then quotation marks are just text.
      try (CSVParser plain =
          CSVParser.parse(new StringReader(text), format(separator).setQuote(null).get())) {
        return plain.stream().limit(most).toList();
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
  static char separator(String text) {
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

  static long count(String line, char separator) {
    return line.chars().filter(c -> c == separator).count();
  }

  /**
   * A cell that no spreadsheet runs: an apostrophe before what it would take for a formula, or for
   * such an apostrophe.
   */
  static String defused(@Nullable String cell) {
    if (cell == null) {
      return "";
    }
    boolean runs = !cell.isEmpty() && RUN_BY_SPREADSHEETS.indexOf(cell.charAt(0)) >= 0;
    return runs || cell.startsWith("'") ? "'" + cell : cell;
  }

  /** The cell as it was before {@link #defused}. */
  static String undefused(String cell) {
    boolean defused =
        cell.length() > 1
            && cell.charAt(0) == '\''
            && (RUN_BY_SPREADSHEETS.indexOf(cell.charAt(1)) >= 0 || cell.charAt(1) == '\'');
    return defused ? cell.substring(1) : cell;
  }

  /** Rows as CSV: comma, quotation marks where needed, CRLF, nothing that a spreadsheet runs. */
  public static String csv(List<? extends List<String>> rows) {
    StringBuilder out = new StringBuilder();
    try {
      for (List<String> row : rows) {
        CSVFormat.RFC4180.printRecord(out, row.stream().map(Cells::defused).toArray());
      }
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
    return out.toString();
  }
}
