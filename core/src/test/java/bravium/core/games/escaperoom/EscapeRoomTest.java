package bravium.core.games.escaperoom;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.activity.Endings;
import bravium.core.activity.Rules;
import bravium.core.activity.Team;
import bravium.core.activity.Teams;
import bravium.core.activity.TitlePage;
import bravium.core.answer.Comparing;
import bravium.core.games.Games;
import bravium.core.json.Extra;
import bravium.core.play.Action;
import bravium.core.play.Audience;
import bravium.core.play.Engine;
import bravium.core.play.Markers;
import bravium.core.play.Move;
import bravium.core.play.Mover;
import bravium.core.play.Opening;
import bravium.core.play.Outcome;
import bravium.core.play.Prepared;
import bravium.core.play.Refusal;
import bravium.core.play.Sitting;
import bravium.core.play.Turn;
import bravium.core.play.showing.Review;
import bravium.core.play.showing.Showing;
import bravium.core.question.Area;
import bravium.core.question.Basics;
import bravium.core.question.Feedback;
import bravium.core.question.Question;
import bravium.core.question.Response;
import bravium.core.question.Spot;
import bravium.core.question.TypedText;
import bravium.core.readiness.Finding;
import bravium.core.rich.Picture;
import bravium.core.rich.Words;
import java.util.List;
import java.util.stream.IntStream;
import java.util.stream.Stream;
import org.junit.jupiter.api.Test;

/** Small escapes, played and read. */
class EscapeRoomTest {

  private static final Effect OUT = new Effect.LeadsOut();

  private static Question asks(String id, String answer) {
    Basics basics = Basics.of(id, "What opens " + id + "?", new Feedback("Yes", "No"));
    return new TypedText(basics, List.of(answer), List.of(), Comparing.FAIR, Extra.NONE);
  }

  /** Two rooms: the first lock opens the way to the second, whose lock leads out. */
  private static EscapeRoom twoRooms() {
    return EscapeRoom.of(
        List.of(Room.of("yard", "The yard"), Room.of("shed", "The shed")),
        List.of(
            Lock.asking("gate", "yard", new Effect.OpensWay("shed")),
            Lock.asking("door", "shed", OUT)),
        List.of(asks("gate", "bee"), asks("door", "wax")));
  }

  private static Activity activity(EscapeRoom room, Rules rules) {
    return new Activity(TitlePage.of("Out of here"), room, rules, Endings.usual());
  }

  /** A play of one who plays alone; the clock runs where there is one. */
  private static final class Playing {

    private final Prepared game;
    private Sitting sitting;
    private long now = 1_000;

    Playing(EscapeRoom room, Rules rules) {
      this.game = Games.prepared(activity(room, rules));
      List<Team> teams = rules.teams() == null ? List.of() : rules.teams().list();
      this.sitting = Engine.open(game, new Opening("s", 0, false).withTeams(teams));
      act(new Action.Start());
    }

    Playing(EscapeRoom room) {
      this(room, Rules.usual());
    }

    Turn act(Mover by, Action action) {
      Turn turn = Engine.act(game, sitting, by, action, now);
      sitting = turn.sitting();
      return turn;
    }

    Turn act(Action action) {
      return act(Mover.PLAYER, action);
    }

    Turn answer(String lock, String text) {
      int attempt = sitting.effortFor(lock).tries() + 1;
      return act(new Action.Answer(lock, attempt, new Response.Typed(text)));
    }

    Turn use(String lock, String... pieces) {
      int attempt = sitting.effortFor(lock).tries() + 1;
      return act(new Action.Own(new EscapeAction.UsePieces(lock, attempt, List.of(pieces))));
    }

    Playing after(int seconds) {
      now += 1_000L * seconds;
      return this;
    }

    Showing shown() {
      return Showing.of(game, sitting, Audience.PLAYER, now);
    }

    EscapeScene scene() {
      return (EscapeScene) shown().scene();
    }

    List<String> rooms() {
      return scene().rooms().stream().map(EscapeScene.SeenRoom::name).toList();
    }

    EscapeScene.SeenLock lock(String id) {
      return scene().rooms().stream()
          .flatMap(room -> room.locks().stream())
          .filter(lock -> lock.id().equals(id))
          .findFirst()
          .orElseThrow();
    }

    Outcome outcome() {
      return Engine.settled(game, sitting, now).outcome();
    }
  }

