package bravium.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import bravium.core.activity.Prices;
import bravium.core.activity.Rules;
import bravium.core.activity.Tries;
import bravium.core.answer.Comparing;
import bravium.core.json.Extra;
import bravium.core.question.Area;
import bravium.core.question.Basics;
import bravium.core.question.Card;
import bravium.core.question.Credit;
import bravium.core.question.Feedback;
import bravium.core.question.Gaps;
import bravium.core.question.Matching;
import bravium.core.question.Option;
import bravium.core.question.Ordering;
import bravium.core.question.Pair;
import bravium.core.question.PickAll;
import bravium.core.question.PickOne;
import bravium.core.question.PointAt;
import bravium.core.question.Question;
import bravium.core.question.Response;
import bravium.core.question.Sortable;
import bravium.core.question.Sorting;
import bravium.core.question.Spot;
import bravium.core.samples.Activities;
import bravium.core.samples.RandomQuestions;
import java.util.ArrayList;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

/** Source: every response written out, marked by the question itself, and counted. */
class GuessOddsTest {

  private static final double CLOSE = 1e-9;
  private static final int WORTH = 10;

  @Property(tries = 150)
  void guessingAtAnyKindIsTheShareOfAllItsResponses(@ForAll long seed) {
    Random random = new Random(seed);
    Question question = guessable(random);
    List<Response> all = responses(question).stream().filter(question::takes).toList();
    for (int percent : new int[] {1, 34, 50, 67, 100}) {
      Rules rules = Activities.mixed(null, percent).withPrices(new Prices(0, random.nextInt(3)));
      long passing =
          all.stream()
              .filter(r -> question.mark(r).pointsOf(WORTH) * 100 >= percent * WORTH)
              .count();

      Guessing guessing = PointsGuessed.of(List.of(question), rules);

      assertThat(guessing.exact()).isTrue();
      assertThat(guessing.chance())
          .as("%s at %s %%", question, percent)
          .isCloseTo((double) passing / all.size(), within(CLOSE));
    }
  }

  @Property(tries = 200)
  void aSecondTryPicksAmongWhatIsLeft(
      @ForAll @IntRange(min = 2, max = 5) int options,
      @ForAll @IntRange(min = 1, max = 2) int right,
      @ForAll @IntRange(min = 2, max = 3) int tries,
      @ForAll @IntRange(min = 0, max = 4) int price) {
    PickOne question = pickOne(options, Math.min(right, options));
    Rules rules =
        Activities.mixed(null, 50)
            .withTries(new Tries(Tries.Again.AT_ONCE, tries))
            .withPrices(new Prices(0, price));
    List<List<String>> orders = permutations(question.items());
    long passing =
        orders.stream()
            .filter(
                order -> {
                  int first = firstRight(question, order);
                  return first < tries && WORTH - first * price >= WORTH / 2;
                })
            .count();

    Guessing guessing = PointsGuessed.of(List.of(question), rules);

    assertThat(guessing.exact()).isTrue();
    assertThat(guessing.chance()).isCloseTo((double) passing / orders.size(), within(CLOSE));
  }

  @Test
  void untilRightIsCertainWhereThereIsSomethingToPickAndNeverWhereOneTypes() {
    Rules rules = Activities.mixed(null, 100).withTries(new Tries(Tries.Again.UNTIL_RIGHT, null));
    Question typed = new RandomQuestions(new Random(1)).ofKind(3, "t", true);

    assertThat(PointsGuessed.of(List.of(pickOne(4, 1)), rules).billionths())
        .isEqualTo(1_000_000_000);
    assertThat(PointsGuessed.of(List.of(typed), rules).billionths()).isZero();
  }

