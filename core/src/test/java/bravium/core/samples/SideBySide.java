package bravium.core.samples;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.codec.Codec;
import bravium.core.games.Games;
import bravium.core.games.Twin;
import bravium.core.play.Audience;
import bravium.core.play.Effort;
import bravium.core.play.Engine;
import bravium.core.play.Move;
import bravium.core.play.Opening;
import bravium.core.play.Prepared;
import bravium.core.play.Sitting;
import bravium.core.play.Talk;
import bravium.core.play.showing.Showing;
import bravium.core.question.Sorting;
import java.util.List;
import java.util.Random;

/** An activity and a twin of it, played side by side with the same moves. */
public final class SideBySide {

  private static final int STEPS = 30;

  private SideBySide() {}

  /** When two plays may look different. */
  public interface GivenAway {

    /** Whether what the item is about was given away in one of the two. */
    boolean in(Sitting one, Sitting two, String item);
  }

  /**
   * Whether it is said as it goes, by the teacher's rule or by her: cards were laid that are marked
   * at once or after each try, or what is right was given away.
   */
  public static boolean saidAsItGoes(Prepared game, Sitting sitting, String item) {
    Effort effort = sitting.effortFor(item);
    boolean says =
        game.question(item).orElse(null) instanceof Sorting sorting && sorting.misplaced() != null;
    boolean opened = sitting.front().talk(item).map(Talk::opened).orElse(false);
    return opened || !effort.laid().isEmpty() || says && effort.tries() > 0;
  }

  /** Any twin of it looks the same to the byte until something is given away. */
  public static void looksAlike(Random random, Activity activity, GivenAway givenAway) {
    Opening opening = new Opening("s", 0, false);
    List<Twin> twins = Games.twins(activity, opening).toList();
    if (twins.isEmpty()) {
      return;
    }
    Twin twin = twins.get(random.nextInt(twins.size()));
    Prepared here = Games.prepared(activity);
    Prepared there = Games.prepared(twin.activity());
    Sitting one = Engine.open(here, opening);
    Sitting two = Engine.open(there, twin.opening());
    RandomMoves moves = new RandomMoves(random);
    for (int step = 0; step < STEPS; step++) {
      if (givenAway.in(one, two, twin.item()) || saidAsItGoes(here, one, twin.item())) {
        return;
      }
      for (Audience audience : List.of(Audience.PLAYER, Audience.PROJECTOR)) {
        assertThat(Codec.SHOWING.write(Showing.of(there, two, audience, step)))
            .isEqualTo(Codec.SHOWING.write(Showing.of(here, one, audience, step)));
      }
      Move move = moves.fitting(activity, one);
      one = Engine.play(here, one, move, step).sitting();
      two = Engine.play(there, two, move, step).sitting();
    }
  }
}
