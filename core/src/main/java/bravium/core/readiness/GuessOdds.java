package bravium.core.readiness;

import bravium.core.activity.Rules;
import bravium.core.answer.Comparison;
import bravium.core.play.Verdict;
import bravium.core.question.ChoiceQuestion;
import bravium.core.question.Credit;
import bravium.core.question.FractionTask;
import bravium.core.question.GapText;
import bravium.core.question.Gaps;
import bravium.core.question.Marking;
import bravium.core.question.Matching;
import bravium.core.question.Ordering;
import bravium.core.question.PickAll;
import bravium.core.question.PointAt;
import bravium.core.question.Question;
import bravium.core.question.Sorting;
import java.util.ArrayList;
import java.util.List;

/**
 * What guessing at one question comes to.
 *
 * <p>A guesser picks any of the options; any of the choices that all apply, but at least one; puts
 * cards, words and partners anywhere, and all of them; points anywhere. At a further try she
 * guesses among what is left, until she is right or has no try left. Typed answers count as never
 * guessed: they use up all tries, and where it is until right they never end.
 *
 * @param guesses what can come of it, each once; their chances are together 1, less where it can go
 *     on without an end or cost more mistakes than were asked for
 * @param exact whether they are no estimate
 * @param ends whether it comes to an end at all: what is typed until it is right doesn't
 */
public record GuessOdds(List<Guess> guesses, boolean exact, boolean ends) {

  /** What is only lost in differences of doubles. */
  private static final double NOTHING = 1e-12;

  /** Mistakes that are followed one by one at most. */
  static final int MOST_MISTAKES = 400;

  /**
   * How it can come out.
   *
   * @param points the best try's, less the price of the wrong ones, without any bonus
   * @param mistakes how many tries were wrong
   * @param tries how many there were; 1 where it is until right
   */
  public record Guess(Verdict verdict, int points, int mistakes, int tries, double chance) {}

  /**
   * The odds of one question under these rules.
   *
   * @param mostMistakes what comes only after more mistakes is left out; from 0
   */
  public static GuessOdds of(Question question, Rules rules, int mostMistakes) {
    int worth = rules.worthOf(question);
    int price = rules.costs().wrong();
    boolean once = question instanceof Sorting sorting && sorting.atOnce();
    int tries = question.canBeRight() && !once ? rules.mostTries() : 1;
    if (question.marking() != Marking.AT_ONCE) {
      return new GuessOdds(List.of(new Guess(Verdict.GIVEN, 0, 0, 1, 1)), true, true);
    }
    if (question instanceof Sorting sorting && sorting.misplaced() != null && tries > 1) {
      SortedOdds told = new SortedOdds(sorting, worth, price, tries);
      if (told.canBeFollowed()) {
        return new GuessOdds(
            told.guesses().stream()
                .filter(g -> g.chance() > NOTHING && g.mistakes() <= mostMistakes)
                .toList(),
            true,
            true);
      }
    }
    Responses responses = responses(question);
    if (responses == null) {
      return new GuessOdds(never(tries, price, mostMistakes), true, tries != Integer.MAX_VALUE);
    }
    List<Guess> guesses =
        tries == Integer.MAX_VALUE
            ? untilRight(responses, worth, price, mostMistakes)
            : tried(responses, worth, price, tries);
    return new GuessOdds(
        guesses.stream().filter(g -> g.chance() > 0 && g.mistakes() <= mostMistakes).toList(),
        responses.exact(),
        true);
  }

  private static List<Guess> never(int tries, int price, int mostMistakes) {
    return tries > mostMistakes || tries == Integer.MAX_VALUE
        ? List.of()
        : List.of(new Guess(Verdict.WRONG, -tries * price, tries, tries, 1));
  }