  @Test
  void aLockOpensTheWayAndTheLastOneLeadsOut() {
    Playing play = new Playing(twoRooms());
    assertThat(play.rooms()).containsExactly("The yard");
    assertThat(play.shown().markers()).extracting(Markers.Marker::question).containsExactly("gate");
    assertThat(play.shown().score().asked()).isEqualTo(1);
    assertThat(play.answer("door", "wax").refusal()).isEqualTo(Refusal.NOT_OPEN);

    play.answer("gate", "bee");
    assertThat(play.rooms()).containsExactly("The yard", "The shed");
    assertThat(play.lock("gate").came())
        .containsExactly(
            new EscapeScene.Came(EscapeScene.Coming.OPENED_WAY, "shed", "The shed", "shed"));
    play.answer("door", "wax");
    assertThat(play.outcome().won()).isTrue();
    assertThat(play.outcome().points()).isEqualTo(20);
  }

  @Test
  void whoIsWrongTriesAgainHoweverOften() {
    Playing play = new Playing(twoRooms());
    for (int i = 0; i < 30; i++) {
      assertThat(play.answer("gate", "wasp " + i).refusal()).isNull();
    }
    assertThat(play.answer("gate", "bee").refusal()).isNull();
    assertThat(play.rooms()).hasSize(2);
    assertThat(play.shown().terms().tries()).isNull();
  }

  @Test
  void aWrongTryTakesTimeAndALossSaysHowFarOneGot() {
    EscapeRoom room = twoRooms().withPrices(new EscapePrices(15, 0, 30, null, Extra.NONE));
    Playing play = new Playing(room, Rules.usual().withClock(new Clock(Clock.Per.GAME, 60)));
    play.answer("gate", "wasp");
    assertThat(play.shown().clock().left()).isEqualTo(45_000);
    play.after(10).answer("gate", "bee");
    assertThat(play.shown().clock().left()).isEqualTo(35_000);
    play.after(36);
    assertThat(play.outcome().ended()).isEqualTo(Outcome.Ended.TIME);
    assertThat(play.shown().score().right()).isEqualTo(1);
    assertThat(play.shown().score().asked()).isEqualTo(2);
    assertThat(play.shown().ending().answers()).as("the second was met").hasSize(2);
  }

  @Test
  void aWrongTryCanCloseALockForSomeSeconds() {
    EscapeRoom room = twoRooms().withPrices(new EscapePrices(0, 20, 0, null, Extra.NONE));
    Playing play = new Playing(room);
    play.answer("gate", "wasp");
    assertThat(play.lock("gate").takes()).isFalse();
    assertThat(play.lock("gate").until()).isEqualTo(21_000);
    assertThat(play.shown().clock()).as("it is no clock of the game").isNull();
    assertThat(play.after(19).answer("gate", "bee").refusal()).isEqualTo(Refusal.NOT_OPEN);
    assertThat(play.after(2).answer("gate", "bee").refusal()).isNull();
  }

  @Test
  void aHintComesByItselfAfterAWhileAndCostsNothing() {
    Question hinted =
        asks("gate", "bee").with(asks("gate", "bee").basics().withHints(List.of(Words.of("Buzz"))));
    EscapeRoom room =
        twoRooms()
            .withQuestions(List.of(hinted, asks("door", "wax")))
            .withPrices(new EscapePrices(0, 0, 0, 60, Extra.NONE));
    Playing play = new Playing(room);
    assertThat(play.after(59).shown().questions().getFirst().asked().help().hints()).isEmpty();
    assertThat(play.after(2).shown().questions().getFirst().asked().help().hints()).hasSize(1);
    play.answer("gate", "bee");
    play.answer("door", "wax");
    assertThat(play.outcome().points()).isEqualTo(20);
  }

  @Test
  void keyPiecesAreTriedInTheirOrderAndTwoOfOneTextAreAlike() {
    EscapeRoom room =
        EscapeRoom.of(
                List.of(Room.of("yard", "")),
                List.of(
                    Lock.asking("a", "yard", new Effect.Gives("e1")),
                    Lock.asking("b", "yard", new Effect.Gives("b"), new Effect.Gives("e2")),
                    new Lock(
                        "code",
                        "yard",
                        "",
                        null,
                        null,
                        new Opener.ByPieces(null, List.of("b", "e1", "e2"), List.of(), Extra.NONE),
                        List.of(OUT),
                        Extra.NONE)),
                List.of(asks("a", "x"), asks("b", "y")))
            .withPieces(
                List.of(KeyPiece.of("b", "B"), KeyPiece.of("e1", "E"), KeyPiece.of("e2", "e")));
    Playing play = new Playing(room);
    assertThat(play.lock("code").slots()).isEqualTo(3);
    assertThat(play.lock("code").takes()).isFalse();
    play.answer("a", "x");
    assertThat(play.use("code", "b", "e1", "e2").refusal()).isEqualTo(Refusal.NOT_OPEN);
    play.answer("b", "y");
    assertThat(play.scene().pieces())
        .extracting(EscapeScene.SeenPiece::id)
        .containsExactly("e1", "b", "e2");
    assertThat(play.use("code", "b", "e1").refusal()).isEqualTo(Refusal.NO_SUCH_OPTION);
    play.use("code", "e1", "b", "e2");
    assertThat(play.lock("code").tried()).containsExactly("e1", "b", "e2");
    play.use("code", "b", "e2", "e1");
    assertThat(play.outcome().won()).isTrue();
  }

