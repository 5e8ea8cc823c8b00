package bravium.formats;

import bravium.formats.Understood.Left;
import bravium.formats.Understood.LineRole;
import bravium.formats.Understood.ReadLine;
import bravium.formats.writing.QuestionRow;
import java.util.ArrayList;
import java.util.HashMap;
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
  private static final Pattern KEY =
      Pattern.compile(
          "^(?:the\\s+)?(?:answer\\s*key|answers|correct answers|solutions?|key)\\s*:?$",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern ENTRY =
      Pattern.compile("(\\d{1,3})\\s*[.):=\u2013-]?\\s*([A-Ha-h])(?![\\p{L}\\p{N}])");
  private static final Pattern NUMBERED =
      Pattern.compile("^(\\d{1,3})\\s*[.):=\u2013-]\\s*(\\S.*)$");
  private static final Pattern SAYS =
      Pattern.compile(
          "^(hint|if right|if wrong|feedback|explanation|why|worth|points|kind)\\s*:\\s*(\\S.*)$",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern TRUTH =
      Pattern.compile(
          "^(?:true or false|true/false|true-false|t/f|t or f)\\s*[:?.\u2013-]*\\s*(\\S.*)$",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern TRUE_END =
      Pattern.compile(
          "^(.*[^\\s(\\[])\\s*(?:[(\\[]\\s*(true|false|t|f)\\s*[)\\]]|[.?!:]\\s+(true|false|t|f))[.]?$",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern WORTH =
      Pattern.compile("\\s*[(\\[]\\s*(\\d{1,5})\\s*(?:points?|pts?|marks?)\\.?\\s*[)\\]]\\s*$");
  private static final Pattern INLINE = Pattern.compile("(?:^|\\s)[(\\[]?([A-Ha-h])[.)\\]]\\s+");

  private final List<QuizLine> lines = new ArrayList<>();
  private final Map<Integer, LineRole> asked;
  private final LineRole[] roles;
  private final List<Written> written = new ArrayList<>();
  private final Map<Integer, String> key = new HashMap<>();
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
  static Optional<QuestionRow> rowOf(String text) {
    QuizText quiz = new QuizText(text.lines().toList(), Map.of());
    quiz.readLines();
    return quiz.written.size() == 1
        ? Optional.of(quiz.row(quiz.written.getFirst()))
        : Optional.empty();
  }

  /** Whether a text has what a quiz has: letters, boxes, stars, numbers or an answer line. */
  static boolean looksLikeOne(String text) {
    int signs = 0;
    for (String raw : text.lines().toList()) {
      QuizLine line = QuizLine.of(1, raw);
      boolean says =
          ANSWER.matcher(line.words()).matches() || TRUTH.matcher(line.words()).matches();
      signs += line.number() != null || line.letter() != null || line.box() || says ? 1 : 0;
    }
    return signs > 0;
  }

  /** What one question is made of. */
  private static final class Written {
    private final List<QuizLine> said = new ArrayList<>();
    private final List<QuizLine> plain = new ArrayList<>();
    private final List<QuizLine> options = new ArrayList<>();
    private final List<String> answers = new ArrayList<>();
    private final Map<String, List<String>> more = new HashMap<>();
    private final @Nullable Integer number;

    Written(@Nullable Integer number) {
      this.number = number;
    }
  }

  /** What the whole text is like, but for its key: a line alone doesn't tell. */
  private void lookAtAll(int end) {
    int numbers = 0;
    int ones = 0;
    int letters = 0;
    int blocks = 0;
    int blockLines = 0;
    boolean asks = false;
    boolean marks = false;
    boolean before = true;
    for (QuizLine line : lines.subList(0, end)) {
      boolean option = line.letter() != null || line.box();
      numbers += line.number() != null ? 1 : 0;
      ones += line.number() != null && line.number() == 1 ? 1 : 0;
      letters += option ? 1 : 0;
      asks |= line.leads();
      marks |= option || line.marked() || line.bullet() || ANSWER.matcher(line.words()).matches();
      blocks += !line.blank() && before ? 1 : 0;
      blockLines += line.blank() ? 0 : 1;
      before = line.blank();
    }
    numbersAreOptions = ones > 1 && letters == 0;
    numbered = numbers > 0 && !numbersAreOptions;
    spaced = blocks == blockLines;
    plain = !asks && !marks && numbers == 0 && asked.isEmpty();
  }

  private void readLines() {
    int end = keyFrom();
    lookAtAll(end);
    boolean blank = true;
    for (int i = 0; i < end; i++) {
      QuizLine line = lines.get(i);
      if (line.blank()) {
        roles[i] = LineRole.BLANK;
        blank = true;
        continue;
      }
      roles[i] = take(line, blank, i);
      blank = false;
    }
  }

  /** Where a key at the end begins; the end of the text where there is none. */
  private int keyFrom() {
    for (int i = lines.size() - 1; i > 0; i--) {
      if (KEY.matcher(lines.get(i).words()).matches() && asked.isEmpty()) {
        return readKey(i, i + 1);
      }
    }
    int last = lines.size();
    while (last > 0 && lines.get(last - 1).blank()) {
      last--;
    }
    boolean line = last > 1 && entries(lines.get(last - 1).raw()) > 1 && asked.isEmpty();
    return line ? readKey(last - 1, last - 1) : lines.size();
  }

  private int readKey(int from, int entries) {
    Map<Integer, String> found = new HashMap<>();
    for (int i = entries; i < lines.size(); i++) {
      String raw = lines.get(i).raw().strip();
      Matcher alone = NUMBERED.matcher(raw);
      if (entries(raw) > 0) {
        Matcher entry = ENTRY.matcher(raw);
        while (entry.find()) {
          found.put(Integer.valueOf(entry.group(1)), entry.group(2));
        }
      } else if (alone.matches()) {
        found.put(Integer.valueOf(alone.group(1)), alone.group(2));
      } else if (!raw.isEmpty()) {
        return lines.size();
      }
    }
    if (found.isEmpty()) {
      return lines.size();
    }
    key.putAll(found);
    for (int i = from; i < lines.size(); i++) {
      roles[i] = lines.get(i).blank() ? LineRole.BLANK : LineRole.ANSWER;
    }
    return from;
  }

  /** How many “1 B” a line has, if it has nothing else. */
  private static int entries(String raw) {
    int count = 0;
    Matcher entry = ENTRY.matcher(raw);
    while (entry.find()) {
      count++;
    }
    String rest = ENTRY.matcher(raw).replaceAll("").replaceAll("[\\s,;.)(|]+", "");
    return rest.isEmpty() ? count : 0;
  }

  private LineRole take(QuizLine line, boolean blank, int index) {
    LineRole wanted = asked.get(line.place());
    if (wanted != null) {
      return takeAs(line, wanted);
    }
    Matcher answer = ANSWER.matcher(line.words());
    if (open != null && line.number() == null && answer.matches()) {
      open.answers.add(answer.group(1).strip());
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
              open.answers.add(line.words());
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
    List<String> inline = inline(line.words());
    if (line.letter() != null && follows(line.letter(), inline)) {
      // Several on one line: “A. wax B. honey”.
      String all = line.letter() + ") " + line.words();
      for (String one : split(all)) {
        open.options.add(QuizLine.of(line.place(), one));
      }
    } else {
      open.options.add(line);
    }
    return LineRole.OPTION;
  }

  /** Whether letters within a line go on where its own one stops: “A. wax B. honey”. */
  private static boolean follows(char letter, List<String> inline) {
    return !inline.isEmpty()
        && inline.getFirst().toLowerCase(Locale.ROOT).replaceAll("[^a-h]", "").charAt(0)
            == letter + 1;
  }

  private LineRole begin(QuizLine line) {
    open = new Written(line.number());
    written.add(open);
    String words = line.words();
    List<String> inline = inline(words);
    if (inline.size() > 1) {
      String first = words.substring(0, words.indexOf(inline.getFirst())).strip();
      open.said.add(QuizLine.of(line.place(), first));
      for (String one : split(words.substring(first.length()).strip())) {
        open.options.add(QuizLine.of(line.place(), one));
      }
    } else if (!words.isEmpty()) {
      open.said.add(line);
    }
    return LineRole.QUESTION;
  }

  /** The letters “a)”, “b)” … within a text, as they stand there; empty where they don't follow. */
  private static List<String> inline(String text) {
    List<String> found = new ArrayList<>();
    Matcher letter = INLINE.matcher(text);
    char next = 0;
    while (letter.find()) {
      char small = Character.toLowerCase(letter.group(1).charAt(0));
      if (next == 0 ? small == 'a' || small == 'b' : small == next) {
        found.add(letter.group());
        next = (char) (small + 1);
      }
    }
    return found;
  }

  private static List<String> split(String text) {
    List<String> parts = new ArrayList<>();
    Matcher letter = INLINE.matcher(text);
    int from = -1;
    while (letter.find()) {
      if (from >= 0) {
        parts.add(text.substring(from, letter.start()).strip());
      }
      from = letter.start();
    }
    if (from >= 0) {
      parts.add(text.substring(from).strip());
    }
    return parts;
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
    boolean asksAnew = !numbered && (line.asks() || TRUTH.matcher(line.words()).matches());
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
    if (line.asks() || plain || TRUTH.matcher(line.words()).matches()) {
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
    List<Left> left = new ArrayList<>();
    for (Written one : written) {
      int first = one.said.isEmpty() ? 1 : one.said.getFirst().place();
      try {
        Understood.add(questions, () -> row(one), first);
      } catch (IllegalArgumentException e) {
        left.add(new Left(first, text(one), e.getMessage()));
      }
    }
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

  private static String text(Written one) {
    List<String> all = new ArrayList<>();
    one.said.forEach(line -> all.add(line.raw()));
    one.plain.forEach(line -> all.add(line.raw()));
    one.options.forEach(line -> all.add(line.raw()));
    return String.join("\n", all);
  }

  private QuestionRow row(Written one) {
    sortPlain(one);
    String question = String.join(" ", one.said.stream().map(QuizLine::words).toList()).strip();
    String worth = one.more.containsKey("worth") ? one.more.get("worth").getFirst() : null;
    worth = one.more.containsKey("points") ? one.more.get("points").getFirst() : worth;
    Matcher points = WORTH.matcher(question);
    if (points.find() && points.start() > 0) {
      worth = worth == null ? points.group(1) : worth;
      question = question.substring(0, points.start());
    }
    if (one.number != null && key.containsKey(one.number) && one.answers.isEmpty()) {
      one.answers.add(key.get(one.number));
    }
    Matcher truth = TRUTH.matcher(question);
    boolean truthful = truth.matches();
    if (truthful) {
      question = truth.group(1);
    }
    Matcher end = TRUE_END.matcher(question);
    if (one.options.isEmpty()
        && (truthful || question.matches("(?i).*[(\\[](true|false|t|f)[)\\]][.]?$"))
        && end.matches()) {
      String said = end.group(2) == null ? end.group(3) : end.group(2);
      one.answers.add(said);
      int at = question.toLowerCase(Locale.ROOT).lastIndexOf(said.toLowerCase(Locale.ROOT));
      question = question.substring(0, at).replaceAll("[\\s(\\[]+$", "").strip();
    }
    return made(one, question, truthful, worth);
  }

  private QuestionRow made(Written one, String question, boolean truthful, @Nullable String worth) {
    List<String> right = new ArrayList<>();
    List<String> wrong = new ArrayList<>();
    if (one.options.isEmpty()) {
      one.answers.forEach(answer -> right.add(truthful ? whole(answer) : answer));
      if (truthful && right.isEmpty()) {
        wrong.add("true");
        wrong.add("false");
      }
    } else {
      List<Boolean> rights = rights(one);
      for (int i = 0; i < rights.size(); i++) {
        (rights.get(i) ? right : wrong).add(one.options.get(i).words());
      }
    }
    String kind = one.more.containsKey("kind") ? one.more.get("kind").getFirst() : null;
    if (truthful && one.options.isEmpty()) {
      kind = "true-false";
      wrong.clear();
    }
    Integer points = QuestionTexts.worth(worth);
    String both = first(one, "feedback", "explanation", "why");
    String ifRight = first(one, "if right");
    String ifWrong = first(one, "if wrong");
    return new QuestionRow(
        kind,
        question,
        right,
        wrong,
        one.more.getOrDefault("hint", List.of()),
        ifRight == null ? both : ifRight,
        ifWrong == null ? both : ifWrong,
        points);
  }

  private static @Nullable String first(Written one, String... names) {
    for (String name : names) {
      if (one.more.containsKey(name)) {
        return one.more.get(name).getFirst();
      }
    }
    return null;
  }

  private static String whole(String answer) {
    String small = answer.toLowerCase(Locale.ROOT).replaceAll("[^a-z]", "");
    return small.startsWith("t") ? "true" : small.startsWith("f") ? "false" : answer;
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
    boolean answered = leads || asksAt >= 0 || TRUTH.matcher(one.said.getFirst().words()).matches();
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

  /** Which options are right: by what is said of them, else by their marks, else by being bold. */
  private List<Boolean> rights(Written one) {
    List<QuizLine> options = one.options;
    List<Boolean> named = new ArrayList<>();
    for (int i = 0; i < options.size(); i++) {
      named.add(false);
    }
    for (String answer : one.answers) {
      name(answer, options, named);
    }
    boolean allBullets = options.stream().allMatch(line -> line.star() && line.bullet());
    if (!named.contains(true)) {
      for (int i = 0; i < options.size(); i++) {
        QuizLine line = options.get(i);
        boolean star = line.star() && !allBullets;
        named.set(i, line.ticked() || line.said() || star);
      }
    }
    boolean someBold =
        options.stream().anyMatch(QuizLine::bold) && !options.stream().allMatch(QuizLine::bold);
    if (!named.contains(true) && someBold) {
      for (int i = 0; i < options.size(); i++) {
        named.set(i, options.get(i).bold());
      }
    }
    for (int i = 0; i < options.size(); i++) {
      if (named.get(i)) {
        int line = options.get(i).place() - 1;
        roles[line] = roles[line] == LineRole.OPTION ? LineRole.RIGHT : roles[line];
      }
    }
    return named;
  }

  /** An answer names options by their words, or by their letters or numbers. */
  private static void name(String answer, List<QuizLine> options, List<Boolean> named) {
    String said = answer.strip().toLowerCase(Locale.ROOT).replaceAll("[.\\s]+$", "");
    for (int i = 0; i < options.size(); i++) {
      if (options.get(i).lower().replaceAll("[.\\s]+$", "").equals(said)) {
        named.set(i, true);
        return;
      }
    }
    Matcher lettered = Pattern.compile("^[(\\[]?([a-h])[.):\\]]\\s*(\\S.*)$").matcher(said);
    String letters = lettered.matches() ? lettered.group(1) : said;
    for (String one : letters.split("\\s*(?:,|;|/|&|\\band\\b|\\s)\\s*")) {
      String plain = one.replaceAll("[()\\[\\].]", "");
      for (int i = 0; i < options.size(); i++) {
        Character letter = options.get(i).letter();
        char own = letter == null ? (char) ('a' + i) : letter;
        boolean same = plain.length() == 1 && plain.charAt(0) == own;
        if (same || plain.equals(String.valueOf(i + 1))) {
          named.set(i, true);
        }
      }
    }
  }
}
