package bravium.core.readiness;

import bravium.core.activity.Activity;
import bravium.core.activity.Rules;
import bravium.core.measure.ReadingSpeed;
import bravium.core.question.Feedback;
import bravium.core.question.Question;
import bravium.core.rich.Sound;
import bravium.core.rich.Texts;
import bravium.core.rich.Words;
import java.util.List;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/**
 * How long a class of this year will take: reading the introduction, then each question with its
 * options, thinking, and reading what is said to the answer. Where questions are drawn, their mean
 * counts.
 *
 * @param least seconds of the class's faster quarter
 * @param most seconds of its slower quarter
 * @param thinking the seconds taken for each kind of question, the teacher's or the usual ones
 */
public record TimeLine(int year, int least, int most, List<ThinkingTime> thinking) {

  /** A lesson of 45 minutes, five of them for coming in and for going (common practice). */
  public static final int LESSON_MINUTES = 40;

  /** Seconds to take in a mark, whatever is said with it (common practice). */
  private static final int TAKING_IN = 3;

  /** How the kinds are named in the format, with their usual thinking time in seconds. */
  private static final List<ThinkingTime> KINDS =
      List.of(
          usually("pick-one", 10),
          usually("pick-all", 15),
          usually("true-false", 6),
          usually("typed-text", 12),
          usually("number", 15),
          usually("gaps", 15),
          usually("order", 20),
          usually("pairs", 20),
          usually("groups", 20),
          usually("point", 8),
          usually("fraction", 20),
          usually("free-answer", 60),
          usually("discussion", 120));

  private static ThinkingTime usually(String kind, int seconds) {
    return new ThinkingTime(kind, seconds, seconds);
  }

  /**
   * How long a game takes that asks so many of these questions.
   *
   * @return null while that can't be said
   */
  public static @Nullable TimeLine of(Activity activity, List<Question> pool, int asked) {
    Integer year = activity.titlePage().year();
    if (year == null || pool.isEmpty()) {
      return null;
    }
    List<ThinkingTime> thinking = KINDS.stream().map(k -> of(activity.rules(), k)).toList();
    ReadingSpeed speed = ReadingSpeed.ofYear(year);
    return new TimeLine(
        year,
        seconds(activity, pool, asked, speed.fast(), thinking),
        seconds(activity, pool, asked, speed.slow(), thinking),
        thinking);
  }

  /**
   * How long a class takes to find things: reading what is read, hearing what is heard, and so many
   * seconds for each.
   *
   * @param read null for nothing
   * @param usual what each takes, and under which name the teacher may say otherwise
   */
  public static @Nullable TimeLine of(
      Activity activity, @Nullable Words read, int items, ThinkingTime usual) {
    Integer year = activity.titlePage().year();
    if (year == null || items == 0) {
      return null;
    }
    ThinkingTime each = of(activity.rules(), usual);
    int words = words(read) + words(activity.titlePage().introduction());
    long rest = (read == null ? 0 : listening(read)) + 1_000L * items * each.seconds();
    ReadingSpeed speed = ReadingSpeed.ofYear(year);
    return new TimeLine(
        year,
        (int) ((ReadingSpeed.millis(words, speed.fast()) + rest + 999) / 1_000),
        (int) ((ReadingSpeed.millis(words, speed.slow()) + rest + 999) / 1_000),
        List.of(each));
  }

  /** The same and so many seconds more, whoever reads how fast. */
  public TimeLine longer(int seconds) {
    return new TimeLine(year, least + seconds, most + seconds, thinking);
  }

  /**
   * The part of it in which the game's clock runs: reading questions and thinking; null as for the
   * whole.
   */
  static @Nullable TimeLine whileOpen(Activity activity, List<Question> pool, int asked) {
    TimeLine whole = of(activity, pool, asked);
    if (whole == null) {
      return null;
    }
    ReadingSpeed speed = ReadingSpeed.ofYear(whole.year);
    return new TimeLine(
        whole.year,
        open(pool, asked, speed.fast(), whole.thinking),
        open(pool, asked, speed.slow(), whole.thinking),
        whole.thinking);
  }

  private static int open(List<Question> pool, int asked, int speed, List<ThinkingTime> thinking) {
    long all = 0;
    for (Question question : pool) {
      all += reading(question, speed) + 1_000L * thinkingSeconds(question, thinking);
    }
    return (int) ((all * asked / pool.size() + 999) / 1_000);
  }

  /** Milliseconds to read a question and all that is offered with it, at so many words a minute. */
  static long reading(Question question, int wordsPerMinute) {
    return ReadingSpeed.millis(words(question), wordsPerMinute) + listening(question);
  }

  /** Milliseconds to hear the sounds of a question; those of unknown length count as none. */
  static long listening(Question question) {
    return listening(question.asked());
  }

  private static long listening(Words words) {
    return words.media().stream()
        .mapToLong(
            medium -> medium instanceof Sound sound && sound.millis() != null ? sound.millis() : 0)
        .sum();
  }

  /** The words of a question and of all that is offered with it. */
  static int words(Question question) {
    return words(question.asked()) + question.read().stream().mapToInt(Texts::words).sum();
  }

  private static int words(@Nullable Words words) {
    return words == null ? 0 : Texts.words(words.sentence());
  }

  private static ThinkingTime of(Rules rules, ThinkingTime usual) {
    return rules.thinking().stream()
        .filter(t -> t.kind().equals(usual.kind()))
        .findFirst()
        .map(t -> new ThinkingTime(usual.kind(), t.seconds(), usual.usual()))
        .orElse(usual);
  }

  private static int seconds(
      Activity activity, List<Question> pool, int asked, int speed, List<ThinkingTime> thinking) {
    long all = 0;
    for (Question question : pool) {
      int still = thinkingSeconds(question, thinking) + TAKING_IN;
      all += reading(question, speed) + feedback(question.feedback(), speed) + 1_000L * still;
    }
    long before = ReadingSpeed.millis(words(activity.titlePage().introduction()), speed);
    return (int) ((before + all * asked / pool.size() + 999) / 1_000);
  }

  private static int thinkingSeconds(Question question, List<ThinkingTime> thinking) {
    String kind = Kinds.of(question);
    return thinking.stream()
        .filter(k -> k.kind().equals(kind))
        .mapToInt(ThinkingTime::seconds)
        .findFirst()
        .orElse(0);
  }

  /** The longer of the two texts: a class waits for the slower reader. */
  private static long feedback(Feedback feedback, int speed) {
    int words =
        Stream.of(feedback.right(), feedback.wrong()).mapToInt(TimeLine::words).max().orElse(0);
    return ReadingSpeed.millis(words, speed);
  }
}