  @Test
  void allOfTheseLocksTogetherOpenAnotherByItself() {
    EscapeRoom room =
        EscapePattern.ROOMS_IN_A_ROW.laidOut(
            twoRooms()
                .withLocks(List.of())
                .withQuestions(
                    IntStream.range(0, 6).mapToObj(i -> asks("q" + i, "a" + i)).toList()));
    Playing play = new Playing(room);
    play.answer("q1", "a1");
    assertThat(play.rooms()).hasSize(1);
    play.answer("q0", "a0");
    assertThat(play.rooms()).hasSize(2);
    Stream.of(2, 3, 4, 5).forEach(i -> play.answer("q" + i, "a" + i));
    assertThat(play.outcome().won()).isTrue();
    assertThat(EscapePlan.orders(room).count()).as("2! in each of three rooms").isEqualTo("8");
  }

  @Test
  void whatIsCoveredIsLeftOutOfThePictureUntilTheCoverIsGone() {
    Area place =
        new Area(
            "",
            "",
            Area.Form.RECTANGLE,
            List.of(new Spot(700, 500), new Spot(100, 200)),
            true,
            null,
            Extra.NONE);
    String medium = "a".repeat(64);
    EscapeRoom room =
        EscapeRoom.of(
                List.of(Room.of("yard", "").showing(new Picture(medium, "A yard"))),
                List.of(
                    Lock.asking("gate", "yard", new Effect.Uncovers("cloth")),
                    Lock.asking("door", "yard", OUT).under("cloth")),
                List.of(asks("gate", "bee"), asks("door", "wax")))
            .withCovers(List.of(new RoomCover("cloth", "yard", "A cloth", place, Extra.NONE)));
    Playing play = new Playing(room);
    EscapeScene.SeenRoom before = play.scene().rooms().getFirst();
    assertThat(before.picture()).isNull();
    assertThat(before.part()).isEqualTo(medium + "~0.0.1000.1000~100.200.600.300");
    assertThat(before.locks()).hasSize(1);
    assertThat(play.scene().bare()).isEmpty();
    assertThat(play.scene().parts()).extracting(part -> part.name()).containsExactly(before.part());
    play.answer("gate", "bee");
    EscapeScene.SeenRoom after = play.scene().rooms().getFirst();
    assertThat(after.picture()).isEqualTo(medium);
    assertThat(after.locks()).hasSize(2);
    assertThat(play.scene().bare()).containsExactly(medium);
  }

  /** Nobody got out: the team that stands at most points has won nothing. */
  @Test
  void whereTeamsGiveUpNoneOfThemWins() {
    List<Team> names = List.of(new Team("Ash", Team.Sign.LEAF), new Team("Beech", Team.Sign.ACORN));
    Teams two = new Teams(names, Teams.Turns.IN_ORDER, null, false);
    Playing room = new Playing(twoRooms(), Rules.usual().withTeams(two));
    room.answer("gate", "bee");
    room.act(Mover.TEACHER, new Action.Own(new EscapeAction.StopEscaping()));

    assertThat(room.outcome().ended()).isEqualTo(Outcome.Ended.GIVEN_UP);
    assertThat(room.outcome().winners()).isEmpty();
    assertThat(room.outcome().won()).isFalse();
  }

  @Test
  void whoIsNotOutWhenItIsClosedHasNotWon() {
    Playing room = new Playing(twoRooms());
    room.answer("gate", "bee");
    Sitting closed = Engine.close(room.game, room.sitting, Outcome.Ended.AT_CLOSING, 90_000);
    assertThat(closed.outcome().won()).isFalse();
    assertThat(closed.outcome().why()).isEqualTo(Outcome.OutcomeReason.CUT_OFF);
  }

