package bravium.core.readiness;

import bravium.core.play.Chance;
import java.util.List;

/** Draws one of some things by their chances; what is missing to 1 is none of them. */
public final class Sampled {

  private static final int FINE = 1 << 30;

  /** As many plays, and as many questions in them, as a browser draws while one pauses. */
  private static final int MOST_PLAYS = 5_000;

  private static final int MOST_STEPS = 150_000;
  private static final int FEWEST_PLAYS = 1_000;

  private final double[] upTo;

  /** Things with these chances. */
  public Sampled(List<Double> chances) {
    this.upTo = new double[chances.size()];
    double sum = 0;
    for (int i = 0; i < upTo.length; i++) {
      sum += chances.get(i);
      upTo[i] = sum;
    }
  }

  /** How many plays of so many questions are drawn. */
  public static int plays(int asked) {
    return Math.max(FEWEST_PLAYS, Math.min(MOST_PLAYS, MOST_STEPS / Math.max(1, asked)));
  }

  /** Draws so many to the front, in an order by chance (Fisher–Yates). */
  public static void mix(int[] places, int asked, Chance chance) {
    for (int i = 0; i < asked; i++) {
      int other = i + chance.below(places.length - i);
      int moved = places[i];
      places[i] = places[other];
      places[other] = moved;
    }
  }

  /** The place of one of them, or -1 for none. */
  public int next(Chance chance) {
    double at = (chance.below(FINE) + 0.5) / FINE;
    for (int i = 0; i < upTo.length; i++) {
      if (at < upTo[i]) {
        return i;
      }
    }
    // Together they are 1 but for what a double loses.
    return upTo.length > 0 && upTo[upTo.length - 1] > 1 - 1e-9 ? upTo.length - 1 : -1;
  }
}
