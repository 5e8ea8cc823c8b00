package bravium.formats.lists;

import bravium.formats.lists.Marked.Kind;
import bravium.formats.lists.Marked.Line;
import bravium.formats.lists.Names.Parting;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * A list of things by their names, whatever the things are: what a hunt looks for, what a picture
 * shows, cards, accepted words, options.
 *
 * @param reading how its lines were parted
 * @param items in their order, each once
 * @param lines how each line was read, but for blank ones and rules of signs
 */
public record ItemList(ItemReading reading, List<Listed> items, List<ItemLine> lines) {

  /** What a list is a list of. */
  public enum Of {
    /** Things that can have other names. */
    THINGS,
    /** Names, each for itself: what stands between commas is one. */
    NAMES,
    /** Texts that may hold commas, one to a line. */
    TEXTS
  }

  /** How the lines of a list can be parted. */
  public enum ItemReading {
    /** A thing to a line; what stands behind commas and the like are its other names. */
    @JsonProperty("names")
    NAMES,
    /** Whatever stands between commas and the like is a thing of its own. */
    @JsonProperty("each")
    EACH,
    /** A thing to a line, with all that stands there but its marker. */
    @JsonProperty("lines")
    LINES,
    /** A thing to a line, as it stands there. */
    @JsonProperty("as-it-is")
    AS_IT_IS
  }

  /** What a line is. */
  public enum ItemRole {
    /** It holds at least one thing. */
    @JsonProperty("item")
    ITEM,
    /** A title, or heads of columns. */
    @JsonProperty("head")
    HEAD,
    /** What it holds stands there already. */
    @JsonProperty("double")
    DOUBLE,
    /** Nothing is taken of it. */
    @JsonProperty("left")
    LEFT
  }

  /**
   * A thing.
   *
   * @param names at least one, the first is what it is called
   * @param right whether it is an option that is said to be right
   */
  public record Listed(List<String> names, boolean right) {

    /** A thing of which nothing is said. */
    public Listed(List<String> names) {
      this(names, false);
    }
  }

  /**
   * A line and how it was read.
   *
   * @param place from 1
   * @param text as it stands there
   * @param names what was read in it; empty for what is no item
   */
  public record ItemLine(int place, String text, ItemRole role, List<String> names) {}

  private static final Pattern SAYS = Pattern.compile("^([^:：]{1,40})[:：]\\s+(\\S.*)$");

  /**
   * Reads a text.
   *
   * @param asked how its lines are parted; null for what it looks like
   * @param of what it is a list of
   */
  public static ItemList read(String text, @Nullable ItemReading asked, Of of) {
    List<Line> lines = asked == ItemReading.AS_IT_IS ? asTheyAre(text) : Marked.of(text);
    List<Line> full = lines.stream().filter(line -> !line.blank()).toList();
    boolean alone = full.size() == 1;
    ItemReading reading = asked != null ? asked : usual(full, of);
    Parting parting = parting(full, reading, alone && of == Of.THINGS);
    Reader reader = new Reader(reading, parting, columns(full, parting));
    for (int i = 0; i < full.size(); i++) {
      Line line = full.get(i);
      boolean heads = i == 0 && !reader.columns.isEmpty();
      boolean head = reading != ItemReading.AS_IT_IS && (heads || isHead(full, i, parting));
      if (head) {
        reader.lines.add(new ItemLine(line.place(), line.raw().strip(), ItemRole.HEAD, List.of()));
      } else {
        reader.take(line, alone);
      }
    }
    return new ItemList(reading, List.copyOf(reader.items), List.copyOf(reader.lines));
  }

  /**
   * Pairs of things: what {@link ClueList} reads, as things with a partner for their other name.
   */
  public static ItemList pairs(String text) {
    ClueList read = ClueList.read(text, ClueList.ClueReading.WORD_FIRST);
    List<Listed> items = read.entries().stream().map(e -> new Listed(names(e))).toList();
    List<ItemLine> lines =
        read.lines().stream()
            .map(
                line ->
                    new ItemLine(
                        line.place(),
                        line.text(),
                        line.role(),
                        line.entry() == null ? List.of() : names(line.entry())))
            .toList();
    return new ItemList(ItemReading.NAMES, items, lines);
  }

