package bravium.core.rehearsal;

import bravium.core.activity.Activity;
import bravium.core.activity.Order;
import bravium.core.activity.Rules;
import bravium.core.play.Course;
import bravium.core.play.Draw;
import bravium.core.play.Engine;
import bravium.core.play.Opening;
import bravium.core.play.Referee;
import bravium.core.play.Response;
import bravium.core.play.Result;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Verdict;
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
  private final Rules rules;
  private final Map<String, Question> questions = new LinkedHashMap<>();
  private final Map<String, Draw.Drawn> drawnBefore = new LinkedHashMap<>();

  private LiveGame(Activity activity, Sitting before) {
    this.activity = activity;
    this.before = before;
    this.rules = activity.rules();
    activity.game().questions().forEach(q -> questions.put(q.id(), q));
    before.draw().questions().forEach(d -> drawnBefore.put(d.question(), d));
  }

  /**
   * The sitting in the edited activity. Its log is empty: the moves of before would not lead to it.
   */
  public static Sitting follow(Activity activity, Sitting before) {
    Optional<Course> course = activity.game().course();
    if (before.stage() == Stage.TITLE || course.isEmpty()) {
      return Engine.open(activity, before.opening());
    }
    return new LiveGame(activity, before).follow(course.get());
  }

  private Sitting follow(Course course) {
    Opening opening = before.opening();
    Draw draw = draw();
    List<Result> results =
        before.results().stream().flatMap(r -> markedAnew(r, draw).stream()).toList();
    Sitting carried = new Sitting(opening, draw, Stage.TITLE, null, results, List.of(), null);
    if (draw.questions().isEmpty()) {
      return carried;
    }
    String now = before.now();
    if (now != null && draw.find(now).isPresent()) {
      boolean settled = carried.resultOf(now).isPresent();
      return carried.at(settled ? Stage.FEEDBACK : Stage.QUESTION, now);
    }
    return course
        .next(draw, carried.settled(), "")
        .map(next -> carried.at(Stage.QUESTION, next))
        .orElseGet(
            () -> carried.ended(new Referee(rules).outcome(results, draw.questions().size())));
  }

  private Optional<Result> markedAnew(Result result, Draw draw) {
    if (draw.find(result.question()).isEmpty()) {
      return Optional.empty();
    }
    Question question = Engine.question(activity, result.question()).orElseThrow();
    Response response = result.response();
    if (response == null) {
      return Optional.of(result).filter(r -> !question.answerable());
    }
    boolean offered =
        switch (response) {
          case Response.Picked picked -> question.choice(picked.option()).isPresent();
        };
    return Optional.of(new Referee(rules).mark(question, response))
        .filter(r -> offered && question.answerable() && r.verdict() != Verdict.MISSED);
  }

  private Draw draw() {
    List<Question> pool = Draw.pool(activity, before.opening().rehearsal());
    List<String> written = pool.stream().map(Question::id).toList();
    List<String> asked = new ArrayList<>(merged(before.draw().ids(), freshIds(written)));
    while (asked.size() > Draw.asked(rules, pool.size())) {
      boolean lastIsOpen = asked.getLast().equals(before.now()) && asked.size() > 1;
      asked.remove(asked.size() - (lastIsOpen ? 2 : 1));
    }
    Set<String> drawn = new LinkedHashSet<>(asked);
    List<String> ordered =
        rules.questionOrder() == Order.AS_WRITTEN
            ? written.stream().filter(drawn::contains).toList()
            : asked;
    return new Draw(ordered.stream().map(this::drawn).toList());
  }

  private List<String> freshIds(List<String> written) {
    Set<String> ids = new LinkedHashSet<>(Engine.open(activity, before.opening()).draw().ids());
    ids.addAll(written);
    return List.copyOf(ids);
  }

  private Draw.Drawn drawn(String id) {
    Question question = questions.get(id);
    Draw.Drawn fresh = Draw.drawn(question, rules, before.opening());
    Draw.Drawn old = drawnBefore.get(id);
    if (rules.optionOrder() == Order.AS_WRITTEN || old == null) {
      return fresh;
    }
    List<String> order = merged(old.options(), fresh.options());
    return new Draw.Drawn(id, Draw.aroundPins(question, order));
  }

  /** The fresh ids: those that were there keep their order, and the new ones follow. */
  private static List<String> merged(List<String> old, List<String> fresh) {
    Set<String> ids = new LinkedHashSet<>(old);
    ids.retainAll(Set.copyOf(fresh));
    ids.addAll(fresh);
    return List.copyOf(ids);
  }
}