  @Test
  void noMarkOpensALockThatStayedShut() {
    Playing room = new Playing(twoRooms());
    room.answer("gate", "bee");
    room.act(new Action.Own(new EscapeAction.StopEscaping()));
    Action less = new Action.Mark("gate", 0, null);
    assertThat(room.act(Mover.TEACHER, less).refusal()).isNull();
    assertThat(room.outcome().ended()).isEqualTo(Outcome.Ended.GIVEN_UP);
    room.act(Mover.TEACHER, new Action.Mark("gate", 10, null));
    assertThat(room.outcome().points()).isEqualTo(10);
    assertThat(room.outcome().won()).isFalse();
    Action never = new Action.Mark("door", 10, null);
    assertThat(room.act(Mover.TEACHER, never).refusal()).isEqualTo(Refusal.NO_SUCH_MARK);
  }

  @Test
  void theTeacherOpensALockThatTheClassIsStuckAt() {
    Playing play = new Playing(twoRooms());
    Action open = new Action.Own(new EscapeAction.OpenLock("gate"));
    assertThat(play.act(open).refusal()).isEqualTo(Refusal.FOR_THE_TEACHER);
    assertThat(play.act(Mover.TEACHER, open).refusal()).isNull();
    assertThat(play.lock("gate").given()).isTrue();
    play.answer("door", "wax");
    assertThat(play.outcome().won()).isTrue();
    assertThat(play.outcome().points()).isEqualTo(10);
  }

  @Test
  void twoDevicesAtTwoLocksLoseNothing() {
    EscapeRoom room =
        EscapePattern.ONE_CODE.laidOut(
            twoRooms().withLocks(List.of()).withQuestions(List.of(asks("a", "x"), asks("b", "y"))));
    Playing play = new Playing(room);
    assertThat(play.act(new Action.Answer("a", 1, new Response.Typed("x"))).refusal()).isNull();
    assertThat(play.act(new Action.Answer("b", 1, new Response.Typed("y"))).refusal()).isNull();
    assertThat(play.scene().pieces()).hasSize(2);
    assertThat(play.act(new Action.Answer("b", 1, new Response.Typed("y"))).refusal())
        .as("what is open can't be opened again")
        .isEqualTo(Refusal.NOT_OPEN);
  }

  @Test
  void resultsSayWhenALockWasMetAndWhenItOpened() {
    Prepared game = Games.prepared(activity(twoRooms(), Rules.usual()));
    Sitting sitting = Engine.open(game, new Opening("s", 0, false));
    List<Action> moves =
        List.of(
            new Action.Start(),
            new Action.Answer("gate", 1, new Response.Typed("wasp")),
            new Action.Answer("gate", 2, new Response.Typed("bee")),
            new Action.Answer("door", 1, new Response.Typed("honey")));
    for (int i = 0; i < moves.size(); i++) {
      Move move = new Move("m" + i, Mover.PLAYER, moves.get(i));
      sitting = Engine.play(game, sitting, move, 10_000L * (i + 1)).sitting();
    }
    sitting = Engine.close(game, sitting, Outcome.Ended.AT_CLOSING, 90_000);
    Review review = Review.of(game, sitting, 90_000);
    assertThat(review.find("gate").orElseThrow().when())
        .isEqualTo(new Review.When(10_000, 30_000L));
    assertThat(review.find("gate").orElseThrow().tries()).isEqualTo(2);
    assertThat(review.find("door").orElseThrow().when())
        .isEqualTo(new Review.When(30_000, 40_000L));
  }

  private static List<String> found(EscapeRoom room) {
    return Games.readiness(activity(room, Rules.usual())).findings().stream()
        .filter(finding -> finding.own() != null)
        .map(Finding::own)
        .toList();
  }

