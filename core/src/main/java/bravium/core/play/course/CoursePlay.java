package bravium.core.play.course;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.activity.Rules;
import bravium.core.activity.Teams;
import bravium.core.play.Action;
import bravium.core.play.Attempts;
import bravium.core.play.Audience;
import bravium.core.play.Clocked;
import bravium.core.play.Clocks;
import bravium.core.play.Deadline;
import bravium.core.play.Draw;
import bravium.core.play.End;
import bravium.core.play.Happening;
import bravium.core.play.Item;
import bravium.core.play.Markers;
import bravium.core.play.Opening;
import bravium.core.play.Outcome;
import bravium.core.play.PassMark;
import bravium.core.play.Play;
import bravium.core.play.Point;
import bravium.core.play.Prepared;
import bravium.core.play.Result;
import bravium.core.play.Scene;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.State;
import bravium.core.play.Turn;
import bravium.core.play.Turns;
import bravium.core.play.Watched;
import bravium.core.question.Question;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;
import org.jspecify.annotations.Nullable;

/** A play that asks one question after another, as its course says. */
public final class CoursePlay implements Play {

  private final Activity activity;
  private final Rules rules;
  private final Course course;
  private final Map<String, Question> questions = new LinkedHashMap<>();
  private final List<Item> items;

  /** What can be asked, and what can be asked when trying out. */
  private final List<Question> askable;

  private final List<Question> tryable;

  /** What wins with the draw that was asked for last: each showing says it. */
  private @Nullable Marked lastMarked;

  private record Marked(Draw draw, Optional<PassMark> mark) {}

  /** The play of an activity whose game runs so. */
  public CoursePlay(Activity activity, Course course) {
    this.activity = activity;
    this.rules = activity.rules();
    this.course = course;
    activity.game().questions().forEach(question -> questions.put(question.id(), question));
    this.askable = Asking.pool(activity, false);
    this.tryable = Asking.pool(activity, true);
    this.items =
        Stream.concat(
                activity.game().questions().stream().map(Item::of), course.ownItems().stream())
            .toList();
  }

  Activity activity() {
    return activity;
  }

  Course course() {
    return course;
  }

  @Override
  public Draw draw(Opening opening) {
    return Asking.draw(activity, opening.rehearsal() ? tryable : askable, opening);
  }

  @Override
  public Optional<State> begin(Draw draw, Opening opening) {
    return course.begin(draw);
  }

  @Override
  public List<Item> items() {
    return items;
  }

  @Override
  public Turn start(Point at) {
    return new Onwards(this, at).begin();
  }

  @Override
  public Set<String> open(Sitting now) {
    return now.stage() == Stage.QUESTION && now.now() != null ? Set.of(now.now()) : Set.of();
  }

  @Override
  public Turn act(Point at, Action action) {
    return new CourseMoves(this, at).apply(action);
  }

  @Override
  public Turn judged(Point at, String item) {
    return Turn.of(closed(at.sitting(), at.at()).at(Stage.FEEDBACK, item));
  }

  @Override
  public Turn ranOut(Point at, Deadline deadline) {
    boolean whole = deadline.clock().equals(Clocked.GAME);
    Turn turn =
        whole
            ? new Onwards(this, at.with(closed(at.sitting(), at.at())))
                .end(Outcome.Ended.TIME, List.of())
            : new Attempts(at).outOfTime(questions.get(at.sitting().now()));
    Clock.Per per = whole ? Clock.Per.GAME : Clock.Per.QUESTION;
    return turn.after(List.of(new Happening.TimeRanOut(per)));
  }

  /** The sitting with a question open from this moment on. */
  Sitting opened(Turns turns, Sitting sitting, String question, long at) {
    Clocks clocks = withGame(sitting, at);
    Integer toTakeOver = turns.secondsToTakeOver(sitting);
    Integer seconds = toTakeOver == null ? rules.secondsFor(questions.get(question)) : toTakeOver;
    return course
        .opened(sitting, question)
        .with(
            seconds == null
                ? clocks.without(Clocked.QUESTION)
                : clocks.started(Clocked.QUESTION, sitting.opening().millis(seconds), at))
        .at(Stage.QUESTION, question);
  }

  /** The sitting with the board shown from this moment on. */
  Sitting onBoard(Sitting sitting, long at) {
    return sitting.with(withGame(sitting, at).without(Clocked.QUESTION)).at(Stage.BOARD, null);
  }

  private Clocks withGame(Sitting sitting, long at) {
    Clock clock = rules.clock();
    return clock == null || clock.per() != Clock.Per.GAME
        ? sitting.clocks()
        : sitting.clocks().resumed(Clocked.GAME, sitting.opening().millis(clock.seconds()), at);
  }

  /** The sitting with no question open: the game's clock stands till the next is. */
  Sitting closed(Sitting sitting, long at) {
    return sitting.with(sitting.clocks().stopped(Clocked.GAME, at).without(Clocked.QUESTION));
  }

  @Override
  public Optional<End> over(Sitting now) {
    return course.ended(now);
  }

  @Override
  public End closed(Outcome.Ended how, Sitting now) {
    return course.atTheEnd(how, now);
  }

  @Override
  public Sitting settledAtTheEnd(Sitting now) {
    return course.settledAtTheEnd(now);
  }

  @Override
  public boolean earnsByAnswer() {
    return course.earnsByAnswer();
  }

  @Override
  public boolean takenOver() {
    return course.takenOver();
  }

  @Override
  public boolean triesLater() {
    return course.triesLater(rules);
  }

  @Override
  public Result scored(Result result, Sitting before) {
    return course.scored(result, before);
  }

  @Override
  public Optional<PassMark> passMark(Draw draw) {
    Marked last = lastMarked;
    if (last == null || last.draw != draw) {
      last = new Marked(draw, course.passMark(rules, draw));
      lastMarked = last;
    }
    return last.mark;
  }

  @Override
  public Optional<Markers> ownMarkers(Sitting now, Audience audience) {
    return course.ownMarkers(now);
  }

  @Override
  public Optional<Scene> scene(Sitting now, Audience audience) {
    return course.scene(now, audience);
  }

  @Override
  public List<Integer> parts(String item) {
    return course.parts(item);
  }

  @Override
  public Optional<Question> next(Sitting now) {
    Set<String> settled = new LinkedHashSet<>(now.settled());
    settled.add(now.now());
    return course
        .next(now.draw(), settled, now.now())
        .or(() -> course.coming(now))
        .map(questions::get);
  }

  @Override
  public Optional<Watched> watched(Sitting now) {
    return course.watched(now);
  }

  @Override
  public Optional<Action> aid(Sitting now, boolean right) {
    return course.aid(now, right).or(() -> CourseAids.next(now, questions, right));
  }

  @Override
  public Sitting follow(Prepared game, Sitting before, Opening opening) {
    return new Follow(this, game, before, opening).sitting();
  }

  /** A question that decides a tie: the first that was not asked; empty where none is left. */
  Optional<Question> decider(Sitting sitting) {
    Teams teams = rules.teams();
    if (teams == null || !teams.decider() || sitting.opening().teams().size() < Teams.FEWEST) {
      return Optional.empty();
    }
    return Asking.pool(activity, sitting.opening().rehearsal()).stream()
        .filter(q -> sitting.draw().find(q.id()).isEmpty())
        .filter(q -> q.answerable() && q.decides())
        .findFirst();
  }
}
