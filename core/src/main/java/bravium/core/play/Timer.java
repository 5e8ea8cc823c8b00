package bravium.core.play;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.activity.Rules;
import bravium.core.activity.TakeOver;
import bravium.core.question.Question;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * The clock over the open question, if there is one: for it, or for the whole game, whichever ends
 * first. It runs only while a question is open, that of the game also while one is picked; it
 * stands in a rehearsal, while the teacher holds it, and while no team has the turn.
 *
 * @param per what the time is for
 * @param total the time there is, in milliseconds
 * @param end when it runs out, in milliseconds since 1970
 * @param stands whether it does not run
 * @param held since when it is held; null while it is not
 */
record Timer(Clock.Per per, long total, long end, boolean stands, @Nullable Long held) {

  static Optional<Timer> of(Activity activity, Sitting sitting) {
    boolean open = sitting.stage() == Stage.QUESTION && sitting.now() != null;
    if (!open && sitting.stage() != Stage.BOARD) {
      return Optional.empty();
    }
    Timer each = ofQuestion(activity, sitting).orElse(null);
    Timer whole = perGame(activity.rules(), sitting);
    if (each == null || whole == null) {
      return Optional.ofNullable(each == null ? whole : each);
    }
    return Optional.of(whole.end <= each.end ? whole : each);
  }

  /** The clock of the open question itself, also where the game's time ends sooner. */
  static Optional<Timer> ofQuestion(Activity activity, Sitting sitting) {
    return sitting.stage() == Stage.QUESTION && sitting.now() != null
        ? Engine.question(activity, sitting.now())
            .map(question -> perQuestion(activity.rules(), question, sitting))
        : Optional.empty();
  }

  private static @Nullable Timer perQuestion(Rules rules, Question question, Sitting sitting) {
    Integer seconds = secondsFor(rules, question, sitting);
    if (seconds == null) {
      return null;
    }
    long total = sitting.opening().millis(seconds);
    return new Timer(
        Clock.Per.QUESTION,
        total,
        sitting.watch().since() + total,
        stands(sitting),
        sitting.watch().held());
  }

  /** A team that takes over may have a time of its own. */
  private static @Nullable Integer secondsFor(Rules rules, Question question, Sitting sitting) {
    boolean takes = sitting.front().taking() != null && rules.teams() != null;
    TakeOver takeOver = takes ? rules.teams().takeOver() : null;
    return takeOver != null && takeOver.seconds() != null
        ? takeOver.seconds()
        : rules.secondsFor(question);
  }

  private static boolean stands(Sitting sitting) {
    boolean nobody = sitting.opening().inTeams() && sitting.front().answering() == null;
    return sitting.opening().rehearsal() || sitting.watch().held() != null || nobody;
  }

  private static @Nullable Timer perGame(Rules rules, Sitting sitting) {
    if (rules.clock() == null || rules.clock().per() != Clock.Per.GAME) {
      return null;
    }
    long total = sitting.opening().millis(rules.clock().seconds());
    long end = sitting.watch().since() + total - sitting.watch().spent();
    return new Timer(Clock.Per.GAME, total, end, stands(sitting), sitting.watch().held());
  }

  boolean ranOut(long at) {
    return !stands && at > end;
  }

  /** The milliseconds that are left, from 0. */
  long left(long at) {
    if (held != null) {
      return Math.max(0, end - held);
    }
    return stands ? total : Math.max(0, end - at);
  }
}
