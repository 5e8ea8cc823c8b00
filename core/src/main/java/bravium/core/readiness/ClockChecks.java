package bravium.core.readiness;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.activity.Rules;
import bravium.core.measure.ReadingSpeed;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Whether there is time enough to read what is asked, and to hear it read aloud. */
final class ClockChecks {

  private ClockChecks() {}

  static List<Finding> of(Activity activity, List<Question> pool, @Nullable TimeLine line) {
    List<Finding> found = new ArrayList<>();
    Rules rules = activity.rules();
    Integer year = activity.titlePage().year();
    for (Question question : pool) {
      Integer seconds = rules.secondsFor(question);
      if (seconds != null) {
        check(question, seconds, year, found);
      }
    }
    Clock clock = rules.clock();
    boolean whole = clock != null && clock.per() == Clock.Per.GAME;
    if (whole && line != null && line.most() > clock.seconds()) {
      found.add(
          Finding.of(
                  Check.GAME_CLOCK_SHORT,
                  Weight.LOOK,
                  Place.CLOCK,
                  clock.seconds(),
                  line.least(),
                  line.most())
              .mendedBy(Mend.SET_CLOCK));
    }
    return found;
  }

  /** A slower quarter of the class needs to have read it, whatever it thinks then. */
  private static void check(
      Question question, int seconds, @Nullable Integer year, List<Finding> found) {
    if (year != null) {
      long reading = TimeLine.reading(question, ReadingSpeed.ofYear(year).slow()) / 1_000;
      if (reading > seconds) {
        found.add(
            Finding.of(
                    question.id(),
                    Check.CLOCK_SHORT,
                    Weight.LOOK,
                    seconds,
                    reading,
                    year,
                    reading + 10)
                .mendedBy(Mend.SET_SECONDS));
        return;
      }
    }
    long aloud = TimeLine.reading(question, ReadingSpeed.aloud(year)) / 1_000;
    if (aloud > seconds) {
      found.add(
          Finding.of(
                  question.id(),
                  Check.CLOCK_BEFORE_READ_ALOUD,
                  Weight.LOOK,
                  seconds,
                  aloud,
                  aloud + 10)
              .mendedBy(Mend.SET_SECONDS));
    }
  }
}
