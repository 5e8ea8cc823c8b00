package bravium.core.games.picturereveal;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Answers;
import bravium.core.activity.Endings;
import bravium.core.activity.Rules;
import bravium.core.activity.Team;
import bravium.core.activity.TitlePage;
import bravium.core.activity.Tries;
import bravium.core.answer.Comparing;
import bravium.core.codec.Codec;
import bravium.core.games.Games;
import bravium.core.json.Extra;
import bravium.core.play.Action;
import bravium.core.play.Audience;
import bravium.core.play.Entry;
import bravium.core.play.Mover;
import bravium.core.play.Opening;
import bravium.core.play.Outcome;
import bravium.core.play.Refusal;
import bravium.core.play.Stage;
import bravium.core.play.Turn;
import bravium.core.play.showing.Review;
import bravium.core.play.showing.Showing;
import bravium.core.question.Feedback;
import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Winnable;
import bravium.core.rehearsal.Aid;
import bravium.core.rich.Picture;
import bravium.core.samples.Activities;
import bravium.core.samples.Player;
import bravium.core.samples.Plays;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Example;

/** How a picture reveal plays: examples. */
class PictureRevealTest {

  private static final Picture PICTURE =
      new Picture("c".repeat(64), "A queen bee among workers", 1_200, 800, Extra.NONE);

  /** So many pieces with a question each; the right option is "a". */
  static Activity reveal(int pieces, GuessRule rule, boolean byPieces) {
    List<Question> questions = new ArrayList<>();
    List<PicturePiece> under = new ArrayList<>();
    for (int i = 0; i < pieces; i++) {
      questions.add(Activities.question("q" + i, "a", "a", "b"));
      under.add(new PicturePiece("p" + i, "q" + i, "Part " + i, Extra.NONE));
    }
    return of(
        new PictureReveal(
            PICTURE,
            null,
            Cut.of(1, pieces),
            under,
            questions,
            List.of("the queen", "queen bee"),
            Comparing.FAIR,
            rule,
            byPieces,
            Extra.NONE));
  }

  private static Activity of(PictureReveal reveal) {
    return new Activity(
        TitlePage.of("Under the lid"), reveal, Activities.asWritten(null, 50), Endings.usual());
  }

  private static RevealScene scene(Player player, Audience audience) {
    Showing showing = Plays.show(player.activity(), player.sitting(), audience, 9_000_000);
    return (RevealScene) showing.scene();
  }

  private static RevealScene scene(Player player) {
    return scene(player, Audience.PLAYER);
  }

  private static Turn guess(Player player, String text) {
    return player.play(new Action.Own(new RevealAction.Guess(text, null)));
  }

  private static void lift(Player player, int piece) {
    player.play(new Action.Pick("q" + piece));
    player.pickInTurn("a");
  }

  private static List<RevealScene.Lying> lying(Player player) {
    return scene(player).pieces().stream().map(RevealScene.Sheet::lying).toList();
  }

  @Example
  void aRightAnswerLiftsItsPieceAndAWrongOneLeavesItForGood() {
    Player player = new Player(reveal(3, GuessRule.usual(), true));
    player.start();
    assertThat(player.sitting().stage()).isEqualTo(Stage.BOARD);
    lift(player, 1);
    player.play(new Action.Pick("q0"));
    player.pickInTurn("b");

    assertThat(lying(player))
        .containsExactly(
            RevealScene.Lying.STAYS, RevealScene.Lying.LIFTED, RevealScene.Lying.COVERED);
    assertThat(scene(player).pieces().get(1).said()).isEqualTo("Part 1");
    assertThat(player.play(new Action.Pick("q0")).refusal()).isEqualTo(Refusal.NOT_OPEN);
    assertThat(player.play(new Action.Pick("q2")).refusal()).isNull();
    assertThat(lying(player)).endsWith(RevealScene.Lying.NOW);
  }

  @Example
  void whereItMayBeTriedAgainItStaysThereToBePicked() {
    Activity activity = reveal(2, GuessRule.usual(), true);
    Player player =
        new Player(
            activity.withRules(
                activity.rules().withTries(new Tries(Tries.Again.UNTIL_RIGHT, null))));
    player.start();
    player.play(new Action.Pick("q0"));
    player.pickInTurn("b");

    assertThat(lying(player)).startsWith(RevealScene.Lying.AGAIN);
    lift(player, 0);
    assertThat(lying(player)).startsWith(RevealScene.Lying.LIFTED);
  }

