package bravium.formats;

import bravium.formats.Understood.Doubtful;
import bravium.formats.Understood.Left;
import bravium.formats.Understood.LineRole;
import bravium.formats.Understood.ReadLine;
import bravium.formats.lists.Head;
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
  private static final Pattern SAYS =
      Pattern.compile(
          "^(hint|if right|if wrong|feedback|explanation|why|worth|points|kind)\\s*:\\s*(\\S.*)$",
          Pattern.CASE_INSENSITIVE);
  private static final Pattern TRUTH =
      Pattern.compile(
          "^(?:true or false|true/false|true-false|t/f|t or f)\\s*[:?.\u2013-]*\\s*(\\S.*)$",
          Pattern.CASE_INSENSITIVE);

  /** A word or a letter in brackets behind a statement. */
  private static final Pattern LETTER_END =
      Pattern.compile("^(.*\\S)\\s*[(\\[](\\p{L})[)\\]][.]?$");

  /** A word behind a statement’s full stop. */
  private static final Pattern WORD_END = Pattern.compile("^(.*[.!?:])\\s+(\\S{1,12}?)[.]?$");

  /** A word behind a dash or an arrow. */
  private static final Pattern DASH_END =
      Pattern.compile("^(.*\\S)\\s*(?:\\s[-\u2013\u2014=]|->|[\u2192\u21d2])\\s+(\\S{1,12}?)[.]?$");

  private static final Pattern CALLED = Pattern.compile("^([^:：=]{2,40})\\s*[:：=]\\s*(\\S.*)$");
  private static final Pattern ANSWERED =
      Pattern.compile("^(.*[?？.!])\\s+([^:：?.!]{2,30})[:：]\\s*(\\S.*)$");
  private static final Pattern BRACKETED =
      Pattern.compile(
          "^(.*[?？؟])\\s*(?:[(\\[]([^()\\[\\]]{1,60})[)\\]]|\\s(?=[^?？؟]*[\\p{L}\\p{N}])([^?？؟()]{1,60}?)[.]?)$");

  private static final Pattern WORTH =
      Pattern.compile("\\s*[(\\[]\\s*(\\d{1,5})\\s*(?:points?|pts?|marks?)\\.?\\s*[)\\]]\\s*$");

  private static final Pattern EITHER_BEFORE =
      Pattern.compile(
          "^(\\p{L}{2,12})(?:\\s*/\\s*|\\s+\\p{L}{1,5}\\s+)(\\p{L}{2,12})\\s*[:?.\u2013-]+\\s*(\\S.*)$");
  private static final Pattern EITHER_BEHIND =
      Pattern.compile(
          "^(\\S.*?)\\s*[(\\[](\\p{L}{2,12})(?:\\s*/\\s*|\\s+\\p{L}{1,5}\\s+)(\\p{L}{2,12})[)\\]]$");

  /** A word in brackets; {@code ![a picture](name)} is none. */
  static final Pattern GAP =
      Pattern.compile("(?<!!)\\[(?![xX]\\])[^\\[\\]]*\\p{L}[^\\[\\]]*\\](?!\\()");

  private static final Pattern INLINE = Pattern.compile("(?:^|\\s)[(\\[]?([A-Ha-h])[.)\\]]\\s+");

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
  private @Nullable List<String> truthLetters;

  /** Whether a letter that means neither true nor false is an answer somewhere. */
  private boolean lettersAreAnswers;

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
        ? Optional.of(quiz.row(quiz.written.getFirst()))
        : Optional.empty();
  }

  /** Whether a text has what a quiz has: letters, boxes, stars, numbers or an answer line. */
  static boolean looksLikeOne(String text) {
    int signs = 0;
    for (String raw : text.lines().toList()) {
      QuizLine line = QuizLine.of(1, raw);
      boolean says = answerIn(line).isPresent() || TRUTH.matcher(line.words()).matches();
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

    /** Options that the teacher said are right: whatever else says so doesn't count beside them. */
    private final List<QuizLine> chosen = new ArrayList<>();

    private final Map<String, List<String>> more = new HashMap<>();
    private final @Nullable Integer number;
    private @Nullable String doubt;

    Written(@Nullable Integer number) {
      this.number = number;
    }

    /** Whether something says what is right. */
    private boolean isAnswered() {
      return !answers.isEmpty() || options.stream().anyMatch(QuizLine::marked);
    }
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
    handOutKey();
  }

  private boolean inKey(int place) {
    return place >= key.from() && place < key.to();
  }

  /** Gives each question what the key says of it, once it is known how many there are. */
  private void handOutKey() {
    boolean counted = written.stream().anyMatch(one -> one.number != null);
    for (Map.Entry<Integer, List<String>> entry : key.entries().entrySet()) {
      int number = entry.getKey();
      List<Written> meant =
          counted
              ? written.stream().filter(one -> entry.getKey().equals(one.number)).toList()
              : written.stream().skip(number - 1L).limit(number > 0 ? 1 : 0).toList();
      String said = String.join(" and ", entry.getValue());
      if (meant.isEmpty()) {
        int last = lines.get(Math.min(key.to(), lines.size()) - 1).place();
        left.add(new Left(last, entry.getKey() + " " + said, "there is no such number"));
      }
      boolean twice = meant.size() > 1;
      for (Written one : meant) {
        if (twice || entry.getValue().stream().distinct().count() > 1) {
          one.doubt =
              twice
                  ? "the key has a number " + entry.getKey() + " once, the questions have it twice"
                  : "the key says " + said + " of it";
        } else if (one.answers.isEmpty()) {
          one.answers.add(entry.getValue().getFirst());
        }
      }
    }
    if (key.isEmpty() && written.size() > 1) {
      handOutLetters();
      takeBrackets();
    }
  }

  /** “Who dances? (a worker)” or “Who dances? A worker.”, where each question has its answer so. */
  private void takeBrackets() {
    boolean all =
        written.stream()
            .allMatch(
                one ->
                    one.options.isEmpty()
                        && one.plain.isEmpty()
                        && one.answers.isEmpty()
                        && one.said.size() == 1
                        && !WORTH.matcher(one.said.getFirst().words()).find()
                        && BRACKETED.matcher(one.said.getFirst().words()).matches());
    for (Written one : all ? written : List.<Written>of()) {
      QuizLine line = one.said.getFirst();
      Matcher both = BRACKETED.matcher(line.words());
      if (both.matches()) {
        one.answers.add((both.group(2) == null ? both.group(3) : both.group(2)).strip());
        one.said.set(0, QuizLine.of(line.place(), both.group(1)));
      }
    }
  }

  /** “Answers: B, A” below the last question is the key of all where no other has an answer. */
  private void handOutLetters() {
    Written last = written.getLast();
    List<String> letters =
        last.answers.size() == 1 ? AnswerKey.letters(last.answers.getFirst()) : List.of();
    boolean others = written.stream().limit(written.size() - 1L).anyMatch(Written::isAnswered);
    if (letters.size() < 2 || others || last.options.stream().anyMatch(QuizLine::marked)) {
      return;
    }
    last.answers.clear();
    for (int i = 0; i < written.size(); i++) {
      if (letters.size() == written.size()) {
        written.get(i).answers.add(letters.get(i));
      } else {
        written.get(i).doubt =
            letters.size() + " letters are said for " + written.size() + " questions";
      }
    }
  }

  private LineRole take(QuizLine line, boolean blank, int index) {
    LineRole wanted = asked.get(line.place());
    if (wanted != null) {
      return takeAs(line, wanted);
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
      Matcher answered = ANSWERED.matcher(words);
      boolean both = answered.matches() && Head.RIGHT.names(answered.group(2));
      open.said.add(both ? QuizLine.of(line.place(), answered.group(1)) : line);
      if (both) {
        open.answers.add(answered.group(3).strip());
      }
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
    for (Written one : written) {
      int first = one.said.isEmpty() ? 1 : one.said.getFirst().place();
      try {
        Understood.addDoubtful(questions, () -> row(one), first);
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

  private Doubtful row(Written one) {
    sortPlain(one);
    String question = String.join(" ", one.said.stream().map(QuizLine::words).toList()).strip();
    String worth = one.more.containsKey("worth") ? one.more.get("worth").getFirst() : null;
    worth = one.more.containsKey("points") ? one.more.get("points").getFirst() : worth;
    Matcher points = WORTH.matcher(question);
    if (points.find() && points.start() > 0) {
      worth = worth == null ? points.group(1) : worth;
      question = question.substring(0, points.start());
    }
    String statement = statement(question);
    boolean truthful = statement != null;
    question = statement == null ? question : statement;
    QuizLine said = one.said.isEmpty() ? null : one.said.getLast();
    if (one.options.isEmpty() && one.answers.isEmpty() && said != null) {
      Matcher letter = LETTER_END.matcher(question);
      Matcher behind = DASH_END.matcher(question);
      Matcher word = behind.matches() ? behind : WORD_END.matcher(question);
      if (said.said() || said.denied()) {
        one.answers.add(said.said() ? "true" : "false");
        truthful = true;
      } else if (letter.matches() && Truth.isLetter(letter.group(2))) {
        one.answers.add(letter.group(2));
        question = letter.group(1);
        truthful = true;
      } else if (word.matches()
          && (isTruth(word.group(2), truthful)
              || statementsEndWithLetters() && Truth.isLetter(word.group(2)))) {
        one.answers.add(word.group(2));
        question = word.group(1);
        truthful = true;
      }
    }
    return made(one, question, truthful, worth);
  }

  /** “Lima / Ciudad de los Reyes” is two answers that are right; “1 / 2” is one. */
  private static List<String> alternatives(String answer) {
    List<String> parts = List.of(answer.split("\\s+/\\s+"));
    boolean words =
        parts.stream().allMatch(part -> part.codePoints().anyMatch(Character::isLetter));
    return words ? parts : List.of(answer);
  }

  /** What stands behind “True or false:” or before “(true/false)”; null where neither is there. */
  private static @Nullable String statement(String question) {
    Matcher truth = TRUTH.matcher(question);
    if (truth.matches()) {
      return truth.group(1);
    }
    Matcher before = EITHER_BEFORE.matcher(question);
    if (before.matches() && areOpposite(before.group(1), before.group(2))) {
      return before.group(3);
    }
    Matcher behind = EITHER_BEHIND.matcher(question);
    return behind.matches() && areOpposite(behind.group(2), behind.group(3))
        ? behind.group(1)
        : null;
  }

  private static boolean areOpposite(String yes, String no) {
    return Boolean.TRUE.equals(Truth.word(yes)) && Boolean.FALSE.equals(Truth.word(no));
  }

  private static boolean isTruth(String said, boolean truthful) {
    return Truth.word(said) != null || truthful && Truth.isLetter(said);
  }

  /** Whether each question is a statement with a letter for true or false behind it. */
  private boolean statementsEndWithLetters() {
    return written.size() > 1
        && written.stream()
            .allMatch(
                one -> {
                  String words = one.said.isEmpty() ? "" : one.said.getLast().words();
                  Matcher end = WORD_END.matcher(words);
                  return one.options.isEmpty() && end.matches() && Truth.isLetter(end.group(2));
                });
  }

  /** All letters that say true or false in this text, so that each is read beside the others. */
  private List<String> truthLetters() {
    if (truthLetters != null) {
      return truthLetters;
    }
    List<String> letters = new ArrayList<>();
    for (Written one : written) {
      if (one.options.isEmpty() && !one.said.isEmpty()) {
        one.answers.stream().filter(Truth::isLetter).forEach(letters::add);
        for (Pattern behind : List.of(LETTER_END, WORD_END)) {
          Matcher end = behind.matcher(one.said.getLast().words());
          if (end.matches() && Truth.isLetter(end.group(2))) {
            letters.add(end.group(2));
          }
        }
        lettersAreAnswers |=
            one.answers.stream().anyMatch(said -> said.length() == 1 && !Truth.isLetter(said));
      }
    }
    truthLetters = letters;
    return letters;
  }

  private Doubtful made(Written one, String question, boolean truthful, @Nullable String worth) {
    List<String> right = new ArrayList<>();
    List<String> wrong = new ArrayList<>();
    String doubt = one.doubt;
    if (one.options.isEmpty()) {
      one.answers.forEach(answer -> right.addAll(alternatives(answer)));
      String said = one.answers.size() == 1 ? one.answers.getFirst() : "";
      QuizLine last = one.said.isEmpty() ? null : one.said.getLast();
      boolean asks = last != null && last.leads();
      Boolean word = asks && !truthful ? Truth.answer(said) : Truth.word(said);
      List<String> letters = truthLetters();
      boolean letter = Truth.isLetter(said) && (truthful || !asks && !lettersAreAnswers);
      Boolean answer = letter ? Truth.letter(said, letters) : word;
      truthful |= letter || word != null;
      if (truthful && !said.isEmpty()) {
        right.clear();
        if (answer != null) {
          right.add(answer.toString());
        } else {
          doubt = "“" + said + "” can mean true as well as false";
        }
      }
    } else {
      RightOptions rights = rights(one);
      doubt = rights.doubt();
      for (int i = 0; i < one.options.size(); i++) {
        (rights.right().get(i) ? right : wrong).add(one.options.get(i).words());
      }
    }
    String kind = one.more.containsKey("kind") ? one.more.get("kind").getFirst() : null;
    if (truthful && one.options.isEmpty()) {
      kind = "true-false";
    } else if (kind == null && right.isEmpty() && wrong.isEmpty() && GAP.matcher(question).find()) {
      kind = "gaps";
    }
    Integer points = QuestionTexts.worth(worth);
    String both = first(one, "feedback", "explanation", "why");
    String ifRight = first(one, "if right");
    String ifWrong = first(one, "if wrong");
    QuestionRow row =
        new QuestionRow(
            kind,
            question,
            right,
            wrong,
            one.more.getOrDefault("hint", List.of()),
            ifRight == null ? both : ifRight,
            ifWrong == null ? both : ifWrong,
            points);
    return new Doubtful(row, doubt);
  }

  private static @Nullable String first(Written one, String... names) {
    for (String name : names) {
      if (one.more.containsKey(name)) {
        return one.more.get(name).getFirst();
      }
    }
    return null;
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

  /** Which options are right; their lines say so. */
  private RightOptions rights(Written one) {
    List<QuizLine> options = one.options;
    RightOptions rights =
        !one.chosen.isEmpty()
            ? new RightOptions(options.stream().map(one.chosen::contains).toList(), null)
            : one.doubt == null
                ? RightOptions.of(options, one.answers)
                : RightOptions.doubtful(options.size(), one.doubt);
    for (int i = 0; i < options.size(); i++) {
      if (rights.right().get(i)) {
        int line = options.get(i).place() - 1;
        roles[line] = roles[line] == LineRole.OPTION ? LineRole.RIGHT : roles[line];
      }
    }
    return rights;
  }
}
