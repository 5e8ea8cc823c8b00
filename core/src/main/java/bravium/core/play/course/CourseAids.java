package bravium.core.play.course;

import bravium.core.play.Action;
import bravium.core.play.Draw;
import bravium.core.play.Sitting;
import bravium.core.play.front.FrontMoves;
import bravium.core.question.Question;
import bravium.core.question.Response;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/** What a test aid does next in a course: by the moves a learner would make. */
final class CourseAids {

  private CourseAids() {}

  static Optional<Action> next(Sitting now, Map<String, Question> questions, boolean right) {
    return switch (now.stage()) {
      case TITLE -> Optional.of(new Action.Start());
      case BOARD -> picked(now, questions.keySet());
      case QUESTION -> Optional.of(answered(now, questions.get(now.now()), right));
      case FEEDBACK -> Optional.of(new Action.Continue(now.now()));
      case PLAYING, END -> Optional.empty();
    };
  }

  private static Optional<Action> picked(Sitting now, Set<String> questions) {
    return now.draw().counting().stream()
        .map(Draw.Drawn::question)
        .filter(id -> questions.contains(id) && now.resultOf(id).isEmpty())
        .findFirst()
        .map(Action.Pick::new);
  }

  private static Action answered(Sitting now, Question question, boolean right) {
    Optional<Response> fitting = right ? question.rightResponse() : question.wrongResponse();
    Optional<Response> response =
        fitting
            .or(question::rightResponse)
            .or(question::wrongResponse)
            .filter(given -> question.answerable() && question.takes(given));
    if (response.isEmpty() || FrontMoves.talkedThrough(now, question)) {
      return new Action.Continue(question.id());
    }
    // Where the teacher gives the turns, the teams get them one after another.
    return now.waitsForTeam()
        ? new Action.GiveTurn(now.results().size() % now.opening().teams().size())
        : new Action.Answer(
            question.id(), now.effortFor(question.id()).tries() + 1, response.get());
  }
}