  @Example
  void lookedBackAtEachAnswerNamesItsPiecesAndEachGuessHowMuchWasBare() {
    PictureReveal three = (PictureReveal) reveal(3, GuessRule.usual(), true).game();
    Player player = new Player(of(three.cutAs(Cut.of(1, 5)).withPieces(List.of())));
    Player spread = new Player(of(Sharing.spread(three.cutAs(Cut.of(1, 5)))));
    for (Player one : List.of(player, spread)) {
      one.start();
      guess(one, "a basket");
      lift(one, 1);
      guess(one, "the queen");
    }

    Review review = Plays.review(player.activity(), player.sitting(), 9_000_000);
    assertThat(review.entries()).extracting(Entry::bare).containsExactly(0, 1);
    assertThat(review.others()).extracting(Review.Other::points).containsExactly(90);
    assertThat(review.find("q1").orElseThrow().parts()).containsExactly(2);
    Review wider = Plays.review(spread.activity(), spread.sitting(), 9_000_000);
    assertThat(wider.entries()).extracting(Entry::bare).containsExactly(0, 2);
    assertThat(wider.find("q1").orElseThrow().parts()).containsExactly(2, 5);
  }

  @Example
  void whatItIsStandsInTheTeachersOwnNotesAloneBeforeItIsGivenAway() {
    Player player = new Player(reveal(3, GuessRule.usual(), true));
    player.start();

    assertThat(scene(player, Audience.TEACHER).answer()).isEqualTo("the queen");
    assertThat(scene(player, Audience.PROJECTOR).answer()).isNull();
    assertThat(scene(player, Audience.PLAYER).answer()).isNull();
  }

  /** "100 points at once, 10 less for each piece": as it is written in the rules. */
  @Example
  void aRightGuessWinsAndIsWorthLessTheMoreIsBare() {
    Player player = new Player(reveal(3, GuessRule.usual(), false));
    player.start();
    assertThat(scene(player).worth()).isEqualTo(100);
    lift(player, 0);
    lift(player, 1);
    assertThat(scene(player).worth()).isEqualTo(80);

    assertThat(guess(player, "a worker").refusal()).isNull();
    assertThat(player.sitting().outcome()).isNull();
    guess(player, "Queen bee!");

    Outcome outcome = player.sitting().outcome();
    assertThat(outcome.won()).isTrue();
    assertThat(outcome.points()).isEqualTo(20 + 80);
    assertThat(scene(player).picture()).isEqualTo(PICTURE);
    assertThat(scene(player).answer()).isEqualTo("the queen");
    Showing showing = Plays.show(player.activity(), player.sitting(), Audience.PLAYER, 99_000);
    assertThat(showing.score().points()).isEqualTo(100);
  }

  @Example
  void aGuessCanBeMadeWhileAQuestionIsAskedAndWhileItsAnswerIsShown() {
    Player player = new Player(reveal(3, GuessRule.usual(), false));
    assertThat(guess(player, "the queen").refusal()).isEqualTo(Refusal.NOT_OPEN);
    player.start();
    player.play(new Action.Pick("q0"));
    guess(player, "a hive");
    assertThat(player.sitting().now()).isEqualTo("q0");
    player.pick("a");
    guess(player, "the queen");
    assertThat(player.sitting().outcome().won()).isTrue();
  }

  @Example
  void guessesAreUsedUpAndWhatWasSaidBeforeCostsNothing() {
    GuessRule two = new GuessRule(100, 10, 2, false, Extra.NONE);
    Player player = new Player(reveal(3, two, true));
    player.start();
    guess(player, "a hive");
    guess(player, "A HIVE");
    assertThat(scene(player).left()).isEqualTo(1);
    assertThat(guess(player, " ").refusal()).isEqualTo(Refusal.NO_NAME);
    assertThat(guess(player, "x".repeat(10_000)).refusal()).isEqualTo(Refusal.NO_NAME);
    guess(player, "a comb");

    assertThat(scene(player).guesses()).isFalse();
    assertThat(guess(player, "the queen").refusal()).isEqualTo(Refusal.NOT_OPEN);
    assertThat(player.sitting().outcome()).as("the pieces can still win").isNull();
    for (int i = 0; i < 3; i++) {
      lift(player, i);
    }
    assertThat(player.sitting().outcome().won()).isTrue();
    assertThat(player.sitting().outcome().points()).isEqualTo(30);
  }

  @Example
  void whereOnlyAGuessWinsTheLastWrongOneLoses() {
    GuessRule one = new GuessRule(100, 10, 1, false, Extra.NONE);
    Player player = new Player(reveal(3, one, false));
    player.start();
    guess(player, "a hive");
    assertThat(player.sitting().outcome().won()).isFalse();
    assertThat(scene(player).answer()).isEqualTo("the queen");
  }

