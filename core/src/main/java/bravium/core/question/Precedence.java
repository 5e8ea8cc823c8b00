package bravium.core.question;

import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

/**
 * Which cards have to come before which: a partial order, of which any linear extension is a right
 * order. The order in which they are written is one of them.
 */
final class Precedence {

  private final List<Ranked> cards;
  private final List<String> texts;
  private final boolean[][] before;

  private Precedence(List<Ranked> cards) {
    this.cards = cards;
    this.texts = cards.stream().map(card -> card.text().key()).toList();
    this.before = new boolean[cards.size()][cards.size()];
    for (int card = 0; card < cards.size(); card++) {
      Ranked ranked = cards.get(card);
      boolean level = card > 0 && ranked.level();
      List<String> after = ranked.after();
      for (int other = 0; other < card; other++) {
        boolean comes =
            level
                ? before[other][card - 1]
                : after.isEmpty() || after.contains(cards.get(other).id());
        if (comes) {
          for (int first = 0; first <= other; first++) {
            before[first][card] |= first == other || before[first][other];
          }
        }
      }
    }
  }

  /** That of cards in the order in which they are written; quadratic to cubic in their number. */
  static Precedence of(List<Ranked> cards) {
    return new Precedence(cards);
  }

  /**
   * The cards of a given order as places in the written one. Cards that read the same stand for
   * each other: of those that are left the first stands there whose predecessors are all there.
   */
  int[] places(List<String> given) {
    int[] places = new int[given.size()];
    boolean[] used = new boolean[cards.size()];
    List<String> ids = cards.stream().map(Ranked::id).toList();
    for (int i = 0; i < places.length; i++) {
      String text = texts.get(ids.indexOf(given.get(i)));
      int found = -1;
      for (int card = cards.size() - 1; card >= 0; card--) {
        boolean fits = !used[card] && texts.get(card).equals(text);
        boolean sooner = found < 0 || isNext(card, used) || !isNext(found, used);
        found = fits && sooner ? card : found;
      }
      places[i] = found;
      used[found] = true;
    }
    return places;
  }

  /** Whether all that has to come before a card is there already. */
  private boolean isNext(int card, boolean[] used) {
    for (int other = 0; other < cards.size(); other++) {
      if (before[other][card] && !used[other]) {
        return false;
      }
    }
    return true;
  }

  /** Whether nothing comes before what has to come before it. */
  boolean holds(int[] places) {
    return right(Scoring.PAIRS, places) == counted(Scoring.PAIRS);
  }

  /** How much can be right. */
  int counted(Scoring scoring) {
    return switch (scoring) {
      case PLACES -> cards.size();
      case NEIGHBOURS -> cards.size() - 1;
      case PAIRS -> pairs((one, other) -> true);
    };
  }

  /** How much is right in an order. */
  int right(Scoring scoring, int[] places) {
    switch (scoring) {
      case PLACES -> {
        int right = 0;
        for (int i = 0; i < places.length; i++) {
          right += canStand(places[i], i) ? 1 : 0;
        }
        return right;
      }
      case NEIGHBOURS -> {
        int right = 0;
        for (int i = 1; i < places.length; i++) {
          right += canFollow(places[i - 1], places[i]) ? 1 : 0;
        }
        return right;
      }
      default -> {
        int[] at = new int[places.length];
        for (int i = 0; i < places.length; i++) {
          at[places[i]] = i;
        }
        return pairs((one, other) -> at[one] < at[other]);
      }
    }
  }

  private interface Pairs {
    boolean count(int one, int other);
  }

  private int pairs(Pairs which) {
    int count = 0;
    for (int one = 0; one < cards.size(); one++) {
      for (int other = one + 1; other < cards.size(); other++) {
        count += before[one][other] && which.count(one, other) ? 1 : 0;
      }
    }
    return count;
  }

  /**
   * Whether a card, or one that reads the same, can stand at a place in a right order: behind all
   * that comes before it and before all that comes after it. In a partial order every place between
   * is one.
   */
  boolean canStand(int card, int place) {
    return anyAlike(
        card,
        alike -> {
          int ahead = 0;
          int behind = 0;
          for (int other = 0; other < cards.size(); other++) {
            ahead += before[other][alike] ? 1 : 0;
            behind += before[alike][other] ? 1 : 0;
          }
          return place >= ahead && place < cards.size() - behind;
        });
  }

  private boolean anyAlike(int card, Predicate<Integer> holds) {
    for (int other = 0; other < cards.size(); other++) {
      if (texts.get(other).equals(texts.get(card)) && holds.test(other)) {
        return true;
      }
    }
    return false;
  }

  /** Whether a card can come right after another in a right order: nothing has to be between. */
  private boolean canFollow(int one, int other) {
    if (before[other][one]) {
      return false;
    }
    for (int between = 0; between < cards.size(); between++) {
      if (before[one][between] && before[between][other]) {
        return false;
      }
    }
    return true;
  }

  /** The cards that can be told apart by nothing but their place, band by band; empty if mixed. */
  List<Integer> bands() {
    List<Integer> sizes = new ArrayList<>();
    int start = 0;
    for (int card = 1; card <= cards.size(); card++) {
      boolean ends = card == cards.size() || before[card - 1][card];
      if (ends) {
        sizes.add(card - start);
        start = card;
      }
    }
    int upTo = 0;
    for (int size : sizes) {
      upTo += size;
      for (int one = 0; one < upTo; one++) {
        for (int other = one + 1; other < cards.size(); other++) {
          boolean sameBand = one >= upTo - size && other < upTo;
          boolean within = one >= upTo - size;
          if (within && before[one][other] == sameBand) {
            return List.of();
          }
        }
      }
    }
    return sizes;
  }
}
