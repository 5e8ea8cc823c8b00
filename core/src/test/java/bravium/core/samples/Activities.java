package bravium.core.samples;

import bravium.core.activity.Activity;
import bravium.core.activity.Endings;
import bravium.core.activity.Order;
import bravium.core.activity.Rules;
import bravium.core.activity.TitlePage;
import bravium.core.games.quizshow.Board;
import bravium.core.games.quizshow.QuizShow;
import bravium.core.json.Extra;
import bravium.core.question.Basics;
import bravium.core.question.Feedback;
import bravium.core.question.Numeric;
import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.core.rich.Words;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** Small activities for examples. */
public final class Activities {

  private Activities() {}

  /** Plain texts as words. */
  public static List<Words> words(String... texts) {
    return Stream.of(texts).map(Words::of).toList();
  }

  /** Rules with everything as written and 10 points a question. */
  public static Rules asWritten(Integer ask, int passMark) {
    return new Rules(ask, Order.AS_WRITTEN, Order.AS_WRITTEN, 10, passMark, Extra.NONE);
  }

  /** Rules with everything mixed and 10 points a question. */
  public static Rules mixed(Integer ask, int passMark) {
    return new Rules(ask, Order.MIXED, Order.MIXED, 10, passMark, Extra.NONE);
  }

  /** A quiz show with these rules and questions. */
  public static Activity quiz(Rules rules, List<Question> questions) {
    return new Activity(TitlePage.of("Bees"), QuizShow.onLine(questions), rules, Endings.usual());
  }

  /** The same quiz show on another board. */
  public static Activity on(Board board, Activity quiz) {
    return quiz.withGame(((QuizShow) quiz.game()).on(board));
  }

  /** A quiz show of questions q1, q2 … whose right option is "a" and wrong one "b". */
  public static Activity quiz(Rules rules, int questions) {
    return quiz(
        rules,
        IntStream.rangeClosed(1, questions)
            .mapToObj(i -> question("q" + i, "a", "a", "b"))
            .toList());
  }

  /** A question with these options, of which one is right. */
  public static Question question(String id, String right, String... options) {
    return new PickOne(
        id,
        "Question " + id,
        Arrays.stream(options).map(o -> new Option(o, "Option " + o, o.equals(right))).toList(),
        Feedback.USUAL);
  }

  /** A question after a number: no unit, and nothing but the number is as good. */
  public static Numeric number(String id, String text, @Nullable String value) {
    return new Numeric(
        Basics.of(id, text, Feedback.USUAL),
        value,
        null,
        List.of(),
        false,
        false,
        false,
        false,
        false,
        List.of(),
        Extra.NONE);
  }
}
