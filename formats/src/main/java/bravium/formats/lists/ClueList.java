package bravium.formats.lists;

import bravium.core.rich.Texts;
import bravium.formats.lists.Marked.Kind;
import bravium.formats.lists.Marked.Line;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * Words with their clues: both on a line with a sign between them, in two columns, or on two lines.
 *
 * @param reading which of the two comes first
 * @param entries in their order, each word once
 * @param lines how each line was read, but for blank ones and rules of signs
 */
public record ClueList(ClueReading reading, List<WordWithClue> entries, List<ClueLine> lines) {

  /** What comes first. */
  public enum ClueReading {
    /** The word, then its clue. */
    @JsonProperty("word-first")
    WORD_FIRST,
    /** The clue, then its word. */
    @JsonProperty("clue-first")
    CLUE_FIRST
  }

  /**
   * A word and its clue.
   *
   * @param clue blank where none is written yet
   */
  public record WordWithClue(String word, String clue) {}

  /**
   * A line and how it was read.
   *
   * @param place from 1
   * @param text as it stands there
   * @param entry what was read in it; null for a title, a double or the second line of an entry
   */
  public record ClueLine(
      int place, String text, ItemList.ItemRole role, @Nullable WordWithClue entry) {}

  /** Two parts of a line, as they stand there; the second is blank where there is one. */
  private record Two(String first, String second) {}

  /** The signs between a word and its clue, those first that are rarely part of one. */
  private static final List<Pattern> SIGNS =
      Stream.of(
              "\t+",
              "\\s*\\|\\s*",
              "\\s*(?:->|=>|[→⇒])\\s*",
              "\\s*[;；]\\s*",
              "\\s*=\\s*",
              "\\s*[:：]\\s+",
              "\\s+[-–—]\\s+",
              "\\s*[,，]\\s*")
          .map(Pattern::compile)
          .toList();

  private static final Pattern BRACKETED = Pattern.compile("^(\\S.*?)\\s*[(（]([^()（）]+)[)）]$");
  private static final Pattern LETTERS = Pattern.compile("\\s*\\((\\d{1,2})\\)$");

  /**
   * Reads a text.
   *
   * @param asked which of the two comes first; null for what it looks like
   */
  public static ClueList read(String text, @Nullable ClueReading asked) {
    List<Line> full = Marked.of(text).stream().filter(line -> !line.blank()).toList();
    Function<String, Two> parts = parts(full);
    Optional<ClueReading> headed =
        full.isEmpty() ? Optional.empty() : headed(parts, full.getFirst());
    boolean byTwo = isByTwo(text, full, parts);
    List<Two> all = full.stream().map(line -> parts.apply(line.words())).toList();
    ClueReading usual = headed.orElseGet(() -> byTwo ? ClueReading.WORD_FIRST : usual(all));
    ClueReading reading = asked == null ? usual : asked;
    List<WordWithClue> entries = new ArrayList<>();
    List<ClueLine> lines = new ArrayList<>();
    Set<String> keys = new HashSet<>();
    boolean anyParted = all.stream().anyMatch(two -> !two.second.isEmpty());
    for (int i = 0; i < full.size(); i++) {
      Line line = full.get(i);
      boolean title = i == 0 && anyParted && !byTwo && isTitle(line, all);
      boolean head = i == 0 && headed.isPresent() || title || line.kind() == Kind.HEADING;
      if (head || Head.DIRECTION.names(line.words())) {
        lines.add(new ClueLine(line.place(), line.raw().strip(), ItemList.ItemRole.HEAD, null));
        continue;
      }
      boolean two = byTwo && i + 1 < full.size();
      Two both = two ? new Two(line.words(), full.get(i + 1).words()) : all.get(i);
      WordWithClue entry = entry(both, reading);
      boolean fresh = !entry.word.isEmpty() && keys.add(Names.key(entry.word));
      ItemList.ItemRole role =
          fresh
              ? ItemList.ItemRole.ITEM
              : entry.word.isEmpty() ? ItemList.ItemRole.LEFT : ItemList.ItemRole.DOUBLE;
      if (fresh) {
        entries.add(entry);
      }
      lines.add(new ClueLine(line.place(), line.raw().strip(), role, fresh ? entry : null));
      if (two) {
        i++;
        Line clue = full.get(i);
        lines.add(new ClueLine(clue.place(), clue.raw().strip(), role, null));
      }
    }
    return new ClueList(reading, List.copyOf(entries), List.copyOf(lines));
  }

