package bravium.server.classes;

import bravium.core.assignment.Glance;
import bravium.core.assignment.Standing;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What came back from a class on something that was given to it.
 *
 * @param className the class
 * @param columns the items, in the order in which they are written
 * @param lines a learner each, by name
 */
public record ClassGlance(
    String classId,
    String className,
    Given given,
    List<Glance.GlanceColumn> columns,
    List<GlanceLine> lines) {

  /**
   * A learner.
   *
   * @param excused whether she is left out of the sums
   * @param left whether she is in the class no more
   * @param goes how many games she has begun
   * @param counts the game that counts, as a line of the glance; null where she has begun none.
   *     While none has come to its end it is the one that runs
   * @param sitting the id of that game; null where there is none
   * @param ended whether that game has come to its end
   * @param cutOff whether her last game ended because the time was over
   */
  public record GlanceLine(
      String learner,
      String name,
      boolean excused,
      boolean left,
      Standing standing,
      int goes,
      Glance.@Nullable GlanceRow counts,
      @Nullable String sitting,
      boolean ended,
      boolean cutOff) {}
}