  @Example
  void withAllPiecesUpTheGuessIsStillToBeMadeOrGivenUp() {
    Player player = new Player(reveal(2, GuessRule.usual(), false));
    player.start();
    lift(player, 0);
    RevealAction.StopGuessing stop = new RevealAction.StopGuessing();
    assertThat(player.play(new Action.Own(stop)).refusal()).isEqualTo(Refusal.NOT_OPEN);
    lift(player, 1);
    assertThat(player.sitting().stage()).isEqualTo(Stage.BOARD);
    assertThat(scene(player).onlyGuess()).isTrue();
    player.play(new Action.Own(stop));
    assertThat(player.sitting().outcome().won()).isFalse();
  }

  @Example
  void withAllPiecesUpAndNoRightGuessThePassMarkWinsIfTheTeacherAllowsIt() {
    Player player = new Player(reveal(2, GuessRule.usual(), true));
    player.start();
    lift(player, 0);
    lift(player, 1);
    player.play(new Action.Own(new RevealAction.StopGuessing()));
    assertThat(player.sitting().outcome().won()).isTrue();
    assertThat(player.sitting().outcome().possible()).isEqualTo(20);
  }

  @Example
  void oneQuestionMayLiftSeveralPiecesAndAPieceWithoutOneStays() {
    PictureReveal three = (PictureReveal) reveal(3, GuessRule.usual(), true).game();
    List<PicturePiece> pieces =
        List.of(
            PicturePiece.of("p0", "q0"), PicturePiece.of("p1", ""), PicturePiece.of("p2", "q0"));
    Player player = new Player(of(three.withPieces(pieces)));
    player.start();
    lift(player, 0);

    assertThat(lying(player))
        .containsExactly(
            RevealScene.Lying.LIFTED, RevealScene.Lying.BLANK, RevealScene.Lying.LIFTED);
    assertThat(scene(player).worth()).isEqualTo(80);
  }

  @Example
  void whatIsCoveredIsInNoShowingOfAPlayerAndItsDescriptionInNone() {
    Player player = new Player(reveal(3, GuessRule.usual(), true));
    player.start();
    lift(player, 2);
    Showing showing = Plays.show(player.activity(), player.sitting(), Audience.PLAYER, 1);
    String text = Codec.SHOWING.write(showing);

    assertThat(text).doesNotContain("queen").doesNotContain("Part 0").contains("Part 2");
    assertThat(scene(player).picture()).isNull();
    assertThat(scene(player).bare()).isEmpty();
    assertThat(scene(player).parts()).hasSize(1);
    assertThat(scene(player).parts().iterator().next().x()).isEqualTo(667);
    RevealScene front = scene(player, Audience.PROJECTOR);
    assertThat(front.picture().medium()).isEqualTo(PICTURE.medium());
    assertThat(front.picture().alt()).isEmpty();
    assertThat(front.ratio()).isEqualTo(1_500);
  }

  @Example
  void whereAnswersAreNeverToldALostPictureStaysCovered() {
    Activity activity = reveal(2, new GuessRule(100, 10, 1, false, Extra.NONE), false);
    Opening opening = new Opening("s", 0, false).withAnswers(Answers.NEVER);
    Player player = new Player(activity, Mover.PLAYER, opening);
    player.start();
    guess(player, "a hive");
    assertThat(scene(player).picture()).isNull();
    assertThat(scene(player).answer()).isNull();
  }

  @Example
  void inTeamsAGuessCountsForWhoMakesItAndEndsThePlay() {
    Activity activity = reveal(3, new GuessRule(100, 10, 1, true, Extra.NONE), false);
    Opening opening =
        new Opening("s", 0, false)
            .withTeams(
                List.of(
                    new Team("Ash", Team.Sign.LEAF),
                    new Team("Beech", Team.Sign.ACORN),
                    new Team("Cedar", Team.Sign.KITE)));
    Player player = new Player(activity.withRules(Rules.usual()), Mover.TEACHER, opening);
    player.start();
    assertThat(scene(player).asksWho()).isTrue();
    assertThat(player.play(new Action.Own(new RevealAction.Guess("a hive", 7))).refusal())
        .isEqualTo(Refusal.NO_SUCH_TEAM);
    player.play(new Action.Own(new RevealAction.Guess("a hive", 1)));
    assertThat(player.play(new Action.Own(new RevealAction.Guess("a comb", 1))).refusal())
        .isEqualTo(Refusal.NO_ENTRY_LEFT);
    assertThat(scene(player).lefts()).containsExactly(1, 0, 1);
    player.play(new Action.Own(new RevealAction.Guess("the queen", 2)));

    assertThat(player.sitting().front().points(2)).isEqualTo(100);
    assertThat(player.sitting().outcome().winners()).containsExactly(2);
  }

