package bravium.core.rehearsal;

import bravium.core.activity.Activity;
import bravium.core.activity.Order;
import bravium.core.activity.Rules;
import bravium.core.activity.Teams;
import bravium.core.play.Award;
import bravium.core.play.Course;
import bravium.core.play.Draw;
import bravium.core.play.Engine;
import bravium.core.play.Front;
import bravium.core.play.Opening;
import bravium.core.play.Outcome;
import bravium.core.play.Referee;
import bravium.core.play.Replay;
import bravium.core.play.Result;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * Carries a play over to an edited activity: it keeps its question and its answers, which are
 * marked anew; what is gone drops out, what is new joins in.
 */
public final class LiveGame {

  private final Activity activity;
  private final Sitting before;
  private final Opening opening;
  private final Rules rules;
  private final Map<String, Question> questions = new LinkedHashMap<>();
  private final Map<String, Draw.Drawn> drawnBefore = new LinkedHashMap<>();

  private LiveGame(Activity activity, Sitting before, Opening opening) {
    this.activity = activity;
    this.before = before;
    this.opening = opening;
    this.rules = activity.rules();
    activity.game().questions().forEach(q -> questions.put(q.id(), q));
    before.draw().questions().forEach(d -> drawnBefore.put(d.question(), d));
  }

  /**
   * The sitting in the edited activity. Its log is empty: the moves of before would not lead to it.
   */
  public static Sitting follow(Activity activity, Sitting before) {
    Optional<Course> course = activity.course();
    Teams teams = activity.rules().teams();
    Opening opening = before.opening().withTeams(teams == null ? List.of() : teams.list());
    if (before.stage() == Stage.TITLE || course.isEmpty()) {
      return Engine.open(activity, opening);
    }
    return new LiveGame(activity, before, opening).follow(course.get());
  }

  private Sitting follow(Course course) {
    Draw draw = draw();
    Sitting carried = carriedOver(draw);
    if (draw.questions().isEmpty()) {
      return carried;
    }
    String now = before.now();
    if (now != null && draw.find(now).isPresent()) {
      boolean settled = carried.resultOf(now).isPresent();
      return carried.at(settled ? Stage.FEEDBACK : Stage.QUESTION, now);
    }
    if (course.picks(draw, carried.settled()) && course.over(carried).isEmpty()) {
      return carried.at(Stage.BOARD, null);
    }
    Optional<Outcome.Ended> over = course.over(carried);
    return course
        .next(draw, carried.settled(), "")
        .filter(next -> over.isEmpty())
        .map(next -> carried.at(Stage.QUESTION, next))
        .orElseGet(
            () ->
                carried.ended(
                    new Referee(activity).outcome(carried, over.orElse(Outcome.Ended.PLAYED))));
  }

  /** What was answered before, marked anew in the order in which it was. */
  private Sitting carriedOver(Draw draw) {
    Sitting carried =
        new Sitting(
            opening,
            draw,
            Stage.TITLE,
            null,
            List.of(),
            List.of(),
            before.watch(),
            Front.NONE,
            List.of(),
            null);
    for (Result result : before.results()) {
      Question question = questions.get(result.question());
      if (question != null && draw.find(result.question()).isPresent()) {
        carried =
            Replay.of(
                activity,
                carried,
                question,
                before.effortFor(question.id()),
                result,
                before.front());
      }
    }
    return withTurn(carried);
  }

  /** Whoever had the turn keeps it; what was given by hand stays given. */
  private Sitting withTurn(Sitting carried) {
    int teams = opening.teams().size();
    Front front = carried.front();
    for (Award award : before.front().awards()) {
      if (award.question() == null && award.team() < teams) {
        front = front.awarding(award);
      }
    }
    Integer turn = before.front().turn();
    boolean has = turn != null && turn < teams;
    return carried.with(front.withTurn(has ? turn : teams > 0 ? Integer.valueOf(0) : null));
  }

  private Draw draw() {
    List<Question> pool = Draw.pool(activity, before.opening().rehearsal());
    List<String> written = pool.stream().map(Question::id).toList();
    List<String> asked = new ArrayList<>(merged(before.draw().ids(), freshIds(written)));
    asked.retainAll(new LinkedHashSet<>(written));
    while (asked.size() > Draw.asked(rules, pool.size())) {
      boolean lastIsOpen = asked.getLast().equals(before.now()) && asked.size() > 1;
      asked.remove(asked.size() - (lastIsOpen ? 2 : 1));
    }
    Set<String> drawn = new LinkedHashSet<>(asked);
    List<String> ordered =
        rules.questionOrder() == Order.AS_WRITTEN
            ? written.stream().filter(drawn::contains).toList()
            : asked;
    List<Question> shown =
        Draw.withInformation(activity, ordered.stream().map(questions::get).toList());
    return new Draw(shown.stream().map(this::drawn).toList());
  }

  private List<String> freshIds(List<String> written) {
    Set<String> ids = new LinkedHashSet<>();
    Draw.asked(activity, before.opening()).forEach(question -> ids.add(question.id()));
    ids.addAll(written);
    return List.copyOf(ids);
  }

  /** The options keep the order in which they were shown. */
  private Draw.Drawn drawn(Question question) {
    Draw.Drawn old = drawnBefore.get(question.id());
    boolean mixed = rules.optionOrder() == Order.MIXED || question.orderIsTheAnswer();
    if (!mixed || old == null) {
      return Draw.drawn(question, rules, before.opening());
    }
    List<String> items = question.items();
    boolean same = old.options().size() == items.size() && old.options().containsAll(items);
    List<String> order =
        same
            ? old.options()
            : merged(old.options(), Draw.drawn(question, rules, before.opening()).options());
    return Draw.drawn(question, rules, Draw.aroundPins(question, order));
  }

  /** The fresh ids: those that were there keep their order, and the new ones follow. */
  private static List<String> merged(List<String> old, List<String> fresh) {
    Set<String> ids = new LinkedHashSet<>(old);
    ids.retainAll(Set.copyOf(fresh));
    ids.addAll(fresh);
    return List.copyOf(ids);
  }
}