  private static List<String> names(ClueList.WordWithClue pair) {
    return pair.clue().isBlank() ? List.of(pair.word()) : List.of(pair.word(), pair.clue());
  }

  private static List<Line> asTheyAre(String text) {
    List<String> raw = Lines.of(text);
    return IntStream.range(0, raw.size())
        .mapToObj(
            i ->
                new Line(
                    i + 1,
                    raw.get(i),
                    raw.get(i).strip(),
                    Lines.plain(raw.get(i)).isEmpty() ? Kind.BLANK : Kind.PLAIN))
        .toList();
  }

  private static ItemReading usual(List<Line> full, Of of) {
    boolean tabs = full.stream().anyMatch(line -> line.words().indexOf('\t') >= 0);
    return switch (of) {
      case NAMES -> ItemReading.EACH;
      case TEXTS -> tabs ? ItemReading.EACH : ItemReading.LINES;
      case THINGS -> {
        boolean several =
            full.size() == 1
                && !tabs
                && (hasSemicolon(full.getFirst().words())
                    || Names.ofOneLine(full.getFirst().words()).size() > 1);
        yield several ? ItemReading.EACH : ItemReading.NAMES;
      }
    };
  }

  private static Parting parting(List<Line> full, ItemReading reading, boolean things) {
    if (reading == ItemReading.LINES || reading == ItemReading.AS_IT_IS) {
      return Parting.NOWHERE;
    }
    if (full.stream().anyMatch(line -> line.words().indexOf('\t') >= 0)) {
      return Parting.TABS;
    }
    long semicolons = full.stream().filter(line -> hasSemicolon(line.words())).count();
    return semicolons * 2 >= full.size() && semicolons > 0 && !things
        ? Parting.SEMICOLONS
        : Parting.COMMAS;
  }

  private static boolean hasSemicolon(String words) {
    return words.matches(".*[;；]\\s*\\S.*");
  }

  /** Whether a line is a title: it says so, or it alone of many has no marker before it. */
  private static boolean isHead(List<Line> full, int place, Parting parting) {
    Line line = full.get(place);
    boolean last = place == full.size() - 1;
    if (line.kind() == Kind.HEADING) {
      return true;
    }
    if (line.kind() != Kind.PLAIN || last) {
      return false;
    }
    boolean othersMarked =
        place == 0 && full.stream().skip(1).allMatch(other -> other.kind() == Kind.MARKED);
    boolean single = place == 0 && Names.of(line.words(), parting).size() == 1;
    boolean called =
        single && (Head.RIGHT.names(line.words()) || Head.ACCEPTED.names(line.words()));
    return othersMarked || called || line.words().endsWith(":") || line.words().endsWith("：");
  }

  /** What the columns of a first row hold that names them; empty where it names none. */
  private static List<Head> columns(List<Line> full, Parting parting) {
    if (full.size() < 2 || parting == Parting.NOWHERE) {
      return List.of();
    }
    List<Head> heads = new ArrayList<>();
    Line first = full.getFirst();
    for (String cell : cells(first.words(), parting)) {
      boolean thing = Head.THING.names(cell) || Head.NAME.names(cell) || Head.WORD.names(cell);
      heads.add(
          Head.NUMBER.names(cell)
              ? Head.NUMBER
              : Head.OTHERS.names(cell) ? Head.OTHERS : thing ? Head.THING : Head.TITLE);
    }
    boolean known = heads.contains(Head.THING) && !heads.contains(Head.TITLE);
    return known ? heads : List.of();
  }

