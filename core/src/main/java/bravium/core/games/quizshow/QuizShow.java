package bravium.core.games.quizshow;

import bravium.core.activity.Activity;
import bravium.core.activity.Rules;
import bravium.core.games.Game;
import bravium.core.json.Extra;
import bravium.core.json.Range;
import bravium.core.play.Course;
import bravium.core.question.Ids;
import bravium.core.question.Information;
import bravium.core.question.Marking;
import bravium.core.question.Question;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Prospects;
import bravium.core.words.Picture;
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
  public Optional<Picture> picture() {
    return board instanceof Trail trail ? Optional.ofNullable(trail.picture()) : Optional.empty();
  }

  @Override
  public List<Finding> findings(Activity activity) {
    return QuizShowChecks.of(activity, this);
  }

  @Override
  public QuizShow mended(Finding finding) {
    return switch (board) {
      case Trail trail -> on(trail.mended(finding));
      case Climb climb -> on(climb.mended(finding));
      case Line line -> this;
      case UnknownBoard unknown -> this;
    };
  }

  @Override
  public Prospects prospects(Rules rules, List<Question> pool) {
    return board instanceof Climb climb
        ? ClimbProspects.of(climb, rules, pool)
        : Prospects.ofPoints(rules, pool);
  }

  @Override
  public Optional<Course> course(Rules rules) {
    return switch (board) {
      case Line line -> Optional.of(new LineCourse());
      case Trail trail -> Optional.of(new TrailCourse(trail));
      case Climb climb -> Optional.of(ClimbCourse.of(climb, rules));
      case UnknownBoard unknown -> Optional.empty();
    };
  }
}
