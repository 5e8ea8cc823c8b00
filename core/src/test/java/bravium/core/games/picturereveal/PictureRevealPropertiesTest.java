package bravium.core.games.picturereveal;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.codec.Codec;
import bravium.core.games.Games;
import bravium.core.play.Action;
import bravium.core.play.Audience;
import bravium.core.play.Engine;
import bravium.core.play.Opening;
import bravium.core.play.Prepared;
import bravium.core.play.Result;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Verdict;
import bravium.core.play.showing.Showing;
import bravium.core.samples.RandomActivities;
import bravium.core.samples.RandomMoves;
import bravium.core.samples.RandomReveals;
import bravium.core.samples.SideBySide;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** What holds in every picture reveal, whatever is done. */
class PictureRevealPropertiesTest {

  @Property(tries = 300)
  void piecesAnswersAndTheWorthOfAGuessAgree(@ForAll long seed) {
    Random random = new Random(seed);
    Activity activity = new RandomReveals(random).any();
    PictureReveal reveal = (PictureReveal) activity.game();
    Opening opening = new RandomActivities(random).atTheFront(activity, "s", 0);
    Prepared game = Games.prepared(activity);
    Sitting sitting = Engine.open(game, opening);
    RandomMoves moves = new RandomMoves(random);
    for (int i = 0; i < 40; i++) {
      sitting = Engine.play(game, sitting, moves.next(activity, sitting), i).sitting();
      agree(reveal, game, sitting);
    }
    assertThat(Engine.rebuild(game, opening, sitting.log().standing()).results())
        .isEqualTo(sitting.results());
  }

  private static void agree(PictureReveal reveal, Prepared game, Sitting sitting) {
    List<String> right =
        sitting.results().stream()
            .filter(result -> result.verdict() == Verdict.RIGHT)
            .map(Result::question)
            .toList();
    long lifting =
        reveal.laid().stream()
            .filter(laid -> right.contains(String.valueOf(laid.piece().question())))
            .count();
    RevealScene scene = (RevealScene) Showing.of(game, sitting, Audience.PLAYER, 99).scene();
    int worth = Math.max(0, reveal.guessing().first() - (int) lifting * reveal.guessing().less());
    assertThat(scene.worth()).isEqualTo(worth);
    if (sitting.stage() != Stage.TITLE) {
      long lifted =
          scene.pieces().stream()
              .filter(piece -> piece.lying() == RevealScene.Lying.LIFTED)
              .count();
      assertThat(lifted).isEqualTo(lifting);
      assertThat(scene.pieces()).hasSize(reveal.cut().size());
    }
    if (sitting.stage() != Stage.END) {
      assertThat(scene.picture()).isNull();
      assertThat(scene.parts()).hasSizeLessThanOrEqualTo((int) lifting);
    }
    Result guess = sitting.resultOf(RevealCourse.GUESS).orElse(null);
    if (guess != null && guess.verdict() == Verdict.RIGHT) {
      // What the teacher marks later lifts a piece or lays it back; the guess was made before.
      boolean marked =
          sitting.log().stream().anyMatch(p -> p.move().action() instanceof Action.Mark);
      assertThat(marked || guess.points() == worth).isTrue();
      assertThat(sitting.stage()).isEqualTo(Stage.END);
      boolean teams = sitting.opening().inTeams();
      assertThat(teams || sitting.outcome().won()).isTrue();
    }
    if (sitting.outcome() != null && !sitting.opening().inTeams()) {
      assertThat(Showing.of(game, sitting, Audience.PLAYER, 99).score().points())
          .isEqualTo(sitting.outcome().points());
    }
  }

  /** Answer, description, what is said of a piece, and what is right for a question. */
  @Property(tries = 400)
  void nothingShowsBeforeItIsGivenAway(@ForAll long seed) {
    Random random = new Random(seed);
    Activity activity = new RandomReveals(random).finished(1 + random.nextInt(5));
    SideBySide.looksAlike(random, activity, PictureRevealPropertiesTest::givenAway);
  }

  private static boolean givenAway(Sitting one, Sitting two, String item) {
    boolean tried = one.effortFor(item).tries() > 0;
    return one.stage() == Stage.END
        || tried
        || one.resultOf(item).isPresent()
        || two.resultOf(item).isPresent();
  }

  @Property(tries = 200)
  void whatIsWrittenIsReadAgain(@ForAll long seed) {
    Activity activity = new RandomReveals(new Random(seed)).any();
    assertThat(Codec.ACTIVITY.read(Codec.ACTIVITY.write(activity))).isEqualTo(activity);
    assertThat(Games.readinessWithMends(activity)).isNotNull();
  }
}
