package bravium.core.play;

import static org.assertj.core.api.Assertions.assertThat;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.activity.Teams;
import bravium.core.games.quizshow.Climb;
import bravium.core.games.quizshow.QuizShow;
import bravium.core.play.front.FrontMoves;
import bravium.core.play.showing.Showing;
import bravium.core.question.ChoiceQuestion;
import bravium.core.question.Discussion;
import bravium.core.question.Mark;
import bravium.core.question.Marking;
import bravium.core.question.Question;
import bravium.core.samples.Plays;
import bravium.core.samples.RandomActivities;
import bravium.core.samples.RandomMoves;
import java.util.HashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Random;
import java.util.Set;
import java.util.stream.IntStream;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;

/**
 * The engine's points beside those of {@link PageScoring}, on random plays of every board, alone
 * and in teams: after each move both say the same.
 */
class PageScoringTest {

  private Activity activity;
  private PageScoring page;
  private Sitting sitting;
  private final Map<String, Integer> marks = new HashMap<>();

  @Property(tries = 1_200)
  void everyMoveBringsWhatThePageSays(@ForAll long seed) {
    Random random = new Random(seed);
    RandomActivities activities = new RandomActivities(random);
    activity = activities.finished(1 + random.nextInt(8));
    Opening front = activities.atTheFront(activity, "s" + seed, 0);
    Opening opening = new Opening("s" + seed, 0, false).withTeams(front.teams());
    sitting = Plays.open(activity, opening);
    boolean onClimb = ((QuizShow) activity.game()).board() instanceof Climb;
    Climb climb = onClimb ? (Climb) ((QuizShow) activity.game()).board() : null;
    page = new PageScoring(activity, climb, opening.teams().size());
    marks.clear();
    RandomMoves moves = new RandomMoves(random);
    long at = 0;

    for (int step = 0; step < 60; step++) {
      at += 500L * random.nextInt(12);
      Move move =
          random.nextInt(3) > 0 ? moves.fitting(activity, sitting) : moves.next(activity, sitting);
      if (goesBeyondThePage(move.action())) {
        continue;
      }
      Sitting before = sitting;
      Turn turn = Plays.play(activity, before, move, at);
      if (turn.refusal() != null || turn.repeated()) {
        continue;
      }
      sitting = turn.sitting();
      tell(before, turn, move.action(), at);
      compare(at);
      compareEnd();
    }
  }

  /** What changes the clock or goes back is tried elsewhere. */
  private boolean goesBeyondThePage(Action action) {
    boolean speed = activity.rules().bonus() != null && activity.rules().bonus().speed() > 0;
    return switch (action) {
      case Action.TakeBack back -> true;
      case Action.GoTo goTo -> true;
      case Action.HoldClock hold -> true;
      case Action.RunClock run -> true;
      case Action.AddTime add -> true;
      case Action.Strike strike -> speed;
      case Action.Reveal reveal -> speed;
      case Action.Answer answer -> answer.held() != null;
      default -> false;
    };
  }

