package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Bonus;
import bravium.core.activity.Clock;
import bravium.core.activity.Prices;
import bravium.core.activity.Rules;
import bravium.core.activity.TakeOver;
import bravium.core.activity.Team;
import bravium.core.activity.Teams;
import bravium.core.activity.Tries;
import bravium.core.answer.Comparing;
import bravium.core.codec.Codec;
import bravium.core.games.quizshow.Climb;
import bravium.core.json.Extra;
import bravium.core.question.Basics;
import bravium.core.question.Card;
import bravium.core.question.Credit;
import bravium.core.question.Feedback;
import bravium.core.question.FreeAnswer;
import bravium.core.question.Gaps;
import bravium.core.question.Information;
import bravium.core.question.Ordering;
import bravium.core.question.Question;
import bravium.core.question.Response;
import bravium.core.samples.Activities;
import bravium.core.samples.Player;
import bravium.core.samples.Plays;
import java.util.ArrayList;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What docs/how-points-are-counted.md settles where rules meet, one example each. */
class SettledRulesTest {

  private static final List<Team> TWO =
      List.of(new Team("Ash", Team.Sign.LEAF), new Team("Beech", Team.Sign.ACORN));
  private static final Rules RULES = Activities.asWritten(null, 50);
  private static final Teams TAKING =
      new Teams(TWO, Teams.Turns.IN_ORDER, new TakeOver(5, null), false);

  @Test
  void informationBetweenTwoRightAnswersDoesNotEndARun() {
    List<Question> questions = new ArrayList<>();
    questions.add(Activities.question("q1", "a", "a", "b"));
    questions.add(new Information(Basics.of("i", "Read this", Feedback.USUAL), Extra.NONE));
    questions.add(Activities.question("q2", "a", "a", "b"));
    Player player = new Player(Activities.quiz(RULES.withBonus(new Bonus(0, 7, 2)), questions));
    player.start();
    player.pick("a");
    player.goOn();
    player.goOn();
    player.pick("a");

    assertThat(Scorecard.of(player.sitting()).points()).isEqualTo(27);
  }

  @Test
  void whatWasRightInPartIsNotTakenOverAndStaysWithItsTeam() {
    Rules rules = RULES.withTeams(TAKING).withTries(new Tries(Tries.Again.AT_ONCE, 2));
    Player player = inTeams(rules, List.of(order("q1"), order("q2")));
    player.answer(new Response.Ordered(List.of("a", "c", "b")));
    player.goOn();
    player.answer(new Response.Ordered(List.of("b", "c", "a")));

    assertThat(player.sitting().front().taking()).isNull();
    assertThat(points(player)).containsExactly(3, 0);
  }

  @Test
  void aTeamThatTriesItLaterGetsNothingOfTheFirstTeamsPart() {
    Rules rules = RULES.withTeams(new Teams(TWO, Teams.Turns.IN_ORDER, null, false));
    Player player =
        inTeams(
            rules.withTries(new Tries(Tries.Again.LATER, 2)),
            List.of(order("q1"), right("q2"), right("q3")));
    player.answer(new Response.Ordered(List.of("a", "c", "b")));
    player.goOn();
    player.pickInTurn("a", "a");
    assertThat(player.sitting().now()).isEqualTo("q1");
    assertThat(player.sitting().front().answering()).isEqualTo(1);
    player.answer(new Response.Ordered(List.of("b", "c", "a")));

    assertThat(points(player)).containsExactly(10 + 3, 10);
  }

  @Test
  void aMissedQuestionThatWasTakenOverEndsTheFirstTeamsRun() {
    Rules rules = RULES.withTeams(TAKING).withBonus(new Bonus(0, 7, 2));
    Player player = inTeams(rules, 5);
    player.pickInTurn("a", "a", "b");
    assertThat(player.sitting().front().taking()).isEqualTo(1);
    player.pickInTurn("a", "b");
    player.play(new Action.Settle("q4"));
    player.pickInTurn("a");

    // Ash: right, missed, right. Beech: right, then right in taking over, which makes two.
    assertThat(points(player)).containsExactly(20, 10 + 5 + 7);
  }

