package bravium.server.classes;

import bravium.core.play.Outcome;
import bravium.core.rich.Words;
import java.time.Instant;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * All that one learner did in her class.
 *
 * @param lines what she was given, the newest first
 */
public record LearnerRecord(String classId, String className, String name, List<RecordLine> lines) {

  /**
   * Something that she was given.
   *
   * @param cell what came of it
   * @param closes until when it could be played; null for no end
   * @param games all that she began, in that order
   */
  public record RecordLine(
      String assignment,
      String title,
      ClassTerm.TermCell cell,
      @Nullable String closes,
      List<RecordGame> games) {}

  /**
   * A game.
   *
   * @param endedAt null while it runs
   * @param comments what her teacher wrote to her answers, in their order
   */
  public record RecordGame(
      String sitting,
      Instant openedAt,
      @Nullable Instant endedAt,
      @Nullable Outcome outcome,
      List<Commented> comments) {}

  /** What her teacher wrote to an answer. */
  public record Commented(Words question, int points, int worth, String comment) {}
}
