package bravium.server.classes;

import bravium.core.play.Outcome;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * The term of a class: learners down, what they were given across, the first on the left.
 *
 * @param lines a learner each, by name
 */
public record ClassTerm(
    String classId, String className, List<TermColumn> columns, List<TermLine> lines) {

  /**
   * Something that was given.
   *
   * @param closes until when it could be played, by the clock at the school; null for no end
   */
  public record TermColumn(String assignment, String title, @Nullable String closes) {}

  /** A learner, with a cell for each column. */
  public record TermLine(String learner, String name, List<TermCell> cells) {}

  /**
   * What came of it.
   *
   * @param outcome of the game that counts; null until one has come to its end
   * @param why it was won or not, where its points don't show it; else null
   * @param sitting the id of that game, or of the one that runs; null where none was begun
   */
  public record TermCell(
      TermState state,
      boolean excused,
      @Nullable Outcome outcome,
      Outcome.@Nullable OutcomeReason why,
      @Nullable String sitting) {}

  /** How far it is. */
  public enum TermState {
    /** A game has come to its end. */
    @JsonProperty("done")
    DONE,
    /** One was begun. */
    @JsonProperty("at-it")
    AT_IT,
    /** It can be begun. */
    @JsonProperty("to-do")
    TO_DO,
    /** It is not open yet. */
    @JsonProperty("not-yet")
    NOT_YET,
    /** It was never begun, and is closed. */
    @JsonProperty("not-done")
    NOT_DONE,
    /** It is for others. */
    @JsonProperty("not-hers")
    NOT_HERS
  }
}
