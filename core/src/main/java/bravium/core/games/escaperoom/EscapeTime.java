package bravium.core.games.escaperoom;

import bravium.core.activity.Activity;
import bravium.core.measure.ReadingSpeed;
import bravium.core.question.Question;
import bravium.core.readiness.TimeLine;
import bravium.core.rich.Texts;
import bravium.core.rich.Words;
import java.util.List;
import java.util.Optional;
import org.jspecify.annotations.Nullable;

/**
 * How long an escape is likely to take: what its questions take, reading what is said in its rooms
 * and on its things, and finding each thing and each lock.
 */
final class EscapeTime {

  /** Seconds to find a thing or a lock in a room and go up to it (common practice). */
  private static final int FINDING = 8;

  /** Seconds to put key pieces in order (common practice). */
  private static final int ORDERING = 30;

  private EscapeTime() {}

  /** How long it takes; empty while that can't be said. */
  static Optional<TimeLine> of(Activity activity, Escape escape) {
    List<Question> asked =
        escape.locks().stream()
            .flatMap(lock -> escape.question(lock).stream())
            .filter(Question::answerable)
            .toList();
    TimeLine questions = TimeLine.of(activity, asked, asked.size());
    if (questions == null) {
      return Optional.empty();
    }
    EscapeRoom room = escape.written();
    int words = 0;
    int seconds = FINDING * (room.things().size() + escape.locks().size());
    for (Room one : room.rooms()) {
      words += words(one.entering());
    }
    for (RoomThing thing : room.things()) {
      words += words(thing.words());
    }
    for (Lock lock : escape.locks()) {
      if (lock.by() instanceof Opener.ByPieces pieces) {
        seconds += ORDERING;
        words += words(pieces.text());
      }
    }
    ReadingSpeed speed = ReadingSpeed.ofYear(questions.year());
    return Optional.of(
        new TimeLine(
            questions.year(),
            questions.least() + seconds + reading(words, speed.fast()),
            questions.most() + seconds + reading(words, speed.slow()),
            questions.thinking()));
  }

  private static int words(@Nullable Words words) {
    return words == null ? 0 : Texts.words(words.sentence());
  }

  private static int reading(int words, int speed) {
    return (int) ((ReadingSpeed.millis(words, speed) + 999) / 1_000);
  }
}
