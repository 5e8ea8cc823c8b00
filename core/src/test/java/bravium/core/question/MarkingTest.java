package bravium.core.question;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.answer.Comparing;
import bravium.core.json.Extra;
import bravium.core.rich.Words;
import bravium.core.samples.RandomQuestions;
import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

class MarkingTest {

  @Property(tries = 2_000)
  void aFullyRightAnswerBringsTheWholeWorthAndAWrongOneNothing(@ForAll long seed) {
    Random random = new Random(seed);
    Question question = new RandomQuestions(random).any("q", true);
    int worth = random.nextInt(50);
    if (question.marking() != Marking.AT_ONCE) {
      return;
    }
    question
        .rightResponse()
        .filter(question::takes)
        .map(question::mark)
        .ifPresent(
            mark -> {
              assertThat(mark.full()).as("%s", question).isTrue();
              assertThat(mark.pointsOf(worth)).isEqualTo(worth);
            });
    question
        .wrongResponse()
        .filter(question::takes)
        .map(question::mark)
        .ifPresent(mark -> assertThat(mark.full()).as("%s", question).isFalse());
  }

  @Property(tries = 2_000)
  void noAnswerBringsLessThanNothingOrMoreThanTheWorth(@ForAll long seed) {
    Random random = new Random(seed);
    Question question = new RandomQuestions(random).any("q", true);
    Response response = new RandomQuestions(random).response(question);
    if (question.marking() == Marking.AT_ONCE && question.takes(response)) {
      Mark mark = question.mark(response);

      assertThat(mark.earned()).isBetween(0, mark.of());
      assertThat(mark.pointsOf(10)).isBetween(0, 10);
      assertThat(mark.pointsOf(0)).isZero();
      assertThat(mark.full() && mark.earned() < mark.of()).isFalse();
    }
  }

  @Property(tries = 500)
  void theOrderInWhichOptionsArePickedOrCardsArePlacedNeverMatters(@ForAll long seed) {
    Random random = new Random(seed);
    Question question = new RandomQuestions(random).ofKind(random.nextBoolean() ? 1 : 8, "q", true);
    Response response = new RandomQuestions(random).response(question);
    if (question.takes(response)) {
      Response shuffled = shuffled(response, random);

      assertThat(question.takes(shuffled)).isTrue();
      assertThat(question.mark(shuffled).earned()).isEqualTo(question.mark(response).earned());
    }
  }

  private static Response shuffled(Response response, Random random) {
    return switch (response) {
      case Response.PickedAll(List<String> options) -> {
        List<String> mixed = new ArrayList<>(options);
        Collections.shuffle(mixed, random);
        yield new Response.PickedAll(mixed);
      }
      case Response.Placed(List<Response.Placing> placings) -> {
        List<Response.Placing> mixed = new ArrayList<>(placings);
        Collections.shuffle(mixed, random);
        yield new Response.Placed(mixed);
      }
      default -> response;
    };
  }

  /**
   * Source: 1EdTech, QTI 3.0 Best Practices and Implementation Guide, the choice example whose
   * correct response is H and O: mapEntry H 1, O 1, Cl -1, with lowerBound 0 and upperBound 2. What
   * is not mapped has the defaultValue -2 there; Bravium's wrong options all cost 1 (from memory).
   */
  @ParameterizedTest
  @CsvSource({"H O, 2", "H, 1", "O, 1", "H O Cl, 1", "Cl, 0", "H Cl, 0", "O H, 2"})
  void wrongPartsCostAsInMapResponseWithBounds(String picked, int score) {
    assertThat(water(Credit.WRONG_COSTS).mark(picking(picked)).earned()).isEqualTo(score);
  }

  /** Source: QTI 3.0, response processing template match_correct: all of it or nothing. */
  @ParameterizedTest
  @CsvSource({"H O, 2", "H, 0", "H O Cl, 0", "Cl, 0", "O H, 2"})
  void allOrNothingIsMatchCorrect(String picked, int score) {
    assertThat(water(Credit.ALL_OR_NOTHING).mark(picking(picked)).earned()).isEqualTo(score);
  }

  /** Source: QTI 3.0, map_response whose wrong entries map to 0. */
  @ParameterizedTest
  @CsvSource({"H O, 2", "H, 1", "H O Cl, 2", "Cl, 0", "H Cl, 1"})
  void eachRightPartCountsAsInMapResponseWithoutNegativeEntries(String picked, int score) {
    Mark mark = water(Credit.EACH_RIGHT_COUNTS).mark(picking(picked));

    assertThat(mark.earned()).isEqualTo(score);
    assertThat(mark.full()).isEqualTo(picked.equals("H O"));
  }

  private static PickAll water(Credit credit) {
    List<Option> options =
        List.of(
            new Option("H", "Hydrogen", true),
            new Option("He", "Helium", false),
            new Option("O", "Oxygen", true),
            new Option("Cl", "Chlorine", false));
    return new PickAll(
        Basics.of("q", "Which elements form water?", Feedback.USUAL), options, credit, Extra.NONE);
  }