  /** From memory: the usual faults of such a plan, each with the mend that takes it away. */
  @Test
  void readinessNamesWhatWaitsInVain() {
    assertThat(found(twoRooms())).isEmpty();
    EscapeRoom itself =
        twoRooms()
            .withLocks(
                List.of(
                    Lock.asking("gate", "shed", new Effect.OpensWay("shed")),
                    Lock.asking("door", "yard", OUT)));
    assertThat(found(itself)).containsExactly(EscapeChecks.LOCK_ON_ITSELF);
    EscapeRoom never =
        twoRooms()
            .withLocks(List.of(Lock.asking("gate", "yard"), Lock.asking("door", "shed", OUT)));
    assertThat(found(never))
        .containsExactly(
            EscapeChecks.NO_ESCAPE,
            EscapeChecks.LOCK_NEVER_THERE,
            EscapeChecks.LOCK_DOES_NOTHING,
            EscapeChecks.ROOM_NEVER_ENTERED);
    EscapeRoom help =
        twoRooms().withThings(List.of(RoomThing.of("note", "shed", "A note", "gate")));
    assertThat(found(help))
        .contains(EscapeChecks.NO_ESCAPE, EscapeChecks.LOCK_ON_ITSELF, EscapeChecks.LOCK_BEHIND);
    Activity told = activity(help, Rules.usual());
    Finding ring =
        Games.readinessWithMends(told).findings().stream()
            .filter(f -> EscapeChecks.LOCK_ON_ITSELF.equals(f.own()))
            .findFirst()
            .orElseThrow();
    assertThat(ring.mend()).isNotNull();
    assertThat(found((EscapeRoom) Games.mended(told, ring).game())).isEmpty();
    EscapeRoom noWay = twoRooms().withLocks(List.of());
    assertThat(found(noWay)).contains(EscapeChecks.NO_WAY_OUT);
  }

  /** The yard's gate is written, the door to the outside is not. */
  private static EscapeRoom withoutADoor(String asked, String answer) {
    Basics basics = Basics.of("door", asked, new Feedback("Yes", "No"));
    Question door =
        new TypedText(
            basics,
            answer.isEmpty() ? List.of() : List.of(answer),
            List.of(),
            Comparing.FAIR,
            Extra.NONE);
    return twoRooms().withQuestions(List.of(asks("gate", "bee"), door));
  }

  @Test
  void theLockThatHoldsUpTheWayOutIsNamed() {
    Finding empty = noEscape(withoutADoor("", ""));
    assertThat(empty.question()).isEqualTo("door");
    assertThat(empty.values()).containsExactly("", "empty");
    assertThat(noEscape(withoutADoor("What opens the door?", "")).values())
        .containsExactly("What opens the door?", "unfinished");
    assertThat(found(withoutADoor("What opens the door?", "wax"))).isEmpty();
  }

  private static Finding noEscape(EscapeRoom room) {
    return Games.readiness(activity(room, Rules.usual())).findings().stream()
        .filter(finding -> EscapeChecks.NO_ESCAPE.equals(finding.own()))
        .findFirst()
        .orElseThrow();
  }

  @Test
  void anEscapeInWhichNothingCanBeOpenedIsNotPlayedButTriedOut() {
    EscapeRoom blank =
        twoRooms()
            .withQuestions(
                Stream.of("gate", "door")
                    .<Question>map(
                        id ->
                            new TypedText(
                                Basics.of(id, "", Feedback.USUAL),
                                List.of(),
                                List.of(),
                                Comparing.FAIR,
                                Extra.NONE))
                    .toList());
    Activity activity = activity(blank, Rules.usual());
    Prepared game = Games.prepared(activity);

    assertThat(Games.readiness(activity).askable()).isZero();
    assertThat(game.asksAnything()).isFalse();
    Sitting played = Engine.open(game, new Opening("s", 0, false));
    assertThat(Showing.of(game, played, Audience.PROJECTOR, 0).markers()).isEmpty();
    Action start = new Action.Start();
    assertThat(Engine.act(game, played, Mover.TEACHER, start, 1).refusal())
        .isEqualTo(Refusal.NOTHING_TO_ASK);
    Sitting tried = Engine.open(game, new Opening("s", 0, true));
    assertThat(Engine.act(game, tried, Mover.TEACHER, start, 1).refusal()).isNull();
  }

  @Test
  void aRoomThatLeadsToItselfAndFiveHundredLocksAreRead() {
    List<Question> questions =
        IntStream.range(0, EscapeRoom.MOST_LOCKS).mapToObj(i -> asks("q" + i, "🐝")).toList();
    List<Lock> locks =
        IntStream.range(0, EscapeRoom.MOST_LOCKS)
            .mapToObj(
                i ->
                    Lock.asking(
                        "q" + i,
                        "yard",
                        new Effect.OpensWay("yard"),
                        i == 7 ? OUT : new Effect.OpensWay("nowhere")))
            .toList();
    EscapeRoom room = EscapeRoom.of(List.of(Room.of("yard", "")), locks, questions);
    Playing play = new Playing(room);
    assertThat(play.shown().questions()).hasSize(EscapeRoom.MOST_LOCKS);
    assertThat(EscapePlan.of(room).escapable()).isTrue();
    assertThat(new Escape(room).plan().orders(10_000).isExact()).isFalse();
    play.answer("q7", "🐝");
    assertThat(play.outcome()).isNotNull();
  }
}
