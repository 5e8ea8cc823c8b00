package bravium.core.games.questionvideo;

import bravium.core.games.GameScene;
import bravium.core.json.OfOnePlay;
import bravium.core.json.OwnId;
import bravium.core.measure.Stretch;
import bravium.core.rich.Picture;
import java.util.List;
import org.jspecify.annotations.Nullable;

/**
 * What is seen of a question video. All moments are in milliseconds from the file's beginning.
 *
 * @param medium the film
 * @param ratio its width in thousandths of its height; 1,778 where that is not known
 * @param sound whether it is a sound, with its poster to look at
 * @param shown the part of the file that is shown
 * @param captions what is said
 * @param pennants the stops that may be seen, in order
 * @param place where the film stands
 * @param halt where it halts next, as long as it plays on
 * @param back the earliest moment that can be gone to
 * @param reach the latest moment that can be gone to
 * @param fastest the fastest speed, in per cent of the usual one
 * @param skips whether a question can be left unanswered
 * @param watched what was watched, each part once
 * @param share how much of it was watched, in per cent
 * @param needed how much must be, in per cent
 * @param finishes whether it is over and can be finished now
 */
public record FilmScene(
    @OfOnePlay String medium,
    int ratio,
    boolean sound,
    @Nullable Picture poster,
    Stretch shown,
    List<Caption> captions,
    List<Pennant> pennants,
    int place,
    int halt,
    int back,
    int reach,
    int fastest,
    boolean skips,
    List<Stretch> watched,
    int share,
    int needed,
    boolean finishes)
    implements GameScene {

  /** What is said from one moment to another. */
  public record Caption(int from, int to, String text) {}

  /**
   * A stop on the string. How it came out its marker says.
   *
   * @param question the id of its question
   * @param passed whether it is done with, also where nothing was to be answered
   */
  public record Pennant(@OwnId String question, int at, boolean passed) {}
}
