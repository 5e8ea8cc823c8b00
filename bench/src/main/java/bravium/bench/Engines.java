package bravium.bench;

import bravium.core.codec.Codec;
import bravium.core.games.Games;
import bravium.core.play.Audience;
import bravium.core.play.Engine;
import bravium.core.play.Move;
import bravium.core.play.Opening;
import bravium.core.play.Prepared;
import bravium.core.play.Sitting;
import bravium.core.play.showing.Showing;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

/** Moves a second, each with what the player sees after it, on the JVM and in Node. */
final class Engines {

  private static final int QUESTIONS = 20;
  private static final double SECONDS = 3;

  private Engines() {}

  static double onTheJvm() {
    Prepared game = Games.prepared(Quizzes.of("Engine", QUESTIONS));
    List<Move> moves = Quizzes.moves(QUESTIONS);
    play(game, moves, SECONDS);
    return play(game, moves, SECONDS);
  }

  private static double play(Prepared game, List<Move> moves, double seconds) {
    long begin = System.nanoTime();
    long count = 0;
    while (System.nanoTime() - begin < seconds * 1e9) {
      Sitting sitting = Engine.open(game, new Opening("seed " + count, 0, false));
      for (Move move : moves) {
        sitting = Engine.play(game, sitting, move, count++).sitting();
        Showing.of(game, sitting, Audience.PLAYER, count);
      }
    }
    return count / ((System.nanoTime() - begin) / 1e9);
  }

  static double inNode(Path root, Path folder) throws IOException, InterruptedException {
    Path engine =
        Files.copy(root.resolve("engine-js/target/js/engine.js"), folder.resolve("engine.mjs"));
    Path game = folder.resolve("game.json");
    Files.writeString(
        game,
        "{\"activity\":%s,\"moves\":%s}"
            .formatted(
                Codec.ACTIVITY.write(Quizzes.of("Engine", QUESTIONS)),
                Codec.MOVE.writeList(Quizzes.moves(QUESTIONS))));
    Process node =
        new ProcessBuilder(
                "node",
                root.resolve("bench/src/main/js/play.mjs").toString(),
                engine.toString(),
                game.toString(),
                String.valueOf(SECONDS))
            .redirectError(ProcessBuilder.Redirect.INHERIT)
            .start();
    String out = new String(node.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    node.waitFor();
    return Double.parseDouble(out.strip());
  }
}
