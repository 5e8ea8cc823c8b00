package bravium.core.play;

import bravium.core.json.Root;
import com.fasterxml.jackson.annotation.JsonProperty;

/** Why a move was not taken. A refused move changes nothing. */
@Root
public enum Refusal {
  /** It answers what is not open, or no longer. */
  @JsonProperty("not-open")
  NOT_OPEN,
  /** The answer is of another sort than the question, or names what the question doesn't have. */
  @JsonProperty("no-such-option")
  NO_SUCH_OPTION,
  /** What was typed for a number has no figure in it. */
  @JsonProperty("no-figure")
  NO_FIGURE,
  /** No team has the turn yet, or there is no such team. */
  @JsonProperty("no-such-team")
  NO_SUCH_TEAM,
  /** There is no hint left. */
  @JsonProperty("no-hint-left")
  NO_HINT_LEFT,
  /** A mark has more points than the question is worth, or fewer than 0. */
  @JsonProperty("no-such-mark")
  NO_SUCH_MARK,
  /** There is no such question. */
  @JsonProperty("no-such-question")
  NO_SUCH_QUESTION,
  /** There is nothing to ask. */
  @JsonProperty("nothing-to-ask")
  NOTHING_TO_ASK,
  /** Only the teacher can do this. */
  @JsonProperty("for-the-teacher")
  FOR_THE_TEACHER,
  /** The key was used for another move. */
  @JsonProperty("key-used")
  KEY_USED,
  /** What was entered is no name: nothing but signs, or far too long. */
  @JsonProperty("no-name")
  NO_NAME,
  /** All entries are used up: those of this team, where teams play. */
  @JsonProperty("no-entry-left")
  NO_ENTRY_LEFT,
  /** It is about what comes later, and nothing may be skipped. */
  @JsonProperty("not-reached")
  NOT_REACHED,
  /** It is about what has passed, and nobody may go back. */
  @JsonProperty("passed")
  PASSED,
  /** It tells of more than can have been done in the time that has passed. */
  @JsonProperty("too-soon")
  TOO_SOON,
  /** This version can't play this game. */
  @JsonProperty("unknown-game")
  UNKNOWN_GAME
}
