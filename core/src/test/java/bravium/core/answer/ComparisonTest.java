package bravium.core.answer;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.answer.Judgement.Reason;
import bravium.core.json.Extra;
import bravium.core.rich.Words;
import com.ibm.icu.text.Collator;
import com.ibm.icu.text.Normalizer2;
import com.ibm.icu.text.RuleBasedCollator;
import com.ibm.icu.util.ULocale;
import java.util.List;
import java.util.Random;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

class ComparisonTest {

  private static final Comparing FORGIVING = Comparing.FAIR.forgivingSlips();

  @ParameterizedTest
  @CsvSource({
    "'  queen ', SAME",
    "QUEEN, SAME_BUT_FORM",
    "Queen., SAME_BUT_FORM",
    "'queen  bee', OTHER",
    "quéen, ACCENTS",
    "'', EMPTY",
    "'. .', EMPTY",
    "qween, SLIPS_MATTER",
    "drone, OTHER"
  })
  void caseSpacesStopsAndAccentsDoNotMatter(String typed, Reason reason) {
    Judgement judgement = judge(typed, Comparing.FAIR, "queen");

    assertThat(judgement.reason()).isEqualTo(reason);
    assertThat(judgement.right())
        .isEqualTo(List.of(Reason.SAME, Reason.SAME_BUT_FORM, Reason.ACCENTS).contains(reason));
  }

  @Test
  void quotesAndDashesOfAllKindsAreTheSame() {
    assertThat(judge("bee’s – “dance”", Comparing.FAIR, "bee's - \"dance\"").right()).isTrue();
  }

  @Test
  void aRightFormCountsWhereTheTeacherSaysSo() {
    Comparing strict = new Comparing(true, true, true, false, false, false, Extra.NONE);

    assertThat(judge("apis", strict, "Apis").reason()).isEqualTo(Reason.FORM_MATTERS);
    assertThat(judge("Apis.", strict, "Apis").reason()).isEqualTo(Reason.FORM_MATTERS);
    assertThat(judge("Apis", strict, "Apis").right()).isTrue();
  }

  @Test
  void aSlipIsForgivenButNotOneThatMakesAnotherWordOfTheAnswers() {
    Comparison comparison =
        Comparison.with(
            List.of("larvae", "nectar"), List.of(new Mistake("larva", "Only one")), FORGIVING);

    assertThat(comparison.judge("larvea")).isEqualTo(slips("larvae", 1));
    assertThat(comparison.judge("necter")).isEqualTo(slips("nectar", 1));
    assertThat(comparison.judge("larva").feedback()).isEqualTo(Words.of("Only one"));
    assertThat(comparison.judge("nectaries").right()).isFalse();
  }

  @Test
  void whatIsNearerToAListedWrongAnswerIsThatOne() {
    Comparison comparison =
        Comparison.with(
            List.of("pollinators"),
            List.of(new Mistake("pollination", "That is the act")),
            FORGIVING);

    assertThat(comparison.judge("polination").reason()).isEqualTo(Reason.LISTED_WRONG);
  }

  @Test
  void wordsComeInAnyOrderAndWithoutArticlesWhereThatIsFree() {
    Comparing free = new Comparing(false, false, false, true, true, true, Extra.NONE);

    assertThat(judge("wax and the honey", free, "honey and wax").reason()).isEqualTo(Reason.WORDS);
    assertThat(judge("honny, wax and", free, "honey and wax").reason()).isEqualTo(Reason.SLIPS);
    assertThat(judge("honey honey and", free, "honey and wax").right()).isFalse();
    assertThat(judge("wax and honey", Comparing.FAIR, "honey and wax").right()).isFalse();
  }

  @Test
  void aFullStopInANumberIsPartOfIt() {
    assertThat(judge("3.5", Comparing.FAIR, "35").right()).isFalse();
    assertThat(judge("U.K.", Comparing.FAIR, "UK").right()).isTrue();
  }

  /** Source: ICU4J's collator of the root locale at primary strength, over all Latin letters. */
  @Test
  void latinLettersDifferAsTheyDoAtPrimaryStrength() {
    RuleBasedCollator primary = (RuleBasedCollator) Collator.getInstance(ULocale.ROOT);
    primary.setStrength(Collator.PRIMARY);
    for (int c = 0xc0; c <= 0x24f; c++) {
      String letter = Character.toString(c);
      String base = NFD.normalize(letter).substring(0, 1);
      if (Character.isLetter(c) && !base.equals(letter)) {
        assertThat(judge(letter, Comparing.FAIR, base).right())
            .as(letter)
            .isEqualTo(primary.compare(letter, base) == 0);
      }
    }
    for (String pair : List.of("øo", "đd", "łl", "ħh", "ßs", "þt", "æa", "ŋn")) {
      String letter = pair.substring(0, 1);
      String base = pair.substring(1);
      assertThat(judge(letter, Comparing.FAIR, base).right())
          .as(pair)
          .isEqualTo(primary.compare(letter, base) == 0);
    }
  }

  private static final Normalizer2 NFD = Normalizer2.getNFDInstance();

  @Test
  void beyondLatinAndGreekAMarkMakesAnotherLetter() {
    assertThat(judge("й", Comparing.FAIR, "и").right()).isFalse();
    assertThat(judge("が", Comparing.FAIR, "か").right()).isFalse();
    assertThat(judge("μέλι", Comparing.FAIR, "μελι").right()).isTrue();
  }

  @ParameterizedTest
  @ValueSource(
      strings = {
        "\u202eneeuq",
        "🐝🐝",
        "\u0000",
        "ﷺ",
        "👩‍🏫",
        "1e999",
        "1/0",
        "a\u0301\u0301\u0301"
      })
  void oddTextsAreJudgedAndNothingBreaks(String odd) {
    assertThat(judge(odd, FORGIVING, "queen").right()).isFalse();
    assertThat(judge(odd, FORGIVING, odd).right()).isTrue();
  }

  @Test
  void aTextOfFiveThousandMarksAndWordsIsJudged() {
    assertThat(judge("\u0301\u0323".repeat(2_500), FORGIVING, "queen").right()).isFalse();
    assertThat(judge("bee ".repeat(1_250), FORGIVING, "queen bee").right()).isFalse();
  }

  @Property(tries = 300)
  void anAcceptedAnswerIsRightHoweverItIsCompared(@ForAll String text, @ForAll long seed) {
    Random random = new Random(seed);
    Comparing how =
        new Comparing(
            random.nextBoolean(),
            random.nextBoolean(),
            random.nextBoolean(),
            random.nextBoolean(),
            random.nextBoolean(),
            random.nextBoolean(),
            Extra.NONE);
    Judgement judgement = judge(text, how, text, "another one");

    assertThat(judgement.right() || judgement.reason() == Reason.EMPTY).isTrue();
  }

  private static Judgement judge(String typed, Comparing how, String... accepted) {
    return Comparison.with(List.of(accepted), List.of(), how).judge(typed);
  }

  private static Judgement slips(String compared, int slips) {
    return new Judgement(true, Reason.SLIPS, compared, slips, null);
  }
}
