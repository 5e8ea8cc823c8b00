package bravium.core.games.quizshow;

import bravium.core.games.Game;
import bravium.core.json.Extra;
import bravium.core.play.Course;
import bravium.core.question.Ids;
import bravium.core.question.Question;
import com.fasterxml.jackson.annotation.JsonIgnore;
import java.util.List;
import java.util.Optional;

/**
 * Questions, asked on a board.
 *
 * @param questions at most {@value #MOST_QUESTIONS}
 */
public record QuizShow(Board board, List<Question> questions, @JsonIgnore Extra extra)
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
  public Optional<Course> course() {
    return switch (board) {
      case Line line -> Optional.of(new LineCourse());
      case UnknownBoard unknown -> Optional.empty();
    };
  }
}
