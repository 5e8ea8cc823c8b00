package bravium.core.games.questionvideo;

import bravium.core.activity.Activity;
import bravium.core.games.Behaviour;
import bravium.core.games.Twin;
import bravium.core.json.Extra;
import bravium.core.play.Opening;
import bravium.core.play.Play;
import bravium.core.play.course.CoursePlay;
import bravium.core.question.Question;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Prospects;
import bravium.core.readiness.TimeLine;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** How a question video behaves: a course of questions, each at its moment of the film. */
public final class QuestionVideoBehaviour implements Behaviour<QuestionVideo> {

  @Override
  public Optional<Play> play(Activity activity, QuestionVideo video) {
    return Optional.of(
        new CoursePlay(VideoCourse.arranged(activity, video), new VideoCourse(video)));
  }

  /** Every stop is met, and the film itself takes time. */
  @Override
  public Prospects prospects(Activity activity, QuestionVideo video, List<Question> pool) {
    Prospects asked = Prospects.ofPoints(VideoCourse.arranged(activity, video), pool);
    TimeLine time = asked.time();
    return time == null
        ? asked
        : new Prospects(
            asked.passMark(),
            asked.winnable(),
            asked.reach(),
            asked.guessing(),
            asked.byPoints(),
            time.longer((video.shown().length() + 999) / 1_000),
            asked.askable());
  }

  @Override
  public List<Finding> findings(Activity activity, QuestionVideo video) {
    return QuestionVideoChecks.of(activity, video);
  }

  @Override
  public QuestionVideo mended(QuestionVideo video, Finding finding) {
    return QuestionVideoChecks.mended(video, finding);
  }

  /** Notes of what is seen are the teacher's; stops that don't show yet can be anywhere. */
  @Override
  public Stream<Twin> twins(Activity activity, QuestionVideo video, Opening opening) {
    List<Twin> twins = new ArrayList<>();
    List<Question> asked = video.inOrder().questions().stream().filter(video::asks).toList();
    if (!asked.isEmpty()) {
      String last = asked.getLast().id();
      ScriptLine note = new ScriptLine(0, 1, "seen otherwise", true, Extra.NONE);
      List<ScriptLine> more = new ArrayList<>(video.script());
      more.add(note);
      twins.add(new Twin(activity.withGame(video.withScript(more)), opening, last));
    }
    return Stream.concat(twins.stream(), Twin.ofQuestions(activity, opening));
  }
}
