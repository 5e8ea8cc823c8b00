package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.play.showing.Showing;
import bravium.core.question.Response;
import bravium.core.samples.Activities;
import bravium.core.samples.Player;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What is typed for a number and says none. */
class NoFigureTest {

  private static final Activity HOW_MANY =
      Activities.quiz(
          Activities.asWritten(null, 50),
          List.of(Activities.number("q", "How many legs has a bee?", "6")));

  private static Player begun() {
    Player player = new Player(HOW_MANY);
    player.start();
    return player;
  }

  private static Turn types(Player player, String text) {
    return player.answer(new Response.Typed(text));
  }

  @Test
  void isAskedForInFiguresAndCostsNoTry() {
    Player player = begun();

    assertThat(types(player, "half a dozen").refusal()).isEqualTo(Refusal.NO_FIGURE);
    assertThat(player.sitting().stage()).isEqualTo(Stage.QUESTION);
    assertThat(player.sitting().effortFor("q").tries()).isZero();

    assertThat(types(player, "6 legs").refusal()).isNull();
    assertThat(player.showing(Audience.PLAYER).score().right()).isEqualTo(1);
  }

  @Test
  void aWordForTheNumberIsRightAndOneForAnotherIsWrong() {
    Player six = begun();
    types(six, "six");
    Showing right = six.showing(Audience.PLAYER);
    assertThat(right.score().right()).isEqualTo(1);

    Player eight = begun();
    types(eight, "eight");
    assertThat(eight.showing(Audience.PLAYER).score().wrong()).isEqualTo(1);
  }

  @Test
  void aQuestionMarkIsAnAnswer() {
    Player player = begun();

    assertThat(types(player, "?").refusal()).isNull();
    assertThat(player.showing(Audience.PLAYER).score().wrong()).isEqualTo(1);
  }
}