  /**
   * Without replacement, as hypergeometric counts: right at one of the tries, with so many wrong
   * ones before it, or never; then the best of those that were right in part counts.
   */
  private static List<Guess> tried(Responses responses, int worth, int price, int tries) {
    List<Guess> guesses = new ArrayList<>();
    double wrong = responses.wrong();
    double partly = responses.inPart();
    double all = wrong + partly + responses.full();
    for (int before = 0; before < tries; before++) {
      double missing = share(wrong + partly, all, before);
      double hit = all - before > 0 ? responses.full() / (all - before) : 0;
      for (int mistakes = 0; mistakes <= before; mistakes++) {
        double chance = missing * hit * mixed(wrong, mistakes, partly, before - mistakes);
        int points = worth - mistakes * price;
        guesses.add(new Guess(Verdict.RIGHT, points, mistakes, before + 1, chance));
      }
    }
    // There may be fewer responses than tries.
    int most = (int) Math.min(tries, Math.floor(wrong + partly + 0.5));
    double never = responses.full() > 0 && most < tries ? 0 : share(wrong + partly, all, most);
    for (int mistakes = 0; mistakes <= most; mistakes++) {
      double chance = never * mixed(wrong, mistakes, partly, most - mistakes);
      if (mistakes == most) {
        guesses.add(new Guess(Verdict.WRONG, -mistakes * price, mistakes, most, chance));
      } else if (chance > 0) {
        guesses.addAll(partly(responses, worth, price, mistakes, most, chance));
      }
    }
    return guesses;
  }

  /** The best of those tries that are right in part counts, drawn without replacement. */
  private static List<Guess> partly(
      Responses responses, int worth, int price, int mistakes, int tries, double chance) {
    List<Guess> guesses = new ArrayList<>();
    double all = responses.inPart();
    double upTo = 0;
    double before = 0;
    for (int earned : responses.partly().keySet()) {
      upTo += responses.partly().get(earned);
      double below = share(upTo, all, tries - mistakes);
      int points = responses.points(earned, worth) - mistakes * price;
      guesses.add(new Guess(Verdict.PARTLY, points, mistakes, tries, chance * (below - before)));
      before = below;
    }
    return guesses;
  }

  /** That so many drawn without replacement are all of some: n choose k by all choose k. */
  private static double share(double some, double all, int drawn) {
    double share = 1;
    for (int i = 0; i < drawn; i++) {
      share *= some - i <= 0 ? 0 : Math.min(1, (some - i) / (all - i));
    }
    return share;
  }

  /** That of a + b drawn from both just a are of the one and b of the other. */
  private static double mixed(double ones, int a, double others, int b) {
    double chance = 1;
    for (int i = 0; i < a + b; i++) {
      double from = i < a ? ones - i : others - (i - a);
      chance *= from <= 0 ? 0 : from / (ones + others - i);
    }
    for (int i = 1; i <= b; i++) {
      chance = chance * (a + i) / i;
    }
    return chance;
  }

  /** Negative hypergeometric: the wrong ones before the first that is fully right. */
  private static List<Guess> untilRight(
      Responses responses, int worth, int price, int mostMistakes) {
    if (mostMistakes == Integer.MAX_VALUE) {
      return List.of(new Guess(Verdict.RIGHT, worth, 0, 1, 1));
    }
    List<Guess> guesses = new ArrayList<>();
    double still = 1;
    for (int mistakes = 0; mistakes <= mostMistakes && still > 0; mistakes++) {
      double left = responses.wrong() - mistakes;
      double hit = responses.full() / (Math.max(0, left) + responses.full());
      guesses.add(new Guess(Verdict.RIGHT, worth - mistakes * price, mistakes, 1, still * hit));
      still *= left <= 0 ? 0 : 1 - hit;
    }
    return guesses;
  }

  /** All responses that a guesser may give; null where what is typed is never guessed. */
  private static Responses responses(Question question) {
    return switch (question) {
      case PickAll all -> pickAll(all);
      case ChoiceQuestion choice -> {
        int right = choice.rightChoices().size();
        yield Responses.whole(right, choice.choices().size() - right);
      }
      case Gaps gaps ->
          switch (gaps.filling()) {
            case TYPED -> null;
            case DRAGGED -> dragged(gaps);
            case CHOSEN -> chosen(gaps);
          };
      case Ordering order -> OrderOdds.of(order);
      case Matching pairs -> matched(pairs);
      case Sorting sorting -> {
        double[] chances = SortedOdds.chances(sorting);
        yield Responses.ofParts(
            independent(chances),
            sorting.credit(),
            Math.max(1, chances.length),
            power(sorting.places().size(), chances.length),
            true);
      }
      case FractionTask fraction ->
          switch (fraction.task()) {
            case NAME -> null;
            case COMPARE -> Responses.whole(1, 2);
            // Who guesses shades so many parts; where she cuts, too, that is never guessed.
            case SHADE, EQUAL ->
                fraction.ownCut()
                    ? null
                    : Responses.whole(1, Math.max(1, fraction.shadeable() - 1));
          };
      case PointAt point -> {
        double hits = HitArea.of(point.rightAreas());
        yield Responses.whole(hits, HitArea.PLACES - hits);
      }
      default -> null;
    };
  }