  @Test
  void inADrawWithoutPointsMistakesCostNothingThatCounts() {
    Rules rules =
        Activities.mixed(2, 30)
            .withWorth(0)
            .withTries(new Tries(Tries.Again.UNTIL_RIGHT, null))
            .withPrices(new Prices(0, 5));
    PickOne free = pickOne(3, 1);
    Question five = free.with(free.basics().withWorth(5));

    Guessing guessing = PointsGuessed.of(List.of(free, free, five), rules);

    // One draw in three has no points; in the others both have to be right at once.
    assertThat(guessing.chance()).isCloseTo(1 / 3.0 + 2 / 27.0, within(1.7 * guessing.off()));
    assertThat(guessing.off()).isLessThan(0.03);

    // What nobody gets right ends with one mistake: only draws with points are lost by it.
    PickOne hopeless = pickOne(3, 0);
    Guessing with = PointsGuessed.of(List.of(free, hopeless, five), rules);
    assertThat(with.chance()).isCloseTo(1 / 3.0 + 1 / 27.0, within(1.7 * with.off()));
  }

  @Test
  void whatCanNotBeFollowedIsAnEstimateThatSaysHowFarOffItMayBe() {
    List<Question> many = new ArrayList<>();
    for (int i = 0; i < 200; i++) {
      PickOne one = pickOne(2 + i % 4, 1);
      many.add(one.with(one.basics().withWorth(7 + i * 13)));
    }
    Guessing estimate = PointsGuessed.of(many, Activities.mixed(100, 50));
    assertThat(estimate.exact()).isFalse();
    assertThat(estimate.chance()).isBetween(0.0, 0.2);
    assertThat(estimate.off()).isBetween(0.0001, 0.03);
  }

  /** Source: the places of the picture one by one, asked of the area itself. */
  @Property(tries = 60)
  void aGuessedPlaceIsCountedExactly(@ForAll long seed) {
    PointAt point = (PointAt) new RandomQuestions(new Random(seed)).ofKind(9, "p", true);
    int hits = 0;
    for (int x = 0; x <= Spot.WHOLE; x++) {
      for (int y = 0; y <= Spot.WHOLE; y++) {
        hits += contains(point.areas(), x, y) ? 1 : 0;
      }
    }

    assertThat(HitArea.of(point.areas())).isEqualTo(hits);
  }

  private static boolean contains(List<Area> areas, int x, int y) {
    for (Area area : areas) {
      if (area.contains(x, y)) {
        return true;
      }
    }
    return false;
  }

  private static int firstRight(PickOne question, List<String> order) {
    for (int i = 0; i < order.size(); i++) {
      if (question.choice(order.get(i)).orElseThrow().right()) {
        return i;
      }
    }
    return order.size();
  }

  private static PickOne pickOne(int options, int right) {
    List<Option> list = new ArrayList<>();
    for (int i = 0; i < options; i++) {
      list.add(new Option("o" + i, "o" + i, i < right));
    }
    return new PickOne("q", "Which?", list, Feedback.USUAL);
  }

  private static Question guessable(Random random) {
    Basics basics = Basics.of("q", "Which?", Feedback.USUAL);
    Credit credit = Credit.values()[random.nextInt(3)];
    int n = 2 + random.nextInt(3);
    List<Card> cards = new ArrayList<>();
    for (int i = 0; i < n; i++) {
      cards.add(new Card("c" + i, "Card " + random.nextInt(n)));
    }
    return switch (random.nextInt(6)) {
      case 0 -> {
        List<Option> options = new ArrayList<>();
        for (int i = 0; i < n; i++) {
          options.add(new Option("o" + i, "o" + i, i == 0 || random.nextBoolean()));
        }
        yield new PickAll(basics, options, credit, Extra.NONE);
      }
      case 1 -> new Ordering(basics, cards, credit, Extra.NONE);
      case 2 ->
          new Matching(
              basics,
              cards.stream()
                  .map(c -> new Pair(c, new Card("r" + c.id(), "To " + random.nextInt(3))))
                  .toList(),
              credit,
              Extra.NONE);
      case 3 ->
          new Sorting(
              basics,
              List.of(new Card("g0", "A"), new Card("g1", "B"), new Card("g2", "C")),
              cards.stream().map(c -> new Sortable(c.id(), c.text(), groups(random))).toList(),
              credit,
              Extra.NONE);
      case 4 ->
          gaps(
              random.nextBoolean()
                  ? "[wax] and [honey] in a [comb]"
                  : "[wax|mud] and [Wax] in a [comb|mud|milk]",
              Gaps.Filling.DRAGGED,
              random.nextInt(3),
              credit);
      default ->
          gaps("[16|mud|!20|!24] or [one|!two]", Gaps.Filling.CHOSEN, random.nextInt(2), credit);
    };
  }