  private void tell(Sitting before, Turn turn, Action action, long at) {
    String open = before.now();
    int team = before.front().answering() == null ? 0 : before.front().answering();
    boolean decides = !before.front().deciding().isEmpty();
    boolean takes = before.front().taking() != null && !decides;
    boolean ranOut =
        turn.happenings().stream()
            .anyMatch(h -> h instanceof Happening.TimeRanOut(var per) && per == Clock.Per.QUESTION);
    if (ranOut && !decides) {
      page.tried(open, team, null, worth(open), takes, seconds(open, takes), at);
    }
    switch (action) {
      case Action.Hint hint when !decides ->
          page.hint(
              hint.question(),
              team,
              question(open).marking() != Marking.AT_ONCE && worth(open) == 0);
      case Action.Answer answer when !decides -> answered(answer.question(), team, takes, at);
      // Cards that are marked at once are a try together, once all are laid.
      case Action.Lay lay
          when !decides
              && sitting.effortFor(lay.question()).tries()
                  > before.effortFor(lay.question()).tries() ->
          answered(lay.question(), team, takes, at);
      case Action.Continue left
          when before.stage() == Stage.QUESTION
              // Where its time ran out with this very move, what is left is the feedback.
              && !ranOut
              && (question(left.question()) instanceof ChoiceQuestion
                  || question(left.question()) instanceof Discussion
                  || FrontMoves.talkedThrough(before, question(left.question()))) ->
          page.talkedThrough(left.question());
      case Action.GiveTurn give when before.front().answering() == null && open != null ->
          page.opened(open, at);
      case Action.GivePoints give -> page.byHand(give.team(), give.points());
      case Action.Mark mark -> {
        Integer result = sitting.resultOf(mark.question()).orElseThrow().team();
        int whose = result == null ? 0 : result;
        if (question(mark.question()).marking() == Marking.AT_ONCE) {
          page.markedAnew(mark.question(), whose, worth(mark.question()), mark.points());
        } else {
          int was = marks.getOrDefault(mark.question(), 0);
          page.marked(whose, was, mark.points());
          marks.put(mark.question(), mark.points());
        }
      }
      default -> {}
    }
    Set<String> settled = new LinkedHashSet<>(sitting.settled());
    settled.removeAll(before.settled());
    for (String question : settled) {
      int last = action instanceof Action.Settle && takes ? before.front().turn() : team;
      if (sitting.draw().counts(question) || decides) {
        page.settled(question, last, decides);
      }
    }
    for (Happening happening : turn.happenings()) {
      if (happening instanceof Happening.QuestionOpened(String question)) {
        page.opened(question, at);
      }
    }
  }

  private void answered(String answered, int team, boolean takes, long at) {
    Question question = question(answered);
    if (question.marking() != Marking.AT_ONCE) {
      page.handedIn(question.id());
      return;
    }
    Mark mark = question.mark(sitting.effortFor(answered).last().response());
    page.tried(
        question.id(), team, mark, worth(question.id()), takes, seconds(question.id(), takes), at);
  }

  private Question question(String id) {
    return Plays.question(activity, id).orElseThrow();
  }

  private int worth(String question) {
    return activity.rules().worthOf(question(question));
  }

  private int seconds(String question, boolean takes) {
    Teams teams = activity.rules().teams();
    Integer taker = takes && teams.takeOver() != null ? teams.takeOver().seconds() : null;
    Integer own = activity.rules().secondsFor(question(question));
    return taker != null ? taker : own == null ? 0 : own;
  }

  private void compare(long at) {
    Showing showing = Plays.show(activity, sitting, Audience.PROJECTOR, at);
    List<Showing.Side> sides = showing.teams();
    if (sides.isEmpty()) {
      int points = Scorecard.points(sitting.results());
      assertThat(points).as("after %s", sitting.log().getLast()).isEqualTo(page.points(0));
    }
    for (int team = 0; team < sides.size(); team++) {
      assertThat(sitting.front().points(team))
          .as("team %d after %s", team, sitting.log().getLast())
          .isEqualTo(page.points(team));
    }
  }

  /** The line is a share of what the drawn questions are worth; with teams most points win. */
  private void compareEnd() {
    Outcome outcome = sitting.outcome();
    if (outcome == null || outcome.awaiting() > 0 || outcome.ended() != Outcome.Ended.PLAYED) {
      return;
    }
    int teams = sitting.opening().teams().size();
    if (teams == 0) {
      assertThat(outcome.points()).isEqualTo(page.points(0));
      assertThat(outcome.won())
          .isEqualTo(
              100L * page.points(0) >= (long) activity.rules().passMark() * outcome.possible());
    } else if (sitting.front().deciding().isEmpty()) {
      int most = IntStream.range(0, teams).map(page::points).max().orElseThrow();
      assertThat(outcome.winners())
          .isEqualTo(
              IntStream.range(0, teams).filter(t -> page.points(t) == most).boxed().toList());
    }
  }
}