  private static List<String> cells(String words, Parting parting) {
    String plain = Lines.withoutBars(words);
    return switch (parting) {
      case TABS -> List.of(plain.split("\t", -1));
      case SEMICOLONS -> List.of(plain.split("[;；]", -1));
      default -> List.of(plain.split("\\s*[|,]\\s*", -1));
    };
  }

  private static final class Reader {
    private final ItemReading reading;
    private final Parting parting;
    private final List<Head> columns;
    private final List<Listed> items = new ArrayList<>();
    private final List<ItemLine> lines = new ArrayList<>();
    private final Set<String> keys = new HashSet<>();

    Reader(ItemReading reading, Parting parting, List<Head> columns) {
      this.reading = reading;
      this.parting = parting;
      this.columns = columns;
    }

    void take(Line line, boolean alone) {
      List<List<String>> found = new ArrayList<>();
      String words = Lines.withoutBars(line.words());
      if (reading == ItemReading.AS_IT_IS) {
        found.add(List.of(words));
      } else if (reading == ItemReading.EACH && alone) {
        each(words, found);
      } else if (reading == ItemReading.EACH) {
        // Each line may end as a sentence of its own: “bee, worker or drone”.
        parts(said(words)).forEach(name -> found.add(List.of(name)));
      } else {
        found.add(reading == ItemReading.LINES ? Names.of(words, Parting.NOWHERE) : row(words));
      }
      List<String> names = new ArrayList<>();
      boolean any = false;
      for (List<String> item : found) {
        any |= !item.isEmpty();
        if (!item.isEmpty() && keys.add(Names.key(item.getFirst()))) {
          items.add(new Listed(item));
          names.addAll(item);
        }
      }
      ItemRole role = names.isEmpty() ? any ? ItemRole.DOUBLE : ItemRole.LEFT : ItemRole.ITEM;
      lines.add(new ItemLine(line.place(), line.raw().strip(), role, names));
    }

    /** A list on one line: between semicolons a thing with its names, between commas a thing. */
    private void each(String words, List<List<String>> found) {
      boolean semicolons = hasSemicolon(words) && parting != Parting.TABS;
      if (!semicolons) {
        parts(said(words)).forEach(name -> found.add(List.of(name)));
        return;
      }
      for (String thing : words.split("[;；]")) {
        if (parting == Parting.SEMICOLONS) {
          found.add(Names.of(thing, Parting.NOWHERE));
        } else {
          found.add(Names.of(thing, Parting.COMMAS));
        }
      }
    }

    private List<String> parts(String words) {
      Parting own = of(words);
      return own == Parting.COMMAS ? Names.ofOneLine(words) : Names.of(words, own);
    }

    /** A line among others with another sign in it is parted at its own. */
    private Parting of(String words) {
      if (parting == Parting.TABS && words.indexOf('\t') < 0) {
        return hasSemicolon(words) ? Parting.SEMICOLONS : Parting.COMMAS;
      }
      return parting == Parting.COMMAS && hasSemicolon(words) ? Parting.SEMICOLONS : parting;
    }

    private List<String> row(String words) {
      if (columns.isEmpty()) {
        return Names.of(words, of(words));
      }
      List<String> cells = cells(words, parting);
      int without = columns.contains(Head.NUMBER) && cells.size() < columns.size() ? 1 : 0;
      List<String> names = new ArrayList<>();
      for (int i = 0; i < cells.size() && i + without < columns.size(); i++) {
        if (columns.get(i + without) != Head.NUMBER) {
          names.addAll(Names.of(cells.get(i), Parting.COMMAS));
        }
      }
      return names;
    }

    /** What stands behind a word such as “Accepted:”. */
    private static String said(String words) {
      Matcher says = SAYS.matcher(words);
      if (!says.matches()) {
        return words;
      }
      String word = says.group(1);
      boolean known =
          Head.RIGHT.names(word) || Head.ACCEPTED.names(word) || Head.OTHERS.names(word);
      return known ? says.group(2) : words;
    }
  }
}
