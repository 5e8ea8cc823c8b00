package bravium.core.games.picturereveal;

import bravium.core.measure.DetailMap;
import bravium.core.rich.Picture;
import java.util.List;
import org.jspecify.annotations.Nullable;

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
    return reveal.cutAs(reveal.cut().unevenly(UnevenCut.of(map, pieces, ratio(reveal.picture()))));
  }

  /**
   * The same reveal with the hardest questions under the most telling pieces.
   *
   * @param fromEasy the ids of the questions, the hardest last
   */
  public static PictureReveal guarded(PictureReveal reveal, DetailMap map, List<String> fromEasy) {
    return Sharing.guarded(reveal, telling(reveal, map).shares(), fromEasy);
  }

  /** A picture's width in thousandths of its height; 1,500 where that is not known. */
  static int ratio(@Nullable Picture picture) {
    return picture == null || picture.width() == null || picture.height() == null
        ? 1_500
        : (int) Math.clamp(1_000L * picture.width() / picture.height(), 1, 1_000_000);
  }
}
