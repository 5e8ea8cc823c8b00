package bravium.core.question;

import bravium.core.json.Range;
import bravium.core.rich.Words;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What every question has, whatever its kind.
 *
 * @param id the name that moves and results use; made by the editor, unique within the activity
 * @param text what is asked; may be blank while it is being written
 * @param off whether it is switched off: kept for later, not asked
 * @param worth its own worth in points, 0 to {@value #MOST_WORTH}; null for what the rules say
 * @param seconds its own time, 1 to {@value #MOST_SECONDS}; null for what the rules say
 * @param hints given one at a time; blank ones are passed over
 */
public record Basics(
    String id,
    Words text,
    Feedback feedback,
    boolean off,
    @Range(min = 0, max = MOST_WORTH) @Nullable Integer worth,
    @Range(min = 1, max = MOST_SECONDS) @Nullable Integer seconds,
    @Range(max = MOST_HINTS) List<Words> hints) {

  /** The most that a question can be worth, in points. */
  public static final int MOST_WORTH = 10_000;

  /** The longest time of a question: an hour. */
  public static final int MOST_SECONDS = 3_600;

  /** The most hints of a question. */
  public static final int MOST_HINTS = 10;

  /** Checks the ranges. */
  public Basics {
    if (worth != null && (worth < 0 || worth > MOST_WORTH)) {
      throw new IllegalArgumentException("worth is from 0 to " + MOST_WORTH + " points");
    }
    if (seconds != null && (seconds < 1 || seconds > MOST_SECONDS)) {
      throw new IllegalArgumentException("seconds is from 1 to " + MOST_SECONDS);
    }
    if (hints.size() > MOST_HINTS) {
      throw new IllegalArgumentException("a question has at most " + MOST_HINTS + " hints");
    }
  }

  /** A question that is asked under the activity's rules. */
  public static Basics of(String id, String text, Feedback feedback) {
    return new Basics(id, Words.of(text), feedback, false, null, null, List.of());
  }

  /** The same, switched off or on. */
  public Basics switched(boolean isOff) {
    return new Basics(id, text, feedback, isOff, worth, seconds, hints);
  }

  /** The same with a worth of its own, in points; null for what the rules say. */
  public Basics withWorth(@Nullable Integer changed) {
    return new Basics(id, text, feedback, off, changed, seconds, hints);
  }

  /** The same with a time of its own, in seconds; null for what the rules say. */
  public Basics withSeconds(@Nullable Integer changed) {
    return new Basics(id, text, feedback, off, worth, changed, hints);
  }

  /** The same with another text. */
  public Basics withText(Words changed) {
    return new Basics(id, changed, feedback, off, worth, seconds, hints);
  }

  /** The same with other words to what is answered. */
  public Basics withFeedback(Feedback changed) {
    return new Basics(id, text, changed, off, worth, seconds, hints);
  }

  /** The same with other hints. */
  public Basics withHints(List<Words> changed) {
    return new Basics(id, text, feedback, off, worth, seconds, changed);
  }
}
