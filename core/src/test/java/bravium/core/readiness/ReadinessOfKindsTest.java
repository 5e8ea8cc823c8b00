package bravium.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Bonus;
import bravium.core.activity.Clock;
import bravium.core.activity.Prices;
import bravium.core.activity.Rules;
import bravium.core.activity.TitlePage;
import bravium.core.answer.Comparing;
import bravium.core.answer.Mistake;
import bravium.core.games.Games;
import bravium.core.json.Extra;
import bravium.core.question.Arrangement;
import bravium.core.question.Basics;
import bravium.core.question.Card;
import bravium.core.question.Credit;
import bravium.core.question.Feedback;
import bravium.core.question.Figure;
import bravium.core.question.FractionTask;
import bravium.core.question.Matching;
import bravium.core.question.Numeric;
import bravium.core.question.Option;
import bravium.core.question.Ordering;
import bravium.core.question.PickAll;
import bravium.core.question.PickOne;
import bravium.core.question.PointAt;
import bravium.core.question.Question;
import bravium.core.question.Ranked;
import bravium.core.question.Sortable;
import bravium.core.question.Sorting;
import bravium.core.question.TypedText;
import bravium.core.rich.Paragraph;
import bravium.core.rich.Picture;
import bravium.core.rich.Sound;
import bravium.core.rich.Words;
import bravium.core.samples.Activities;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** What readiness says of the further kinds of questions and the further rules. */
class ReadinessOfKindsTest {

  private static final Rules RULES = Activities.asWritten(null, 80);

  @Test
  void whatAKindNeedsIsMissedInWordsOfItsOwn() {
    Basics basics = Basics.of("q", "Something asked", Feedback.USUAL);
    Credit credit = Credit.EACH_RIGHT_COUNTS;

    assertThat(checks(typed(List.of(), List.of()))).contains(Check.NO_ANSWER);
    assertThat(checks(number("a dozen"))).contains(Check.NO_NUMBER);
    assertThat(checks(new Ordering(basics, List.of(new Card("a", "egg")), credit, Extra.NONE)))
        .contains(Check.FEW_CARDS);
    assertThat(checks(new Matching(basics, List.of(), credit, Extra.NONE)))
        .contains(Check.FEW_PAIRS);
    assertThat(checks(new Sorting(basics, List.of(), List.of(), credit, Extra.NONE)))
        .contains(Check.FEW_GROUPS);
    assertThat(checks(new PointAt(basics, null, "", List.of(), Extra.NONE)))
        .contains(Check.NO_PICTURE);
    assertThat(checks(new PointAt(basics, "hive", "", List.of(), Extra.NONE)))
        .contains(Check.NO_RIGHT_AREA, Check.NO_ALT);
  }

  @Test
  void aListedWrongAnswerThatIsJudgedRightIsFound() {
    Question question = typed(List.of("queen"), List.of(new Mistake("Queen.", "No")));

    assertThat(findings(RULES, question))
        .contains(Finding.of("q", Check.MISTAKE_IS_RIGHT, Weight.LOOK, "Queen."));
  }

  @Test
  void aHintThatSaysTheAnswerWordForWordIsFoundAndOneThatOnlyContainsItsLettersIsNot() {
    Question question = typed(List.of("wax"), List.of());
    Question telling =
        question.with(question.basics().withHints(Activities.words("It waxes", "Think of WAX.")));

    assertThat(findings(RULES, telling))
        .contains(
            Finding.of("q", Check.HINT_GIVES_AWAY, Weight.LOOK, 2, "wax")
                .mendedBy(Mend.REMOVE_HINT));
  }

  @Test
  void whoPicksEverythingMayNotEarnEverything() {
    List<Option> options = List.of(new Option("a", "queen", true), new Option("b", "wasp", false));
    Basics basics = Basics.of("q", "Which are bees?", Feedback.USUAL);

    assertThat(checks(new PickAll(basics, options, Credit.EACH_RIGHT_COUNTS, Extra.NONE)))
        .contains(Check.EVERYTHING_EARNS);
    assertThat(checks(new PickAll(basics, options, Credit.WRONG_COSTS, Extra.NONE)))
        .doesNotContain(Check.EVERYTHING_EARNS);
  }

  @Test
  void livesThatEndTheGameBeforeThePassMarkDecidesAreFound() {
    assertThat(of(RULES.withLives(0), 10))
        .containsExactly(
            Finding.of(Check.LIVES_BEFORE_PASS_MARK, Weight.LOOK, Place.LIVES, 0, 2)
                .mendedBy(Mend.SET_LIVES));
    assertThat(of(RULES.withLives(2), 10)).isEmpty();
  }

  @Test
  void aPriceAboveTheWorthIsFound() {
    assertThat(of(RULES.withPrices(new Prices(12, 0)), 3))
        .containsExactly(
            Finding.of(Check.PRICE_ABOVE_WORTH, Weight.LOOK, Place.PRICES, 12, 10)
                .mendedBy(Mend.LOWER_PRICES));
  }

