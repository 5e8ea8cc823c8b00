package bravium.core.games.whiteboard;

import bravium.core.activity.Activity;
import bravium.core.activity.Answers;
import bravium.core.games.Behaviour;
import bravium.core.games.Twin;
import bravium.core.play.Opening;
import bravium.core.play.Play;
import bravium.core.play.course.CoursePlay;
import bravium.core.question.Question;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Mend;
import bravium.core.readiness.Prospects;
import bravium.core.readiness.Weight;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** How a whiteboard behaves: a course of questions, won by points. */
public final class WhiteboardBehaviour implements Behaviour<Whiteboard> {

  /** Answers lie under flaps, but the rules never give them away. */
  static final String EMPTY_FLAPS = "empty-flaps";

  @Override
  public Optional<Play> play(Activity activity, Whiteboard board) {
    return Optional.of(new CoursePlay(activity, new PagesCourse(board)));
  }

  @Override
  public Prospects prospects(Activity activity, Whiteboard board, List<Question> pool) {
    return Prospects.ofPoints(activity, pool);
  }

  @Override
  public List<Finding> findings(Activity activity, Whiteboard board) {
    Answers answers = activity.rules().answers();
    return board.flaps() && answers != null && answers != Answers.AFTER_LAST_TRY
        ? List.of(Finding.own(EMPTY_FLAPS, null, Weight.LOOK).mendedBy(Mend.OF_GAME))
        : List.of();
  }

  @Override
  public Whiteboard mended(Whiteboard board, Finding finding) {
    boolean without = finding.mend() == Mend.OF_GAME && EMPTY_FLAPS.equals(finding.own());
    return without ? board.withFlaps(false) : board;
  }

  @Override
  public Stream<Twin> twins(Activity activity, Whiteboard board, Opening opening) {
    return Twin.ofQuestions(activity, opening);
  }
}
