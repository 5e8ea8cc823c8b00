package bravium.core.readiness;

import bravium.core.activity.Rules;
import bravium.core.question.ChoiceQuestion;
import bravium.core.question.Credit;
import bravium.core.question.GapText;
import bravium.core.question.Gaps;
import bravium.core.question.Mark;
import bravium.core.question.Matching;
import bravium.core.question.Option;
import bravium.core.question.Ordering;
import bravium.core.question.PickAll;
import bravium.core.question.PointAt;
import bravium.core.question.Question;
import bravium.core.question.Sortable;
import bravium.core.question.Sorting;
import bravium.core.question.Spot;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.TreeMap;

/**
 * What guessing at one question brings: points and their chances.
 *
 * <p>A guesser picks any of the options; any of the choices that all apply, but at least one; puts
 * cards, words and partners anywhere; points anywhere. Typed answers count as never guessed. At a
 * second try she picks among what is left.
 *
 * @param chances of each number of points, in their order; together 1
 * @param exact false where tries at a question with parts are taken to be independent, or an area
 *     is measured on a grid
 */
public record GuessOdds(Map<Integer, Double> chances, boolean exact) {

  private static final int GRID = 50;

  /** The odds of one question under these rules. */
  public static GuessOdds of(Question question, Rules rules) {
    int worth = rules.worthOf(question);
    int tries = rules.mostTries();
    int price = rules.costs().wrong();
    return switch (question) {
      case PickAll all -> ofParts(pickAll(all), all.credit(), worth, tries, price);
      case ChoiceQuestion choice -> ofOptions(choice.choices(), worth, tries, price);
      case Gaps gaps when gaps.filling() != Gaps.Filling.TYPED ->
          ofParts(gaps(gaps), gaps.credit(), worth, tries, price);
      case Ordering order ->
          ofParts(
              shuffled(order.items().size(), order.items().size()),
              order.credit(),
              worth,
              tries,
              price);
      case Matching pairs ->
          ofParts(
              shuffled(pairs.items().size(), pairs.items().size()),
              pairs.credit(),
              worth,
              tries,
              price);
      case Sorting sorting -> ofParts(sorting(sorting), sorting.credit(), worth, tries, price);
      case PointAt point -> pointing(point, worth, tries, price);
      default -> never(tries, price);
    };
  }

  /** A number of right and of wrong parts, and the chance of that. */
  private record Parts(int right, int wrong, int of, double chance) {}

  private static GuessOdds never(int tries, int price) {
    Map<Integer, Double> chances = new TreeMap<>();
    chances.put(-cost(tries, price), 1.0);
    return new GuessOdds(chances, true);
  }

  private static int cost(int tries, int price) {
    return tries == Integer.MAX_VALUE ? 0 : tries * price;
  }

  /** Without replacement: the second try picks among what is left. */
  private static GuessOdds ofOptions(List<Option> options, int worth, int tries, int price) {
    int right = (int) options.stream().filter(Option::right).count();
    int wrong = options.size() - right;
    Map<Integer, Double> chances = new TreeMap<>();
    double stillWrong = 1;
    int most = Math.min(tries, wrong + (right > 0 ? 1 : 0));
    for (int attempt = 1; attempt <= most; attempt++) {
      double hit = (double) right / (options.size() - attempt + 1);
      chances.merge(worth - (attempt - 1) * price, stillWrong * hit, Double::sum);
      stillWrong *= 1 - hit;
    }
    if (stillWrong > 0) {
      chances.merge(-cost(most, price), stillWrong, Double::sum);
    }
    return new GuessOdds(chances, true);
  }

  private static GuessOdds ofParts(
      List<Parts> outcomes, Credit credit, int worth, int tries, int price) {
    Map<Integer, Double> once = new TreeMap<>();
    double full = 0;
    for (Parts parts : outcomes) {
      Mark mark = Mark.of(credit, parts.right(), parts.wrong(), parts.of());
      int points = mark.earned() == 0 ? -price : mark.pointsOf(worth);
      once.merge(points, parts.chance(), Double::sum);
      full += mark.full() ? parts.chance() : 0;
    }
    if (tries == 1) {
      return new GuessOdds(once, true);
    }
    if (tries == Integer.MAX_VALUE) {
      Map<Integer, Double> sure = new TreeMap<>();
      sure.put(full > 0 ? worth : 0, 1.0);
      return new GuessOdds(sure, price == 0);
    }
    return new GuessOdds(best(once, tries), false);
  }

