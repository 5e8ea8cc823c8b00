package bravium.core.games;

import bravium.core.activity.Activity;
import bravium.core.play.Play;
import bravium.core.readiness.Check;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Place;
import bravium.core.readiness.Weight;
import java.util.List;
import java.util.Optional;

/** A game that this version doesn't know is never played. */
final class UnknownBehaviour implements Behaviour<UnknownGame> {

  @Override
  public Optional<Play> play(Activity activity, UnknownGame game) {
    return Optional.empty();
  }

  @Override
  public List<Finding> findings(Activity activity, UnknownGame game) {
    return List.of(Finding.of(Check.UNKNOWN_GAME, Weight.STOP, Place.SHEET));
  }
}
