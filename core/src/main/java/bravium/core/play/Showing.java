package bravium.core.play;

import bravium.core.json.Root;
import com.fasterxml.jackson.annotation.JsonProperty;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What an audience may see now, and all that a player's browser gets of a play that counts. It
 * holds no answer that has not been given away.
 *
 * @param at the moment it shows, in milliseconds since 1970
 * @param question null on the title page and at the end
 * @param feedback only once the question is answered
 * @param ending only at the end
 * @param notes only for the teacher
 */
@Root
public record Showing(
    long at,
    Stage stage,
    Cover cover,
    PassMark passMark,
    Scorecard score,
    List<Markers.Marker> markers,
    @Nullable Asked question,
    @Nullable Told feedback,
    @Nullable Closing ending,
    @Nullable Notes notes) {

  /** The title page. */
  public record Cover(
      String title,
      @Nullable String subject,
      @Nullable Integer year,
      @Nullable String introduction) {}

  /**
   * The question that is shown.
   *
   * @param number its place among those asked, from 1
   * @param attempt which try comes next, from 1
   */
  public record Asked(
      String id,
      Kind kind,
      int number,
      int attempt,
      int worth,
      String text,
      List<Choice> choices) {}

  /** How a question is answered. */
  public enum Kind {
    /** By picking one of its options. */
    @JsonProperty("pick-one")
    PICK_ONE,
    /** By saying whether it is true. */
    @JsonProperty("true-false")
    TRUE_FALSE
  }

  /**
   * An option as it is shown.
   *
   * @param text blank for true and false, whose words are the interface's
   */
  public record Choice(String id, String text) {}

  /**
   * What is said to an answer.
   *
   * @param right the ids of the right options, given away now
   * @param text the teacher's words; null for the usual ones
   */
  public record Told(
      Verdict verdict,
      int points,
      @Nullable Response response,
      List<String> right,
      @Nullable String text) {}

  /**
   * The end.
   *
   * @param text the teacher's words; null for the usual ones
   * @param answers the questions that were answered, in the order they were asked
   */
  public record Closing(Outcome outcome, @Nullable String text, List<Answered> answers) {}

  /** A question, what was answered and what is right, looked back at. */
  public record Answered(Asked question, Told told) {}

  /**
   * For the teacher's eyes.
   *
   * @param right the ids of the right options of the question that is shown
   * @param next the text of the question after it; null if it is the last
   */
  public record Notes(List<String> right, @Nullable String next) {}
}