  /** The best of some tries that don't know of each other. */
  private static Map<Integer, Double> best(Map<Integer, Double> once, int tries) {
    Map<Integer, Double> best = new TreeMap<>();
    double below = 0;
    double upTo = 0;
    for (Map.Entry<Integer, Double> entry : once.entrySet()) {
      upTo += entry.getValue();
      double chance = power(Math.min(1, upTo), tries) - power(below, tries);
      int points = entry.getKey() < 0 ? entry.getKey() * tries : entry.getKey();
      best.merge(points, chance, Double::sum);
      below = Math.min(1, upTo);
    }
    return best;
  }

  private static double power(double base, int exponent) {
    double product = 1;
    for (int i = 0; i < exponent; i++) {
      product *= base;
    }
    return product;
  }

  /** Any choice but the empty one, each as likely as the others (hypergeometric counts). */
  private static List<Parts> pickAll(PickAll question) {
    int right = question.rightChoices().size();
    int wrong = question.choices().size() - right;
    double all = power(2, right + wrong) - 1;
    List<Parts> outcomes = new ArrayList<>();
    for (int a = 0; a <= right; a++) {
      for (int b = 0; b <= wrong; b++) {
        if (a + b > 0) {
          double chance = choose(right, a) * choose(wrong, b) / all;
          outcomes.add(new Parts(a, b, Math.max(1, right), chance));
        }
      }
    }
    return outcomes;
  }

  /**
   * So many places filled from a bank in any order, each order as likely as the others: how many
   * are right, by inclusion and exclusion. With as many words as places these are the rencontres
   * numbers (Riordan, <i>An Introduction to Combinatorial Analysis</i>, 1958).
   */
  private static List<Parts> shuffled(int places, int bank) {
    List<Parts> outcomes = new ArrayList<>();
    for (int right = 0; right <= places; right++) {
      double sum = 0;
      for (int j = 0; j <= places - right; j++) {
        double ways = 1;
        for (int i = 0; i < right + j; i++) {
          ways /= bank - i;
        }
        sum += (j % 2 == 0 ? 1 : -1) * choose(places - right, j) * ways;
      }
      double chance = Math.max(0, choose(places, right) * sum);
      outcomes.add(new Parts(right, places - right, places, chance));
    }
    return outcomes;
  }

  private static List<Parts> gaps(Gaps question) {
    List<GapText.Gap> gaps = question.sentence().gaps();
    if (question.filling() == Gaps.Filling.DRAGGED) {
      return shuffled(gaps.size(), question.bank().size());
    }
    return independent(
        gaps.stream().mapToDouble(gap -> 1.0 / question.choicesAt(gap).size()).toArray());
  }

  private static List<Parts> sorting(Sorting question) {
    double groups = question.named().size();
    List<String> there = question.named().stream().map(g -> g.id()).toList();
    return independent(
        question.written().stream().mapToDouble(card -> right(card, there) / groups).toArray());
  }

  private static long right(Sortable card, List<String> groups) {
    return card.groups().stream().distinct().filter(groups::contains).count();
  }

  /** The Poisson binomial distribution. */
  private static List<Parts> independent(double[] chances) {
    double[] p = new double[chances.length + 1];
    p[0] = 1;
    for (int i = 0; i < chances.length; i++) {
      for (int right = i + 1; right >= 0; right--) {
        double before = right == 0 ? 0 : p[right - 1];
        p[right] = p[right] * (1 - chances[i]) + before * chances[i];
      }
    }
    List<Parts> outcomes = new ArrayList<>();
    for (int right = 0; right < p.length; right++) {
      outcomes.add(new Parts(right, chances.length - right, chances.length, p[right]));
    }
    return outcomes;
  }

  private static GuessOdds pointing(PointAt question, int worth, int tries, int price) {
    int hits = 0;
    int step = Spot.WHOLE / GRID;
    for (int x = step / 2; x < Spot.WHOLE; x += step) {
      for (int y = step / 2; y < Spot.WHOLE; y += step) {
        int atX = x;
        int atY = y;
        hits += question.rightAreas().stream().anyMatch(a -> a.contains(atX, atY)) ? 1 : 0;
      }
    }
    double chance = (double) hits / (GRID * GRID);
    List<Parts> outcomes = List.of(new Parts(1, 0, 1, chance), new Parts(0, 1, 1, 1 - chance));
    GuessOdds odds = ofParts(outcomes, Credit.ALL_OR_NOTHING, worth, tries, price);
    return new GuessOdds(odds.chances(), false);
  }

  private static double choose(int n, int k) {
    double ways = 1;
    for (int i = 1; i <= k; i++) {
      ways = ways * (n - k + i) / i;
    }
    return ways;
  }
}
