package bravium.core.play.course;

import bravium.core.activity.Activity;
import bravium.core.activity.Order;
import bravium.core.activity.Rules;
import bravium.core.play.Award;
import bravium.core.play.Draw;
import bravium.core.play.Front;
import bravium.core.play.Opening;
import bravium.core.play.Outcome;
import bravium.core.play.Prepared;
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
 * Carries a course over to an edited activity: it keeps its question and its answers, which are
 * marked anew; what is gone drops out, what is new joins in. Its log is empty: the moves of before
 * would not lead to it.
 */
final class Follow {

  private final CoursePlay play;
  private final Course course;
  private final Prepared game;
  private final Activity activity;
  private final Sitting before;
  private final Opening opening;
  private final Rules rules;
  private final Map<String, Draw.Drawn> drawnBefore = new LinkedHashMap<>();

  Follow(CoursePlay play, Prepared game, Sitting before, Opening opening) {
    this.play = play;
    this.course = play.course();
    this.game = game;
    this.activity = play.activity();
    this.before = before;
    this.opening = opening;
    this.rules = activity.rules();
    before.draw().questions().forEach(d -> drawnBefore.put(d.question(), d));
  }

  Sitting sitting() {
    Draw draw = draw();
    Sitting carried = carriedOver(draw);
    if (draw.questions().isEmpty()) {
      return carried;
    }
    String now = before.now();
    if (now != null && draw.find(now).isPresent()) {
      boolean settled = carried.resultOf(now).isPresent();
      return settled ? carried.at(Stage.FEEDBACK, now) : opened(carried, now);
    }
    boolean picks = course.picks(draw, carried.settled()) || course.waits(carried);
    if (picks && course.over(carried).isEmpty()) {
      return play.onBoard(carried, opening.at());
    }
    Optional<Outcome.Ended> over = course.over(carried);
    return course
        .next(draw, carried.settled(), "")
        .filter(next -> over.isEmpty())
        .map(next -> opened(carried, next))
        .orElseGet(
            () ->
                game.ended(carried, course.atTheEnd(over.orElse(Outcome.Ended.PLAYED), carried))
                    .sitting());
  }

  /** A game that is tried out has clocks that stand: they may begin whenever. */
  private Sitting opened(Sitting carried, String question) {
    return play.opened(game.turns(), carried, question, opening.at());
  }

  /** What was answered before, marked anew in the order in which it was. */
  private Sitting carriedOver(Draw draw) {
    Sitting carried = Sitting.onTitlePage(opening, draw, course.followed(before).orElse(null));
    for (Result result : before.results()) {
      Question question = game.question(result.question()).orElse(null);
      if (question != null && draw.find(result.question()).isPresent()) {
        carried =
            Replay.of(
                game, carried, question, before.effortFor(question.id()), result, before.front());
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
    List<Question> pool = Asking.pool(activity, before.opening().rehearsal());
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
        Asking.withInformation(
            activity, ordered.stream().map(id -> game.question(id).orElseThrow()).toList());
    return new Draw(shown.stream().map(this::drawn).toList());
  }

  private List<String> freshIds(List<String> written) {
    Set<String> ids = new LinkedHashSet<>();
    Asking.asked(activity, before.opening()).forEach(question -> ids.add(question.id()));
    ids.addAll(written);
    return List.copyOf(ids);
  }

  /** The options keep the order in which they were shown. */
  private Draw.Drawn drawn(Question question) {
    Draw.Drawn old = drawnBefore.get(question.id());
    boolean mixed = rules.optionOrder() == Order.MIXED || question.orderIsTheAnswer();
    if (!mixed || old == null) {
      return Asking.drawn(question, rules, before.opening());
    }
    List<String> items = question.items();
    List<String> order =
        merged(old.options(), Asking.drawn(question, rules, before.opening()).options());
    return Asking.drawn(question, rules, Asking.aroundPins(question, order));
  }

  /**
   * The fresh ones: those that were there keep their order, and the new ones follow. What is there
   * twice, as a word that fills two gaps, stays twice.
   */
  private static List<String> merged(List<String> old, List<String> fresh) {
    List<String> left = new ArrayList<>(fresh);
    List<String> merged = new ArrayList<>();
    for (String id : old) {
      if (left.remove(id)) {
        merged.add(id);
      }
    }
    merged.addAll(left);
    return List.copyOf(merged);
  }
}
