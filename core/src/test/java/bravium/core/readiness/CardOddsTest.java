package bravium.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bravium.core.activity.Prices;
import bravium.core.activity.Rules;
import bravium.core.activity.Tries;
import bravium.core.json.Extra;
import bravium.core.play.Verdict;
import bravium.core.question.Basics;
import bravium.core.question.Card;
import bravium.core.question.Credit;
import bravium.core.question.Feedback;
import bravium.core.question.Mark;
import bravium.core.question.Misplaced;
import bravium.core.question.Ordering;
import bravium.core.question.Ranked;
import bravium.core.question.Response;
import bravium.core.question.Scoring;
import bravium.core.question.Sortable;
import bravium.core.question.Sorting;
import bravium.core.rich.Words;
import bravium.core.samples.Activities;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.TreeMap;
import java.util.stream.IntStream;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/** What guessing at orders and sortings comes to, against every guess tried one by one. */
class CardOddsTest {

  private static final Rules RULES = Activities.asWritten(null, 50);

  @Property(tries = 60)
  void ordersComeOutAsOftenAsAllOfThemDo(@ForAll long seed) {
    Random random = new Random(seed);
    int n = 2 + random.nextInt(5);
    boolean bands = random.nextBoolean();
    List<Ranked> cards = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      List<String> after =
          !bands && i > 1 && random.nextInt(3) == 0 ? List.of("c0") : List.<String>of();
      cards.add(
          new Ranked("c" + i, Words.of("Card " + i), random.nextInt(3) == 0, after, Extra.NONE));
    }
    Ordering order =
        new Ordering(
            Basics.of("q", "Order", Feedback.USUAL),
            cards,
            Credit.values()[random.nextInt(3)],
            Scoring.values()[random.nextInt(3)],
            Extra.NONE);
    if (!order.complete()) {
      return;
    }
    Map<String, Double> expected = new TreeMap<>();
    List<List<String>> all = GuesserTest.permutations(order.items());
    for (List<String> given : all) {
      Mark mark = order.mark(new Response.Ordered(given));
      Verdict verdict =
          mark.full() ? Verdict.RIGHT : mark.partly() ? Verdict.PARTLY : Verdict.WRONG;
      expected.merge(verdict + " " + mark.pointsOf(10), 1.0 / all.size(), Double::sum);
    }

    GuessOdds odds = GuessOdds.of(order, RULES, Integer.MAX_VALUE);

    assertThat(odds.exact()).isTrue();
    same(odds, expected, false);
  }

  /** A guesser is told what lies wrong, and puts it where it was not yet. */
  @Property(tries = 60)
  void whatIsSaidBetweenTriesHelpsAsMuchAsItDoes(@ForAll long seed) {
    Random random = new Random(seed);
    int groups = 2 + random.nextInt(2);
    int n = 1 + random.nextInt(3);
    List<Sortable> cards =
        IntStream.range(0, n)
            .mapToObj(
                i ->
                    new Sortable(
                        "c" + i,
                        "Card " + i,
                        random.nextInt(4) == 0 ? List.of("g0", "g1") : List.of("g0")))
            .toList();
    Sorting sorting =
        new Sorting(
            Basics.of("q", "Sort", Feedback.USUAL),
            IntStream.range(0, groups).mapToObj(i -> new Card("g" + i, "Group " + i)).toList(),
            List.of(),
            cards,
            Credit.values()[random.nextInt(3)],
            null,
            false,
            false,
            Misplaced.GOES_BACK,
            Extra.NONE);
    int tries = 2 + random.nextInt(2);
    Rules rules =
        RULES.withTries(new Tries(Tries.Again.AT_ONCE, tries)).withPrices(new Prices(0, 3));
    Map<String, Double> expected = new TreeMap<>();
    Map<String, List<Set<String>>> left = new LinkedHashMap<>();
    cards.forEach(card -> left.put(card.id(), sorting.places()));
    go(sorting, left, new LinkedHashMap<>(), 1, 0, tries, 1, expected);

    same(GuessOdds.of(sorting, rules, Integer.MAX_VALUE), expected, true);
  }

  private static void go(
      Sorting sorting,
      Map<String, List<Set<String>>> left,
      Map<String, Set<String>> home,
      int attempt,
      int mistakes,
      int tries,
      double chance,
      Map<String, Double> expected) {
    List<Map<String, Set<String>>> guesses = List.of(new LinkedHashMap<>(home));
    for (String card : left.keySet()) {
      if (!home.containsKey(card)) {
        guesses =
            guesses.stream()
                .flatMap(
                    guess ->
                        left.get(card).stream()
                            .map(
                                place -> {
                                  Map<String, Set<String>> more = new LinkedHashMap<>(guess);
                                  more.put(card, place);
                                  return more;
                                }))
                .toList();
      }
    }
    for (Map<String, Set<String>> guess : guesses) {
      List<Response.Placing> placings = new ArrayList<>();
      guess.forEach((card, place) -> placings.addAll(Sorting.placings(card, place)));
      Mark mark = sorting.mark(new Response.Placed(placings));
      double here = chance / guesses.size();
      int wrong = mistakes + (!mark.full() && mark.earned() == 0 ? 1 : 0);
      if (mark.full() || attempt == tries) {
        Verdict verdict =
            mark.full() ? Verdict.RIGHT : mark.earned() > 0 ? Verdict.PARTLY : Verdict.WRONG;
        int points = mark.pointsOf(10) - 3 * wrong;
        expected.merge(verdict + " " + points + " " + wrong, here, Double::sum);
        continue;
      }
      Map<String, List<Set<String>>> rest = new LinkedHashMap<>(left);
      Map<String, Set<String>> right = new LinkedHashMap<>(home);
      for (Mark.Part part : mark.parts()) {
        Set<String> place = guess.get(part.id());
        if (part.right()) {
          right.put(part.id(), place);
        } else {
          rest.put(part.id(), left.get(part.id()).stream().filter(p -> !p.equals(place)).toList());
        }
      }
      go(sorting, rest, right, attempt + 1, wrong, tries, here, expected);
    }
  }

  private static void same(GuessOdds odds, Map<String, Double> expected, boolean mistakes) {
    Map<String, Double> found = new TreeMap<>();
    for (GuessOdds.Guess guess : odds.guesses()) {
      String what = guess.verdict() + " " + guess.points();
      found.merge(mistakes ? what + " " + guess.mistakes() : what, guess.chance(), Double::sum);
    }
    found.values().removeIf(chance -> chance < 1e-12);
    assertThat(found.keySet()).isEqualTo(expected.keySet());
    expected.forEach(
        (what, chance) -> assertThat(found.get(what)).as(what).isCloseTo(chance, within(1e-9)));
  }

  @Example
  void manyCardsInALooseOrderAreAnEstimate() {
    List<Ranked> cards =
        IntStream.range(0, 9)
            .mapToObj(
                i ->
                    new Ranked(
                        "c" + i,
                        Words.of("Card " + i),
                        false,
                        i > 4 ? List.of("c1") : List.<String>of(),
                        Extra.NONE))
            .toList();
    Ordering order =
        new Ordering(
            Basics.of("q", "Order", Feedback.USUAL),
            cards,
            Credit.EACH_RIGHT_COUNTS,
            Scoring.NEIGHBOURS,
            Extra.NONE);

    GuessOdds odds = GuessOdds.of(order, RULES, Integer.MAX_VALUE);

    assertThat(odds.exact()).isFalse();
    assertThat(odds.guesses().stream().mapToDouble(GuessOdds.Guess::chance).sum())
        .isCloseTo(1, within(1e-9));
  }
}
