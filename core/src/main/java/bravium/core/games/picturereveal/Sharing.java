package bravium.core.games.picturereveal;

import bravium.core.question.Information;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/** Gives questions to pieces. */
final class Sharing {

  private Sharing() {}

  /**
   * The hardest questions to the most telling pieces, each piece having one. Where there are fewer
   * questions than pieces, the easier ones lift more.
   *
   * @param shares how telling each piece is, in the order of the cut; any unit
   * @param fromEasy the ids of the questions, the hardest last; those that are missing are the
   *     easiest
   */
  static PictureReveal guarded(PictureReveal reveal, List<Integer> shares, List<String> fromEasy) {
    List<String> asked = asked(reveal);
    Set<String> order = new LinkedHashSet<>(asked);
    order.removeAll(fromEasy);
    fromEasy.stream().filter(asked::contains).forEach(order::add);
    List<String> questions = new ArrayList<>(order).reversed();
    List<PictureReveal.Laid> laid = reveal.laid();
    List<Integer> places = new ArrayList<>();
    for (int i = 0; i < laid.size(); i++) {
      places.add(i);
    }
    places.sort(Comparator.comparing((Integer i) -> i < shares.size() ? -shares.get(i) : 0));
    List<PicturePiece> pieces =
        new ArrayList<>(laid.stream().map(PictureReveal.Laid::piece).toList());
    int next = 0;
    for (int q = 0; q < questions.size() && next < places.size(); q++) {
      int left = questions.size() - q;
      int each = Math.max(1, (places.size() - next) / left);
      for (int n = 0; n < each && next < places.size(); n++) {
        int place = places.get(next++);
        pieces.set(place, pieces.get(place).under(questions.get(q)));
      }
    }
    return reveal.withPieces(pieces);
  }

  /** Pieces without a question get one: first those that lift none, then those that lift least. */
  static PictureReveal spread(PictureReveal reveal) {
    List<String> asked = asked(reveal);
    List<PicturePiece> pieces =
        new ArrayList<>(reveal.laid().stream().map(PictureReveal.Laid::piece).toList());
    for (int i = 0; i < pieces.size() && !asked.isEmpty(); i++) {
      if (pieces.get(i).question() == null) {
        pieces.set(i, pieces.get(i).under(leastUsed(asked, pieces)));
      }
    }
    return reveal.withPieces(pieces);
  }

  private static String leastUsed(List<String> asked, List<PicturePiece> pieces) {
    return asked.stream()
        .min(
            Comparator.comparing(
                id -> pieces.stream().filter(piece -> id.equals(piece.question())).count()))
        .orElseThrow();
  }

  static List<String> asked(PictureReveal reveal) {
    return reveal.questions().stream()
        .filter(question -> !(question instanceof Information) && !question.off())
        .map(Question::id)
        .toList();
  }
}
