package bravium.server.demo;

import bravium.core.activity.Activity;
import bravium.core.games.Games;
import bravium.core.play.Action;
import bravium.core.play.Engine;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.play.Opening;
import bravium.core.play.Played;
import bravium.core.play.Prepared;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.question.Discussion;
import bravium.core.question.FreeAnswer;
import bravium.core.question.Question;
import bravium.core.question.Response;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;

/** Invented learners: how one of them plays, the same each time. */
final class DemoClass {

  private static final List<String> WHY_HONEY =
      List.of(
          "In winter there are no flowers. They live on the honey until spring.",
          "because they like sweet things",
          "They eat it when it is cold outside, and it keeps them warm",
          "So that the beekeeper can sell it.",
          "In winter they cant fly out so they need food for months. Honey does not go bad!",
          "For the queen",
          "They keep each other warm and for that they need a lot of honey. Like when we run.",
          "I dont know");

  private static final List<String> WHICH_FLOWERS =
      List.of(
          "Lavender beside the gate, because it smells good and bees love it",
          "Sunflowers along the fence!",
          "Clover in the grass. Then we must not mow so often.",
          "Crocuses under the apple tree, so that there is something early in the year",
          "I would ask the beekeeper first",
          "Thyme in the boxes outside our classroom",
          "Borage, its flowers are blue and bees see blue well",
          "Wild flowers where nobody walks");

  /** How often a learner is right, in per cent. */
  private static final int[] ABILITY = {92, 78, 64, 85, 48, 70, 96, 58};

  /** Whoever came by the link: so many, of whom the last is the quickest and stops early. */
  static final int BY_LINK = ABILITY.length;

  private static final int STOPS_AFTER = 14;

  /** More than any game of the demo takes. */
  private static final int MOST_MOVES = 200;

  private final Prepared game;

  DemoClass(Activity activity) {
    this.game = Games.prepared(activity);
  }

  static Opening opening(int learner, long at) {
    return new Opening("demo " + learner, at + learner * 7_000L, false);
  }

  /** The moves of a learner's game, from 0. */
  List<Played> game(int learner, Opening opening) {
    return game(learner, opening, learner == BY_LINK - 1);
  }

  /**
   * The moves of a learner's game.
   *
   * @param learner from 0; the same one plays the same each time
   * @param stops whether she stops early
   */
  List<Played> game(int learner, Opening opening, boolean stops) {
    Random chance = new Random(31L * learner + opening.seed().hashCode());
    List<Played> moves = new ArrayList<>();
    Sitting sitting = Engine.open(game, opening);
    long at = opening.at();
    while (sitting.stage() != Stage.END && moves.size() <= (stops ? STOPS_AFTER : MOST_MOVES)) {
      at += 4_000 + chance.nextInt(14_000);
      Move move = new Move("m" + moves.size(), Mover.PLAYER, next(sitting, learner, chance));
      moves.add(new Played(move, at));
      sitting = Engine.play(game, sitting, move, at).sitting();
    }
    return moves;
  }

  private Action next(Sitting sitting, int learner, Random chance) {
    boolean right = chance.nextInt(100) < ABILITY[learner % ABILITY.length];
    Question question =
        sitting.stage() == Stage.QUESTION ? game.question(sitting.now()).orElseThrow() : null;
    String own =
        switch (question) {
          case FreeAnswer free -> WHY_HONEY.get(learner % WHY_HONEY.size());
          case Discussion talk -> WHICH_FLOWERS.get(learner % WHICH_FLOWERS.size());
          case null, default -> null;
        };
    if (own != null) {
      int attempt = sitting.effortFor(question.id()).tries() + 1;
      return new Action.Answer(question.id(), attempt, new Response.Typed(own));
    }
    return game.play()
        .aid(sitting, right)
        .orElseGet(() -> new Action.Continue(String.valueOf(sitting.now())));
  }
}
