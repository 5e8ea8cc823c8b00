package bravium.core.games.quizshow;

import bravium.core.activity.Activity;
import bravium.core.play.Draw;
import bravium.core.readiness.Check;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Mend;
import bravium.core.readiness.Place;
import bravium.core.readiness.Weight;
import java.util.ArrayList;
import java.util.List;

/** What is worth a look in a quiz show alone. */
final class QuizShowChecks {

  /** A game shows at most that many questions (common practice). */
  static final int MOST_ASKED = 20;

  private QuizShowChecks() {}

  static List<Finding> of(Activity activity, QuizShow show) {
    List<Finding> found = new ArrayList<>();
    if (show.board() instanceof UnknownBoard) {
      found.add(Finding.of(Check.UNKNOWN_GAME, Weight.STOP, Place.SHEET));
    }
    int asked = Draw.asked(activity.rules(), Draw.pool(activity, false).size());
    if (asked > MOST_ASKED) {
      found.add(
          Finding.of(Check.MANY_QUESTIONS, Weight.LOOK, Place.ASK, asked, MOST_ASKED)
              .mendedBy(Mend.ASK_FEWER));
    }
    return found;
  }
}
