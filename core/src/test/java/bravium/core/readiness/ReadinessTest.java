package bravium.core.readiness;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Rules;
import bravium.core.activity.TitlePage;
import bravium.core.games.Games;
import bravium.core.question.Feedback;
import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.core.question.TrueFalse;
import bravium.core.samples.Activities;
import java.util.Arrays;
import java.util.List;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

class ReadinessTest {

  private static final Rules RULES = Activities.asWritten(null, 80);

  @Test
  void aFinishedQuizCanBeWonAndHasNothingToLookAt() {
    Readiness readiness = Games.readiness(Activities.quiz(RULES, 7));

    assertThat(readiness.winnable()).isEqualTo(Winnable.ALWAYS);
    assertThat(readiness.passMark().rightNeeded()).isEqualTo(6);
    assertThat(readiness.findings()).isEmpty();
  }

  @Test
  void aQuestionWithoutARightOptionIsFoundAndCountsAgainstThePassMark() {
    Readiness readiness =
        of(Activities.question("q1", "none", "a", "b"), Activities.question("q2", "a", "a", "b"));

    assertThat(readiness.findings())
        .containsExactly(
            Finding.of("q1", Check.NO_RIGHT_OPTION, Weight.STOP).mendedBy(Mend.SWITCH_OFF),
            Finding.of(Check.PASS_MARK_UNREACHABLE, Weight.STOP, Place.PASS_MARK, 16, 10, 50)
                .mendedBy(Mend.SET_PASS_MARK));
    assertThat(readiness.winnable()).isEqualTo(Winnable.NEVER);
  }

  @Test
  void twoRightOptionsAreFound() {
    Readiness readiness = of(options(option("a", "wax", true), option("b", "honey", true)));

    assertThat(checks(readiness)).containsExactly(Check.TWO_RIGHT_OPTIONS);
    assertThat(readiness.findings().getFirst().values()).containsExactly("2");
  }

  @Test
  void emptyTextIsFoundInQuestionsAndOptions() {
    Question noText =
        new PickOne(
            "q",
            " ",
            List.of(option("a", "wax", true), option("b", "", false), option("c", "honey", false)),
            Feedback.USUAL);

    assertThat(checks(of(noText)))
        .contains(Check.EMPTY_QUESTION, Check.EMPTY_OPTION, Check.NOTHING_TO_ASK);
  }

  @Test
  void aLineNotYetBegunIsNothingToSpeakOf() {
    Readiness readiness =
        of(
            Activities.question("q1", "a", "a", "b"),
            new PickOne("q2", "", List.of(), Feedback.USUAL),
            new TrueFalse("q3", "", null, Feedback.USUAL));

    assertThat(readiness.findings()).isEmpty();
    assertThat(readiness.askable()).isEqualTo(1);
  }

  @Test
  void aStatementNeitherTrueNorFalseIsFound() {
    assertThat(checks(of(new TrueFalse("q", "Bees dance.", null, Feedback.USUAL))))
        .contains(Check.NO_RIGHT_OPTION);
  }

  @Test
  void optionsThatReadTheSameAreFound() {
    assertThat(checks(of(options(option("a", "Wax ", true), option("b", "wax", false)))))
        .containsExactly(Check.SAME_OPTIONS);
  }

  @Test
  void oneOptionAndNoOptionAreFound() {
    assertThat(checks(of(options(option("a", "wax", true))))).containsExactly(Check.ONE_OPTION);
    assertThat(checks(of(options()))).containsExactly(Check.NO_OPTIONS, Check.NOTHING_TO_ASK);
  }

  @Test
  void askingMoreThanThereIsIsFound() {
    Readiness readiness = Games.readiness(Activities.quiz(Activities.asWritten(9, 80), 4));

    assertThat(readiness.findings())
        .containsExactly(
            Finding.of(Check.ASKS_TOO_MANY, Weight.LOOK, Place.ASK, 9, 4).mendedBy(Mend.ASK_ALL));
    assertThat(readiness.passMark().asked()).isEqualTo(4);
  }

  @Test
  void withADrawWinningMayDependOnWhichQuestionsCome() {
    Activity activity =
        Activities.quiz(
            Activities.asWritten(2, 100),
            List.of(
                Activities.question("q1", "none", "a", "b"),
                Activities.question("q2", "a", "a", "b"),
                Activities.question("q3", "a", "a", "b")));

    assertThat(Games.readiness(activity).winnable()).isEqualTo(Winnable.SOMETIMES);
  }

  @Test
  void aGameThatEverybodyWinsIsWorthALook() {
    assertThat(checks(Games.readiness(Activities.quiz(Activities.asWritten(null, 0), 2))))
        .containsExactly(Check.ALWAYS_WON);
  }

