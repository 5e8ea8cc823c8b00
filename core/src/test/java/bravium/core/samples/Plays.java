package bravium.core.samples;

import bravium.core.activity.Activity;
import bravium.core.games.Games;
import bravium.core.play.Audience;
import bravium.core.play.Engine;
import bravium.core.play.Move;
import bravium.core.play.Opening;
import bravium.core.play.Outcome;
import bravium.core.play.Played;
import bravium.core.play.Sitting;
import bravium.core.play.Turn;
import bravium.core.play.showing.Review;
import bravium.core.play.showing.Showing;
import bravium.core.question.Question;
import bravium.core.rehearsal.Aid;
import bravium.core.rehearsal.LiveGame;
import bravium.core.rehearsal.TestAids;
import java.util.List;
import java.util.Optional;

/** The engine as tests call it: with the activity itself, made ready anew each time. */
public final class Plays {

  private Plays() {}

  public static Sitting open(Activity activity, Opening opening) {
    return Engine.open(Games.prepared(activity), opening);
  }

  public static Turn play(Activity activity, Sitting sitting, Move move, long at) {
    return Engine.play(Games.prepared(activity), sitting, move, at);
  }

  public static Sitting rebuild(Activity activity, Opening opening, List<Played> moves) {
    return Engine.rebuild(Games.prepared(activity), opening, moves);
  }

  public static Sitting close(Activity activity, Sitting sitting, long at) {
    return Engine.close(Games.prepared(activity), sitting, Outcome.Ended.CLOSED, at);
  }

  public static Showing show(Activity activity, Sitting sitting, Audience audience, long at) {
    return Showing.of(Games.prepared(activity), sitting, audience, at);
  }

  public static Review review(Activity activity, Sitting sitting, long at) {
    return Review.of(Games.prepared(activity), sitting, at);
  }

  public static Sitting follow(Activity activity, Sitting before) {
    return LiveGame.follow(Games.prepared(activity), before);
  }

  public static Sitting aided(Activity activity, Sitting sitting, Aid aid, long at) {
    return TestAids.use(Games.prepared(activity), sitting, aid, at);
  }

  public static Optional<Question> question(Activity activity, String id) {
    return Games.prepared(activity).question(id);
  }
}
