package bravium.core.games.wordhunt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.activity.Endings;
import bravium.core.activity.Rules;
import bravium.core.activity.TitlePage;
import bravium.core.answer.Comparing;
import bravium.core.games.Games;
import bravium.core.json.Extra;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Weight;
import bravium.core.readiness.Winnable;
import bravium.core.rich.Picture;
import bravium.core.rich.Words;
import java.util.List;
import org.junit.jupiter.api.Test;

/** What readiness says of a word hunt. */
class WordHuntChecksTest {

  private static Activity of(WordHunt hunt) {
    return new Activity(
        new TitlePage("The workbench", null, 4, null, List.of(), null, Extra.NONE),
        hunt,
        Rules.usual().withWorth(1),
        Endings.usual());
  }

  private static WordHunt hunt(
      Integer entries, WordHunt.Nearly nearly, List<String> decoys, Thing... things) {
    return new WordHunt(
        null,
        Words.of("What is on the bench?"),
        List.of(things),
        entries,
        WordHunt.Unfound.BLANKS,
        Comparing.FAIR,
        nearly,
        false,
        false,
        decoys != null,
        decoys == null ? List.of() : decoys,
        false,
        Extra.NONE);
  }

  private static List<String> found(WordHunt hunt) {
    return Games.readiness(of(hunt)).findings().stream().map(Finding::own).toList();
  }

  @Test
  void aHuntThatIsReadyHasNothingToLookAt() {
    WordHunt ready = hunt(3, null, null, Thing.of("a", "veil"), Thing.of("b", "smoker"));

    assertThat(found(ready)).isEmpty();
    assertThat(Games.readiness(of(ready)).winnable()).isEqualTo(Winnable.ALWAYS);
    assertThat(Games.readiness(of(ready)).time().least()).isGreaterThanOrEqualTo(30);
    assertThat(Games.readiness(of(ready)).guessing()).as("typed names are not guessed").isZero();
  }

  @Test
  void fewerEntriesThanThingsCanNeverBeWonAndIsMended() {
    WordHunt few = hunt(1, null, null, Thing.of("a", "veil"), Thing.of("b", "smoker"));
    Finding finding = Games.readinessWithMends(of(few)).findings().getFirst();

    assertThat(finding.own()).isEqualTo("few-entries");
    assertThat(finding.weight()).isEqualTo(Weight.STOP);
    assertThat(finding.values()).containsExactly("1", "2");
    WordHunt mended = (WordHunt) Games.mended(of(few), finding).game();
    assertThat(mended.entries()).isEqualTo(2);
    assertThat(found(mended)).isEmpty();
  }

  @Test
  void twoThingsThatShareANameAreSaid() {
    WordHunt same = hunt(5, null, null, Thing.of("a", "mug"), Thing.of("b", "cup", "Mug"));
    Finding finding = Games.readinessWithMends(of(same)).findings().getFirst();

    assertThat(finding.own()).isEqualTo("same-name");
    assertThat(finding.question()).isEqualTo("b");
    assertThat(finding.values()).containsExactly("mug", "Mug");
    WordHunt mugs = hunt(5, null, null, Thing.of("a", "mug"), Thing.of("b", "mug"));
    Finding of = Games.readinessWithMends(of(mugs)).findings().getFirst();
    assertThat(found((WordHunt) Games.mended(of(mugs), of).game())).isEmpty();
  }

  @Test
  void aNameThatASlipTurnsIntoAnothersIsSaid() {
    Thing[] things = {Thing.of("a", "glove"), Thing.of("b", "clove")};

    assertThat(found(forgiving(hunt(5, null, null, things)))).containsExactly("slip-name");
    assertThat(found(hunt(5, null, null, things))).isEmpty();
  }

  @Test
  void aSlipThatIsNotForgivenIsNoDanger() {
    Thing[] shortNames = {Thing.of("a", "bee"), Thing.of("b", "bea")};
    Thing[] longNames = {Thing.of("a", "glove"), Thing.of("b", "clove")};

    // One letter is forgiven in a word of five to eight, none in a shorter one.
    assertThat(found(forgiving(hunt(5, null, null, shortNames)))).isEmpty();
    // What is nearly right is told so, and never taken for another thing.
    assertThat(found(hunt(5, WordHunt.Nearly.FREE, null, longNames))).isEmpty();
  }

  private static WordHunt forgiving(WordHunt hunt) {
    return new WordHunt(
        hunt.picture(),
        hunt.text(),
        hunt.things(),
        hunt.entries(),
        hunt.list(),
        hunt.comparing().forgivingSlips(),
        hunt.nearly(),
        hunt.oneByOne(),
        hunt.letters(),
        hunt.pick(),
        hunt.decoys(),
        hunt.again(),
        hunt.extra());
  }

  @Test
  void aThingOfNoNameIsLeftOutAndTakenAway() {
    WordHunt noName = hunt(5, null, null, Thing.of("a", "veil"), Thing.of("b", " "));
    Finding finding = Games.readinessWithMends(of(noName)).findings().getFirst();

    assertThat(finding.own()).isEqualTo("no-name");
    assertThat(((WordHunt) Games.mended(of(noName), finding).game()).things()).hasSize(1);
  }

  @Test
  void aShortClockIsSaid() {
    WordHunt two = hunt(2, null, null, Thing.of("a", "veil"), Thing.of("b", "smoker"));
    Activity hasty =
        of(two).withRules(Rules.usual().withWorth(1).withClock(new Clock(Clock.Per.GAME, 20)));

    assertThat(Games.readiness(hasty).findings())
        .extracting(Finding::own, Finding::values)
        .containsExactly(tuple("short-clock", List.of("20", "30")));
  }

  @Test
  void whatIsSaidOfThePictureMustNotNameAThing() {
    WordHunt named =
        new WordHunt(
            new Picture("bench", "A bench: a Veil, and more", 900, 600, Extra.NONE),
            null,
            List.of(Thing.of("a", "veil"), Thing.of("b", "ore")),
            5,
            WordHunt.Unfound.BLANKS,
            Comparing.FAIR,
            null,
            false,
            false,
            false,
            List.of(),
            false,
            Extra.NONE);

    assertThat(Games.readiness(of(named)).findings())
        .extracting(Finding::own, Finding::question)
        .containsExactly(tuple("description-tells", "a"));
  }

  @Test
  void decoysAreReadWithTheNames() {
    Thing[] things = {Thing.of("a", "veil"), Thing.of("b", "smoker")};

    assertThat(found(hunt(2, null, List.of("Veil"), things))).contains("decoy-is-name");
    assertThat(found(hunt(2, null, List.of(), things))).contains("no-decoys");
    assertThat(found(hunt(2, null, List.of("cup"), things))).contains("picking-wins");
    assertThat(found(hunt(2, null, List.of("a1", "a2", "a3", "a4"), things))).isEmpty();
  }

  @Test
  void nothingToFindAndNothingToLookAtIsSaid() {
    WordHunt nothing = WordHunt.of(5, List.of());

    assertThat(found(nothing)).contains("no-things", "nothing-shown");
    assertThat(Games.readiness(of(nothing)).winnable()).isEqualTo(Winnable.NEVER);
  }
}
