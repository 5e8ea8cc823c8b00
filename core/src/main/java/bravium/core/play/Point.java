package bravium.core.play;

/**
 * A point of a play: where it stands, and when and by whom something is done there.
 *
 * @param at in milliseconds since 1970
 */
public record Point(Prepared game, Sitting sitting, Mover by, long at) {

  /** The same moment, with the play standing elsewhere. */
  public Point with(Sitting changed) {
    return new Point(game, changed, by, at);
  }

  /** Nothing is done here. */
  public Turn refused(Refusal why) {
    return Turn.refused(sitting, why);
  }
}
