package bravium.core.rehearsal;

import bravium.core.activity.Teams;
import bravium.core.play.Engine;
import bravium.core.play.Opening;
import bravium.core.play.Prepared;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import java.util.List;

/** Carries a play over to an edited activity. */
public final class LiveGame {

  private LiveGame() {}

  /** The sitting in the edited activity; a new one where nothing was done yet. */
  public static Sitting follow(Prepared game, Sitting before) {
    Teams teams = game.activity().rules().teams();
    Opening opening = before.opening().withTeams(teams == null ? List.of() : teams.list());
    return before.stage() == Stage.TITLE || !game.playable()
        ? Engine.open(game, opening)
        : game.play().follow(game, before, opening);
  }
}
