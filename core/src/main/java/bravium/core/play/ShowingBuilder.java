package bravium.core.play;

import bravium.core.activity.Activity;
import bravium.core.activity.TitlePage;
import bravium.core.question.Option;
import bravium.core.question.PickOne;
import bravium.core.question.Question;
import bravium.core.question.TrueFalse;
import bravium.core.question.UnknownQuestion;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Takes from a sitting what an audience may see. */
final class ShowingBuilder {

  private final Activity activity;
  private final Sitting sitting;
  private final Audience audience;
  private final long at;
  private final int asked;

  ShowingBuilder(Activity activity, Sitting sitting, Audience audience, long at) {
    this.activity = activity;
    this.sitting = sitting;
    this.audience = audience;
    this.at = at;
    this.asked = sitting.draw().questions().size();
  }

  Showing build() {
    Question now =
        sitting.now() == null ? null : Engine.question(activity, sitting.now()).orElse(null);
    return new Showing(
        at,
        sitting.stage(),
        cover(activity.titlePage()),
        new Referee(activity.rules()).passMark(asked),
        Scorecard.of(sitting.results(), asked),
        Markers.of(sitting).list(),
        now == null ? null : asked(now),
        sitting.stage() == Stage.FEEDBACK && now != null ? told(now).orElse(null) : null,
        closing(),
        audience == Audience.TEACHER && now != null ? notes(now) : null);
  }

  private static Showing.Cover cover(TitlePage page) {
    return new Showing.Cover(page.title(), page.subject(), page.year(), page.introduction());
  }

  private Showing.Asked asked(Question question) {
    List<Showing.Choice> choices =
        sitting.draw().find(question.id()).map(Draw.Drawn::options).orElse(List.of()).stream()
            .flatMap(id -> question.choice(id).stream())
            .map(option -> new Showing.Choice(option.id(), option.text()))
            .toList();
    return new Showing.Asked(
        question.id(),
        kind(question),
        sitting.draw().ids().indexOf(question.id()) + 1,
        1,
        activity.rules().worth(),
        question.text(),
        choices);
  }

  private static Showing.Kind kind(Question question) {
    return switch (question) {
      case PickOne pickOne -> Showing.Kind.PICK_ONE;
      case TrueFalse trueFalse -> Showing.Kind.TRUE_FALSE;
      case UnknownQuestion unknown -> throw new IllegalStateException("never asked");
    };
  }

  private Optional<Showing.Told> told(Question question) {
    return sitting
        .resultOf(question.id())
        .map(
            result ->
                new Showing.Told(
                    result.verdict(),
                    result.points(),
                    result.response(),
                    right(question),
                    result.verdict() == Verdict.RIGHT
                        ? question.feedback().right()
                        : question.feedback().wrong()));
  }

  private static List<String> right(Question question) {
    return question.choices().stream().filter(Option::right).map(Option::id).toList();
  }

  private Showing.@Nullable Closing closing() {
    Outcome outcome = sitting.outcome();
    if (outcome == null) {
      return null;
    }
    List<Showing.Answered> answers =
        sitting.draw().ids().stream()
            .flatMap(id -> Engine.question(activity, id).stream())
            .flatMap(q -> told(q).map(told -> new Showing.Answered(asked(q), told)).stream())
            .toList();
    return new Showing.Closing(
        outcome,
        outcome.won() ? activity.endings().win().text() : activity.endings().lose().text(),
        answers);
  }

  private Showing.Notes notes(Question now) {
    Set<String> settled = new LinkedHashSet<>(sitting.settled());
    settled.add(now.id());
    String next =
        activity
            .game()
            .course()
            .flatMap(course -> course.next(sitting.draw(), settled, now.id()))
            .flatMap(id -> Engine.question(activity, id))
            .map(Question::text)
            .orElse(null);
    return new Showing.Notes(right(now), next);
  }
}
