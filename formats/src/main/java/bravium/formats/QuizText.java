package bravium.formats;

import bravium.formats.Understood.Doubtful;
import bravium.formats.Understood.Left;
import bravium.formats.Understood.LineRole;
import bravium.formats.Understood.ReadLine;
import bravium.formats.lists.Head;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/**
 * A quiz as people type it in a word processor: numbered questions or questions between blank
 * lines, options with letters, boxes or none, the right one starred, bold, ticked or named ({@code
 * Answer: B}), or all of them in a key at the end. Every line is something: what is nothing else is
 * left over. Linear in the text.
 */
final class QuizText {

  private static final Pattern ANSWER =
      Pattern.compile(
          "^(?:the\\s+)?(?:correct|right)?\\s*(?:answers?|ans|solution|key|correct)\\s*(?:is|are)?\\s*"
              + "[:=\u2013-]\\s*(\\S.*)$",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern SAYS =
      Pattern.compile(
          "^(hint|if right|if wrong|feedback|explanation|why|worth|points|kind)\\s*:\\s*(\\S.*)$",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern CALLED = Pattern.compile("^([^:：=]{2,40})\\s*[:：=]\\s*(\\S.*)$");
  private static final Pattern ANSWERED =
      Pattern.compile("^(.*[?？.!])\\s+([^:：?.!]{2,30})[:：]\\s*(\\S.*)$");

  /** A word in brackets; {@code ![a picture](name)} is none. */
  static final Pattern GAP =
      Pattern.compile("(?<!!)\\[(?![xX]\\])(?=[^\\[\\]]{0,200}\\p{L})[^\\[\\]]{1,200}\\](?!\\()");

  private final List<QuizLine> lines = new ArrayList<>();
  private final Map<Integer, LineRole> asked;
  private final LineRole[] roles;
  private final List<Written> written = new ArrayList<>();
  private final AnswerKey key;
  private final List<Left> left = new ArrayList<>();
  private boolean numbered;
  private boolean numbersAreOptions;
  private boolean spaced;
  private boolean plain;
  private @Nullable Written open;

  private QuizText(List<String> text, Map<Integer, LineRole> asked) {
    for (int i = 0; i < text.size(); i++) {
      lines.add(QuizLine.of(i + 1, text.get(i)));
    }
    this.asked = asked;
    this.roles = new LineRole[lines.size()];
    this.key = asked.isEmpty() ? AnswerKey.among(lines) : AnswerKey.none(lines.size());
  }

  /**
   * Reads a text.
   *
   * @param asked how lines are to be read, by their places from 1; of the others it is found out
   */
  static Understood read(String text, Map<Integer, LineRole> asked) {
    QuizText quiz = new QuizText(text.lines().toList(), asked);
    quiz.readLines();
    return quiz.understood();
  }

  /** A text that is one question, as a row; empty where it is none or several. */
  static Optional<Doubtful> rowOf(String text) {
    QuizText quiz = new QuizText(text.lines().toList(), Map.of());
    quiz.readLines();
    return quiz.written.size() == 1
        ? Optional.of(new QuizRows(quiz.written).row(quiz.written.getFirst()))
        : Optional.empty();
  }

  /** Whether a text has what a quiz has: letters, boxes, stars, numbers or an answer line. */
  static boolean looksLikeOne(String text) {
    int signs = 0;
    for (String raw : text.lines().toList()) {
      QuizLine line = QuizLine.of(1, raw);
      boolean says = answerIn(line).isPresent() || QuizRows.isTruth(line);
      signs += line.number() != null || line.letter() != null || line.box() || says ? 1 : 0;
    }
    return signs > 0;
  }

  /** What the whole text is like, but for its key: a line alone doesn't tell. */
  private void lookAtAll() {
    int numbers = 0;
    int ones = 0;
    int letters = 0;
    int blocks = 0;
    int blockLines = 0;
    boolean asks = false;
    boolean marks = false;
    boolean before = true;
    for (int i = 0; i < lines.size(); i++) {
      QuizLine line = lines.get(i);
      if (inKey(i)) {
        continue;
      }
      boolean option = line.letter() != null || line.box();
      numbers += line.number() != null ? 1 : 0;
      ones += line.number() != null && line.number() == 1 ? 1 : 0;
      letters += option ? 1 : 0;
      asks |= line.leads();
      marks |= option || line.marked() || line.bullet() || answerIn(line).isPresent();
      blocks += !line.blank() && before ? 1 : 0;
      blockLines += line.blank() ? 0 : 1;
      before = line.blank();
    }
    numbersAreOptions = letters == 0 && (ones > 1 || ones == 1 && oneWithNumbers());
    numbered = numbers > 0 && !numbersAreOptions;
    spaced = blocks == blockLines;
    plain = !asks && !marks && numbers == 0 && asked.isEmpty();
  }

  /** Whether all is one question above numbered options, of which something says which is right. */
  private boolean oneWithNumbers() {
    List<QuizLine> full = lines.stream().filter(line -> !line.blank()).toList();
    QuizLine first = full.getFirst();
    List<QuizLine> others = full.subList(1, full.size());
    boolean asks = first.number() == null && first.asks();
    boolean options =
        others.stream()
            .allMatch(line -> line.number() != null && !line.leads() || answerIn(line).isPresent());
    boolean said =
        others.stream()
            .anyMatch(line -> line.marked() || line.number() == null && answerIn(line).isPresent());
    return asks && options && said;
  }

  private void readLines() {
    lookAtAll();
    boolean blank = true;
    for (int i = 0; i < lines.size(); i++) {
      QuizLine line = lines.get(i);
      if (line.blank()) {
        roles[i] = LineRole.BLANK;
        blank = true;
        continue;
      }
      roles[i] = inKey(i) ? LineRole.ANSWER : take(line, blank, i);
      blank = false;
    }
    new HandedAnswers(key, written, left).handOut();
    written.forEach(this::sortPlain);
  }

  private boolean inKey(int place) {
    return place >= key.from() && place < key.to();
  }

  private LineRole take(QuizLine line, boolean blank, int index) {
    LineRole wanted = asked.get(line.place());
    if (wanted != null) {
      return takeAs(line, wanted);
    }
    if (line.isLong()) {
      return plainLine(line, blank, index);
    }
    Optional<String> answer = answerIn(line);
    boolean own = open != null && (line.number() == null || line.number().equals(open.number));
    if (own && answer.isPresent()) {
      open.answers.add(answer.get());
      return LineRole.ANSWER;
    }
    Matcher says = SAYS.matcher(line.words());
    if (open != null && says.matches()) {
      open.more
          .computeIfAbsent(says.group(1).toLowerCase(Locale.ROOT), n -> new ArrayList<>())
          .add(says.group(2).strip());
      return LineRole.HINT;
    }
    boolean called = open != null && Integer.valueOf(0).equals(open.number);
    if (called && line.letter() != null && line.raw().strip().matches("(?i)a\\s*:.*")) {
      // “Q: …” and “A: …”.
      open.answers.add(line.words());
      return LineRole.ANSWER;
    }
    boolean numberedOption = numbersAreOptions && line.number() != null;
    if (open != null && (line.letter() != null || line.box() || numberedOption)) {
      return option(line);
    }
    if (open != null && line.bullet() && line.number() == null) {
      return option(line);
    }
    if (line.number() != null && !numbersAreOptions) {
      return begin(line);
    }
    return plainLine(line, blank, index);
  }

  /** What a line says is the answer, in any language whose word for it is known. */
  private static Optional<String> answerIn(QuizLine line) {
    if (line.isLong()) {
      return Optional.empty();
    }
    Matcher answer = ANSWER.matcher(line.words());
    if (answer.matches()) {
      return Optional.of(answer.group(1).strip());
    }
    Matcher called = CALLED.matcher(line.words());
    return called.matches() && Head.RIGHT.names(called.group(1))
        ? Optional.of(called.group(2).strip())
        : Optional.empty();
  }

  private LineRole takeAs(QuizLine line, LineRole role) {
    switch (role) {
      case QUESTION -> {
        return begin(line);
      }
      case MORE, OPTION, RIGHT, ANSWER -> {
        if (open == null) {
          return LineRole.LEFT;
        }
        switch (role) {
          case MORE -> open.said.add(line);
          case ANSWER -> open.answers.add(line.words());
          default -> {
            open.options.add(line);
            if (role == LineRole.RIGHT) {
              open.chosen.add(line);
            }
          }
        }
        return role;
      }
      default -> {
        return LineRole.LEFT;
      }
    }
  }

  private LineRole option(QuizLine line) {
    if (line.letter() == null && open.options.isEmpty() && !open.plain.isEmpty()) {
      plainAreOptions(open);
    }
    List<String> inline = InlineOptions.inline(line.words());
    if (line.letter() != null && InlineOptions.follows(line.letter(), inline)) {
      // Several on one line: “A. wax B. honey”.
      String all = line.letter() + ") " + line.words();
      for (String one : InlineOptions.split(all)) {
        open.options.add(QuizLine.of(line.place(), one));
      }
    } else {
      open.options.add(line);
    }
    return LineRole.OPTION;
  }

  private LineRole begin(QuizLine line) {
    open = new Written(line.number());
    written.add(open);
    if (line.isLong()) {
      open.said.add(line);
      return LineRole.QUESTION;
    }
    String words = line.words();
    List<String> inline = InlineOptions.inline(words);
    if (inline.size() > 1) {
      String first = words.substring(0, words.indexOf(inline.getFirst())).strip();
      open.said.add(QuizLine.of(line.place(), first));
      for (String one : InlineOptions.split(words.substring(first.length()).strip())) {
        open.options.add(QuizLine.of(line.place(), one));
      }
    } else if (!words.isEmpty()) {
      Matcher answered = ANSWERED.matcher(words);
      boolean both = answered.matches() && Head.RIGHT.names(answered.group(2));
      open.said.add(both ? QuizLine.of(line.place(), answered.group(1)) : line);
      if (both) {
        open.answers.add(answered.group(3).strip());
      }
    }
    return LineRole.QUESTION;
  }

  private LineRole plainLine(QuizLine line, boolean blank, int index) {
    if (open == null) {
      return isTitle(line, index) ? LineRole.LEFT : begin(line);
    }
    if (open.said.isEmpty()) {
      open.said.add(line);
      return LineRole.MORE;
    }
    boolean ends = blank && !spaced && !numbered;
    boolean asksAnew = !numbered && (line.asks() || QuizRows.isTruth(line));
    boolean full = !open.options.isEmpty() || !open.plain.isEmpty();
    if (plain || ends || asksAnew && (full || open.said.getLast().asks())) {
      return begin(line);
    }
    if (!open.options.isEmpty()) {
      QuizLine last = open.options.getLast();
      boolean goesOn = !line.words().isEmpty() && Character.isLowerCase(line.words().charAt(0));
      boolean allBoxes = open.options.stream().allMatch(QuizLine::box);
      if (last.letter() != null && goesOn) {
        String whole = last.raw() + " " + line.raw().strip();
        open.options.set(open.options.size() - 1, QuizLine.of(last.place(), whole));
        return LineRole.MORE;
      }
      if (line.marked() || last.letter() == null && !allBoxes) {
        open.options.add(line);
        return LineRole.OPTION;
      }
      if (!numbered) {
        return begin(line);
      }
      return LineRole.LEFT;
    }
    open.plain.add(line);
    return LineRole.OPTION;
  }

  /** A line above the first question that is none. */
  private boolean isTitle(QuizLine line, int index) {
    if (line.asks() || plain || QuizRows.isTruth(line)) {
      return false;
    }
    if (numbered) {
      return true;
    }
    if (line.leads()) {
      return false;
    }
    boolean alone = index + 1 >= lines.size() || lines.get(index + 1).blank();
    boolean more = lines.stream().skip(index + 1L).anyMatch(l -> l.leads() || l.listed());
    boolean sentence = line.words().endsWith(".") || line.words().endsWith("!");
    boolean heading = line.raw().strip().startsWith("#");
    return heading || alone && more && !sentence;
  }

  private Understood understood() {
    List<Understood.Placed> questions = new ArrayList<>();
    QuizRows rows = new QuizRows(written);
    for (Written one : written) {
      int first = one.said.isEmpty() ? 1 : one.said.getFirst().place();
      try {
        Understood.addDoubtful(questions, () -> rows.row(one), first);
      } catch (IllegalArgumentException e) {
        left.add(new Left(first, text(one), e.getMessage()));
      }
    }
    written.forEach(one -> one.rightPlaces.forEach(this::isRight));
    List<ReadLine> read = new ArrayList<>();
    for (int i = 0; i < roles.length; i++) {
      QuizLine line = lines.get(i);
      if (roles[i] == LineRole.LEFT) {
        left.add(new Left(line.place(), line.raw().strip(), null));
      }
      if (roles[i] != LineRole.BLANK) {
        read.add(new ReadLine(line.place(), line.raw().strip(), roles[i]));
      }
    }
    left.sort((a, b) -> a.line() - b.line());
    String rest = String.join("\n", left.stream().map(Left::text).toList());
    return Understood.ofQuiz(questions, left, rest, read);
  }

  private void isRight(int place) {
    roles[place - 1] = roles[place - 1] == LineRole.OPTION ? LineRole.RIGHT : roles[place - 1];
  }

  private static String text(Written one) {
    List<String> all = new ArrayList<>();
    one.said.forEach(line -> all.add(line.raw()));
    one.plain.forEach(line -> all.add(line.raw()));
    one.options.forEach(line -> all.add(line.raw()));
    return String.join("\n", all);
  }

  /** Plain lines below a question go on with it, answer it, or are its options. */
  private void sortPlain(Written one) {
    if (one.plain.isEmpty() || one.said.isEmpty()) {
      return;
    }
    int asksAt = -1;
    for (int i = 0; i < one.plain.size(); i++) {
      asksAt = one.plain.get(i).asks() ? i : asksAt;
    }
    boolean leads = one.said.getLast().leads();
    boolean marked = one.plain.stream().anyMatch(line -> line.marked() || line.bold());
    List<QuizLine> below = one.plain.subList(asksAt + 1, one.plain.size());
    one.plain.subList(0, asksAt + 1).forEach(line -> more(one, line));
    boolean answered = leads || asksAt >= 0 || QuizRows.isTruth(one.said.getFirst());
    if (!one.options.isEmpty() || !answered && !marked) {
      below.forEach(line -> more(one, line));
    } else if (below.size() == 1 && !marked) {
      one.answers.add(below.getFirst().words());
      roles[below.getFirst().place() - 1] = LineRole.ANSWER;
    } else {
      one.options.addAll(below);
    }
  }

  /** Plain lines above a marked option are options, too, but for those that still ask. */
  private void plainAreOptions(Written one) {
    int asksAt = -1;
    for (int i = 0; i < one.plain.size(); i++) {
      asksAt = one.plain.get(i).asks() ? i : asksAt;
    }
    one.plain.subList(0, asksAt + 1).forEach(line -> more(one, line));
    one.options.addAll(one.plain.subList(asksAt + 1, one.plain.size()));
    one.plain.clear();
  }

  private void more(Written one, QuizLine line) {
    one.said.add(line);
    roles[line.place() - 1] = LineRole.MORE;
  }
}