  /** Any choice but the empty one. */
  private static Responses pickAll(PickAll question) {
    int right = question.rightChoices().size();
    int wrong = question.choices().size() - right;
    double all = power(2, right + wrong) - 1;
    List<Responses.Parts> outcomes = new ArrayList<>();
    for (int a = 0; a <= right; a++) {
      for (int b = 0; b <= wrong; b++) {
        if (a + b > 0) {
          outcomes.add(new Responses.Parts(a, b, choose(right, a) * choose(wrong, b) / all));
        }
      }
    }
    return Responses.ofParts(outcomes, question.credit(), Math.max(1, right), all, true);
  }

  /** Cards in any order; those that read the same are as good as each other. */
  private static Responses permuted(List<String> texts, Credit credit) {
    int n = texts.size();
    boolean[][] right = new boolean[n][n];
    for (int place = 0; place < n; place++) {
      for (int card = 0; card < n; card++) {
        right[place][card] = texts.get(place).equals(texts.get(card));
      }
    }
    return placed(right, n, credit);
  }

  static Responses placed(boolean[][] right, int bank, Credit credit) {
    Placings.Counted counted = Placings.of(right, bank);
    double all = 1;
    for (int i = 0; i < right.length; i++) {
      all *= bank - i;
    }
    return Responses.ofParts(counted.parts(), credit, right.length, all, counted.exact());
  }

  private static Responses dragged(Gaps question) {
    List<GapText.Gap> gaps = question.sentence().gaps();
    List<String> bank = question.bank();
    boolean[][] right = new boolean[gaps.size()][];
    for (int i = 0; i < gaps.size(); i++) {
      right[i] = right(question, gaps.get(i), bank);
    }
    return placed(right, bank.size(), question.credit());
  }

  private static Responses chosen(Gaps question) {
    List<GapText.Gap> gaps = question.sentence().gaps();
    double[] chances = new double[gaps.size()];
    double all = 1;
    List<List<String>> offered = question.choices();
    for (int i = 0; i < chances.length; i++) {
      List<String> choices = offered.get(i);
      int right = 0;
      for (boolean fits : right(question, gaps.get(i), choices)) {
        right += fits ? 1 : 0;
      }
      chances[i] = (double) right / choices.size();
      all *= choices.size();
    }
    return Responses.ofParts(
        independent(chances), question.credit(), Math.max(1, chances.length), all, true);
  }

  private static boolean[] right(Gaps question, GapText.Gap gap, List<String> words) {
    Comparison comparison = Comparison.with(gap.accepted(), List.of(), question.comparing());
    boolean[] right = new boolean[words.size()];
    for (int i = 0; i < right.length; i++) {
      right[i] = comparison.right(words.get(i)).isPresent();
    }
    return right;
  }

  /** Partners beside any card: one beside each, or any number where some have several. */
  private static Responses matched(Matching question) {
    if (!question.oneToMany()) {
      return permuted(
          question.partners().stream().map(card -> card.text().key()).toList(), question.credit());
    }
    int lefts = question.written().size();
    double[] chances =
        question.partners().stream()
            .mapToDouble(card -> (double) question.besides(card) / lefts)
            .toArray();
    return Responses.ofParts(
        independent(chances),
        question.credit(),
        chances.length,
        power(lefts, chances.length),
        true);
  }

  /** The Poisson binomial distribution. */
  private static List<Responses.Parts> independent(double[] chances) {
    double[] p = new double[chances.length + 1];
    p[0] = 1;
    for (int i = 0; i < chances.length; i++) {
      for (int right = i + 1; right >= 0; right--) {
        double before = right == 0 ? 0 : p[right - 1];
        p[right] = p[right] * (1 - chances[i]) + before * chances[i];
      }
    }
    List<Responses.Parts> outcomes = new ArrayList<>();
    for (int right = 0; right < p.length; right++) {
      outcomes.add(new Responses.Parts(right, chances.length - right, p[right]));
    }
    return outcomes;
  }

  private static double power(double base, int exponent) {
    double product = 1;
    for (int i = 0; i < exponent; i++) {
      product *= base;
    }
    return product;
  }

  private static double choose(int n, int k) {
    double ways = 1;
    for (int i = 1; i <= k; i++) {
      ways = ways * (n - k + i) / i;
    }
    return ways;
  }
}
