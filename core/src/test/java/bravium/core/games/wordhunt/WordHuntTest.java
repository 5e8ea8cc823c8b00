package bravium.core.games.wordhunt;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.tuple;

import bravium.core.activity.Activity;
import bravium.core.activity.Answers;
import bravium.core.activity.Clock;
import bravium.core.activity.Endings;
import bravium.core.activity.Prices;
import bravium.core.activity.Rules;
import bravium.core.activity.Team;
import bravium.core.activity.Teams;
import bravium.core.activity.TitlePage;
import bravium.core.answer.Comparing;
import bravium.core.json.Extra;
import bravium.core.play.Action;
import bravium.core.play.Audience;
import bravium.core.play.Entry;
import bravium.core.play.Markers;
import bravium.core.play.Mover;
import bravium.core.play.Opening;
import bravium.core.play.Outcome;
import bravium.core.play.Refusal;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Turn;
import bravium.core.play.Verdict;
import bravium.core.play.showing.Review;
import bravium.core.play.showing.Showing;
import bravium.core.question.Area;
import bravium.core.question.Spot;
import bravium.core.rehearsal.Aid;
import bravium.core.samples.Player;
import bravium.core.samples.Plays;
import java.util.List;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;
import org.junit.jupiter.api.Test;

/** A word hunt, played entry by entry. */
class WordHuntTest {

  private static final List<Thing> SIX =
      List.of(
          Thing.of("smoker", "smoker", "bee smoker"),
          Thing.of("tool", "hive tool"),
          Thing.of("gloves", "gloves", "glove"),
          Thing.of("veil", "veil"),
          Thing.of("frame", "frame"),
          Thing.of("brush", "bee-brush"));

  private static final Rules ONE_POINT_EACH = Rules.usual().withWorth(1);

  private Activity activity = hunt(WordHunt.of(10, SIX), ONE_POINT_EACH);
  private Player player = new Player(activity);

  private static Activity hunt(WordHunt hunt, Rules rules) {
    return new Activity(TitlePage.of("The workbench"), hunt, rules, Endings.usual());
  }

  private void begin(WordHunt hunt, Rules rules) {
    activity = hunt(hunt, rules);
    player = new Player(activity);
    player.start();
  }

  private void beginInTeams(Teams.Turns turns, int entries) {
    Team.Sign[] signs = Team.Sign.values();
    List<Team> teams =
        IntStream.range(0, 2).mapToObj(i -> new Team("Team " + i, signs[i])).toList();
    activity =
        hunt(
            WordHunt.of(entries, SIX),
            ONE_POINT_EACH.withTeams(new Teams(teams, turns, null, false)));
    player = new Player(activity, Mover.TEACHER, new Opening("s", 1_000, false).withTeams(teams));
    player.start();
  }

  private Turn enter(String text) {
    return enter(text, null);
  }

  private Turn enter(String text, Integer team) {
    return player.play(new Action.Own(new HuntAction.Enter(text, team)));
  }

  private HuntScene scene() {
    return (HuntScene) shown().scene();
  }

  private Showing shown() {
    return Plays.show(activity, player.sitting(), Audience.PLAYER, 2_000);
  }

  private Entry last() {
    return player.sitting().entries().getLast();
  }

  /** Common practice: six things, ten entries, one point each. */
  @Test
  void sixThingsFoundWithinTenEntriesWinSixPoints() {
    begin(WordHunt.of(10, SIX), ONE_POINT_EACH);
    for (String entry : List.of("cup", "Smoker", "hive tool", "lamp", "glove", "VEIL", "frame")) {
      enter(entry);
    }
    assertThat(scene().left()).isEqualTo(3);
    assertThat(player.sitting().stage()).isEqualTo(Stage.PLAYING);

    enter("bee brush");

    Outcome outcome = player.sitting().outcome();
    assertThat(outcome.won()).isTrue();
    assertThat(outcome.points()).isEqualTo(6);
    assertThat(outcome.possible()).isEqualTo(6);
  }

  /** Common practice: entries used up lose, and what was missed is shown. */
  @Test
  void tenEntriesUsedUpLose() {
    begin(WordHunt.of(10, SIX), ONE_POINT_EACH);
    enter("veil");
    for (int i = 0; i < 9; i++) {
      assertThat(scene().lines().get(0).name()).isNull();
      enter("nothing " + i);
    }

    assertThat(player.sitting().outcome().won()).isFalse();
    assertThat(player.sitting().outcome().points()).isEqualTo(1);
    assertThat(scene().lines()).extracting(HuntScene.Sought::name).doesNotContainNull();
    assertThat(scene().lines()).extracting(HuntScene.Sought::found).filteredOn(f -> f).hasSize(1);
    assertThat(shown().score().missed()).isEqualTo(5);
  }