  @Example
  void testAidsWinAndLose() {
    for (boolean byPieces : new boolean[] {true, false}) {
      Activity activity = reveal(4, GuessRule.usual(), byPieces);
      Opening opening = new Opening("s", 0, true);
      assertThat(Plays.aided(activity, Plays.open(activity, opening), Aid.WIN, 9).outcome().won())
          .isTrue();
      assertThat(Plays.aided(activity, Plays.open(activity, opening), Aid.LOSS, 9).outcome().won())
          .isFalse();
    }
  }

  /** Whoever tries it out goes back to a question after the win: it is played on. */
  @Example
  void goingBackAfterAWinPlaysOn() {
    Player player =
        new Player(reveal(3, GuessRule.usual(), false), Mover.TEACHER, new Opening("s", 0, true));
    player.start();
    lift(player, 0);
    guess(player, "the queen");
    player.play(new Action.GoTo("q0"));
    assertThat(player.sitting().stage()).isEqualTo(Stage.QUESTION);
    assertThat(scene(player).guesses()).isTrue();
    assertThat(scene(player).worth()).isEqualTo(100);
    player.pickInTurn("a");
    guess(player, "the queen");
    assertThat(player.sitting().outcome().points()).isEqualTo(10 + 90);
  }

  @Example
  void anEmptyQuestionThatAPieceWaitsForIsNamed() {
    PictureReveal three = (PictureReveal) reveal(3, GuessRule.usual(), false).game();
    List<Question> questions = new ArrayList<>(three.questions());
    questions.set(1, new PickOne("q1", "", List.of(new Option("a", "", false)), Feedback.USUAL));
    Finding empty = own(of(three.withQuestions(questions))).getFirst();

    assertThat(empty.own()).isEqualTo(PictureRevealChecks.EMPTY_QUESTION);
    assertThat(empty.question()).isEqualTo("q1");
    assertThat(empty.values()).containsExactly("2");
  }

  @Example
  void readinessSeesWhatIsMissingAndWhatGivesTheAnswerAway() {
    PictureReveal three = (PictureReveal) reveal(3, GuessRule.usual(), false).game();
    PictureReveal five = three.cutAs(Cut.of(1, 5)).withPieces(List.of());
    Activity activity =
        of(
            five.accepting(List.of("Question q1"))
                .showing(new Picture(PICTURE.medium(), "", 90, 30, Extra.NONE)));
    List<Finding> found = own(activity);

    assertThat(found.stream().map(Finding::own).toList())
        .containsExactly(
            PictureRevealChecks.TOO_SMALL,
            PictureRevealChecks.GIVEN_AWAY,
            PictureRevealChecks.WITHOUT_QUESTION);
    assertThat(found.getLast().values()).containsExactly("2");
    PictureReveal mended = (PictureReveal) Games.mended(activity, found.getLast()).game();
    assertThat(Revealing.under(mended))
        .extracting(Under::question)
        .containsExactly("q0", "q1", "q2", "q0", "q1");
    List<PicturePiece> same =
        List.of(
            PicturePiece.of("p0", "q0"), PicturePiece.of("p1", "q0"), PicturePiece.of("p2", "q2"));
    assertThat(own(of(three.withPieces(same))).stream().map(Finding::own).toList())
        .containsExactly(PictureRevealChecks.WITHOUT_PIECE);
    Activity none = of(three.accepting(List.of(" ")).showing(null));
    assertThat(Games.readiness(none).winnable()).isEqualTo(Winnable.NEVER);
    assertThat(own(none).stream().map(Finding::own).toList())
        .contains(PictureRevealChecks.NO_ANSWER, PictureRevealChecks.NO_PICTURE);
  }

  /** What is found in this game alone. */
  private static List<Finding> own(Activity activity) {
    return Games.readiness(activity).findings().stream().filter(f -> f.own() != null).toList();
  }

  /** Hostile: 36 pieces and three questions, 10,000 guesses. */
  @Example
  void tenThousandGuessesAreBoundedAndThirtySixPiecesShareThreeQuestions() {
    PictureReveal three = (PictureReveal) reveal(3, GuessRule.usual(), true).game();
    PictureReveal many = Sharing.spread(three.cutAs(Cut.of(6, 6)));
    Player player = new Player(of(many));
    player.start();
    int taken = 0;
    for (int i = 0; i < 700; i++) {
      taken += guess(player, "guess " + i).refusal() == null ? 1 : 0;
    }
    assertThat(taken).isEqualTo(500);
    lift(player, 0);
    assertThat(lying(player)).filteredOn(RevealScene.Lying.LIFTED::equals).hasSize(12);
  }
}
