package bravium.core.play;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.activity.Rules;
import bravium.core.question.Question;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The clock over the open question, if there is one: for it, or for the whole game, whichever ends
 * first. It runs only while a question is open, and stands in a rehearsal.
 *
 * @param per what the time is for
 * @param total the time there is, in milliseconds
 * @param end when it runs out, in milliseconds since 1970
 * @param stands whether it does not run
 */
record Timer(Clock.Per per, long total, long end, boolean stands) {

  static Optional<Timer> of(Activity activity, Sitting sitting) {
    if (sitting.stage() != Stage.QUESTION || sitting.now() == null) {
      return Optional.empty();
    }
    Question question = Engine.question(activity, sitting.now()).orElseThrow();
    Timer each = perQuestion(activity.rules(), question, sitting);
    Timer whole = perGame(activity.rules(), sitting);
    if (each == null || whole == null) {
      return Optional.ofNullable(each == null ? whole : each);
    }
    return Optional.of(whole.end <= each.end ? whole : each);
  }

  private static @Nullable Timer perQuestion(Rules rules, Question question, Sitting sitting) {
    Integer seconds = rules.secondsFor(question);
    if (seconds == null) {
      return null;
    }
    long total = sitting.opening().millis(seconds);
    return new Timer(
        Clock.Per.QUESTION, total, sitting.watch().since() + total, sitting.opening().rehearsal());
  }

  private static @Nullable Timer perGame(Rules rules, Sitting sitting) {
    if (rules.clock() == null || rules.clock().per() != Clock.Per.GAME) {
      return null;
    }
    long total = sitting.opening().millis(rules.clock().seconds());
    long end = sitting.watch().since() + total - sitting.watch().spent();
    return new Timer(Clock.Per.GAME, total, end, sitting.opening().rehearsal());
  }

  boolean ranOut(long at) {
    return !stands && at > end;
  }

  /** The milliseconds that are left, from 0. */
  long left(long at) {
    return stands ? total : Math.max(0, end - at);
  }
}