  @Test
  void teamsWaitForTheMarksThatCanDecide() {
    Player player = inTeams(RULES.withTeams(TAKING), List.of(free("q1"), right("q2")));
    player.answer(new Response.Typed("It dances"));
    player.goOn();
    player.pick("a");
    player.goOn();
    assertThat(player.sitting().outcome().awaiting()).isEqualTo(1);
    assertThat(player.sitting().outcome().won()).isFalse();

    player.play(new Action.Mark("q1", 10, null));
    assertThat(player.sitting().outcome().awaiting()).isZero();
    assertThat(player.sitting().outcome().winners()).containsExactly(0, 1);
    player.play(new Action.Mark("q1", 3, null));
    assertThat(player.sitting().outcome().winners()).containsExactly(1);
  }

  @Test
  void marksThatCanChangeNothingAreNotWaitedFor() {
    Question little = free("q2");
    Player player =
        inTeams(
            RULES.withTeams(TAKING),
            List.of(right("q1"), little.with(little.basics().withWorth(4))));
    player.pick("a");
    player.goOn();
    player.answer(new Response.Typed("It dances"));
    player.goOn();

    assertThat(player.sitting().outcome().awaiting()).isZero();
    assertThat(player.sitting().outcome().winners()).containsExactly(0);
  }

  @Test
  void aTeamThatWouldTakeOverPaysForItsOwnHintsAlsoWhereItDoesNotAnswer() {
    Question hinted = right("q1");
    hinted = hinted.with(hinted.basics().withHints(Activities.words("It is small")));
    Rules rules = RULES.withTeams(TAKING).withPrices(new Prices(2, 3));
    Player player = inTeams(rules, List.of(hinted, right("q2")));
    player.pick("b");
    player.goOn();
    player.play(new Action.Hint("q1"));
    player.play(new Action.Settle("q1"));

    assertThat(points(player)).containsExactly(-3, -2);
    assertThat(player.sitting().resultOf("q1").orElseThrow().team()).isZero();
  }

  @Test
  void goingElsewhereDuringATakeOverGivesTheNextTeamItsTurn() {
    Player player = inTeams(RULES.withTeams(TAKING), 4);
    player.pick("b");
    player.goOn();
    player.play(new Action.GoTo("q3"));

    assertThat(player.sitting().front().taking()).isNull();
    assertThat(player.sitting().front().turn()).isEqualTo(1);
    assertThat(player.sitting().resultOf("q1").orElseThrow().team()).isZero();
    player.pick("a");
    // Its own question, for its whole worth.
    assertThat(points(player)).containsExactly(0, 10);
  }

  @Test
  void speedIsMeasuredOnTheQuestionsClockAlsoWhereTheGameEndsSooner() {
    Question timed = right("q1");
    timed = timed.with(timed.basics().withSeconds(30));
    Rules rules = RULES.withClock(new Clock(Clock.Per.GAME, 10)).withBonus(new Bonus(30, 0, 2));
    Player player = new Player(Activities.quiz(rules, List.of(timed)));
    player.start();
    player.pick("a");

    // One second after it was opened: 29 of 30 are left.
    assertThat(Scorecard.of(player.sitting()).points()).isEqualTo(10 + 29);
  }

  @Test
  void aPartlyRightAnswerOnAStepWorthOneStays() {
    Climb climb = new Climb(3, Climb.Rise.EVEN, List.of(), List.of(), null);
    Rules rules = RULES.withWorth(1).withTries(new Tries(Tries.Again.AT_ONCE, 2));
    Activity activity =
        Activities.on(
            climb, Activities.quiz(rules, List.of(right("q1"), order("q2"), right("q3"))));
    Player player = new Player(activity);
    player.start();
    player.pick("a");
    player.goOn();
    player.answer(new Response.Ordered(List.of("b", "c", "a")));
    player.goOn();
    player.answer(new Response.Ordered(List.of("a", "c", "b")));

    assertThat(player.sitting().resultOf("q2").orElseThrow().verdict()).isEqualTo(Verdict.PARTLY);
    assertThat(Scorecard.of(player.sitting()).points()).isEqualTo(1);
  }

