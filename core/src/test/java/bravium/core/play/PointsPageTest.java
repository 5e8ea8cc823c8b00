package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Bonus;
import bravium.core.activity.Clock;
import bravium.core.activity.Prices;
import bravium.core.activity.Rules;
import bravium.core.activity.Tries;
import bravium.core.json.Extra;
import bravium.core.play.showing.Showing;
import bravium.core.question.Basics;
import bravium.core.question.Credit;
import bravium.core.question.Feedback;
import bravium.core.question.Mark;
import bravium.core.question.Option;
import bravium.core.question.PickAll;
import bravium.core.question.Question;
import bravium.core.question.Response;
import bravium.core.rich.Words;
import bravium.core.samples.Activities;
import bravium.core.samples.Plays;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.stream.Stream;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

/** Plays the worked examples of docs/how-points-are-counted.md. */
class PointsPageTest {

  private static final Rules USUAL = Activities.asWritten(null, 50);

  private static final List<Words> HINTS = Activities.words("It is small", "It is brown");

  @ParameterizedTest
  @MethodSource("oneQuestion")
  void aQuestionBringsWhatThePageSays(List<String> row) {
    int tries = number(row.get(1));
    Rules rules =
        USUAL
            .withWorth(number(row.get(0)))
            .withTries(tries == 1 ? null : new Tries(Tries.Again.AT_ONCE, tries))
            .withPrices(new Prices(number(row.get(2)), number(row.get(3))))
            .withClock(new Clock(Clock.Per.QUESTION, 30));
    Question question = Activities.question("q", "a", "a", "b");
    question = question.with(question.basics().withHints(HINTS));
    Clockwork play = new Clockwork(Activities.quiz(rules, List.of(question)));
    for (String act : row.get(4).split(", ")) {
      switch (act) {
        case "hint" -> play.hint();
        case "right" -> play.answer(1, "a");
        case "wrong" -> play.answer(1, "b");
        default -> play.wait(60);
      }
    }

    assertThat(play.points()).isEqualTo(number(row.get(5)));
  }

  static Stream<List<String>> oneQuestion() {
    return table("| worth | tries |");
  }

  @ParameterizedTest
  @MethodSource("partlyRight")
  void aPartlyRightAnswerBringsWhatThePageSays(List<String> row) {
    Credit credit = Credit.valueOf(row.get(0).toUpperCase(Locale.ROOT).replace('-', '_'));
    List<Option> options =
        Stream.of("A", "B", "C", "D").map(o -> new Option(o, o, o.compareTo("C") < 0)).toList();
    PickAll question =
        new PickAll(Basics.of("q", "Which?", Feedback.USUAL), options, credit, Extra.NONE);

    Mark mark = question.mark(new Response.PickedAll(List.of(row.get(1).split(" "))));

    assertThat(mark.pointsOf(10)).isEqualTo(number(row.get(2)));
  }

  static Stream<List<String>> partlyRight() {
    return table("| rule | picked |");
  }

  @ParameterizedTest
  @MethodSource("bonuses")
  void bonusesBringWhatThePageSays(List<String> row) {
    Rules rules = USUAL.withClock(new Clock(Clock.Per.QUESTION, 20)).withBonus(new Bonus(8, 5, 3));
    String[] seconds = row.get(0).split(", ");
    Clockwork play = new Clockwork(Activities.quiz(rules, seconds.length));
    for (String taken : seconds) {
      play.answer(number(taken), "a");
    }

    assertThat(play.points()).isEqualTo(number(row.get(1)));
  }

  static Stream<List<String>> bonuses() {
    return table("| seconds taken");
  }