  @Test
  void pointsForSpeedNeedAClock() {
    Rules fast = RULES.withBonus(new Bonus(5, 0, 3));

    assertThat(of(fast, 3).getFirst().check()).isEqualTo(Check.SPEED_WITHOUT_CLOCK);
    assertThat(of(fast.withClock(new Clock(Clock.Per.QUESTION, 30)), 3)).isEmpty();
  }

  /**
   * Source: Hasbrouck &amp; Tindal (2017): the slower quarter of US grade 3, Year 4, reads 91 words
   * a minute, so 46 words take 30 seconds.
   */
  @Test
  void aClockIsHeldAgainstHowTheSlowerQuarterReads() {
    Question question = typed(List.of("wax"), List.of());
    Question longer =
        new TypedText(
            Basics.of("q", "bee ".repeat(46), Feedback.USUAL),
            List.of("wax"),
            List.of(),
            Comparing.FAIR,
            Extra.NONE);
    Rules thirty = RULES.withClock(new Clock(Clock.Per.QUESTION, 29));

    assertThat(inYear4(thirty, longer))
        .contains(
            Finding.of("q", Check.CLOCK_SHORT, Weight.LOOK, 29, 30, 4, 40)
                .mendedBy(Mend.SET_SECONDS));
    assertThat(inYear4(thirty, question)).isEmpty();
  }

  /**
   * Source: Tauroza &amp; Allison (1990): a text is read out at 160 words a minute (from memory).
   */
  @Test
  void aClockIsHeldAgainstTheReadingAloud() {
    Question question =
        new TypedText(
            Basics.of("q", "bee ".repeat(80), Feedback.USUAL).withSeconds(29),
            List.of("wax"),
            List.of(),
            Comparing.FAIR,
            Extra.NONE);

    assertThat(findings(RULES, question))
        .containsExactly(
            Finding.of("q", Check.CLOCK_BEFORE_READ_ALOUD, Weight.LOOK, 29, 30, 40)
                .mendedBy(Mend.SET_SECONDS));
    assertThat(findings(RULES, question.with(question.basics().withSeconds(30)))).isEmpty();
  }

  @Test
  void questionsOfTheirOwnWorthsAreReckonedWithThem() {
    Question heavy = typed(List.of("wax"), List.of());
    heavy = heavy.with(heavy.basics().withWorth(90));
    Question hopeless = Activities.question("q2", "none", "a", "b");
    Activity activity = Activities.quiz(RULES, List.of(heavy, hopeless));

    assertThat(Games.readiness(activity).winnable()).isEqualTo(Winnable.ALWAYS);
    assertThat(Games.readiness(activity.withRules(RULES.withPassMark(91))).winnable())
        .isEqualTo(Winnable.NEVER);
    assertThat(Games.readiness(activity.withRules(RULES.withAsk(1))).winnable())
        .isEqualTo(Winnable.SOMETIMES);
  }

  @Test
  void picturesWithoutADescriptionSmallOnesAndSoundsWithoutWordsAreFoundWhereTheyStand() {
    Question plain = Activities.question("q", "a", "a", "b");
    Words text =
        Words.of(
            List.of(
                Paragraph.of("What is it?"),
                new Picture("comb", " ", 319, 200, Extra.NONE),
                new Sound("hum", "", 2_000, Extra.NONE)));
    Words option = Words.of(List.of(new Picture("drone", "", 140, 90, Extra.NONE)));
    PickOne asked = (PickOne) plain.with(plain.basics().withText(text));
    Option first = asked.options().getFirst();
    PickOne question =
        asked.withOptions(
            List.of(
                new Option(first.id(), option, true, false, null, Extra.NONE),
                asked.options().getLast()));

    assertThat(findings(RULES, question))
        .contains(
            Finding.of("q", Check.NO_ALT, Weight.LOOK),
            Finding.of("q", Check.SMALL_PICTURE, Weight.LOOK, 319, 200, MediaChecks.IN_QUESTION),
            Finding.of("q", Check.NO_SOUND_WORDS, Weight.LOOK),
            Finding.of("q", "a", Check.NO_ALT, Weight.LOOK))
        .doesNotContain(
            Finding.of("q", "a", Check.SMALL_PICTURE, Weight.LOOK, 140, 90, MediaChecks.ON_CARD));
  }

  private static List<Finding> inYear4(Rules rules, Question question) {
    Activity activity = Activities.quiz(rules, List.of(question));
    TitlePage page = new TitlePage("Bees", null, 4, null, List.of(), null, Extra.NONE);
    return Games.readiness(activity.withTitlePage(page)).findings();
  }

  @Test
  void aTextThatIsListedAsRightAndWrongCountsAsRightAndIsSaid() {
    TypedText typed =
        typed(List.of("wax"), List.of(new Mistake("wax", "No"), new Mistake("mud", "")));

    assertThat(typed.judge("wax").right()).isTrue();
    assertThat(KindChecks.of(typed))
        .extracting(Finding::check)
        .containsExactly(Check.RIGHT_AND_WRONG);
  }

