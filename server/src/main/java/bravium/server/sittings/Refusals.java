package bravium.server.sittings;

import bravium.core.play.Refusal;
import bravium.core.play.Turn;
import bravium.server.problems.Problem;
import java.util.Locale;

/** The engine's refusals in words. */
public final class Refusals {

  private Refusals() {}

  /** The turn, if it was taken. */
  public static Turn taken(Turn turn) {
    Refusal refusal = turn.refusal();
    if (refusal == null) {
      return turn;
    }
    throw Problem.conflict(key(refusal), words(refusal) + " Nothing was changed.");
  }

  private static String key(Refusal refusal) {
    return refusal.name().toLowerCase(Locale.ROOT).replace('_', '-');
  }

  private static String words(Refusal refusal) {
    return switch (refusal) {
      case NOT_OPEN -> "This is not open now: the game has moved on, or is not there yet.";
      case NO_SUCH_OPTION -> "This question can't be answered that way.";
      case NO_FIGURE -> "Write the number in figures, please. This cost no try.";
      case NO_SUCH_TEAM -> "Give a team the turn first.";
      case NO_HINT_LEFT -> "There is no further hint.";
      case NO_SUCH_MARK -> "A mark is from 0 to what the question is worth.";
      case NO_SUCH_QUESTION -> "This game has no such question.";
      case NOTHING_TO_ASK -> "There is no question to ask yet.";
      case FOR_THE_TEACHER -> "Only the teacher can do this.";
      case KEY_USED -> "This move carries the key of another one.";
      case NO_NAME -> "That is no name: it has no letters, or far too many.";
      case NO_ENTRY_LEFT -> "There are no goes left.";
      case NOT_REACHED -> "Nothing can be skipped here: this comes later.";
      case PASSED -> "You can't go back here.";
      case TOO_SOON -> "Nobody can have watched that much in the time that has passed.";
      case UNKNOWN_GAME -> "This version of Bravium can't play this game yet.";
    };
  }
}
