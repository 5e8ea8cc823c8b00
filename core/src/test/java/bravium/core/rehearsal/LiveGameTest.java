package bravium.core.rehearsal;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Rules;
import bravium.core.answer.Comparing;
import bravium.core.json.Extra;
import bravium.core.play.Action;
import bravium.core.play.Mover;
import bravium.core.play.Opening;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Verdict;
import bravium.core.question.Basics;
import bravium.core.question.Credit;
import bravium.core.question.Feedback;
import bravium.core.question.Gaps;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.core.samples.Activities;
import bravium.core.samples.Player;
import bravium.core.samples.Plays;
import bravium.core.samples.RandomActivities;
import bravium.core.samples.RandomMoves;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;

class LiveGameTest {

  private static final Opening OPENING = new Opening("live", 0, true);
  private static final Rules RULES = Activities.mixed(null, 60);
  private final List<Question> written =
      List.of(
          Activities.question("q1", "a", "a", "b"),
          Activities.question("q2", "a", "a", "b"),
          Activities.question("q3", "a", "a", "b"));

  private Sitting atSecondQuestion() {
    Player player = new Player(Activities.quiz(RULES, written), Mover.TEACHER, OPENING);
    player.start();
    player.pick("a");
    player.goOn();
    return player.sitting();
  }

  /** Two gaps that take the same word: the bank has it twice, however it is edited. */
  @Test
  void aWordThatFillsTwoGapsStaysInTheBankTwice() {
    Player player = new Player(Activities.quiz(RULES, List.of(gaps(""))), Mover.TEACHER, OPENING);
    player.start();
    assertThat(bank(player.sitting())).containsExactlyInAnyOrder("bees", "bees", "wax");

    Sitting after = Plays.follow(Activities.quiz(RULES, List.of(gaps(" too"))), player.sitting());

    assertThat(bank(after)).isEqualTo(bank(player.sitting()));
  }

  private static List<String> bank(Sitting sitting) {
    return sitting.draw().find("g").orElseThrow().options();
  }

  private static Gaps gaps(String end) {
    return new Gaps(
        Basics.of("g", "[bees] feed [bees] and make [wax]" + end, Feedback.USUAL),
        Gaps.Filling.DRAGGED,
        List.of(),
        Comparing.FAIR,
        Credit.WRONG_COSTS,
        Extra.NONE);
  }

  @Test
  void changingATextKeepsThePlaceAndTheAnswers() {
    Sitting before = atSecondQuestion();
    List<Question> edited = new ArrayList<>(written);
    edited.set(
        0, new PickOne("q1", "Other words", ((PickOne) written.get(0)).choices(), Feedback.USUAL));

    Sitting after = Plays.follow(Activities.quiz(RULES, edited), before);

    assertThat(after.now()).isEqualTo(before.now());
    assertThat(after.results()).isEqualTo(before.results());
    assertThat(after.draw()).isEqualTo(before.draw());
  }

  @Test
  void changingWhichOptionIsRightMarksTheAnswersAnew() {
    Sitting before = atSecondQuestion();
    String answered = before.results().getFirst().question();
    List<Question> edited =
        written.stream()
            .map(q -> q.id().equals(answered) ? Activities.question(q.id(), "b", "a", "b") : q)
            .toList();

    Sitting after = Plays.follow(Activities.quiz(RULES, edited), before);

    assertThat(after.results().getFirst().verdict()).isEqualTo(Verdict.WRONG);
    assertThat(after.results().getFirst().points()).isZero();
  }

  @Test
  void aNewQuestionJoinsBehindTheOthersWhenTheyAreMixed() {
    Sitting before = atSecondQuestion();
    List<Question> edited = new ArrayList<>(written);
    edited.addFirst(Activities.question("q0", "a", "a", "b"));

    Sitting after = Plays.follow(Activities.quiz(RULES, edited), before);

    assertThat(after.draw().ids()).startsWith(before.draw().ids().toArray(String[]::new));
    assertThat(after.draw().ids()).endsWith("q0");
    assertThat(after.now()).isEqualTo(before.now());
  }

  @Test
  void removingTheOpenQuestionGoesOnWithTheNext() {
    Sitting before = atSecondQuestion();
    List<Question> edited = written.stream().filter(q -> !q.id().equals(before.now())).toList();

    Sitting after = Plays.follow(Activities.quiz(RULES, edited), before);

    assertThat(after.stage()).isEqualTo(Stage.QUESTION);
    assertThat(after.results()).hasSize(1);
    assertThat(after.draw().ids()).doesNotContain(before.now());
  }

  @Test
  void removingEverythingReturnsToTheTitlePage() {
    Sitting after = Plays.follow(Activities.quiz(RULES, List.of()), atSecondQuestion());

    assertThat(after.stage()).isEqualTo(Stage.TITLE);
  }

  @Test
  void aQuestionOutsideTheDrawCanBeGoneTo() {
    Activity activity = Activities.quiz(Activities.asWritten(2, 60), written);
    Player player = new Player(activity, Mover.TEACHER, OPENING);
    String left =
        written.stream()
            .map(Question::id)
            .filter(id -> player.sitting().draw().find(id).isEmpty())
            .findFirst()
            .orElseThrow();

    player.play(new Action.GoTo(left));

    assertThat(player.sitting().now()).isEqualTo(left);
    assertThat(player.sitting().draw().ids()).hasSize(2);
  }

  @Test
  void theAidsPlayToTheWinAndToTheLossFromAnywhere() {
    Activity activity = Activities.quiz(RULES, written);
    Sitting start = Plays.open(activity, OPENING);

    assertThat(Plays.aided(activity, start, Aid.WIN, 0).outcome().won()).isTrue();
    assertThat(Plays.aided(activity, start, Aid.LOSS, 0).outcome().won()).isFalse();
    Sitting lost = Plays.aided(activity, start, Aid.LOSS, 0);
    assertThat(Plays.aided(activity, lost, Aid.WIN, 0).outcome().won()).isTrue();
  }

  @Test
  void theAidsAnswerOneQuestionRightOrWrong() {
    Activity activity = Activities.quiz(RULES, written);
    Sitting one = Plays.aided(activity, Plays.open(activity, OPENING), Aid.RIGHT, 0);
    Sitting two = Plays.aided(activity, one, Aid.WRONG, 0);

    assertThat(two.results().stream().map(r -> r.verdict()))
        .containsExactly(Verdict.RIGHT, Verdict.WRONG);
    assertThat(two.stage()).isEqualTo(Stage.FEEDBACK);
  }

  @Property(tries = 300)
  void anyPlayFollowsAnyEditAndCanBePlayedToItsEnd(@ForAll long seed) {
    Random random = new Random(seed);
    RandomActivities activities = new RandomActivities(random);
    RandomMoves moves = new RandomMoves(random);
    Activity before = activities.any();
    Sitting sitting = Plays.open(before, OPENING);
    for (int i = 0; i < 10; i++) {
      sitting = Plays.play(before, sitting, moves.next(before, sitting), i).sitting();
    }
    Activity after = activities.any();

    Sitting followed = Plays.follow(after, sitting);
    Sitting ended = Plays.aided(after, followed, Aid.WIN, 99);

    assertThat(followed.log()).isEmpty();
    assertThat(ended.stage())
        .isEqualTo(ended.draw().questions().isEmpty() ? Stage.TITLE : Stage.END);
  }
}
