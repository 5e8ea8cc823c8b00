package bravium.formats;

import bravium.formats.Understood.Doubtful;
import bravium.formats.writing.QuestionRow;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import org.jspecify.annotations.Nullable;

/** The questions of a quiz as rows: what is right, what they are worth, what is said to them. */
final class QuizRows {

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

  static final Pattern WORTH =
      Pattern.compile("\\s*[(\\[]\\s*(\\d{1,5})\\s*(?:points?|pts?|marks?)\\.?\\s*[)\\]]\\s*$");

  private static final Pattern EITHER_BEFORE =
      Pattern.compile(
          "^(\\p{L}{2,12})(?:\\s*/\\s*|\\s+\\p{L}{1,5}\\s+)(\\p{L}{2,12})\\s*[:?.\u2013-]+\\s*(\\S.*)$");
  private static final Pattern EITHER_BEHIND =
      Pattern.compile(
          "^(\\S.*?)\\s*[(\\[](\\p{L}{2,12})(?:\\s*/\\s*|\\s+\\p{L}{1,5}\\s+)(\\p{L}{2,12})[)\\]]$");

  private final List<Written> written;
  private @Nullable Set<String> truthLetters;
  private @Nullable Boolean allEndWithLetters;

  /** Whether a letter that means neither true nor false is an answer somewhere. */
  private boolean lettersAreAnswers;

  /** Those of all questions of a text: a letter is read beside the others. */
  QuizRows(List<Written> written) {
    this.written = written;
  }

  /** Whether a line begins with “True or false:”. */
  static boolean isTruth(QuizLine line) {
    return !line.isLong() && TRUTH.matcher(line.words()).matches();
  }

  /** The row that a question is. */
  Doubtful row(Written one) {
    String question = String.join(" ", one.said.stream().map(QuizLine::words).toList()).strip();
    String worth = one.more.containsKey("worth") ? one.more.get("worth").getFirst() : null;
    worth = one.more.containsKey("points") ? one.more.get("points").getFirst() : worth;
    if (question.length() > QuizLine.LONGEST) {
      return made(one, question, false, worth);
    }
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
    if (allEndWithLetters == null) {
      allEndWithLetters = doStatementsEndWithLetters();
    }
    return allEndWithLetters;
  }

  private boolean doStatementsEndWithLetters() {
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
  private Set<String> truthLetters() {
    if (truthLetters != null) {
      return truthLetters;
    }
    Set<String> letters = new HashSet<>();
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
      Set<String> letters = truthLetters();
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
    } else if (kind == null
        && right.isEmpty()
        && wrong.isEmpty()
        && QuizText.GAP.matcher(question).find()) {
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

  /** Which options are right; their lines say so. */
  private static RightOptions rights(Written one) {
    List<QuizLine> options = one.options;
    RightOptions rights =
        !one.chosen.isEmpty()
            ? new RightOptions(options.stream().map(one.chosen::contains).toList(), null)
            : one.doubt == null
                ? RightOptions.of(options, one.answers)
                : RightOptions.doubtful(options.size(), one.doubt);
    for (int i = 0; i < options.size(); i++) {
      if (rights.right().get(i)) {
        one.rightPlaces.add(options.get(i).place());
      }
    }
    return rights;
  }
}
