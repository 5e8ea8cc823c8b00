package bravium.core.games.picturereveal;

import bravium.core.measure.DetailMap;
import bravium.core.rich.Picture;
import java.util.List;

/** What is worked out for who writes a picture reveal. */
public final class Revealing {

  private Revealing() {}

  /** How telling the pieces are. */
  public static Telling telling(PictureReveal reveal, DetailMap map) {
    return Telling.of(map, reveal.cut());
  }

  /** Each piece of the cut: where it lies and what lifts it. */
  public static List<Under> under(PictureReveal reveal) {
    return reveal.laid().stream()
        .map(laid -> new Under(laid.piece().lifting(), laid.patch()))
        .toList();
  }

  /** The same reveal, cut in so many pieces that show about as much each, 2 to 36. */
  public static PictureReveal uneven(PictureReveal reveal, DetailMap map, int pieces) {
    return reveal.cutAs(
        reveal.cut().unevenly(UnevenCut.of(map, pieces, Picture.ratio(reveal.picture()))));
  }

  /**
   * The same reveal with the hardest questions under the most telling pieces.
   *
   * @param fromEasy the ids of the questions, the hardest last
   */
  public static PictureReveal guarded(PictureReveal reveal, DetailMap map, List<String> fromEasy) {
    return Sharing.guarded(reveal, telling(reveal, map).shares(), fromEasy);
  }
}