  /** How lines are parted: by the sign that most of them have, each at its first one. */
  private static Function<String, Two> parts(List<Line> full) {
    Pattern best = null;
    long most = 0;
    for (Pattern sign : SIGNS) {
      long with = full.stream().filter(line -> sign.matcher(inner(line.words())).find()).count();
      if (with > most) {
        best = sign;
        most = with;
      }
    }
    boolean brackets = full.stream().filter(line -> isBracketed(line.words())).count() > most;
    Pattern sign = best;
    return words -> brackets ? bracketed(words) : sign == null ? alone(words) : parted(words, sign);
  }

  private static String inner(String words) {
    return Lines.withoutBars(words);
  }

  private static boolean isBracketed(String words) {
    Matcher behind = BRACKETED.matcher(words);
    return behind.matches() && !behind.group(2).matches("\\d+");
  }

  private static Two bracketed(String words) {
    Matcher behind = BRACKETED.matcher(words);
    return behind.matches() ? new Two(behind.group(1), behind.group(2)) : alone(words);
  }

  private static Two alone(String words) {
    return new Two(Names.bare(words), "");
  }

  private static Two parted(String words, Pattern sign) {
    String plain = inner(words);
    Matcher between = sign.matcher(plain);
    if (!between.find()) {
      return alone(plain);
    }
    String first = plain.substring(0, between.start()).strip();
    return new Two(first, plain.substring(between.end()).strip());
  }

  /** Which column the heads say comes first; empty where there are none. */
  private static Optional<ClueReading> headed(Function<String, Two> parts, Line line) {
    Two heads = parts.apply(line.words());
    if (Head.WORD.names(heads.first) && Head.CLUE.names(heads.second)) {
      return Optional.of(ClueReading.WORD_FIRST);
    }
    return Head.CLUE.names(heads.first) && Head.WORD.names(heads.second)
        ? Optional.of(ClueReading.CLUE_FIRST)
        : Optional.empty();
  }

  /** What is longer is the clue; where both are as long, the word comes first. */
  private static ClueReading usual(List<Two> all) {
    int longer = 0;
    for (Two two : all) {
      int first = Texts.words(two.first);
      int second = Texts.words(two.second);
      longer += two.second.isEmpty() ? 0 : Integer.compare(first, second);
    }
    return longer > 0 ? ClueReading.CLUE_FIRST : ClueReading.WORD_FIRST;
  }

  /** Whether a word and its clue have a line each: blank lines stand between pairs of lines. */
  private static boolean isByTwo(String text, List<Line> full, Function<String, Two> parts) {
    List<String> blocks =
        Arrays.stream(String.join("\n", Lines.of(text)).strip().split("\n\\s*\n")).toList();
    boolean unparted = full.stream().allMatch(line -> parts.apply(line.words()).second.isEmpty());
    boolean twos = blocks.stream().allMatch(block -> block.lines().count() == 2);
    return unparted && twos && blocks.size() > 1;
  }

  /** A first line of several words without a clue, where all others have one. */
  private static boolean isTitle(Line line, List<Two> all) {
    boolean others = all.stream().skip(1).noneMatch(two -> two.second.isEmpty());
    boolean clueless = all.getFirst().second.isEmpty() || line.words().endsWith(":");
    return clueless && others && line.kind() == Kind.PLAIN && all.size() > 1;
  }

  private static WordWithClue entry(Two two, ClueReading reading) {
    boolean turned = reading == ClueReading.CLUE_FIRST && !two.second.isEmpty();
    String word = Names.bare((turned ? two.second : two.first).replace("**", ""));
    String clue = (turned ? two.first : two.second).replace("**", "");
    Matcher letters = LETTERS.matcher(clue);
    boolean counted =
        letters.find()
            && Integer.parseInt(letters.group(1))
                == word.codePoints().filter(Character::isLetter).count();
    return new WordWithClue(word, quoted(counted ? clue.substring(0, letters.start()) : clue));
  }

  private static String quoted(String clue) {
    boolean marks = clue.length() > 1 && "“\"„«".indexOf(clue.charAt(0)) >= 0;
    return marks ? Names.bare(clue) : clue;
  }
}
