package bravium.formats;

import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import org.apache.commons.csv.CSVRecord;

/**
 * A list of learners: CSV (RFC 4180) with any common separator and encoding, a column copied from a
 * spreadsheet, or one name a line. A first row that names its columns may have others besides.
 *
 * @param names those that were understood, in their order, each once
 * @param doubles names that stand in the list more than once
 * @param left rows in which there is no name, as they stand there
 * @param passedOver what the columns are called that hold something and are not taken in
 * @param more whether the list goes on after the most that are taken in at once
 */
public record NameList(
    List<LearnerName> names,
    List<String> doubles,
    List<String> left,
    List<String> passedOver,
    boolean more) {

  /** The most learners that are taken in at once. */
  public static final int MOST = 1_000;

  private static final Set<String> WHOLE =
      Set.of("name", "names", "full name", "learner", "pupil", "student", "learner name");
  private static final Set<String> FIRST =
      Set.of("first name", "firstname", "forename", "given name", "given names", "first");
  private static final Set<String> LAST =
      Set.of("last name", "lastname", "surname", "family name", "last");

  /** Which cells of a row make its name, in which order; and whether the first row says so. */
  private record Columns(List<Integer> places, boolean headed) {}

  /** What stands in a file, whatever its encoding. */
  public static String text(byte[] file) {
    return Encodings.text(file);
  }

  /**
   * Reads a text.
   *
   * @param surnameFirst whether a row of two cells that nobody named begins with the surname
   */
  public static NameList read(String given, boolean surnameFirst) {
    String text = Encodings.unmarked(given);
    List<CSVRecord> rows = Cells.rows(text, Cells.separator(text), MOST + 2L);
    Columns columns = columns(rows, surnameFirst);
    List<LearnerName> names = new ArrayList<>();
    Set<String> keys = new LinkedHashSet<>();
    Set<String> doubles = new LinkedHashSet<>();
    List<String> left = new ArrayList<>();
    int taken = 0;
    for (CSVRecord row : rows.subList(columns.headed() ? 1 : 0, rows.size())) {
      if (row.stream().allMatch(String::isBlank) || taken++ >= MOST) {
        continue;
      }
      Optional<LearnerName> name = LearnerName.of(name(row, columns.places()));
      if (name.isEmpty()) {
        left.add(said(row));
      } else if (keys.add(name.get().key())) {
        names.add(name.get());
      } else {
        doubles.add(name.get().text());
      }
    }
    return new NameList(
        List.copyOf(names),
        List.copyOf(doubles),
        List.copyOf(left),
        passedOver(rows, columns),
        taken > MOST);
  }

  private static Columns columns(List<CSVRecord> rows, boolean surnameFirst) {
    if (rows.isEmpty()) {
      return new Columns(List.of(0), false);
    }
    List<String> heads =
        rows.getFirst().stream().map(cell -> cell.strip().toLowerCase(Locale.ROOT)).toList();
    int whole = place(heads, WHOLE);
    int first = place(heads, FIRST);
    int last = place(heads, LAST);
    if (first >= 0 && last >= 0) {
      return new Columns(List.of(first, last), true);
    }
    if (whole >= 0 || first >= 0) {
      return new Columns(List.of(Math.max(whole, first)), true);
    }
    boolean two = rows.stream().filter(row -> row.size() == 2).count() * 2 > rows.size();
    List<Integer> both = surnameFirst ? List.of(1, 0) : List.of(0, 1);
    return new Columns(two ? both : List.of(0), false);
  }

  private static int place(List<String> heads, Set<String> called) {
    for (int i = 0; i < heads.size(); i++) {
      if (called.contains(heads.get(i))) {
        return i;
      }
    }
    return -1;
  }

  private static String name(CSVRecord row, List<Integer> places) {
    StringBuilder name = new StringBuilder();
    for (int place : places) {
      if (place < row.size()) {
        name.append(turned(Cells.undefused(row.get(place)))).append(' ');
      }
    }
    return name.toString();
  }

  /** "Alder, Mia" is Mia Alder, as lists of names are written (common practice). */
  private static String turned(String cell) {
    int comma = cell.indexOf(',');
    boolean one = comma > 0 && comma == cell.lastIndexOf(',') && comma < cell.length() - 1;
    return one ? cell.substring(comma + 1).strip() + " " + cell.substring(0, comma) : cell;
  }

  private static String said(CSVRecord row) {
    String all = String.join(" ", row.toList()).strip();
    int end = all.offsetByCodePoints(0, Math.min(80, all.codePointCount(0, all.length())));
    return end < all.length() ? all.substring(0, end) + "…" : all;
  }

  private static List<String> passedOver(List<CSVRecord> rows, Columns columns) {
    List<String> passed = new ArrayList<>();
    int widest = rows.stream().mapToInt(CSVRecord::size).max().orElse(0);
    for (int i = 0; i < widest; i++) {
      int place = i;
      boolean holds =
          rows.stream()
              .skip(columns.headed() ? 1 : 0)
              .anyMatch(row -> place < row.size() && !row.get(place).isBlank());
      if (holds && !columns.places().contains(place)) {
        boolean called = columns.headed() && place < rows.getFirst().size();
        passed.add(called ? rows.getFirst().get(place) : String.valueOf(place + 1));
      }
    }
    return List.copyOf(passed);
  }
}
