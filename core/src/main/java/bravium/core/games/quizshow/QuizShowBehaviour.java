package bravium.core.games.quizshow;

import bravium.core.activity.Activity;
import bravium.core.games.Behaviour;
import bravium.core.games.Twin;
import bravium.core.play.Opening;
import bravium.core.play.Play;
import bravium.core.play.course.Course;
import bravium.core.play.course.CoursePlay;
import bravium.core.play.course.LineCourse;
import bravium.core.question.Question;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Prospects;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** How a quiz show behaves: a course of questions, as its board says. */
public final class QuizShowBehaviour implements Behaviour<QuizShow> {

  @Override
  public Optional<Play> play(Activity activity, QuizShow show) {
    Course course =
        switch (show.board()) {
          case Line line -> new LineCourse();
          case Trail trail -> new TrailCourse(trail);
          case Climb climb -> ClimbCourse.of(climb, activity.rules());
          case UnknownBoard unknown -> null;
        };
    return course == null ? Optional.empty() : Optional.of(new CoursePlay(activity, course));
  }

  @Override
  public Prospects prospects(Activity activity, QuizShow show, List<Question> pool) {
    return show.board() instanceof Climb climb
        ? ClimbProspects.of(climb, activity, pool)
        : Prospects.ofPoints(activity, pool);
  }

  @Override
  public List<Finding> findings(Activity activity, QuizShow show) {
    return QuizShowChecks.of(activity, show);
  }

  @Override
  public Stream<Twin> twins(Activity activity, QuizShow show, Opening opening) {
    return Twin.ofQuestions(activity, opening);
  }

  @Override
  public QuizShow mended(QuizShow show, Finding finding) {
    return switch (show.board()) {
      case Trail trail -> show.on(trail.mended(finding, show.questions()));
      case Climb climb -> show.on(climb.mended(finding));
      case Line line -> show;
      case UnknownBoard unknown -> show;
    };
  }
}
