package bravium.core.games.quizshow;

import bravium.core.games.GameData;
import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.question.Ids;
import bravium.core.question.Information;
import bravium.core.question.Marking;
import bravium.core.question.Question;
import bravium.core.rich.Picture;
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
    implements GameData {

  /** The name of its kind. */
  public static final String KIND = "quiz-show";

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

  /** The same show on another board. */
  public QuizShow on(Board changed) {
    return new QuizShow(changed, questions, extra);
  }

  /** Questions one after another. */
  public static QuizShow onLine(List<Question> questions) {
    return new QuizShow(new Line(), questions, Extra.NONE);
  }

  @Override
  public QuizShow withQuestions(List<Question> changed) {
    return new QuizShow(board, changed, extra);
  }

  /** A climb goes on at once, so that it asks only what is marked at once. */
  @Override
  public boolean asks(Question question) {
    return !(board instanceof Climb)
        || question.marking() == Marking.AT_ONCE
        || question instanceof Information;
  }

  @Override
  public List<Picture> pictures() {
    return board instanceof Trail trail && trail.picture() != null
        ? List.of(trail.picture())
        : List.of();
  }

  @Override
  public Optional<Picture> coverPicture() {
    return pictures().stream().findFirst();
  }

  @Override
  public String kind() {
    return KIND;
  }
}
