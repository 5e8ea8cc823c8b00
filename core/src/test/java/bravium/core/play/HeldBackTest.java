package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Answers;
import bravium.core.activity.Ending;
import bravium.core.activity.Endings;
import bravium.core.activity.Tries;
import bravium.core.codec.Codec;
import bravium.core.games.Games;
import bravium.core.json.Extra;
import bravium.core.play.showing.PastGame;
import bravium.core.play.showing.Review;
import bravium.core.play.showing.Showing;
import bravium.core.question.Feedback;
import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.core.rich.Words;
import bravium.core.samples.Activities;
import bravium.core.samples.Player;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What the teacher says to an answer is held back as long as what is right is. */
class HeldBackTest {

  private static final String TOLD_RIGHT = "because wax is made by young workers";
  private static final String TOLD_WRONG = "it would have been wax";
  private static final String TOLD_OPTION = "honey is only stored in it";
  private static final String TOLD_WON = "so all of it is wax";
  private static final String TOLD_LOST = "look again at the wax";

  private static Activity activity(int tries) {
    Question question =
        new PickOne(
            "q1",
            "What is a comb made of?",
            List.of(
                new Option("a", "wax", true),
                new Option("b", Words.of("honey"), false, false, Words.of(TOLD_OPTION), Extra.NONE),
                new Option("c", "wood", false)),
            new Feedback(TOLD_RIGHT, TOLD_WRONG));
    Activity quiz =
        Activities.quiz(
            Activities.asWritten(null, 100)
                .withTries(tries == 1 ? null : new Tries(Tries.Again.AT_ONCE, tries, Extra.NONE)),
            List.of(question));
    Endings endings =
        new Endings(
            new Ending(Words.of(TOLD_WON), Extra.NONE),
            new Ending(Words.of(TOLD_LOST), Extra.NONE));
    return new Activity(quiz.titlePage(), quiz.game(), quiz.rules(), endings);
  }

  private static Player playing(Activity activity, Answers given) {
    Opening opening = new Opening("s", 0, false).withAnswers(given);
    Player player = new Player(activity, Mover.PLAYER, opening);
    player.start();
    return player;
  }

  private static String shown(Player player) {
    return Codec.SHOWING.write(player.showing(Audience.PLAYER));
  }

  /** All that a learner is shown from the first answer to the end. */
  private static String allShown(Activity activity, Answers given, String... picks) {
    Player player = playing(activity, given);
    StringBuilder all = new StringBuilder();
    for (String pick : picks) {
      player.pick(pick);
      all.append(shown(player));
      player.goOn();
      all.append(shown(player));
    }
    assertThat(player.sitting().outcome()).isNotNull();
    Review review = Review.of(Games.prepared(activity), player.sitting(), 9_000);
    Opening opening = player.sitting().opening();
    Showing past = PastGame.show(Games.prepared(activity), opening, review, 9_000);
    return all + Codec.SHOWING.write(past);
  }

  @Test
  void whatIsGivenWithoutTellingTellsNothingByItsWordsEither() {
    String lost = allShown(activity(2), Answers.NEVER, "c", "b");
    assertThat(lost).doesNotContain(TOLD_WRONG, TOLD_OPTION, TOLD_LOST, TOLD_RIGHT);
    String won = allShown(activity(1), Answers.NEVER, "a");
    assertThat(won).doesNotContain(TOLD_WRONG, TOLD_RIGHT, TOLD_WON);
  }

  @Test
  void onceSheMayBeToldAllOfItIsSaid() {
    assertThat(allShown(activity(1), null, "c")).contains(TOLD_WRONG, TOLD_LOST);
    assertThat(allShown(activity(1), null, "b")).contains(TOLD_OPTION);
    assertThat(allShown(activity(1), null, "a")).contains(TOLD_RIGHT, TOLD_WON);

    // What a closing date opens is the same game, shown with what is told then.
    Activity activity = activity(1);
    Player player = playing(activity, Answers.NEVER);
    player.pickInTurn("c");
    Sitting told = player.sitting().with(player.sitting().opening().withAnswers(null));
    Showing after = Showing.of(Games.prepared(activity), told, Audience.PLAYER, 9_000);
    assertThat(Codec.SHOWING.write(after)).contains(TOLD_WRONG, TOLD_LOST);
  }

  @Test
  void whereTheRulesTellAtTheEndTheWordsToAWrongAnswerWaitToo() {
    Activity activity = activity(1).withRules(activity(1).rules().withAnswers(Answers.AT_THE_END));
    Player player = playing(activity, null);
    player.pick("c");
    assertThat(shown(player)).doesNotContain(TOLD_WRONG);
    player.goOn();
    assertThat(shown(player)).contains(TOLD_WRONG);

    Player right = playing(activity, null);
    right.pick("a");
    assertThat(shown(right)).contains(TOLD_RIGHT);
  }

  /** Between tries her own words help; those to a wrong answer wait, for they may tell it. */
  @Test
  void whileAnotherTryIsLeftItIsSaidWhatSheWroteForThat() {
    Question question =
        new PickOne(
            "q1",
            "What is a comb made of?",
            List.of(new Option("a", "wax", true), new Option("b", "wood", false)),
            new Feedback(
                Words.of(TOLD_RIGHT), Words.of(TOLD_WRONG), Words.of("Think of bees"), Extra.NONE));
    Activity quiz =
        Activities.quiz(
            Activities.asWritten(null, 100)
                .withTries(new Tries(Tries.Again.AT_ONCE, 2, Extra.NONE)),
            List.of(question));
    Player player = playing(quiz, null);
    player.pick("b");
    assertThat(shown(player)).contains("Think of bees").doesNotContain(TOLD_WRONG);
    player.goOn();
    player.pick("b");
    assertThat(shown(player)).contains(TOLD_WRONG).doesNotContain("Think of bees");

    Player held = playing(quiz, Answers.NEVER);
    held.pick("b");
    assertThat(shown(held)).doesNotContain(TOLD_WRONG, TOLD_RIGHT);
  }

  @Test
  void theTeacherSeesWhatSheWrote() {
    Activity activity = activity(1);
    Player player = playing(activity, Answers.NEVER);
    player.pickInTurn("c");
    assertThat(Codec.REVIEW.write(Review.of(Games.prepared(activity), player.sitting(), 9_000)))
        .contains(TOLD_WRONG);
  }
}
