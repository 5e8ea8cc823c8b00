package bravium.core.samples;

import bravium.core.activity.Activity;
import bravium.core.play.Action;
import bravium.core.play.Audience;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.play.Opening;
import bravium.core.play.Sitting;
import bravium.core.play.Turn;
import bravium.core.play.showing.Showing;
import bravium.core.question.Response;

/** Plays an activity in tests, move by move. */
public final class Player {

  private final Activity activity;
  private final Mover by;
  private Sitting sitting;
  private int keys;

  public Player(Activity activity) {
    this(activity, Mover.PLAYER, new Opening("a seed", 1_000, false));
  }

  public Player(Activity activity, Mover by, Opening opening) {
    this.activity = activity;
    this.by = by;
    this.sitting = Plays.open(activity, opening);
  }

  public Activity activity() {
    return activity;
  }

  public Sitting sitting() {
    return sitting;
  }

  /** What an audience may see at the moment of the last move. */
  public Showing showing(Audience audience) {
    return Plays.show(activity, sitting, audience, 1_000L * (sitting.log().size() + 2));
  }

  public Turn start() {
    return play(new Action.Start());
  }

  public Turn pick(String option) {
    return answer(new Response.Picked(option));
  }

  /** Picks one option after another, each for the question that is open then, and goes on. */
  public void pickInTurn(String... options) {
    for (String option : options) {
      pick(option);
      goOn();
    }
  }

  public Turn answer(Response response) {
    int attempt = sitting.effortFor(sitting.now()).tries() + 1;
    return play(new Action.Answer(sitting.now(), attempt, response));
  }

  public Turn goOn() {
    return play(new Action.Continue(sitting.now()));
  }

  public Turn play(Action action) {
    return send(new Move("k" + keys++, by, action));
  }

  public Turn send(Move move) {
    Turn turn = Plays.play(activity, sitting, move, 1_000L * (sitting.log().size() + 2));
    sitting = turn.sitting();
    return turn;
  }
}
