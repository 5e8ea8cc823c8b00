package bravium.bench;

import bravium.core.activity.Activity;
import bravium.core.play.Audience;
import bravium.core.play.Engine;
import bravium.core.play.Move;
import bravium.core.play.Opening;
import bravium.core.play.Sitting;
import java.util.List;

/**
 * Prints how many moves a second the engine made before it learned other games: alone, and each
 * with what the player sees after it. Compiled by the script {@code bravium} against the classes of
 * that commit, and never by Maven.
 */
final class OldEngine {

  private static final int QUESTIONS = 20;

  private OldEngine() {}

  public static void main(String[] arguments) {
    double seconds = Double.parseDouble(arguments[0]);
    Activity activity = Quizzes.of("Engine", QUESTIONS);
    List<Move> moves = Quizzes.moves(QUESTIONS);
    play(activity, moves, seconds, false);
    play(activity, moves, seconds, true);
    System.out.println(
        play(activity, moves, seconds, false) + " " + play(activity, moves, seconds, true));
  }

  private static double play(Activity activity, List<Move> moves, double seconds, boolean shows) {
    long begin = System.nanoTime();
    long count = 0;
    while (System.nanoTime() - begin < seconds * 1e9) {
      Sitting sitting = Engine.open(activity, new Opening("seed " + count, 0, false));
      for (Move move : moves) {
        sitting = Engine.play(activity, sitting, move, count++).sitting();
        if (shows) {
          Engine.show(activity, sitting, Audience.PLAYER, count);
        }
      }
    }
    return count / ((System.nanoTime() - begin) / 1e9);
  }
}