  @Test
  void aNumberThatCanBeReadInTwoWaysIsSaidWithHowItIsRead() {
    Finding found = KindChecks.of(number("1.000")).getFirst();

    assertThat(found.check()).isEqualTo(Check.NUMBER_TWO_WAYS);
    assertThat(found.values()).containsExactly("1", "1000");
    assertThat(KindChecks.of(number("1").withValue("1"))).isEmpty();
  }

  private static TypedText typed(List<String> accepted, List<Mistake> mistakes) {
    return new TypedText(
        Basics.of("q", "What covers a cell?", Feedback.USUAL),
        accepted,
        mistakes,
        Comparing.FAIR,
        Extra.NONE);
  }

  private static Numeric number(String value) {
    return Activities.number("q", "How many?", value);
  }

  private static List<Finding> of(Rules rules, int questions) {
    return Games.readiness(Activities.quiz(rules, questions)).findings().stream()
        .filter(f -> f.check() != Check.SAME_QUESTIONS && f.check() != Check.GUESSING_WINS)
        .toList();
  }

  private static List<Finding> findings(Rules rules, Question question) {
    return Games.readiness(Activities.quiz(rules, List.of(question))).findings();
  }

  private static List<Check> checks(Question question) {
    return findings(RULES, question).stream().map(Finding::check).toList();
  }

  @Test
  void aFigureAsksByItselfAndSaysWhereItCannotBeShaded() {
    Basics blank = Basics.of("q", "", Feedback.USUAL);
    Figure quarters = Figure.of(Figure.FigureShape.BAR, 4, 3);
    Figure fifths = Figure.of(Figure.FigureShape.BAR, 5, 0);

    assertThat(checks(fraction(blank, FractionTask.FractionAsk.NAME, quarters, null))).isEmpty();
    assertThat(checks(fraction(blank, FractionTask.FractionAsk.EQUAL, quarters, fifths)))
        .contains(Check.FRACTION_NOT_THERE);
    assertThat(checks(fraction(blank, FractionTask.FractionAsk.NAME, quarters.blank(), null)))
        .contains(Check.NOTHING_SHADED);
  }

  @Test
  void figuresWithTheUsualWordingAskTheSameOnlyWhereTheFiguresAreTheSame() {
    Figure quarters = Figure.of(Figure.FigureShape.BAR, 4, 3);
    Figure fifths = Figure.of(Figure.FigureShape.BAR, 5, 2);
    List<Question> three =
        List.of(
            fraction(
                Basics.of("a", "", Feedback.USUAL), FractionTask.FractionAsk.NAME, quarters, null),
            fraction(
                Basics.of("b", "", Feedback.USUAL), FractionTask.FractionAsk.NAME, fifths, null),
            fraction(
                Basics.of("c", "", Feedback.USUAL),
                FractionTask.FractionAsk.SHADE,
                quarters,
                null));
    assertThat(same(three)).isEmpty();

    List<Question> again = new ArrayList<>(three);
    again.add(
        fraction(
            Basics.of("d", "", Feedback.USUAL), FractionTask.FractionAsk.NAME, quarters, null));
    assertThat(same(again)).containsExactly("d");
  }

  private static List<String> same(List<Question> questions) {
    return Games.readiness(Activities.quiz(Activities.asWritten(null, 80), questions))
        .findings()
        .stream()
        .filter(finding -> finding.check() == Check.SAME_QUESTIONS)
        .map(Finding::question)
        .toList();
  }

  private static FractionTask fraction(
      Basics basics, FractionTask.FractionAsk ask, Figure figure, Figure other) {
    return new FractionTask(basics, ask, figure, other, null, false, Extra.NONE);
  }

  @Test
  void ordersAndRingsSayWhatIsLeftOut() {
    Basics basics = Basics.of("q", "Sort", Feedback.USUAL);
    Credit credit = Credit.EACH_RIGHT_COUNTS;
    Ranked level = new Ranked("b", Words.of("wax"), true, List.of(), Extra.NONE);
    assertThat(
            checks(
                new Ordering(
                    basics, List.of(new Ranked("a", "egg"), level), credit, null, Extra.NONE)))
        .contains(Check.ANY_ORDER);
    List<Card> four = IntStream.range(0, 4).mapToObj(i -> new Card("g" + i, "Group " + i)).toList();
    Sorting rings =
        new Sorting(
            basics,
            four,
            List.of(),
            List.of(
                new Sortable("near", "Near", List.of("g0", "g1")),
                new Sortable("far", "Far", List.of("g0", "g2"))),
            credit,
            Arrangement.RINGS,
            false,
            false,
            null,
            Extra.NONE);
    assertThat(checks(rings)).contains(Check.RINGS_APART);
    List<Card> alike = List.of(new Card("a", "egg"), new Card("b", "egg"));
    assertThat(checks(new Ordering(basics, alike, credit, Extra.NONE))).contains(Check.CARDS_ALIKE);
  }
}