  private static Response picking(String ids) {
    return new Response.PickedAll(List.of(ids.split(" ")));
  }

  @ParameterizedTest
  @CsvSource({"10, 1, 3, 3", "10, 2, 3, 7", "5, 1, 2, 3", "1, 1, 2, 1", "10000, 1, 26, 385"})
  void aShareOfTheWorthIsRoundedHalfUp(int worth, int earned, int of, int points) {
    assertThat(new Mark(earned, of, false, List.of(), null).pointsOf(worth)).isEqualTo(points);
  }

  @Test
  void gapsWithTheSameAnswerAreInterchangeableAndOpenOnesAreNotWrong() {
    Gaps gaps =
        new Gaps(
            Basics.of("q", "[bees] and [bees|drones] make [honey]", Feedback.USUAL),
            Gaps.Filling.TYPED,
            List.of(),
            Comparing.FAIR,
            Credit.WRONG_COSTS,
            Extra.NONE);

    assertThat(gaps.mark(new Response.Filled(List.of("Bees", "drones", "honey"))).full()).isTrue();
    assertThat(gaps.mark(new Response.Filled(List.of("bees", "", "wax"))).earned()).isZero();
    assertThat(gaps.mark(new Response.Filled(List.of("bees", "", "honey"))).earned()).isEqualTo(2);
    assertThat(gaps.asked()).isEqualTo(Words.of("____ and ____ make ____"));
  }

  @Test
  void aWordOfTheBankIsTakenNoMoreOftenThanItIsThere() {
    Gaps gaps =
        new Gaps(
            Basics.of("q", "[wax] and [honey]", Feedback.USUAL),
            Gaps.Filling.DRAGGED,
            List.of("pollen"),
            Comparing.FAIR,
            Credit.EACH_RIGHT_COUNTS,
            Extra.NONE);

    assertThat(gaps.takes(new Response.Filled(List.of("wax", "wax")))).isFalse();
    assertThat(gaps.takes(new Response.Filled(List.of("pollen", "")))).isTrue();
    assertThat(gaps.takes(new Response.Filled(List.of("sugar", "")))).isFalse();
    assertThat(gaps.takes(new Response.Filled(List.of("", "")))).isFalse();
  }

  @Test
  void bracketsThatAreMeantAndOpenOnesAreText() {
    assertThat(GapText.of("a [[b] c [ d").pieces())
        .containsExactly(new GapText.Plain("a [b] c [ d"));
    assertThat(GapText.of("[x|!y|z]").pieces())
        .containsExactly(new GapText.Gap(List.of("x", "z"), List.of("y")));
    assertThat(GapText.of("[] [ | ] [!only]").gaps()).isEmpty();
  }

  /** Source: java.awt.geom of the JDK, which leaves part of the edges out. */
  @Property(tries = 1_000)
  void aPlaceLiesInAnAreaAsInTheJdksGeometry(@ForAll long seed) {
    Random random = new Random(seed);
    int[] c = random.ints(8, 0, 1_001).toArray();
    int x = random.nextInt(1_001);
    int y = random.nextInt(1_001);
    Rectangle2D box = new Rectangle2D.Double();
    box.setFrameFromDiagonal(c[0], c[1], c[2], c[3]);
    Ellipse2D round = new Ellipse2D.Double();
    round.setFrame(box);
    Path2D path = new Path2D.Double(Path2D.WIND_EVEN_ODD);
    path.moveTo(c[0], c[1]);
    path.lineTo(c[2], c[3]);
    path.lineTo(c[4], c[5]);
    path.lineTo(c[6], c[7]);
    path.closePath();
    List<Spot> two = List.of(new Spot(c[0], c[1]), new Spot(c[2], c[3]));
    List<Spot> four = List.of(two.get(0), two.get(1), new Spot(c[4], c[5]), new Spot(c[6], c[7]));

    assertThat(!box.contains(x, y) || area(Area.Form.RECTANGLE, two).contains(x, y)).isTrue();
    assertThat(!round.contains(x, y) || area(Area.Form.ELLIPSE, two).contains(x, y)).isTrue();
    assertThat(!path.contains(x, y) || area(Area.Form.POLYGON, four).contains(x, y)).isTrue();
    boolean farOut = !path.intersects(x - 1.5, y - 1.5, 3, 3);
    assertThat(farOut && area(Area.Form.POLYGON, four).contains(x, y)).isFalse();
    assertThat(!round.intersects(x - 1, y - 1, 2, 2) && area(Area.Form.ELLIPSE, two).contains(x, y))
        .isEqualTo(false);
  }

  private static Area area(Area.Form form, List<Spot> corners) {
    return new Area("a", "", form, corners, true, null, Extra.NONE);
  }
}
