package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Rules;
import bravium.core.activity.Tries;
import bravium.core.json.Extra;
import bravium.core.play.showing.Showing;
import bravium.core.play.showing.TaskSheet;
import bravium.core.question.Basics;
import bravium.core.question.Card;
import bravium.core.question.Credit;
import bravium.core.question.Feedback;
import bravium.core.question.Mark;
import bravium.core.question.Misplaced;
import bravium.core.question.Moved;
import bravium.core.question.Response;
import bravium.core.question.Sortable;
import bravium.core.question.Sorting;
import bravium.core.samples.Activities;
import bravium.core.samples.Player;
import java.util.List;
import org.junit.jupiter.api.Test;

/** Cards that are marked as they are laid, and what becomes of those that lie wrong. */
class LayingTest {

  @Test
  void eachCardIsMarkedAsItLies() {
    Player learner = begun(sorting(true, Misplaced.GOES_BACK), once());

    assertThat(lay(learner, "bee", "flowers").happenings())
        .containsExactly(new Happening.CardLaid("q", "bee", true));
    assertThat(lay(learner, "wasp", "flowers").happenings())
        .containsExactly(new Happening.CardLaid("q", "wasp", false));

    TaskSheet.SortingSheet sheet = sheet(learner);
    assertThat(sheet.lying()).containsExactly(new Response.Placing("bee", "flowers"));
    assertThat(sheet.marks()).containsExactly(new Mark.Part("bee", true));
  }

  @Test
  void theFirstPlaceCountsAndTheLastOneStands() {
    Player learner = begun(sorting(true, Misplaced.GOES_BACK), once());
    lay(learner, "bee", "flowers");
    lay(learner, "wasp", "flowers");
    lay(learner, "wasp", "elsewhere");

    assertThat(learner.sitting().resultOf("q").orElseThrow().verdict()).isEqualTo(Verdict.PARTLY);
    assertThat(learner.sitting().resultOf("q").orElseThrow().points()).isEqualTo(5);
    Showing.Told told = learner.showing(Audience.PLAYER).feedback();
    assertThat(told.moved()).isEqualTo(new Moved(1, 1, 0));
    assertThat(sheet(learner).lying())
        .containsExactly(
            new Response.Placing("bee", "flowers"), new Response.Placing("wasp", "elsewhere"));
  }

  @Test
  void whatStaysIsNotLaidAgain() {
    Player learner = begun(sorting(true, Misplaced.STAYS), once());
    lay(learner, "wasp", "flowers");

    assertThat(lay(learner, "wasp", "elsewhere").refusal()).isEqualTo(Refusal.NOT_OPEN);
    lay(learner, "bee", "flowers");
    assertThat(learner.sitting().stage()).isEqualTo(Stage.FEEDBACK);
  }

  @Test
  void whatIsNoPlaceChangesNothing() {
    Player learner = begun(sorting(true, null), once());
    Sitting before = learner.sitting();

    assertThat(lay(learner, "bee", "nowhere known").refusal()).isEqualTo(Refusal.NO_SUCH_OPTION);
    assertThat(lay(learner, "stone", "flowers").refusal()).isEqualTo(Refusal.NO_SUCH_OPTION);
    assertThat(learner.sitting()).isEqualTo(before);
    Player onDemand = begun(sorting(false, null), once());
    assertThat(lay(onDemand, "bee", "flowers").refusal()).isEqualTo(Refusal.NOT_OPEN);
  }

  @Test
  void betweenTriesItIsSaidWhatLiesWrong() {
    Rules twice = once().withTries(new Tries(Tries.Again.AT_ONCE, 2));
    Player learner = begun(sorting(false, Misplaced.GOES_BACK), twice);
    answer(learner, 1, "flowers", "flowers");

    Showing.Told told = learner.showing(Audience.PLAYER).feedback();
    assertThat(told.settled()).isFalse();
    assertThat(told.parts())
        .containsExactly(new Mark.Part("bee", true), new Mark.Part("wasp", false));
    learner.play(new Action.Continue("q"));
    assertThat(sheet(learner).lying()).containsExactly(new Response.Placing("bee", "flowers"));

    answer(learner, 2, "flowers", "elsewhere");
    assertThat(learner.showing(Audience.PLAYER).feedback().moved()).isEqualTo(new Moved(1, 1, 0));
  }

  @Test
  void otherwiseNothingIsSaidBeforeItIsSettled() {
    Rules twice = once().withTries(new Tries(Tries.Again.AT_ONCE, 2));
    Player learner = begun(sorting(false, null), twice);
    answer(learner, 1, "flowers", "flowers");

    assertThat(learner.showing(Audience.PLAYER).feedback().parts()).isEmpty();
    learner.play(new Action.Continue("q"));
    assertThat(sheet(learner).lying()).isEmpty();
  }

  @Test
  void theTeacherGivesAnAnswerAwayThatHasNoOptions() {
    Player teacher = begun(sorting(false, null), once());
    assertThat(teacher.play(new Action.Reveal("q")).happenings())
        .containsExactly(new Happening.AnswerOpened("q"));

    Showing showing = teacher.showing(Audience.PROJECTOR);
    assertThat(showing.talk().done()).isTrue();
    assertThat(showing.talk().opened().model())
        .isEqualTo(
            new Response.Placed(
                List.of(
                    new Response.Placing("bee", "flowers"),
                    new Response.Placing("wasp", "elsewhere"))));
    assertThat(answer(teacher, 1, "flowers", "elsewhere").refusal()).isEqualTo(Refusal.NOT_OPEN);
    teacher.play(new Action.Continue("q"));
    assertThat(teacher.sitting().resultOf("q").orElseThrow().verdict()).isEqualTo(Verdict.GIVEN);
  }

  private static Turn answer(Player player, int attempt, String bee, String wasp) {
    return player.play(
        new Action.Answer(
            "q",
            attempt,
            new Response.Placed(
                List.of(new Response.Placing("bee", bee), new Response.Placing("wasp", wasp)))));
  }

  private static Turn lay(Player player, String card, String group) {
    int attempt = player.sitting().effortFor("q").tries() + 1;
    return player.play(new Action.Lay("q", attempt, List.of(new Response.Placing(card, group))));
  }

  private static TaskSheet.SortingSheet sheet(Player player) {
    return (TaskSheet.SortingSheet) player.showing(Audience.PLAYER).question().sheet();
  }

  private static Rules once() {
    return Activities.asWritten(null, 60);
  }

  private static Player begun(Sorting sorting, Rules rules) {
    Activity activity = Activities.quiz(rules, List.of(sorting));
    Player player = new Player(activity, Mover.TEACHER, new Opening("s", 0, false));
    player.play(new Action.Start());
    return player;
  }

  private static Sorting sorting(boolean atOnce, Misplaced misplaced) {
    return new Sorting(
        Basics.of("q", "Who flies to flowers?", Feedback.USUAL),
        List.of(new Card("flowers", "To flowers"), new Card("elsewhere", "Elsewhere")),
        List.of(),
        List.of(
            new Sortable("bee", "Bee", List.of("flowers")),
            new Sortable("wasp", "Wasp", List.of("elsewhere"))),
        Credit.EACH_RIGHT_COUNTS,
        null,
        false,
        atOnce,
        misplaced,
        Extra.NONE);
  }
}
