package bravium.core.readiness;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.activity.Rules;
import bravium.core.measure.ReadingSpeed;
import bravium.core.play.Draw;
import bravium.core.question.Basics;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** Whether there is time enough to read what is asked, and to hear it read aloud. */
final class ClockChecks {

  /** Added to the time that reading takes, in seconds, for an answer. */
  private static final int TO_ANSWER = 10;

  private ClockChecks() {}

  static List<Finding> of(Activity activity, List<Question> pool) {
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
    if (clock != null && clock.per() == Clock.Per.GAME && !pool.isEmpty()) {
      game(activity, pool, clock.seconds(), found);
    }
    return found;
  }

  /** The game's clock runs while a question is open, and stands while feedback is read. */
  private static void game(
      Activity activity, List<Question> pool, int seconds, List<Finding> found) {
    Integer year = activity.titlePage().year();
    int asked = Draw.asked(activity.rules(), pool.size());
    int quickest = fewest(pool, asked, year == null ? ReadingSpeed.ADULTS : year);
    TimeLine open = TimeLine.whileOpen(activity, pool, asked);
    int most = open == null ? 2 * quickest + asked * TO_ANSWER : open.most();
    int better = Math.min(Clock.MOST_SECONDS, most);
    if (quickest > seconds) {
      Finding hopeless =
          Finding.of(
              Check.GAME_CLOCK_HOPELESS, Weight.STOP, Place.CLOCK, seconds, quickest, better);
      found.add(better > seconds ? hopeless.mendedBy(Mend.SET_CLOCK) : hopeless);
    } else if (open != null && most > seconds) {
      Finding small =
          Finding.of(
              Check.GAME_CLOCK_SHORT, Weight.LOOK, Place.CLOCK, seconds, open.least(), better);
      found.add(better > seconds ? small.mendedBy(Mend.SET_CLOCK) : small);
    }
  }

  /** The seconds in which the faster quarter of a year group has just read the shortest draw. */
  private static int fewest(List<Question> pool, int asked, int year) {
    int fast = ReadingSpeed.ofYear(year).fast();
    long millis =
        pool.stream()
            .mapToLong(question -> TimeLine.reading(question, fast))
            .sorted()
            .limit(asked)
            .sum();
    return (int) ((millis + 999) / 1_000);
  }

  /** The seconds that a question needs at least: usual, or time to read and to hear it. */
  static int secondsFor(Question question, @Nullable Integer year) {
    long most = Math.max(reading(question, year), aloud(question, year));
    boolean usual = most <= Rules.USUAL_SECONDS;
    return (int) Math.min(Basics.MOST_SECONDS, usual ? Rules.USUAL_SECONDS : most + TO_ANSWER);
  }

  /** The seconds in which the slower quarter of a year group has read it; 0 without a year. */
  private static long reading(Question question, @Nullable Integer year) {
    return year == null ? 0 : TimeLine.reading(question, ReadingSpeed.ofYear(year).slow()) / 1_000;
  }

  private static long aloud(Question question, @Nullable Integer year) {
    return TimeLine.reading(question, ReadingSpeed.aloud(year)) / 1_000;
  }

  /** A slower quarter of the class needs to have read it, whatever it thinks then. */
  private static void check(
      Question question, int seconds, @Nullable Integer year, List<Finding> found) {
    long aloud = aloud(question, year);
    long reading = reading(question, year);
    long better = Math.min(Basics.MOST_SECONDS, Math.max(reading, aloud) + TO_ANSWER);
    if (reading > seconds) {
      add(
          Finding.of(question.id(), Check.CLOCK_SHORT, Weight.LOOK, seconds, reading, year, better),
          better > seconds,
          found);
    } else if (aloud > seconds) {
      add(
          Finding.of(
              question.id(), Check.CLOCK_BEFORE_READ_ALOUD, Weight.LOOK, seconds, aloud, better),
          better > seconds,
          found);
    }
  }

  private static void add(Finding finding, boolean mends, List<Finding> found) {
    found.add(mends ? finding.mendedBy(Mend.SET_SECONDS) : finding);
  }
}
