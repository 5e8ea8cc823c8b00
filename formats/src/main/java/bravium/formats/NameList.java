package bravium.formats;

import bravium.formats.lists.Head;
import bravium.formats.lists.Lines;
import bravium.formats.lists.Marked;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * A list of learners as schools and people write it: one name a line or several, a table with heads
 * or without, a line of a mail program.
 *
 * @param order how names were read
 * @param headed whether heads of columns say which holds what
 * @param names those that were understood, in their order, each once
 * @param doubles names that stand in the list more than once
 * @param left rows in which there is no name, as they stand there
 * @param passedOver what the columns are called that hold something and are not taken in
 * @param lines how each line was read, but for blank ones and rules of signs
 * @param more whether the list goes on after the most that are taken in at once
 */
public record NameList(
    NameOrder order,
    boolean headed,
    List<LearnerName> names,
    List<String> doubles,
    List<String> left,
    List<String> passedOver,
    List<NameLine> lines,
    boolean more) {

  /** The most learners that are taken in at once. */
  public static final int MOST = 1_000;

  /** What comes first of a name, and whether there are several on a line. */
  public enum NameOrder {
    /** “Mia Alder”, or a cell with “Mia” and one with “Alder”. */
    @JsonProperty("first-name")
    FIRST_NAME,
    /** “Alder, Mia”, or a cell with “Alder” and one with “Mia”. */
    @JsonProperty("surname")
    SURNAME,
    /** Each cell, and what stands between commas, is a learner. */
    @JsonProperty("several")
    SEVERAL
  }

  /** What a line is. */
  public enum NameRole {
    /** At least one learner. */
    @JsonProperty("names")
    NAMES,
    /** A title, or heads of columns. */
    @JsonProperty("head")
    HEAD,
    /** Whoever it names stands there already. */
    @JsonProperty("double")
    DOUBLE,
    /** There is no name in it. */
    @JsonProperty("left")
    LEFT
  }

  /**
   * A line and how it was read.
   *
   * @param place from 1
   * @param text as it stands there, or its beginning
   * @param names what was read in it; empty for what is no name
   */
  public record NameLine(int place, String text, NameRole role, List<String> names) {}

  /** A line in its cells. */
  private record Row(int place, String raw, List<String> cells) {}

  /** What the cells of a row hold: the places of its name, in their order. */
  private record Columns(List<Integer> places, int headed) {}

  private static final int LOOKED_AT = 6;
  private static final int MOST_LINES = 4 * MOST;
  private static final int LONGEST_SAID = 80;
  private static final Pattern MAIL = Pattern.compile("\\s?<[^<>\\s]{1,100}@[^<>\\s]{1,200}>");
  private static final Pattern ADDRESS = Pattern.compile("\\S{1,100}@[^\\s@]{1,200}");
  private static final Pattern BRACKETS = Pattern.compile("\\s*[(\\[（][^()\\[\\]（）]*[)\\]）]$");
  private static final Pattern SUFFIX =
      Pattern.compile("(?i)(?:jr|sr|junior|senior|ii|iii|iv|m\\.?\\s?a|ph\\.?\\s?d|dr)\\.?");

  /** “VAN DER BIRCH Jo”: the surname in capitals. */
  private static final Pattern CAPITALS =
      Pattern.compile("(\\p{Lu}[\\p{Lu} '’-]*\\p{Lu})\\s+(\\p{Lu}\\p{Ll}.*)");

  /** “Table 1: Mia, Jo”. */
  private static final Pattern LABEL = Pattern.compile("^[^:：]{1,30}[:：]\\s+(?=\\S)");

  private static final Pattern SUM = Pattern.compile("[^:：]+[:：]\\s*\\p{Nd}+");
  private static final Pattern JOINED =
      Pattern.compile("\\s+(?:and|und|et|y|e|en|och|og|i|a|&)\\s+");

  /**
   * Reads a text.
   *
   * @param asked what comes first of a name; null for what it looks like
   */
  public static NameList read(String given, @Nullable NameOrder asked) {
    Reader reader = new Reader(rows(given), asked);
    reader.read();
    return reader.list();
  }

  /** The rows of a text: of one that has a separator in its lines the cells, else the lines. */
  private static List<Row> rows(String given) {
    String looked = given.lines().limit(MOST_LINES).collect(Collectors.joining("\n"));
    List<Marked.Line> lines =
        Marked.ofRows(looked).stream()
            .filter(line -> !line.blank())
            .limit(MOST + LOOKED_AT + 1L)
            .toList();
    String text = String.join("\n", lines.stream().map(line -> mailed(line.words())).toList());
    boolean semicolons = !text.isEmpty() && text.lines().allMatch(line -> line.indexOf(';') > 0);
    char separator = semicolons ? ';' : Cells.separator(text);
    List<Row> rows = new ArrayList<>();
    boolean counted = counts(lines);
    for (Marked.Line line : lines) {
      String words = counted ? line.words().replaceFirst("^\\p{Nd}+\\s+", "") : line.words();
      rows.add(new Row(line.place(), line.raw(), cells(mailed(words), separator)));
    }
    return rows;
  }

  /** Whether each line begins with its number and a space. */
  private static boolean counts(List<Marked.Line> lines) {
    return lines.size() > 1
        && IntStream.range(0, lines.size())
            .allMatch(i -> lines.get(i).words().matches((i + 1) + " +\\p{L}.*"));
  }

  private static String mailed(String words) {
    return MAIL.matcher(Lines.withoutBars(words))
        .replaceAll("")
        .replace('，', ',')
        .replace('；', ';');
  }

  private static List<String> cells(String words, char separator) {
    return Cells.rows(words, separator, 1).stream()
        .findFirst()
        .map(row -> row.stream().map(Cells::undefused).map(Lines::plain).toList())
        .orElse(List.of());
  }

  private static final class Reader {
    private final List<Row> rows;
    private final @Nullable NameOrder asked;
    private final List<LearnerName> names = new ArrayList<>();
    private final Set<String> keys = new LinkedHashSet<>();
    private final Set<String> doubles = new LinkedHashSet<>();
    private final List<String> left = new ArrayList<>();
    private final List<NameLine> lines = new ArrayList<>();
    private Columns columns = new Columns(List.of(0), -1);
    private NameOrder order = NameOrder.FIRST_NAME;
    private int taken;

    Reader(List<Row> rows, @Nullable NameOrder asked) {
      this.rows = rows;
      this.asked = asked;
    }

    NameList list() {
      return new NameList(
          order,
          columns.headed >= 0,
          List.copyOf(names),
          List.copyOf(doubles),
          List.copyOf(left),
          passedOver(),
          List.copyOf(lines),
          taken > MOST);
    }

    void read() {
      int heads = headRow();
      columns = heads < 0 ? unnamed() : new Columns(named(rows.get(heads).cells), heads);
      boolean title = heads < 0 && isTitle();
      for (int i = 0; i < rows.size(); i++) {
        Row row = rows.get(i);
        boolean again = heads >= 0 && row.cells.equals(rows.get(heads).cells);
        if (i < heads || again || title && i == 0) {
          say(row, NameRole.HEAD, List.of());
        } else if (taken++ < MOST) {
          take(row);
        }
      }
    }

    private void take(Row row) {
      List<String> fresh = new ArrayList<>();
      boolean any = false;
      for (String text : of(row)) {
        Optional<LearnerName> name = isNone(text) ? Optional.empty() : LearnerName.of(text);
        any |= name.isPresent();
        if (name.isPresent() && keys.add(name.get().key())) {
          names.add(name.get());
          fresh.add(name.get().text());
        } else if (name.isPresent()) {
          doubles.add(name.get().text());
        }
      }
      if (!any) {
        left.add(said(row));
      }
      say(row, fresh.isEmpty() ? any ? NameRole.DOUBLE : NameRole.LEFT : NameRole.NAMES, fresh);
    }

    private void say(Row row, NameRole role, List<String> read) {
      lines.add(new NameLine(row.place, said(row), role, List.copyOf(read)));
    }

    /** The names of a row, before anything is known of what makes a name. */
    private List<String> of(Row row) {
      if (order == NameOrder.SEVERAL) {
        return several(row);
      }
      StringBuilder name = new StringBuilder();
      List<Integer> places = columns.places;
      for (int place : places) {
        if (place < row.cells.size()) {
          name.append(ordered(row.cells.get(place))).append(' ');
        }
      }
      boolean suffix = columns.headed < 0 && row.cells.size() == 2 && isSuffix(row.cells.get(1));
      return List.of(suffix ? String.join(" ", row.cells) : name.toString());
    }

    /** The name in a cell, first name first. */
    private String ordered(String cell) {
      if (asked == NameOrder.FIRST_NAME) {
        return cell.replace(',', ' ');
      }
      boolean whole = order == NameOrder.SURNAME && columns.places.size() == 1;
      Matcher capitals = CAPITALS.matcher(cell);
      if (whole && capitals.matches()) {
        return capitals.group(2) + " " + capitals.group(1);
      }
      int space = cell.indexOf(' ');
      boolean swap = whole && cell.indexOf(',') < 0 && space > 0;
      return swap ? cell.substring(space + 1) + " " + cell.substring(0, space) : turned(cell);
    }

    private static List<String> several(Row row) {
      List<String> all = new ArrayList<>();
      Stream<String> cells = row.cells.stream().map(cell -> LABEL.matcher(cell).replaceFirst(""));
      cells
          .flatMap(cell -> Stream.of(cell.split("\\s*[/|]\\s*")))
          .filter(cell -> !isNoName(cell))
          .forEach(cell -> all.add(turned(cell)));
      if (all.isEmpty()) {
        return all;
      }
      String last = all.removeLast();
      all.addAll(List.of(JOINED.split(last, 2)));
      return all;
    }

    /** The row that names columns, among the first ones; -1 for none. */
    private int headRow() {
      for (int i = 0; i < Math.min(LOOKED_AT, rows.size()); i++) {
        if (!named(rows.get(i).cells).isEmpty()) {
          return i;
        }
      }
      return -1;
    }

    /** Two cells that hold parts of a name, or a name and something else, or several names. */
    private Columns unnamed() {
      List<Row> some = rows.stream().skip(isTitle() ? 1 : 0).toList();
      int widest = some.stream().mapToInt(row -> row.cells.size()).max().orElse(1);
      List<Integer> places =
          IntStream.range(0, widest).filter(place -> holdsNames(some, place)).boxed().toList();
      boolean all = some.stream().allMatch(Reader::isOfWholeNames);
      boolean labels =
          some.stream().allMatch(r -> r.cells.size() > 1 && LABEL.matcher(r.cells.get(0)).find());
      boolean many = labels || some.size() == 1 && places.size() > 2;
      boolean two =
          places.size() > 1
              && (places.get(1) - places.get(0) == 1
                  || some.stream().filter(Reader::isOneWord).count() * 2 >= some.size())
              && some.stream().filter(row -> row.cells.size() >= 2).count() * 2 > some.size();
      boolean capitals =
          some.stream()
              .allMatch(r -> r.cells.size() == 1 && CAPITALS.matcher(r.cells.getFirst()).matches());
      order =
          asked != null
              ? asked
              : many || all
                  ? NameOrder.SEVERAL
                  : capitals || two && spaced(some) ? NameOrder.SURNAME : order;
      if (places.size() < 2 || !two) {
        return new Columns(places.isEmpty() ? List.of(0) : places.subList(0, 1), -1);
      }
      int first = places.get(0);
      int second = places.get(1);
      boolean surname = order == NameOrder.SURNAME;
      return new Columns(surname ? List.of(second, first) : List.of(first, second), -1);
    }

    /** Whether a first cell is a part of a name, as “van der Birch” is beside “Jo”. */
    private static boolean isOneWord(Row row) {
      String first = row.cells.isEmpty() ? "" : row.cells.getFirst();
      String second = row.cells.size() > 1 ? row.cells.get(1) : "";
      boolean whole = first.indexOf(' ') > 0 && second.indexOf(' ') < 0;
      return !first.isBlank() && (!whole || first.matches("\\p{Ll}.*"));
    }

    private static boolean isOfWholeNames(Row row) {
      List<String> full = row.cells.stream().filter(cell -> !isNoName(cell)).toList();
      boolean commas = full.stream().allMatch(cell -> cell.matches("[^,]+,\\s*[^,]+"));
      boolean words = full.stream().allMatch(cell -> cell.indexOf(' ') > 0);
      return full.size() > 1 && (commas || words);
    }

    /** Who lists names puts a space behind a comma; who writes cells does not. */
    private static boolean spaced(List<Row> some) {
      return some.stream()
          .allMatch(
              row ->
                  row.cells.size() != 2 || row.raw.matches(".*(?:,\\s|，).*") && tabless(row.raw));
    }

    private static boolean tabless(String raw) {
      return raw.indexOf('\t') < 0 && raw.indexOf(';') < 0;
    }

    /** Whether a column holds names: not addresses, numbers, groups. */
    private static boolean holdsNames(List<Row> some, int place) {
      List<String> cells =
          some.stream()
              .filter(row -> place < row.cells.size() && !row.cells.get(place).isBlank())
              .map(row -> row.cells.get(place))
              .toList();
      return cells.isEmpty()
          ? false
          : place == 0 ? !isCount(cells) : cells.stream().noneMatch(Reader::isNoName);
    }

    private static boolean isCount(List<String> cells) {
      return cells.size() > 1 && cells.stream().allMatch(cell -> cell.matches("\\p{Nd}{1,4}[.)]?"));
    }

    private static boolean isNoName(String cell) {
      return cell.isBlank()
          || ADDRESS.matcher(cell).matches()
          || cell.chars().anyMatch(Character::isDigit);
    }

    /** A first line that says so, or with a number where no other has one. */
    private boolean isTitle() {
      if (rows.size() < 2 || rows.getFirst().cells.size() != 1) {
        return false;
      }
      Row first = rows.getFirst();
      String words = first.cells.getFirst();
      boolean apart = rows.get(1).place > first.place + 1;
      boolean called = Stream.of(words.split("[\\s:]+")).anyMatch(Head.TITLE::names);
      boolean digits = hasDigit(first) && rows.stream().skip(1).noneMatch(Reader::hasDigit);
      boolean grade = words.matches("\\p{Nd}{1,4}[^\\p{Nd}]{0,20}");
      return words.endsWith(":") || Head.TITLE.names(words) || digits && (called || apart || grade);
    }

    private static boolean hasDigit(Row row) {
      return row.cells.stream().anyMatch(cell -> cell.chars().anyMatch(Character::isDigit));
    }

    private List<String> passedOver() {
      List<String> passed = new ArrayList<>();
      List<Row> body = rows.stream().skip(Math.max(0, columns.headed + 1)).toList();
      int widest = body.stream().mapToInt(row -> row.cells.size()).max().orElse(0);
      for (int i = 0; i < widest && order != NameOrder.SEVERAL; i++) {
        int place = i;
        List<String> cells =
            body.stream()
                .filter(row -> place < row.cells.size() && !row.cells.get(place).isBlank())
                .map(row -> row.cells.get(place))
                .toList();
        boolean count = columns.headed < 0 && isCount(cells);
        boolean suffix = cells.stream().allMatch(Reader::isSuffix);
        if (!cells.isEmpty() && !count && !suffix && !columns.places.contains(place)) {
          passed.add(called(place));
        }
      }
      return List.copyOf(passed);
    }

    private String called(int place) {
      List<String> heads = columns.headed < 0 ? List.of() : rows.get(columns.headed).cells;
      return place < heads.size() ? heads.get(place) : String.valueOf(place + 1);
    }

    private String said(Row row) {
      String all = row.raw.strip();
      int end =
          all.offsetByCodePoints(0, Math.min(LONGEST_SAID, all.codePointCount(0, all.length())));
      return end < all.length() ? all.substring(0, end) + "…" : all;
    }

    private static boolean isSuffix(String cell) {
      return SUFFIX.matcher(cell).matches();
    }
  }

  /** The places of a name in a row of heads, first name first; empty where it names none. */
  private static List<Integer> named(List<String> cells) {
    int whole = place(cells, Head.NAME);
    int first = place(cells, Head.FIRST);
    int last = place(cells, Head.LAST);
    // “Name” beside “Vorname” is the surname, “Nombre” beside “Apellidos” the first name.
    if (first >= 0 && last < 0 && whole >= 0 && whole != first) {
      last = whole;
    }
    if (last >= 0 && first < 0 && whole >= 0 && whole != last) {
      first = whole;
    }
    if (first >= 0 && last >= 0) {
      return List.of(first, last);
    }
    int alone = Math.max(whole, first);
    return alone >= 0 ? List.of(alone) : List.of();
  }

  private static int place(List<String> cells, Head head) {
    return IntStream.range(0, cells.size())
        .filter(i -> head.names(cells.get(i)))
        .findFirst()
        .orElse(-1);
  }

  /** “Total: 24” and “24 pupils”. */
  private static boolean isNone(String text) {
    String[] words = text.strip().split("\\s+", 2);
    boolean count = words.length == 2 && words[0].matches("\\p{Nd}+") && Head.NAME.names(words[1]);
    return count || SUM.matcher(text.strip()).matches();
  }

  /** "Alder, Mia" is Mia Alder, as lists of names are written (common practice). */
  private static String turned(String cell) {
    String bare = BRACKETS.matcher(cell).replaceFirst("");
    String name = bare.isBlank() ? cell : bare;
    int comma = name.indexOf(',');
    boolean one = comma > 0 && comma == name.lastIndexOf(',') && comma < name.length() - 1;
    if (!one) {
      return name;
    }
    String behind = name.substring(comma + 1).strip();
    String before = name.substring(0, comma);
    return SUFFIX.matcher(behind).matches() ? before + " " + behind : behind + " " + before;
  }
}
