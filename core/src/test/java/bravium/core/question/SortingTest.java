package bravium.core.question;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bravium.core.json.Extra;
import bravium.core.rich.Words;
import bravium.core.samples.RandomQuestions;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

class SortingTest {

  private static final List<Card> TWO =
      List.of(new Card("wings", "Wings"), new Card("hive", "Hive"));

  @Example
  void aCardInTwoRingsBelongsIntoBothAtOnce() {
    Sorting sorting = rings(new Sortable("bee", "Bee", List.of("wings", "hive")));

    assertThat(right(sorting, "bee", "wings", "hive")).isTrue();
    assertThat(right(sorting, "bee", "wings")).isFalse();
    assertThat(right(sorting, "bee", Sorting.NOWHERE)).isFalse();
  }

  @Example
  void aCardThatIsRightInEitherRingBelongsIntoOne() {
    Sortable either =
        new Sortable("wax", Words.of("Wax"), List.of("wings", "hive"), true, false, Extra.NONE);

    assertThat(right(rings(either), "wax", "hive")).isTrue();
    assertThat(right(rings(either), "wax", "wings", "hive")).isFalse();
  }

  @Example
  void aCardCanBelongNowhere() {
    Sortable stone = new Sortable("stone", Words.of("Stone"), List.of(), false, true, Extra.NONE);

    assertThat(right(rings(stone), "stone", Sorting.NOWHERE)).isTrue();
    assertThat(right(rings(stone), "stone", "hive")).isFalse();
    assertThat(columns(false, stone).written()).isEmpty();
    assertThat(right(columns(true, stone), "stone", Sorting.NOWHERE)).isTrue();
  }

  @Example
  void inATableRowAndColumnHaveToBeRight() {
    Sorting table =
        new Sorting(
            Basics.of("q", "Sort", Feedback.USUAL),
            TWO,
            List.of(new Card("summer", "Summer"), new Card("winter", "Winter")),
            List.of(new Sortable("drone", "Drone", List.of("hive", "summer"))),
            Credit.EACH_RIGHT_COUNTS,
            Arrangement.TABLE,
            false,
            false,
            null,
            Extra.NONE);

    assertThat(right(table, "drone", "hive", "summer")).isTrue();
    assertThat(right(table, "drone", "hive", "winter")).isFalse();
    assertThat(table.takes(placed("drone", "hive"))).isFalse();
    assertThat(table.takes(placed("drone", "hive", "wings"))).isFalse();
  }

  @Example
  void whatIsNoPlaceIsNotTaken() {
    Sorting sorting = rings(new Sortable("bee", "Bee", List.of("hive")));

    assertThat(sorting.takes(placed("bee", "nest"))).isFalse();
    assertThat(sorting.takes(placed("wasp", "hive"))).isFalse();
    assertThat(sorting.takes(placed("bee", "hive", "hive"))).isFalse();
    assertThat(sorting.takes(placed("bee", "hive", Sorting.NOWHERE))).isFalse();
    assertThat(sorting.takes(new Response.Placed(List.of()))).isFalse();
    assertThat(
            columns(true, new Sortable("bee", "Bee", List.of("hive")))
                .takes(placed("bee", "hive", "wings")))
        .isFalse();
  }

  @Property(tries = 200)
  void marksNeverDependOnTheOrderOfCards(@ForAll long seed) {
    Random random = new Random(seed);
    Sorting sorting = (Sorting) new RandomQuestions(random).ofKind(8, "q", true);
    Response response = new RandomQuestions(random).response(sorting);
    if (!sorting.takes(response)) {
      return;
    }
    List<Response.Placing> turned = new ArrayList<>(((Response.Placed) response).placings());
    Collections.shuffle(turned, random);
    List<Sortable> mixed = new ArrayList<>(sorting.cards());
    Collections.shuffle(mixed, random);

    Mark mark = sorting.mark(response);
    Mark other = sorting.withCards(mixed).mark(new Response.Placed(turned));

    assertThat(other.earned()).isEqualTo(mark.earned());
    assertThat(other.full()).isEqualTo(mark.full());
    assertThat(other.parts()).containsExactlyInAnyOrderElementsOf(mark.parts());
  }

  @Property(tries = 200)
  void whatMovesThereAndBackHasNotMoved(@ForAll long seed) {
    Random random = new Random(seed);
    Sorting sorting = (Sorting) new RandomQuestions(random).ofKind(8, "q", true);
    Response first = new RandomQuestions(random).response(sorting);
    Response last = new RandomQuestions(random).response(sorting);
    if (!sorting.takes(first) || !sorting.takes(last)) {
      return;
    }
    Moved there = sorting.moved(first, last);
    Moved back = sorting.moved(last, first);

    assertThat(sorting.moved(first, first)).isEqualTo(new Moved(0, 0, 0));
    assertThat(back).isEqualTo(new Moved(there.cards(), there.astray(), there.home()));
    assertThat(sorting.mark(last).parts().stream().filter(Mark.Part::right).count())
        .isEqualTo(
            sorting.mark(first).parts().stream().filter(Mark.Part::right).count()
                + there.home()
                - there.astray());
  }

  @Example
  void fourCardsMovedAndThreeCameHome() {
    List<Sortable> cards =
        IntStream.range(0, 6)
            .mapToObj(i -> new Sortable("c" + i, "Card " + i, List.of(i < 3 ? "wings" : "hive")))
            .toList();
    Sorting sorting = columns(false, cards.toArray(Sortable[]::new));
    Response first = all("hive", "hive", "hive", "wings", "hive", "hive");
    Response last = all("wings", "wings", "hive", "hive", "wings", "hive");

    assertThat(sorting.moved(first, last)).isEqualTo(new Moved(4, 3, 1));
  }

  private static Response all(String... groups) {
    return new Response.Placed(
        IntStream.range(0, groups.length)
            .mapToObj(i -> new Response.Placing("c" + i, groups[i]))
            .toList());
  }

  @Example
  void aHundredCardsAreTakenAndTwoHundredAreNot() {
    assertThat(columns(false, cards(100)).complete()).isTrue();
    assertThatThrownBy(() -> columns(false, cards(200)))
        .hasMessage("a question has at most 100 cards");
  }

  private static Sortable[] cards(int count) {
    return IntStream.range(0, count)
        .mapToObj(i -> new Sortable("c" + i, "Card " + i, List.of("hive")))
        .toArray(Sortable[]::new);
  }

  private static boolean right(Sorting sorting, String card, String... groups) {
    Response response = placed(card, groups);
    assertThat(sorting.takes(response)).isTrue();
    return sorting.mark(response).parts().getFirst().right();
  }

  private static Response placed(String card, String... groups) {
    return new Response.Placed(
        List.of(groups).stream().map(group -> new Response.Placing(card, group)).toList());
  }

  private static Sorting rings(Sortable... cards) {
    return sorting(Arrangement.RINGS, false, cards);
  }

  private static Sorting columns(boolean outside, Sortable... cards) {
    return sorting(null, outside, cards);
  }

  private static Sorting sorting(Arrangement arrangement, boolean outside, Sortable... cards) {
    return new Sorting(
        Basics.of("q", "Sort", Feedback.USUAL),
        TWO,
        List.of(),
        List.of(cards),
        Credit.EACH_RIGHT_COUNTS,
        arrangement,
        outside,
        false,
        null,
        Extra.NONE);
  }
}
