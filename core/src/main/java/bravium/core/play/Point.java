package bravium.core.play;

import java.util.List;
import java.util.Set;
import java.util.function.Supplier;

/**
 * A point of a play: where it stands, and when and by whom something is done there.
 *
 * @param at in milliseconds since 1970
 * @param quiet whether nobody is told which markers change
 */
public record Point(Prepared game, Sitting sitting, Mover by, long at, boolean quiet) {

  /** A point at which who looks on is told everything. */
  public Point(Prepared game, Sitting sitting, Mover by, long at) {
    this(game, sitting, by, at, false);
  }

  /** The same moment, with the play standing elsewhere. */
  public Point with(Sitting changed) {
    return new Point(game, changed, by, at, quiet);
  }

  /**
   * The markers that say something else once the play stands elsewhere.
   *
   * @param touched the ids of all items that may have changed; worked out only where it is asked
   *     for
   */
  public List<Happening> changes(Sitting after, Supplier<Set<String>> touched) {
    return quiet ? List.of() : Markers.changes(game.play(), sitting, after, touched.get());
  }

  /** Nothing is done here. */
  public Turn refused(Refusal why) {
    return Turn.refused(sitting, why);
  }
}
