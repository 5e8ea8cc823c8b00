package bravium.core.games.wordhunt;

import bravium.core.games.GameAction;
import org.jspecify.annotations.Nullable;

/** What is done in a word hunt alone. */
public final class HuntAction {

  private HuntAction() {}

  /**
   * Enters a name.
   *
   * @param text as it was typed, or picked from the list
   * @param team the place of the team that said it, from 0; null for the one whose turn it is, and
   *     where there are no teams
   */
  public record Enter(String text, @Nullable Integer team) implements GameAction {

    /** The longest text that is taken at all, in characters. */
    private static final int MOST = 20_000;

    /** Checks the length. */
    public Enter {
      if (text.length() > MOST) {
        throw new IllegalArgumentException("an entry has at most " + MOST + " characters");
      }
    }
  }

  /** Asks for the list of names to pick from. It stays. */
  public record ShowNames() implements GameAction {}

  /** Looks no further: what is missing is shown. */
  public record GiveUp() implements GameAction {}
}
