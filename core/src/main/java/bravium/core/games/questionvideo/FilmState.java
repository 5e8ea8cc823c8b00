package bravium.core.games.questionvideo;

import bravium.core.measure.Stretch;
import bravium.core.measure.Stretches;
import bravium.core.play.State;

/**
 * What a question video keeps besides results.
 *
 * @param place where the film stands, in milliseconds from the file's beginning
 * @param watched what was watched, in that order
 * @param finished whether nobody watches any more
 */
public record FilmState(int place, Stretches watched, boolean finished) implements State {

  /** Before anything was watched. */
  static FilmState at(int place) {
    return new FilmState(place, Stretches.NONE, false);
  }

  FilmState movedTo(int changed) {
    return new FilmState(changed, watched, finished);
  }

  FilmState having(Stretch stretch) {
    return new FilmState(place, watched.with(stretch), finished);
  }

  FilmState done() {
    return new FilmState(place, watched, true);
  }

  /** How much of a part was watched, each moment once, in per cent, rounded. */
  int share(Stretch part) {
    return part.length() == 0
        ? 100
        : (int) ((100 * watched.within(part).union().length() + part.length() / 2) / part.length());
  }

  /** The furthest point of a part that was reached. */
  int reach(Stretch part) {
    return Math.clamp(Math.max(place, watched.furthest()), part.from(), part.to());
  }
}
