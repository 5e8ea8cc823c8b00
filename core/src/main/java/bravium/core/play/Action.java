package bravium.core.play;

import bravium.core.question.Response;
import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;
import org.jspecify.annotations.Nullable;

/** What a move does. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Action.Start.class, name = "start"),
  @JsonSubTypes.Type(value = Action.Answer.class, name = "answer"),
  @JsonSubTypes.Type(value = Action.Continue.class, name = "continue"),
  @JsonSubTypes.Type(value = Action.Hint.class, name = "hint"),
  @JsonSubTypes.Type(value = Action.Settle.class, name = "settle"),
  @JsonSubTypes.Type(value = Action.Mark.class, name = "mark"),
  @JsonSubTypes.Type(value = Action.GoTo.class, name = "go-to"),
  @JsonSubTypes.Type(value = Action.TakeBack.class, name = "take-back")
})
public sealed interface Action {

  /** The most characters of a teacher's comment. */
  int LONGEST_COMMENT = 2_000;

  /** Leaves the title page. */
  record Start() implements Action {}

  /**
   * Answers the open question.
   *
   * @param attempt which try at it this is, from 1
   * @param held the milliseconds for which the device could not reach anybody with it; null for
   *     none. They are made up for, up to a bound
   */
  record Answer(String question, int attempt, Response response, @Nullable Long held)
      implements Action {

    /** An answer that came through at once. */
    public Answer(String question, int attempt, Response response) {
      this(question, attempt, response, null);
    }
  }

  /**
   * Leaves the feedback: to the next question, or to the same one where it may be tried again.
   * Leaves information that was read; or, when trying out, a question that can't be answered yet.
   * The teacher leaves a discussion so that the class talked over and nobody wrote to.
   */
  record Continue(String question) implements Action {}

  /** Takes the next hint for the open question. */
  record Hint(String question) implements Action {}

  /** Leaves it at the best try so far, though another is left. */
  record Settle(String question) implements Action {}

  /**
   * Marks an answer that only the teacher can mark: for the teacher, at any time.
   *
   * @param points 0 to the question's worth
   * @param comment at most {@value #LONGEST_COMMENT} characters; null for none
   */
  record Mark(String question, int points, @Nullable String comment) implements Action {

    /** Checks the comment's length. */
    public Mark {
      if (comment != null && comment.length() > LONGEST_COMMENT) {
        throw new IllegalArgumentException(
            "a comment has at most " + LONGEST_COMMENT + " characters");
      }
    }
  }

  /** Opens a question out of turn: for the teacher. */
  record GoTo(String question) implements Action {}

  /**
   * Takes the last move back that still stands: for the teacher.
   *
   * @param move that move's key
   */
  record TakeBack(String move) implements Action {}
}
