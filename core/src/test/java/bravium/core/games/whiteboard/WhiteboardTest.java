package bravium.core.games.whiteboard;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import bravium.core.activity.Activity;
import bravium.core.activity.Answers;
import bravium.core.activity.Rules;
import bravium.core.codec.Codec;
import bravium.core.games.Games;
import bravium.core.json.Extra;
import bravium.core.play.Action;
import bravium.core.play.Audience;
import bravium.core.play.Markers;
import bravium.core.play.Stage;
import bravium.core.question.Question;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Readiness;
import bravium.core.samples.Activities;
import bravium.core.samples.Player;
import bravium.core.samples.RandomActivities;
import bravium.core.samples.SideBySide;
import java.util.List;
import java.util.Random;
import java.util.stream.IntStream;
import net.jqwik.api.Example;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

class WhiteboardTest {

  private static final Rules RULES = Activities.asWritten(null, 60);

  @Example
  void pagesComeInTheirOrder() {
    Player player = begun(board(false, false, RULES));

    assertThat(player.sitting().now()).isEqualTo("q1");
    assertThat(scene(player).pages()).isEmpty();
  }

  @Example
  void orTheClassPicksThem() {
    Player player = begun(board(true, false, RULES));

    assertThat(player.sitting().stage()).isEqualTo(Stage.BOARD);
    assertThat(scene(player).pages())
        .extracting(WhiteboardScene.BoardPage::question)
        .containsExactly("q1", "q2", "q3");
    assertThat(scene(player).pages()).allMatch(WhiteboardScene.BoardPage::open);
    player.play(new Action.Pick("q2"));
    assertThat(player.sitting().now()).isEqualTo("q2");
    assertThat(scene(player).pages().get(1).state()).isEqualTo(Markers.State.NOW);
    assertThat(scene(player).pages()).noneMatch(WhiteboardScene.BoardPage::open);
  }

  /** Flaps would open onto nothing where the rules never say what is right. */
  @Example
  void flapsNeedSomethingUnderThem() {
    Activity never = board(false, true, RULES.withAnswers(Answers.NEVER));
    Readiness readiness = Games.readinessWithMends(never);
    Finding found =
        readiness.findings().stream()
            .filter(finding -> "empty-flaps".equals(finding.own()))
            .findFirst()
            .orElseThrow();

    assertThat(((Whiteboard) Games.mended(never, found).game()).flaps()).isFalse();
    assertThat(Games.readiness(board(false, true, RULES)).findings())
        .noneMatch(finding -> "empty-flaps".equals(finding.own()));
  }

  @Example
  void aBoardHasAtMostFiveHundredPages() {
    List<Question> many =
        IntStream.range(0, 501)
            .mapToObj(i -> (Question) Activities.question("q" + i, "a", "a", "b"))
            .toList();
    assertThatThrownBy(() -> new Whiteboard(many, false, false, Extra.NONE))
        .hasMessage("a whiteboard has at most 500 pages");
  }

  @Property(tries = 200)
  void whatIsWrittenIsReadAgain(@ForAll long seed) {
    RandomActivities activities = new RandomActivities(new Random(seed));
    Activity activity = activities.onWhiteboard(activities.any());

    assertThat(Codec.ACTIVITY.read(Codec.ACTIVITY.write(activity))).isEqualTo(activity);
    assertThat(Games.readinessWithMends(activity)).isNotNull();
  }

  @Property(tries = 200)
  void nothingShowsBeforeItIsGivenAway(@ForAll long seed) {
    Random random = new Random(seed);
    RandomActivities activities = new RandomActivities(random);
    Activity activity = activities.onWhiteboard(activities.finished(1 + random.nextInt(5)));
    SideBySide.looksAlike(
        random,
        activity,
        (one, two, item) ->
            one.stage() == Stage.END
                || one.effortFor(item).tries() > 0
                || one.resultOf(item).isPresent()
                || two.resultOf(item).isPresent());
  }

  private static WhiteboardScene scene(Player player) {
    return (WhiteboardScene) player.showing(Audience.PLAYER).scene();
  }

  private static Player begun(Activity activity) {
    Player player = new Player(activity);
    player.play(new Action.Start());
    return player;
  }

  private static Activity board(boolean picked, boolean flaps, Rules rules) {
    Activity quiz = Activities.quiz(rules, 3);
    return quiz.withGame(new Whiteboard(quiz.game().questions(), picked, flaps, Extra.NONE));
  }
}