  @Test
  void aFreeAnswersHintsArePaidWhenItIsHandedIn() {
    Question hinted = free("q1");
    hinted = hinted.with(hinted.basics().withHints(Activities.words("Think of summer")));
    Player player =
        new Player(
            Activities.quiz(RULES.withPrices(new Prices(2, 0)), List.of(right("q0"), hinted)),
            Mover.TEACHER,
            new Opening("s", 0, false));
    player.start();
    player.pick("a");
    player.goOn();
    player.play(new Action.Hint("q1"));
    player.answer(new Response.Typed("It dances"));
    assertThat(Scorecard.of(player.sitting()).points()).isEqualTo(8);

    player.play(new Action.Mark("q1", 10, null));
    assertThat(Scorecard.of(player.sitting()).points()).isEqualTo(18);
  }

  @Test
  void aDecidingQuestionIsNotOneThatTheTeacherMarks() {
    Teams deciding = new Teams(TWO, Teams.Turns.IN_ORDER, null, true);
    Rules rules = Activities.asWritten(2, 50).withTeams(deciding);
    Activity activity =
        Activities.quiz(rules, List.of(free("q1"), free("q2"), free("q3"), free("q4")));
    Player player = new Player(activity, Mover.TEACHER, new Opening("s", 0, false).withTeams(TWO));
    player.start();
    for (int i = 0; i < 2; i++) {
      player.answer(new Response.Typed("It dances"));
      player.goOn();
    }

    assertThat(player.sitting().front().deciding()).isEmpty();
    assertThat(player.sitting().stage()).isEqualTo(Stage.END);
  }

  @Test
  void whichOfAGapsWordsIsRightDoesNotShowInTheListsOfOtherGaps() {
    assertThat(shown("A [16|!20] and [21]")).isEqualTo(shown("A [20|!16] and [21]"));
    assertThat(shown("A [16|!20|!3] and [21]")).isEqualTo(shown("A [3|!20|!16] and [21]"));
  }

  private static String shown(String text) {
    Gaps gaps =
        new Gaps(
            Basics.of("q1", text, Feedback.USUAL),
            Gaps.Filling.CHOSEN,
            List.of("7"),
            Comparing.FAIR,
            Credit.ALL_OR_NOTHING,
            Extra.NONE);
    Player player = new Player(Activities.quiz(RULES, List.of(gaps)));
    player.start();
    return Codec.SHOWING.write(
        Plays.show(player.activity(), player.sitting(), Audience.PLAYER, 5_000));
  }

  private static Question right(String id) {
    return Activities.question(id, "a", "a", "b");
  }

  private static Question free(String id) {
    return new FreeAnswer(Basics.of(id, "Why?", Feedback.USUAL), null, Extra.NONE);
  }

  private static Question order(String id) {
    return new Ordering(
        Basics.of(id, "In order?", Feedback.USUAL),
        List.of(new Card("a", "egg"), new Card("b", "larva"), new Card("c", "pupa")),
        Credit.EACH_RIGHT_COUNTS,
        Extra.NONE);
  }

  private static Player inTeams(Rules rules, int questions) {
    return inTeams(rules, Activities.quiz(rules, questions).game().questions());
  }

  private static Player inTeams(Rules rules, List<Question> questions) {
    Player player =
        new Player(
            Activities.quiz(rules, questions),
            Mover.TEACHER,
            new Opening("seed", 0, false).withTeams(TWO));
    player.start();
    return player;
  }

  private static List<Integer> points(Player player) {
    return List.of(player.sitting().front().points(0), player.sitting().front().points(1));
  }
}
