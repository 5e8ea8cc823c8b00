package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.play.showing.Hardness;
import bravium.core.play.showing.Review;
import bravium.core.samples.Activities;
import bravium.core.samples.Player;
import bravium.core.samples.Plays;
import java.util.ArrayList;
import java.util.List;
import net.jqwik.api.Example;

/** How hard questions proved in past games. */
class HardnessTest {

  @Example
  void whatFewerGotRightComesLater() {
    Activity activity = Activities.quiz(Activities.asWritten(null, 50), 4);
    List<Review> games = new ArrayList<>();
    for (String[] answers :
        new String[][] {{"b", "a", "a", "b"}, {"b", "b", "a", "a"}, {"b", "b", "a"}}) {
      Player player = new Player(activity);
      player.start();
      player.pickInTurn(answers);
      games.add(Plays.review(activity, player.sitting(), 99_000));
    }
    // Right: none, one and three of three; the last was settled twice, once right.
    assertThat(Hardness.fromEasy(games)).containsExactly("q3", "q4", "q2", "q1");
    assertThat(Hardness.fromEasy(List.of())).isEmpty();
  }
}