  @Test
  void theTeacherMayKeepWhatWasMissed() {
    begin(WordHunt.of(1, SIX), ONE_POINT_EACH.withAnswers(Answers.NEVER));
    enter("nothing");

    assertThat(player.sitting().outcome().won()).isFalse();
    assertThat(scene().lines()).extracting(HuntScene.Sought::name).containsOnlyNulls();
    assertThat(scene().lines()).extracting(HuntScene.Sought::place).containsOnlyNulls();
  }

  @Test
  void aRepeatCostsNothingAndSaysSo() {
    begin(WordHunt.of(10, SIX), ONE_POINT_EACH);
    enter("veil");
    enter("Veil ");
    enter("lamp");
    enter("LAMP");

    assertThat(scene().left()).isEqualTo(8);
    assertThat(player.sitting().entries())
        .extracting(Entry::verdict, Entry::counted)
        .containsExactly(
            tuple(Verdict.RIGHT, true),
            tuple(Verdict.RIGHT, false),
            tuple(Verdict.WRONG, true),
            tuple(Verdict.WRONG, false));
    assertThat(shown().score().points()).isEqualTo(1);
  }

  @Test
  void oneSlipAwayIsNearlyAndCostsWhatTheTeacherSays() {
    begin(nearly(WordHunt.Nearly.FREE), ONE_POINT_EACH);
    enter("smokr");
    assertThat(last().verdict()).isEqualTo(Verdict.PARTLY);
    assertThat(scene().left()).isEqualTo(10);
    enter("smoekr");
    assertThat(last().verdict()).as("two neighbours that changed places").isEqualTo(Verdict.PARTLY);
    enter("smkr");
    assertThat(last().verdict()).as("two slips").isEqualTo(Verdict.WRONG);

    begin(nearly(WordHunt.Nearly.COSTS), ONE_POINT_EACH);
    enter("smokr");
    assertThat(scene().left()).isEqualTo(9);

    begin(nearly(null), ONE_POINT_EACH);
    enter("smokr");
    assertThat(last().verdict()).isEqualTo(Verdict.WRONG);
  }

  private static WordHunt nearly(WordHunt.Nearly nearly) {
    return changed(h -> h, WordHunt.Unfound.BLANKS, nearly, false, false, false, List.of(), SIX);
  }

  private static WordHunt changed(
      UnaryOperator<WordHunt> more,
      WordHunt.Unfound list,
      WordHunt.Nearly nearly,
      boolean oneByOne,
      boolean letters,
      boolean pick,
      List<String> decoys,
      List<Thing> things) {
    return more.apply(
        new WordHunt(
            null,
            null,
            things,
            10,
            list,
            Comparing.FAIR,
            nearly,
            oneByOne,
            letters,
            pick,
            decoys,
            false,
            Extra.NONE));
  }

  private static WordHunt letters(WordHunt.Unfound list) {
    return changed(h -> h, list, null, false, true, false, List.of(), SIX);
  }

  @Test
  void thingsOfOneNameAreFoundTogetherOrOneByOne() {
    List<Thing> mugs = List.of(Thing.of("a", "mug"), Thing.of("b", "mug"), Thing.of("c", "mug"));
    begin(WordHunt.of(3, mugs), ONE_POINT_EACH);
    enter("mug");
    assertThat(player.sitting().outcome().points()).isEqualTo(3);
    assertThat(player.sitting().entries()).hasSize(1);

    begin(WordHunt.of(3, mugs).countingOneByOne(true), ONE_POINT_EACH);
    enter("mug");
    enter("mug");
    assertThat(shown().score().right()).isEqualTo(2);
    enter("mug");
    assertThat(player.sitting().outcome().won()).isTrue();
  }

  @Test
  void whatIsCalledJustSoIsFoundBeforeWhatASlipLeadsTo() {
    List<Thing> things = List.of(Thing.of("a", "queens"), Thing.of("b", "queen"));
    WordHunt hunt =
        new WordHunt(
            null,
            null,
            things,
            10,
            WordHunt.Unfound.BLANKS,
            Comparing.FAIR.forgivingSlips(),
            null,
            false,
            false,
            false,
            List.of(),
            false,
            Extra.NONE);
    begin(hunt, ONE_POINT_EACH);
    enter("queen");

    assertThat(player.sitting().settled()).containsExactly("b");
  }

