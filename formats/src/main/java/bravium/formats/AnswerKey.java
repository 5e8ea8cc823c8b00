package bravium.formats;

import bravium.formats.lists.Head;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/**
 * The answers of a quiz all in one place, above or below its questions: “1 B, 2 A”, or a number to
 * a line.
 *
 * @param from the first of its lines, from 0
 * @param to the line behind its last
 * @param entries what it says of each number, in the order in which it says it
 */
record AnswerKey(int from, int to, Map<Integer, List<String>> entries) {

  private static final Pattern TITLE =
      Pattern.compile(
          "^(?:the\\s+)?(?:answer\\s*key|answers|correct answers|solutions?|key)\\s*:?$",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern ENTRY =
      Pattern.compile(
          "(\\d{1,3})\\s*[.):=\u2013-]?\\s*([" + QuizLine.LETTERS + "])(?![\\p{L}\\p{N}])");
  private static final Pattern NUMBERED =
      Pattern.compile("^(\\d{1,3})\\s*[.):=\u2013-]\\s*(\\S.*)$");
  private static final Pattern ALONE =
      Pattern.compile("^\\d{1,3}\\s*[.):=\u2013-]?\\s*[(\\[]?[" + QuizLine.LETTERS + "][)\\].]?$");

  /** A word and what stands behind its colon. */
  static final Pattern CALLED = Pattern.compile("^([^:：]{2,40})[:：]\\s*(\\S.*)$");

  private static final Pattern LETTERS =
      Pattern.compile(
          "^[" + QuizLine.LETTERS + "](?:\\s*[,;/\\s]\\s*[" + QuizLine.LETTERS + "])+$");

  /** No key. */
  static AnswerKey none(int lines) {
    return new AnswerKey(lines, lines, Map.of());
  }

  boolean isEmpty() {
    return entries.isEmpty();
  }

  /** The key among these lines. */
  static AnswerKey among(List<QuizLine> lines) {
    for (int i = lines.size() - 1; i > 0; i--) {
      if (isTitle(lines.get(i).words())) {
        return below(lines, i, i + 1);
      }
    }
    int last = lines.size();
    while (last > 0 && lines.get(last - 1).blank()) {
      last--;
    }
    if (last > 1 && isLine(lines.get(last - 1).raw())) {
      return below(lines, last - 1, last - 1);
    }
    int block = last;
    while (block > 1 && ALONE.matcher(lines.get(block - 1).raw().strip()).matches()) {
      block--;
    }
    if (last - block > 1) {
      return below(lines, block, block);
    }
    int first = 0;
    while (first < last && lines.get(first).blank()) {
      first++;
    }
    if (first < last - 1 && isLine(lines.get(first).raw())) {
      Map<Integer, List<String>> entries = new LinkedHashMap<>();
      entries(said(lines.get(first).raw()), entries);
      return new AnswerKey(first, first + 1, entries);
    }
    return none(lines.size());
  }

  private static boolean isTitle(String words) {
    String plain = words.replaceAll("\\s*[:：]$", "");
    boolean plural = TITLE.matcher(words).matches();
    return plural || words.matches(".*[:：]$") && Head.RIGHT.names(plain);
  }

  /** Whether a line is a key by itself: it says so, or it has several numbers with letters. */
  private static boolean isLine(String raw) {
    String said = said(raw);
    int count = entries(said, new LinkedHashMap<>());
    return said.equals(raw.strip()) ? count > 1 : count > 0;
  }

  /** What stands behind “Answers:” in a line; the line where it says no such word. */
  private static String said(String raw) {
    Matcher called = CALLED.matcher(raw.strip());
    boolean answers =
        called.matches() && (Head.RIGHT.names(called.group(1)) || isTitle(called.group(1)));
    return answers ? called.group(2) : raw.strip();
  }

  private static AnswerKey below(List<QuizLine> lines, int from, int first) {
    Map<Integer, List<String>> found = new LinkedHashMap<>();
    for (int i = first; i < lines.size(); i++) {
      String raw = said(lines.get(i).raw());
      Matcher alone = NUMBERED.matcher(raw);
      if (entries(raw, found) == 0 && alone.matches()) {
        add(found, alone.group(1), alone.group(2));
      } else if (entries(raw, new LinkedHashMap<>()) == 0 && !raw.isEmpty()) {
        return none(lines.size());
      }
    }
    return found.isEmpty() ? none(lines.size()) : new AnswerKey(from, lines.size(), found);
  }

  /** Adds the “1 B” of a text that has nothing else, and says how many they are. */
  private static int entries(String text, Map<Integer, List<String>> found) {
    String rest = ENTRY.matcher(text).replaceAll("").replaceAll("[\\s,;.)(|]+", "");
    if (!rest.isEmpty()) {
      return 0;
    }
    int count = 0;
    Matcher entry = ENTRY.matcher(text);
    while (entry.find()) {
      add(found, entry.group(1), entry.group(2));
      count++;
    }
    return count;
  }

  private static void add(Map<Integer, List<String>> found, String number, String said) {
    found.computeIfAbsent(Integer.valueOf(number), n -> new ArrayList<>()).add(said);
  }

  /** The letters of a key that has no numbers, “B, A, C”; empty where it is something else. */
  static List<String> letters(String answer) {
    return LETTERS.matcher(answer.strip()).matches()
        ? List.of(answer.strip().split("\\s*[,;/\\s]\\s*"))
        : List.of();
  }
}
