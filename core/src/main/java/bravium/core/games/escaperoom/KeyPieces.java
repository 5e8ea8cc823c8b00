package bravium.core.games.escaperoom;

import bravium.core.answer.Comparison;
import bravium.core.play.Tried;
import bravium.core.play.Verdict;
import bravium.core.question.Response;
import java.util.ArrayList;
import java.util.BitSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

/** Key pieces put in order. */
final class KeyPieces {

  /** More needs than these are not told one by one. */
  private static final int MOST_NEEDS = 2_000;

  private KeyPieces() {}

  /** Whether pieces put in one order are as good as in another: two of one text are alike. */
  static boolean same(Escape escape, List<String> put, List<String> order) {
    if (put.size() != order.size()) {
      return false;
    }
    for (int i = 0; i < put.size(); i++) {
      if (!escape.key(put.get(i)).equals(escape.key(order.get(i)))) {
        return false;
      }
    }
    return true;
  }

  /** What tells a piece from others: its text as a fair reader compares it; a strip is its own. */
  static String key(KeyPiece piece) {
    String text = piece.strip() ? "" : Comparison.fair(piece.text());
    return text.isEmpty() ? "piece " + piece.id() : "text " + text;
  }

  /**
   * What a lock needs that takes pieces in this order. Where more pieces of one text can be won
   * than it takes, any of them do: so many of them that none of the needs names them all.
   */
  static List<Need> needs(Escape escape, List<String> order) {
    Map<String, List<String>> taken = new LinkedHashMap<>();
    for (String piece : order) {
      taken.computeIfAbsent(escape.key(piece), none -> new ArrayList<>()).add(piece);
    }
    List<Need> needs = new ArrayList<>();
    for (List<String> wanted : taken.values()) {
      List<String> alike =
          escape.written().pieces().stream()
              .map(KeyPiece::id)
              .filter(id -> escape.key(id).equals(escape.key(wanted.getFirst())))
              .toList();
      int together = alike.size() - wanted.size() + 1;
      if (together == 1) {
        wanted.forEach(id -> needs.add(new Need(Need.Kind.PIECE, id, escape.giving(id))));
      } else {
        anyOf(escape, wanted.getFirst(), alike, together, new BitSet(), needs);
      }
    }
    return needs;
  }

  /** A need for each choice of so many of these: one of them has to be there. */
  private static void anyOf(
      Escape escape,
      String about,
      List<String> left,
      int together,
      BitSet chosen,
      List<Need> needs) {
    if (together == 0) {
      needs.add(new Need(Need.Kind.PIECE, about, chosen));
      return;
    }
    for (int i = 0; i + together <= left.size() && needs.size() < MOST_NEEDS; i++) {
      BitSet more = (BitSet) chosen.clone();
      more.or(escape.giving(left.get(i)));
      anyOf(escape, about, left.subList(i + 1, left.size()), together - 1, more, needs);
    }
  }

  /** A try with pieces. */
  static Tried tried(List<String> put, Verdict verdict, int points) {
    return new Tried(new Response.Ordered(put), verdict, points, List.of(), null, null);
  }

  /**
   * Pieces that were won, in an order that is right or in one that isn't.
   *
   * @return empty where there is no such order
   */
  static Optional<List<String>> chosen(
      Escape escape, Found found, List<String> order, boolean right) {
    List<String> won =
        escape.written().pieces().stream().filter(found::isWon).map(KeyPiece::id).toList();
    List<String> chosen = right ? fitting(escape, won, order) : won.subList(0, order.size());
    for (int i = 0; !right && same(escape, chosen, order) && i < order.size(); i++) {
      List<String> turned = new ArrayList<>(chosen.subList(1, chosen.size()));
      turned.add(chosen.getFirst());
      chosen = turned;
    }
    return same(escape, chosen, order) == right && chosen.size() == order.size()
        ? Optional.of(List.copyOf(chosen))
        : Optional.empty();
  }

  private static List<String> fitting(Escape escape, List<String> won, List<String> order) {
    List<String> left = new ArrayList<>(won);
    List<String> chosen = new ArrayList<>();
    for (String wanted : order) {
      left.stream()
          .filter(piece -> escape.key(piece).equals(escape.key(wanted)))
          .findFirst()
          .ifPresent(
              piece -> {
                chosen.add(piece);
                left.remove(piece);
              });
    }
    return chosen;
  }
}
