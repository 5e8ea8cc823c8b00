package bravium.formats;

import bravium.formats.Understood.Left;
import java.util.List;
import java.util.Map;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Gives the questions of a quiz the answers that stand elsewhere: in a key, or behind them. */
final class HandedAnswers {

  private static final Pattern BRACKETED =
      Pattern.compile(
          "^(.*[?？؟])\\s*(?:[(\\[]([^()\\[\\]]{1,60})[)\\]]|\\s(?=[^?？؟]*[\\p{L}\\p{N}])([^?？؟()]{1,60}?)[.]?)$");

  private final AnswerKey key;
  private final List<Written> written;
  private final List<Left> left;

  /**
   * The answers of a quiz.
   *
   * @param left takes what the key says of no question
   */
  HandedAnswers(AnswerKey key, List<Written> written, List<Left> left) {
    this.key = key;
    this.written = written;
    this.left = left;
  }

  /** Gives each question what the key says of it, once it is known how many there are. */
  void handOut() {
    boolean counted = written.stream().anyMatch(one -> one.number != null);
    for (Map.Entry<Integer, List<String>> entry : key.entries().entrySet()) {
      int number = entry.getKey();
      List<Written> meant =
          counted
              ? written.stream().filter(one -> entry.getKey().equals(one.number)).toList()
              : written.stream().skip(number - 1L).limit(number > 0 ? 1 : 0).toList();
      String said = String.join(" and ", entry.getValue());
      if (meant.isEmpty()) {
        left.add(new Left(key.to(), entry.getKey() + " " + said, "there is no such number"));
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
                        && !one.said.getFirst().isLong()
                        && !QuizRows.WORTH.matcher(one.said.getFirst().words()).find()
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
}