  @ParameterizedTest
  @MethodSource("markedAnew")
  void aMarkThatIsChangedBringsWhatThePageSays(List<String> row) {
    Rules rules =
        USUAL
            .withTries(new Tries(Tries.Again.AT_ONCE, 2))
            .withPrices(new Prices(2, 3))
            .withBonus(new Bonus(0, 5, 2));
    boolean second = row.get(0).endsWith(", after another");
    List<Question> questions = new ArrayList<>();
    for (int i = second ? 0 : 1; i < 2; i++) {
      Question question = Activities.question("q" + i, "a", "a", "b");
      questions.add(question.with(question.basics().withHints(HINTS)));
    }
    Clockwork play = new Clockwork(Activities.quiz(rules, questions));
    if (second) {
      play.answer(1, "a");
    }
    int before = play.points();
    for (String act : row.get(0).replace(", after another", "").split(", ")) {
      switch (act) {
        case "hint" -> play.hint();
        case "right" -> play.answer(1, "a");
        default -> play.answer(1, "b");
      }
    }
    play.settle();

    assertThat(play.sum()).isEqualTo(before + number(row.get(1)));
    play.mark("q1", number(row.get(2)));
    assertThat(play.sum()).isEqualTo(before + number(row.get(3)));
  }

  static Stream<List<String>> markedAnew() {
    return table("| what the learner does | points | marked");
  }

  @ParameterizedTest
  @MethodSource("winning")
  void theLineThatWinsIsWhereThePageSays(List<String> row) {
    List<Integer> worths = Stream.of(row.get(0).split(", ")).map(PointsPageTest::number).toList();
    PassMark mark = PassMark.of(number(row.get(1)), worths);

    assertThat(mark.needed()).isEqualTo(number(row.get(2)));
    assertThat(mark.rightNeeded()).isEqualTo(number(row.get(3)));
  }

  static Stream<List<String>> winning() {
    return table("| worths of");
  }

  private static int number(String text) {
    return Integer.parseInt(text);
  }

  /** The rows of the table that begins so. */
  private static Stream<List<String>> table(String begins) {
    try {
      List<String> page = Files.readAllLines(Path.of("../docs/how-points-are-counted.md"));
      int head = page.indexOf(page.stream().filter(l -> l.startsWith(begins)).findFirst().get());
      List<List<String>> rows = new ArrayList<>();
      for (String line : page.subList(head + 2, page.size())) {
        if (!line.startsWith("|")) {
          break;
        }
        rows.add(Stream.of(line.substring(1).split("\\|")).map(String::strip).toList());
      }
      return rows.stream();
    } catch (IOException e) {
      throw new UncheckedIOException(e);
    }
  }

  /** A play in which every step takes its time. */
  private static final class Clockwork {
    private final Activity activity;
    private Sitting sitting;
    private long at = 1_000;
    private int keys;

    Clockwork(Activity activity) {
      this.activity = activity;
      this.sitting = Plays.open(activity, new Opening("seed", at, false));
      act(0, new Action.Start());
    }

    void act(int seconds, Action action) {
      act(seconds, Mover.PLAYER, action);
    }

    private void act(int seconds, Mover by, Action action) {
      at += seconds * 1_000L;
      Turn turn = Plays.play(activity, sitting, new Move("k" + keys++, by, action), at);
      assertThat(turn.refusal()).as("%s", action).isNull();
      sitting = turn.sitting();
    }

    /** Leaves what was said before, if something was, and answers. */
    void answer(int seconds, String option) {
      leave();
      int attempt = sitting.effortFor(sitting.now()).tries() + 1;
      act(seconds, new Action.Answer(sitting.now(), attempt, new Response.Picked(option)));
    }

    void hint() {
      leave();
      act(1, new Action.Hint(sitting.now()));
    }

    void wait(int seconds) {
      leave();
      at += seconds * 1_000L;
      leave();
    }

    private void leave() {
      Showing showing = Plays.show(activity, sitting, Audience.PLAYER, at);
      if (showing.stage() == Stage.FEEDBACK) {
        act(0, new Action.Continue(showing.question().id()));
      }
    }

    /** Leaves the last question at the tries that were made. */
    void settle() {
      if (sitting.resultOf(sitting.now()).isEmpty()) {
        act(0, new Action.Settle(sitting.now()));
      }
    }

    void mark(String question, int points) {
      act(0, Mover.TEACHER, new Action.Mark(question, points, null));
    }

    /** The sum, also where it is below 0. */
    int sum() {
      return sitting.results().stream().mapToInt(Result::points).sum();
    }

    int points() {
      return Plays.show(activity, sitting, Audience.PLAYER, at).score().points();
    }
  }
}