  @Test
  void theListShowsBlanksFirstLettersOrOnlyHowMany() {
    begin(letters(WordHunt.Unfound.BLANKS), ONE_POINT_EACH);
    assertThat(scene().lines().get(1).letters())
        .containsExactly("", "", "", "", " ", "", "", "", "");
    assertThat(scene().lines().get(5).letters()).contains("-");

    begin(letters(WordHunt.Unfound.FIRST_LETTERS), ONE_POINT_EACH);
    assertThat(scene().lines().get(3).letters()).containsExactly("v", "", "", "");

    begin(letters(WordHunt.Unfound.HOW_MANY), ONE_POINT_EACH);
    assertThat(scene().lines()).allMatch(line -> line.letters().isEmpty() && line.more());
  }

  @Test
  void aLetterTakesItsPriceFromWhatTheThingBringsAndNeverMore() {
    begin(
        letters(WordHunt.Unfound.BLANKS),
        ONE_POINT_EACH.withWorth(3).withPrices(new Prices(2, 9, Extra.NONE)));
    player.play(new Action.Hint("veil"));
    assertThat(scene().lines().get(3).letters()).containsExactly("v", "", "", "");
    player.play(new Action.Hint("frame"));
    player.play(new Action.Hint("frame"));
    enter("veil");
    assertThat(shown().score().points()).isEqualTo(1);
    enter("frame");
    assertThat(shown().score().points()).as("not below nothing").isEqualTo(1);
    assertThat(player.play(new Action.Hint("veil")).refusal()).isEqualTo(Refusal.NOT_OPEN);
  }

  @Test
  void theLastLetterStaysCovered() {
    begin(letters(WordHunt.Unfound.BLANKS), ONE_POINT_EACH);
    for (int i = 0; i < 3; i++) {
      assertThat(player.play(new Action.Hint("veil")).refusal()).isNull();
    }
    assertThat(scene().lines().get(3).hint()).isFalse();
    assertThat(player.play(new Action.Hint("veil")).refusal()).isEqualTo(Refusal.NO_HINT_LEFT);
  }

  @Test
  void whoCantSpellPicksFromAListWithDecoys() {
    WordHunt hunt =
        changed(
            h -> h, WordHunt.Unfound.BLANKS, null, false, false, true, List.of("Anvil", " "), SIX);
    begin(hunt, ONE_POINT_EACH);
    assertThat(scene().names()).isEmpty();
    assertThat(scene().help()).isTrue();

    player.play(new Action.Own(new HuntAction.ShowNames()));

    assertThat(scene().names())
        .containsExactly("Anvil", "bee-brush", "frame", "gloves", "hive tool", "smoker", "veil");
  }

  @Test
  void whoIsEntitledToTheListHasItFromTheBeginning() {
    player =
        new Player(activity, Mover.PLAYER, new Opening("s", 0, false).withHelp(List.of("names")));
    player.start();

    assertThat(scene().names()).contains("veil");
  }

  @Test
  void whatIsNoNameIsRefusedAndCostsNothing() {
    begin(WordHunt.of(10, SIX), ONE_POINT_EACH);

    assertThat(enter("  ").refusal()).isEqualTo(Refusal.NO_NAME);
    assertThat(enter("?!").refusal()).isEqualTo(Refusal.NO_NAME);
    assertThat(enter("x".repeat(10_000)).refusal()).isEqualTo(Refusal.NO_NAME);
    assertThat(scene().left()).isEqualTo(10);
  }

  @Test
  void whoGivesUpSeesWhatIsMissing() {
    begin(WordHunt.of(null, SIX), ONE_POINT_EACH);
    enter("veil");
    player.play(new Action.Own(new HuntAction.GiveUp()));

    assertThat(player.sitting().outcome().won()).isFalse();
    assertThat(scene().lines()).extracting(HuntScene.Sought::name).doesNotContainNull();
  }

  @Test
  void theTestAidGivesUpWhereNoWrongEntryIsTheLast() {
    begin(WordHunt.of(null, SIX), ONE_POINT_EACH);
    enter("veil");
    Sitting lost = Plays.aided(activity, player.sitting(), Aid.LOSS, 5_000);

    assertThat(lost.outcome().won()).isFalse();
    assertThat(lost.entries()).extracting(Entry::text).containsExactly("veil");
  }

  @Test
  void itsTimeRunsOut() {
    begin(WordHunt.of(10, SIX), ONE_POINT_EACH.withClock(new Clock(Clock.Per.GAME, 30)));
    enter("veil");

    Showing after = Plays.show(activity, player.sitting(), Audience.PLAYER, 40_000);

    assertThat(after.ending().outcome().ended()).isEqualTo(Outcome.Ended.TIME);
    assertThat(after.score().missed()).isEqualTo(5);
    assertThat(after.markers())
        .extracting(Markers.Marker::state)
        .containsOnly(Markers.State.RIGHT, Markers.State.MISSED);
  }

