package bravium.core.play;

import com.fasterxml.jackson.annotation.JsonSubTypes;
import com.fasterxml.jackson.annotation.JsonTypeInfo;

/** What a move does. */
@JsonTypeInfo(use = JsonTypeInfo.Id.NAME, property = "kind")
@JsonSubTypes({
  @JsonSubTypes.Type(value = Action.Start.class, name = "start"),
  @JsonSubTypes.Type(value = Action.Answer.class, name = "answer"),
  @JsonSubTypes.Type(value = Action.Continue.class, name = "continue"),
  @JsonSubTypes.Type(value = Action.GoTo.class, name = "go-to"),
  @JsonSubTypes.Type(value = Action.TakeBack.class, name = "take-back")
})
public sealed interface Action {

  /** Leaves the title page. */
  record Start() implements Action {}

  /**
   * Answers the open question.
   *
   * @param attempt which try at it this is, from 1
   */
  record Answer(String question, int attempt, Response response) implements Action {}

  /**
   * Leaves the feedback; or, when trying out, passes over a question that can't be answered yet.
   */
  record Continue(String question) implements Action {}

  /** Opens a question out of turn: for the teacher. */
  record GoTo(String question) implements Action {}

  /**
   * Takes the last move back that still stands: for the teacher.
   *
   * @param move that move's key
   */
  record TakeBack(String move) implements Action {}
}