  @Test
  void aQuestionThatIsSwitchedOffIsPassedOver() {
    Readiness readiness =
        of(
            Activities.question("q1", "none", "a", "b").switched(true),
            Activities.question("q2", "a", "a", "b"));

    assertThat(readiness.findings()).isEmpty();
    assertThat(readiness.askable()).isEqualTo(1);
  }

  @Test
  void aSheetWithEverythingSwitchedOffSaysSo() {
    assertThat(checks(of(Activities.question("q", "a", "a", "b").switched(true))))
        .containsExactly(Check.ALL_OFF);
  }

  @Test
  void aQuestionAskedTwiceIsFound() {
    PickOne first = (PickOne) options(option("a", "wax", true), option("b", "honey", false));
    PickOne second = new PickOne("p", "what is a comb made of? ", first.options(), Feedback.USUAL);

    assertThat(of(first, second).findings())
        .containsExactly(
            Finding.of("p", Check.SAME_QUESTIONS, Weight.LOOK, 1).mendedBy(Mend.SWITCH_OFF));
  }

  @Test
  void anOptionAboutTheOthersIsToStayLastWhenOptionsAreMixed() {
    Question question = options(option("a", "wax", true), option("b", "None of these", false));

    assertThat(
            checks(Games.readiness(Activities.quiz(Activities.mixed(null, 80), List.of(question)))))
        .containsExactly(Check.LOOSE_LAST_OPTION);
    assertThat(checks(of(question))).isEmpty();
  }

  @Test
  void theRightOptionAlwaysInOnePlaceOrAlwaysTheLongestIsACue() {
    List<Question> questions =
        IntStream.range(0, 4)
            .mapToObj(
                i ->
                    (Question)
                        new PickOne(
                            "q" + i,
                            "Question " + i,
                            List.of(
                                option("a", "much the longest", true),
                                option("b", "short", false),
                                option("c", "brief", false)),
                            Feedback.USUAL))
            .toList();

    assertThat(checks(Games.readiness(Activities.quiz(RULES, questions))))
        .containsExactly(Check.RIGHT_IN_ONE_PLACE, Check.LONGEST_IS_RIGHT);
    assertThat(checks(Games.readiness(Activities.quiz(Activities.mixed(null, 80), questions))))
        .containsExactly(Check.LONGEST_IS_RIGHT);
  }

  @Test
  void moreThanALessonHasTimeForIsSaidInMinutesNotInQuestions() {
    Activity longer = ofYear(4, Activities.quiz(RULES, 150));
    Finding finding = find(Games.readiness(longer), Check.LONG_GAME);

    TimeLine time = Games.readiness(longer).time();
    assertThat(time.most()).isGreaterThan(TimeLine.LESSON_MINUTES * 60);
    assertThat(finding.values())
        .startsWith("150")
        .endsWith(String.valueOf(time.least()), String.valueOf(time.most()), String.valueOf(40));
    Activity fewer = Games.mended(longer, finding);
    assertThat(Games.readiness(fewer).time().most())
        .isLessThanOrEqualTo(TimeLine.LESSON_MINUTES * 60);
    assertThat(checks(Games.readiness(fewer))).doesNotContain(Check.LONG_GAME);

    assertThat(checks(Games.readiness(ofYear(4, Activities.quiz(RULES, 21))))).isEmpty();
  }

  private static Activity ofYear(int year, Activity activity) {
    TitlePage page = activity.titlePage();
    return activity.withTitlePage(
        new TitlePage(
            page.title(), null, year, null, List.of(), page.introduction(), page.extra()));
  }

  private static Finding find(Readiness readiness, Check check) {
    return readiness.findings().stream().filter(f -> f.check() == check).findFirst().orElseThrow();
  }

  @Test
  void aPassMarkThatGuessingReachesIsFoundWithTheNearestBetterOne() {
    Finding finding =
        Games.readiness(Activities.quiz(Activities.asWritten(null, 60), 10)).findings().getFirst();

    // 6 of 10 at even odds: 386 of 1024; 8 of 10: 56 of 1024.
    assertThat(finding)
        .isEqualTo(
            Finding.of(Check.GUESSING_WINS, Weight.LOOK, Place.PASS_MARK, 376_953_125, 75)
                .mendedBy(Mend.SET_PASS_MARK));
  }

  private static Readiness of(Question... questions) {
    return Games.readiness(Activities.quiz(RULES, Arrays.asList(questions)));
  }

  private static Question options(Option... options) {
    return new PickOne("q", "What is a comb made of?", List.of(options), Feedback.USUAL);
  }

  private static Option option(String id, String text, boolean right) {
    return new Option(id, text, right);
  }

  private static List<Check> checks(Readiness readiness) {
    return readiness.findings().stream().map(Finding::check).toList();
  }
}
