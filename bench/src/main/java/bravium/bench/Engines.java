package bravium.bench;

import bravium.core.activity.Activity;
import bravium.core.codec.Codec;
import bravium.core.games.Games;
import bravium.core.play.Action;
import bravium.core.play.Audience;
import bravium.core.play.Chance;
import bravium.core.play.Engine;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.play.Opening;
import bravium.core.play.Prepared;
import bravium.core.play.Sitting;
import bravium.core.play.showing.Showing;
import bravium.core.question.Question;
import bravium.core.question.Response;
import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * Moves a second on the JVM and in Node, alone and each with what the player sees after it; beside
 * them, where it was built, the engine as it was before it learned other games.
 */
final class Engines {

  private static final int QUESTIONS = 20;
  private static final int PLAYS = 10_000;
  private static final double SECONDS = 2;

  private final Path root;
  private final Path folder;

  /** Where the old engine's commit was built; null where it was not. */
  private final @Nullable Path old;

  /** Moves a second. */
  record Speed(double alone, double withShowing) {

    static Speed of(String line) {
      String[] figures = line.strip().split(" ");
      return new Speed(Double.parseDouble(figures[0]), Double.parseDouble(figures[1]));
    }
  }

  Engines(Path root, Path folder, @Nullable Path old) throws IOException {
    this.root = root;
    this.folder = folder;
    this.old = old;
    Files.writeString(
        folder.resolve("game.json"),
        "{\"activity\":%s,\"moves\":%s}"
            .formatted(
                Codec.ACTIVITY.write(Quizzes.of("Engine", QUESTIONS)),
                Codec.MOVE.writeList(Quizzes.moves(QUESTIONS))));
  }

  boolean comparesWithOld() {
    return old != null;
  }

  Speed onTheJvm() {
    Prepared game = Games.prepared(Quizzes.of("Engine", QUESTIONS));
    List<Move> moves = Quizzes.moves(QUESTIONS);
    play(game, moves, false);
    play(game, moves, true);
    return new Speed(play(game, moves, false), play(game, moves, true));
  }

  private static double play(Prepared game, List<Move> moves, boolean shows) {
    long begin = System.nanoTime();
    long count = 0;
    while (System.nanoTime() - begin < SECONDS * 1e9) {
      Sitting sitting = Engine.open(game, new Opening("seed " + count, 0, false));
      for (Move move : moves) {
        sitting = Engine.play(game, sitting, move, count++).sitting();
        if (shows) {
          Showing.of(game, sitting, Audience.PLAYER, count);
        }
      }
    }
    return count / ((System.nanoTime() - begin) / 1e9);
  }

  Speed inNode() throws IOException, InterruptedException {
    return inNode("bench/src/main/js/play.mjs", root.resolve("engine-js/target/js/engine.js"));
  }

  Speed oldInNode() throws IOException, InterruptedException {
    return inNode("bench/src/main/old/play.mjs", old.resolve("engine-js/target/js/engine.js"));
  }

  private Speed inNode(String script, Path engine) throws IOException, InterruptedException {
    Path module = Files.createTempFile(folder, "engine", ".mjs");
    Files.write(module, Files.readAllBytes(engine));
    return Speed.of(
        printed(
            "node",
            root.resolve(script).toString(),
            module.toString(),
            folder.resolve("game.json").toString(),
            String.valueOf(SECONDS)));
  }

  Speed oldOnTheJvm() throws IOException, InterruptedException {
    String java = Path.of(System.getProperty("java.home"), "bin", "java").toString();
    String classes = Files.readString(old.resolve("bench/target/classpath")).strip();
    return Speed.of(
        printed(java, "-cp", classes, "bravium.bench.OldEngine", String.valueOf(SECONDS)));
  }

  private static String printed(String... command) throws IOException, InterruptedException {
    Process process =
        new ProcessBuilder(command).redirectError(ProcessBuilder.Redirect.INHERIT).start();
    String out = new String(process.getInputStream().readAllBytes(), StandardCharsets.UTF_8);
    if (process.waitFor() != 0) {
      throw new IllegalStateException(String.join(" ", command) + " did not come to its end");
    }
    return out;
  }

  /** The seconds of 10,000 plays through the way in without log and key. */
  static double playsWithoutLog() {
    Activity activity = Quizzes.of("Engine", QUESTIONS);
    Prepared game = Games.prepared(activity);
    List<Action> actions = Quizzes.moves(QUESTIONS).stream().map(Move::action).toList();
    return best(
        () -> {
          long points = 0;
          for (int i = 0; i < PLAYS; i++) {
            Sitting sitting = Engine.open(game, new Opening("seed " + i, 0, false));
            for (Action action : actions) {
              sitting = Engine.act(game, sitting, Mover.PLAYER, action, i).sitting();
            }
            points += sitting.outcome().points();
          }
          return points;
        });
  }

  /** The seconds of a bare loop that draws and marks as many answers. */
  static double drawsAndMarks() {
    List<Question> questions = Quizzes.of("Engine", QUESTIONS).game().questions();
    List<Response> responses = new ArrayList<>();
    for (int i = 0; i < QUESTIONS; i++) {
      responses.add(new Response.Picked("o" + i % 3));
    }
    return best(
        () -> {
          long points = 0;
          for (int i = 0; i < PLAYS; i++) {
            List<Question> drawn = Chance.of("seed " + i, "questions").shuffled(questions);
            for (int q = 0; q < drawn.size(); q++) {
              drawn.get(q).items();
              points += drawn.get(q).mark(responses.get(q)).pointsOf(10);
            }
          }
          return points;
        });
  }

  private interface Counting {

    long count();
  }

  private static double best(Counting work) {
    double best = Double.MAX_VALUE;
    long kept = 0;
    for (int i = 0; i < 6; i++) {
      long begin = System.nanoTime();
      kept += work.count();
      best = Math.min(best, (System.nanoTime() - begin) / 1e9);
    }
    if (kept == 0) {
      throw new IllegalStateException("nothing was counted");
    }
    return best;
  }
}
