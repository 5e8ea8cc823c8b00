package bravium.core.games.picturereveal;

import bravium.core.games.GameAction;
import org.jspecify.annotations.Nullable;

/** What is done in a picture reveal alone. */
public final class RevealAction {

  private RevealAction() {}

  /**
   * Guesses what the whole picture shows.
   *
   * @param text as it was typed
   * @param team the place of the team that says it, from 0; null for the one whose turn it is, and
   *     where there are no teams
   */
  public record Guess(String text, @Nullable Integer team) implements GameAction {

    /** The longest text that is taken at all, in characters. */
    private static final int MOST = 20_000;

    /** Checks the length. */
    public Guess {
      if (text.length() > MOST) {
        throw new IllegalArgumentException("a guess has at most " + MOST + " characters");
      }
    }
  }

  /** Guesses no more, once no piece is left to lift. */
  public record StopGuessing() implements GameAction {}
}
