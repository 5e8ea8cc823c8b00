package bravium.core.games.questionvideo;

import bravium.core.games.GameAction;
import bravium.core.json.Range;
import bravium.core.measure.Stretch;

/** What is done in a question video alone. */
public final class VideoAction {

  private VideoAction() {}

  /**
   * Reports what was watched, in one go and at whatever speed. One of no length says where the film
   * was moved to.
   *
   * @param from in milliseconds from the file's beginning
   * @param to in milliseconds from the file's beginning, not before {@code from}
   */
  public record Watch(
      @Range(min = 0, max = Stretch.LONGEST) int from,
      @Range(min = 0, max = Stretch.LONGEST) int to)
      implements GameAction {

    /** Checks the range. */
    public Watch {
      new Stretch(from, to);
    }

    @Override
    public boolean reports() {
      return true;
    }
  }

  /** Watches no more, once the film is over. */
  public record FinishFilm() implements GameAction {}
}
