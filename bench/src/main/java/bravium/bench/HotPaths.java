package bravium.bench;

import bravium.core.activity.Activity;
import bravium.core.games.Games;
import bravium.core.play.Action;
import bravium.core.play.Audience;
import bravium.core.play.Engine;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.play.Opening;
import bravium.core.play.Prepared;
import bravium.core.play.Sitting;
import bravium.core.play.showing.Showing;
import java.util.List;
import java.util.concurrent.TimeUnit;
import org.openjdk.jmh.annotations.Benchmark;
import org.openjdk.jmh.annotations.BenchmarkMode;
import org.openjdk.jmh.annotations.Fork;
import org.openjdk.jmh.annotations.Measurement;
import org.openjdk.jmh.annotations.Mode;
import org.openjdk.jmh.annotations.OutputTimeUnit;
import org.openjdk.jmh.annotations.Param;
import org.openjdk.jmh.annotations.Scope;
import org.openjdk.jmh.annotations.Setup;
import org.openjdk.jmh.annotations.State;
import org.openjdk.jmh.annotations.Warmup;

/**
 * What is hot in the engine, measured by JMH ({@code ./bravium bench --jmh}): a whole play of a
 * quiz show with its log, the same with what is seen after each move, and without log and key.
 */
@State(Scope.Benchmark)
@BenchmarkMode(Mode.AverageTime)
@OutputTimeUnit(TimeUnit.MICROSECONDS)
@Warmup(iterations = 2, time = 1)
@Measurement(iterations = 3, time = 1)
@Fork(1)
public class HotPaths {

  /** How many questions are asked. */
  @Param({"10", "200"})
  public int questions;

  private Prepared game;
  private List<Move> moves;

  /** Makes the game ready that is played. */
  @Setup
  public void prepare() {
    Activity activity = Quizzes.of("Hot", questions);
    game = Games.prepared(activity);
    moves = Quizzes.moves(questions);
  }

  private Sitting open() {
    return Engine.open(game, new Opening("seed", 0, false));
  }

  /** A play with its log. */
  @Benchmark
  public Sitting played() {
    Sitting sitting = open();
    for (Move move : moves) {
      sitting = Engine.play(game, sitting, move, 0).sitting();
    }
    return sitting;
  }

  /** A play with what its player sees after each move. */
  @Benchmark
  public int shown() {
    Sitting sitting = open();
    int markers = 0;
    for (Move move : moves) {
      sitting = Engine.play(game, sitting, move, 0).sitting();
      markers += Showing.of(game, sitting, Audience.PLAYER, 0).markers().size();
    }
    return markers;
  }

  /** A play without log and key. */
  @Benchmark
  public Sitting simulated() {
    Sitting sitting = open();
    for (Move move : moves) {
      Action action = move.action();
      sitting = Engine.act(game, sitting, Mover.PLAYER, action, 0).sitting();
    }
    return sitting;
  }
}
