package bravium.core.games.picturereveal;

import bravium.core.measure.DetailMap;
import bravium.core.question.Spot;
import java.util.ArrayList;
import java.util.List;

/**
 * Cuts a picture in pieces of different size that show about as much each: again and again a part
 * is cut in two across its longer side, there where both halves get what their pieces are to have.
 */
final class UnevenCut {

  /** No side is shorter, in thousandths: a finger has to hit it. */
  private static final int SHORTEST = 90;

  private final DetailMap map;

  /** The picture's width in thousandths of its height. */
  private final int ratio;

  private final List<Patch> patches = new ArrayList<>();

  private UnevenCut(DetailMap map, int ratio) {
    this.map = map;
    this.ratio = ratio;
  }

  /**
   * So many pieces, those that lie higher first.
   *
   * @param ratio the picture's width in thousandths of its height
   */
  static List<Patch> of(DetailMap map, int pieces, int ratio) {
    UnevenCut cut = new UnevenCut(map, Math.max(1, ratio));
    cut.cut(Patch.WHOLE, Math.clamp(pieces, Cut.FEWEST, Cut.MOST));
    return List.copyOf(cut.patches);
  }

  private void cut(Patch part, int pieces) {
    if (pieces == 1) {
      patches.add(part);
      return;
    }
    int first = pieces / 2;
    boolean across = (long) part.width() * ratio >= (long) part.height() * Spot.WHOLE;
    int length = across ? part.width() : part.height();
    int least = Math.min(SHORTEST * first, length * first / pieces);
    int most = length - Math.min(SHORTEST * (pieces - first), length * (pieces - first) / pieces);
    int at = least;
    long whole = within(part, across, length);
    // Where there is nothing to make out, both get their share of the paper.
    if (whole == 0) {
      at = length * first / pieces;
    }
    while (whole > 0 && at < most && within(part, across, at) * pieces < whole * first) {
      at++;
    }
    at = Math.clamp(at, 1, length - 1);
    cut(piece(part, across, 0, at), first);
    cut(piece(part, across, at, length), pieces - first);
  }

  private long within(Patch part, boolean across, int length) {
    Patch begin = piece(part, across, 0, Math.max(1, length));
    return map.within(begin.x(), begin.y(), begin.width(), begin.height()) / 1_000_000;
  }

  private static Patch piece(Patch part, boolean across, int from, int to) {
    return across
        ? new Patch(part.x() + from, part.y(), to - from, part.height())
        : new Patch(part.x(), part.y() + from, part.width(), to - from);
  }
}
