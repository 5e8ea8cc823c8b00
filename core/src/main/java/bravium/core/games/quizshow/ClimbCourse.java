package bravium.core.games.quizshow;

import bravium.core.activity.Rules;
import bravium.core.play.Audience;
import bravium.core.play.Draw;
import bravium.core.play.Markers;
import bravium.core.play.Outcome;
import bravium.core.play.PassMark;
import bravium.core.play.Result;
import bravium.core.play.Scene;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Verdict;
import bravium.core.play.course.Course;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

/**
 * Up a slope: each question is the next one drawn, and leads up, down or nowhere. Whoever stands on
 * a step has its worth; so what a question brings is the difference of two steps.
 *
 * @param worths of the steps from the first to the top, in points
 */
record ClimbCourse(Climb climb, List<Integer> worths) implements Course {

  static ClimbCourse of(Climb climb, Rules rules) {
    return new ClimbCourse(climb, climb.series(rules.worth()));
  }

  @Override
  public Optional<String> next(Draw draw, Set<String> settled, String now) {
    return draw.ids().stream().filter(id -> !settled.contains(id)).findFirst();
  }

  /** Nobody can go on before it is settled. */
  @Override
  public boolean triesLater(Rules rules) {
    return false;
  }

  @Override
  public boolean takenOver() {
    return false;
  }

  @Override
  public boolean earnsByAnswer() {
    return false;
  }

  @Override
  public Optional<Outcome.Ended> over(Sitting sitting) {
    if (heights(sitting).contains(climb.steps())) {
      return Optional.of(Outcome.Ended.PLAYED);
    }
    boolean alone = !sitting.opening().inTeams();
    Result last = sitting.results().isEmpty() ? null : sitting.results().getLast();
    boolean fell = last != null && sitting.draw().counts(last.question()) && misses(last);
    return alone && fell && climb.missEnds() ? Optional.of(Outcome.Ended.FALL) : Optional.empty();
  }

  @Override
  public Result scored(Result result, Sitting before) {
    // Information is read on the way, and leads nowhere.
    if (!before.draw().counts(result.question())) {
      return result.withPoints(0);
    }
    int height = height(before, result.team());
    return result.withPoints(worthAt(led(height, result)) - worthAt(height));
  }

  @Override
  public Optional<PassMark> passMark(Rules rules, Draw draw) {
    return Optional.of(passMark(rules));
  }

  /** The lowest step whose worth is the share of the top's that wins. */
  PassMark passMark(Rules rules) {
    int top = worths.getLast();
    int needed = (int) (((long) top * rules.passMark() + 99) / 100);
    int step = 0;
    while (step < worths.size() && worthAt(step) < needed) {
      step++;
    }
    return new PassMark(rules.passMark(), climb.steps(), top, needed, step, false, true);
  }

  /** One marker for each step: the ones below are done, the next is the one that is asked for. */
  @Override
  public Optional<Markers> ownMarkers(Sitting sitting) {
    int height = heightNow(sitting);
    boolean asked = sitting.stage() == Stage.QUESTION || sitting.stage() == Stage.FEEDBACK;
    List<Markers.Marker> markers = new ArrayList<>();
    for (int step = 1; step <= climb.steps(); step++) {
      Markers.State state =
          step <= height
              ? Markers.State.RIGHT
              : asked && step == height + 1 ? Markers.State.NOW : Markers.State.TO_DO;
      markers.add(new Markers.Marker("step " + step, state));
    }
    return Optional.of(new Markers(List.copyOf(markers)));
  }

  @Override
  public Optional<Scene> scene(Sitting sitting, Audience audience) {
    List<BoardScene.Step> steps = new ArrayList<>();
    for (int step = 1; step <= climb.steps(); step++) {
      steps.add(new BoardScene.Step(worthAt(step), climb.rests().contains(step)));
    }
    int height = heightNow(sitting);
    return Optional.of(
        new BoardScene.OfClimb(
            List.copyOf(steps),
            heights(sitting),
            climb.restBelow(height),
            climb.missEnds() && !sitting.opening().inTeams()));
  }

  /** The height of who answers now; of the first team while none has the turn. */
  private int heightNow(Sitting sitting) {
    Integer turn = sitting.front().turn();
    return heights(sitting).get(turn == null ? 0 : turn);
  }

  private List<Integer> heights(Sitting sitting) {
    int teams = sitting.opening().teams().size();
    return teams == 0
        ? List.of(height(sitting, null))
        : IntStream.range(0, teams).mapToObj(team -> height(sitting, team)).toList();
  }

  /** How many steps up the results lead, those of one team alone where there are teams. */
  private int height(Sitting sitting, @Nullable Integer team) {
    int height = 0;
    for (Result result : sitting.results()) {
      boolean counts = sitting.draw().counts(result.question());
      if (counts && (team == null || team.equals(result.team()))) {
        height = led(height, result);
      }
    }
    return height;
  }

  private int led(int height, Result result) {
    if (result.verdict() == Verdict.RIGHT) {
      return Math.min(climb.steps(), height + 1);
    }
    return misses(result) ? climb.restBelow(height) : height;
  }

  private static boolean misses(Result result) {
    return result.verdict() == Verdict.WRONG || result.verdict() == Verdict.MISSED;
  }

  /** The ground is worth nothing. */
  private int worthAt(int height) {
    return height == 0 ? 0 : worths.get(height - 1);
  }
}