  @Test
  void teamsByTurnsHaveTheirOwnEntries() {
    beginInTeams(Teams.Turns.IN_ORDER, 2);
    enter("veil");
    assertThat(shown().teams().get(0).points()).isEqualTo(1);
    assertThat(enter("smoker", 0).refusal()).isEqualTo(Refusal.NO_SUCH_TEAM);
    enter("nothing");
    enter("nothing");
    assertThat(scene().left()).as("a repeat costs nothing, and the turn stays").isEqualTo(1);
    enter("frame");
    enter("smoker");

    assertThat(scene().teamsLeft()).containsExactly(0, 0);
    assertThat(player.sitting().outcome().winners()).containsExactly(0);
  }

  @Test
  void teamsAllAtOnceAreHeardByTheTeacher() {
    beginInTeams(Teams.Turns.BY_TEACHER, 3);
    assertThat(enter("veil").refusal()).isEqualTo(Refusal.NO_SUCH_TEAM);
    enter("veil", 1);
    enter("smoker", 1);
    enter("frame", 0);

    assertThat(shown().teams()).extracting(Showing.Side::points).containsExactly(1, 2);
    assertThat(scene().teamsLeft()).containsExactly(2, 1);
    assertThat(scene().lines().get(3).team()).isEqualTo(1);
    enter("cup", 1);
    assertThat(enter("gloves", 1).refusal()).isEqualTo(Refusal.NO_ENTRY_LEFT);
  }

  @Test
  void aLetterForTeamsTakesFromWhoeverFindsIt() {
    List<Team> teams =
        List.of(new Team("A", Team.Sign.values()[0]), new Team("B", Team.Sign.values()[1]));
    activity =
        hunt(
            letters(WordHunt.Unfound.BLANKS),
            ONE_POINT_EACH
                .withWorth(5)
                .withPrices(new Prices(2, 0, Extra.NONE))
                .withTeams(new Teams(teams, Teams.Turns.BY_TEACHER, null, false)));
    player = new Player(activity, Mover.TEACHER, new Opening("s", 0, false).withTeams(teams));
    player.start();
    player.play(new Action.Hint("veil"));
    enter("veil", 1);

    assertThat(shown().teams()).extracting(Showing.Side::points).containsExactly(0, 3);
  }

  @Test
  void takingBackGivesTheEntryBack() {
    player = new Player(activity, Mover.TEACHER, new Opening("s", 0, false));
    player.start();
    enter("veil");
    String key = player.sitting().log().getLast().move().key();
    player.play(new Action.TakeBack(key));

    assertThat(scene().left()).isEqualTo(10);
    assertThat(player.sitting().results()).isEmpty();
  }

  @Test
  void aThingIsNamedInItsPlaceOnceItIsFound() {
    Area place =
        new Area(
            "veil",
            "",
            Area.Form.ELLIPSE,
            List.of(new Spot(1, 2), new Spot(3, 4)),
            true,
            null,
            Extra.NONE);
    Thing veil = new Thing("veil", List.of("veil"), place, null, Extra.NONE);
    begin(WordHunt.of(10, List.of(veil, SIX.get(0))), ONE_POINT_EACH);
    assertThat(scene().lines().get(0).place()).isNull();
    enter("veil");

    assertThat(scene().lines().get(0).place().corners()).containsExactlyElementsOf(place.corners());
  }

  @Test
  void resultsHoldEveryEntryAndEveryThing() {
    begin(WordHunt.of(3, SIX), ONE_POINT_EACH);
    enter("veil");
    enter("lamp");
    enter("lamp");
    enter("cup");
    Review review = Plays.review(activity, player.sitting(), 9_000);

    assertThat(review.entries())
        .extracting(Entry::text)
        .containsExactly("veil", "lamp", "lamp", "cup");
    assertThat(review.answers()).hasSize(6);
    assertThat(review.passMark()).isNull();
  }

  @Test
  void theAidsPlayToBothEnds() {
    for (Aid aid : List.of(Aid.WIN, Aid.LOSS)) {
      assertThat(Plays.aided(activity, new Player(activity).sitting(), aid, 5_000).outcome().won())
          .isEqualTo(aid == Aid.WIN);
    }
    beginInTeams(Teams.Turns.BY_TEACHER, 2);
    assertThat(Plays.aided(activity, player.sitting(), Aid.RIGHT, 5_000).results()).hasSize(1);
  }

  @Test
  void anEditKeepsWhatWasEnteredAndJudgesItAnew() {
    begin(WordHunt.of(10, SIX), ONE_POINT_EACH);
    enter("veil");
    enter("lamp");
    Activity edited =
        hunt(
            WordHunt.of(10, List.of(SIX.get(3), Thing.of("lamp", "lamp"), SIX.get(0))),
            ONE_POINT_EACH);

    assertThat(Plays.follow(edited, player.sitting()).settled()).containsExactly("veil", "lamp");
  }
}
