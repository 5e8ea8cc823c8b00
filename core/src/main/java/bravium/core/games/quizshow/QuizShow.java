package bravium.core.games.quizshow;

import bravium.core.activity.Activity;
import bravium.core.games.Game;
import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.play.Course;
import bravium.core.question.Ids;
import bravium.core.question.Question;
import bravium.core.readiness.Finding;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import java.util.Optional;

/**
 * Questions, asked on a board.
 *
 * @param questions at most {@value #MOST_QUESTIONS}
 */
public record QuizShow(
    Board board, @Range(max = MOST_QUESTIONS) List<Question> questions, @JsonIgnore Extra extra)
    implements Game {

  /** The most questions that one activity can hold. */
  public static final int MOST_QUESTIONS = 500;

  /** Checks the questions' number and ids. */
  public QuizShow {
    if (questions.size() > MOST_QUESTIONS) {
      throw new IllegalArgumentException(
          "a quiz show has at most " + MOST_QUESTIONS + " questions");
    }
    Ids.requireDistinct("question", questions.stream().map(Question::id).toList());
  }

  /** Questions one after another. */
  public static QuizShow onLine(List<Question> questions) {
    return new QuizShow(new Line(), questions, Extra.NONE);
  }

  @Override
  public QuizShow withQuestions(List<Question> changed) {
    return new QuizShow(board, changed, extra);
  }

  @Override
  public List<Finding> findings(Activity activity) {
    return QuizShowChecks.of(activity, this);
  }

  @Override
  public Optional<Course> course() {
    return switch (board) {
      case Line line -> Optional.of(new LineCourse());
      case UnknownBoard unknown -> Optional.empty();
    };
  }
}