  private static Gaps gaps(String text, Gaps.Filling filling, int decoys, Credit credit) {
    return new Gaps(
        Basics.of("q", text, Feedback.USUAL),
        filling,
        List.of("mud", "milk", "sap").subList(0, decoys),
        Comparing.FAIR,
        credit,
        Extra.NONE);
  }

  private static List<String> groups(Random random) {
    return random.nextBoolean() ? List.of("g0") : List.of("g1", "g2");
  }

  /** All responses a guesser may give: whole ones, each as likely as the others. */
  private static List<Response> responses(Question question) {
    return switch (question) {
      case PickAll q -> subsets(q.items());
      case Ordering q ->
          permutations(q.items()).stream().<Response>map(Response.Ordered::new).toList();
      case Matching q -> permutations(q.items()).stream().map(order -> beside(q, order)).toList();
      case Sorting q -> placements(q.items(), List.of("g0", "g1", "g2"));
      case Gaps q when q.filling() == Gaps.Filling.DRAGGED ->
          permutations(q.bank()).stream()
              .map(order -> order.subList(0, q.sentence().gaps().size()))
              .<Response>map(Response.Filled::new)
              .toList();
      case Gaps q -> {
        List<Response> all = new ArrayList<>();
        for (String one : q.choices().get(0)) {
          for (String other : q.choices().get(1)) {
            all.add(new Response.Filled(List.of(one, other)));
          }
        }
        yield all;
      }
      default -> throw new IllegalArgumentException("not guessed here");
    };
  }

  private static List<Response> subsets(List<String> items) {
    List<Response> all = new ArrayList<>();
    for (int set = 1; set < 1 << items.size(); set++) {
      List<String> picked = new ArrayList<>();
      for (int i = 0; i < items.size(); i++) {
        if ((set >> i & 1) == 1) {
          picked.add(items.get(i));
        }
      }
      all.add(new Response.PickedAll(picked));
    }
    return all;
  }

  private static Response beside(Matching question, List<String> order) {
    List<Response.Placing> placings = new ArrayList<>();
    for (int i = 0; i < order.size(); i++) {
      placings.add(new Response.Placing(order.get(i), question.written().get(i).left().id()));
    }
    return new Response.Placed(placings);
  }

  private static List<Response> placements(List<String> cards, List<String> groups) {
    List<List<Response.Placing>> all = List.of(List.of());
    for (String card : cards) {
      List<List<Response.Placing>> more = new ArrayList<>();
      for (List<Response.Placing> before : all) {
        for (String group : groups) {
          List<Response.Placing> longer = new ArrayList<>(before);
          longer.add(new Response.Placing(card, group));
          more.add(longer);
        }
      }
      all = more;
    }
    return all.stream().<Response>map(Response.Placed::new).toList();
  }

  private static List<List<String>> permutations(List<String> items) {
    if (items.isEmpty()) {
      return List.of(List.of());
    }
    List<List<String>> all = new ArrayList<>();
    for (int i = 0; i < items.size(); i++) {
      List<String> rest = new ArrayList<>(items);
      String first = rest.remove(i);
      for (List<String> tail : permutations(rest)) {
        List<String> whole = new ArrayList<>(List.of(first));
        whole.addAll(tail);
        all.add(whole);
      }
    }
    return all;
  }
}
