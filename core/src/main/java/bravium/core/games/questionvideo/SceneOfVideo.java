package bravium.core.games.questionvideo;

import bravium.core.measure.Stretch;
import bravium.core.play.Audience;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import java.util.ArrayList;
import java.util.List;

/** Takes from a sitting what an audience may see of a film: stops as far as the teacher lets. */
final class SceneOfVideo {

  /** Sixteen to nine, in thousandths (common practice). */
  private static final int USUAL_RATIO = 1_778;

  private final VideoCourse course;
  private final QuestionVideo video;
  private final Film film;
  private final Sitting sitting;
  private final FilmState state;

  /** Whether whoever looks may go anywhere. */
  private final boolean free;

  /** Whether whoever looks knows where the stops are. */
  private final boolean knows;

  SceneOfVideo(VideoCourse course, Sitting sitting, Audience audience) {
    this.course = course;
    this.video = course.video();
    this.film = video.film();
    this.sitting = sitting;
    this.state = VideoCourse.state(sitting);
    this.free =
        audience != Audience.PLAYER || sitting.opening().rehearsal() || course.finishes(sitting);
    this.knows =
        audience == Audience.TEACHER
            || sitting.stage() == Stage.END
            || video.watching().pennants() == WatchRule.Pennants.ALL;
  }

  FilmScene scene() {
    Stretch shown = course.shown();
    WatchRule rule = video.watching();
    return new FilmScene(
        film.medium(),
        film.width() == null || film.height() == null
            ? USUAL_RATIO
            : Math.clamp(1_000L * film.width() / film.height(), 1, 1_000_000),
        film.width() == null,
        film.poster(),
        shown,
        video.captions().stream()
            .map(line -> new FilmScene.Caption(line.from(), line.to(), line.text()))
            .toList(),
        pennants(),
        state.place(),
        course.halt(sitting),
        free || rule.back() ? shown.from() : state.place(),
        free || rule.ahead() ? shown.to() : state.reach(shown),
        rule.fastest(),
        rule.skip(),
        state.watched().within(shown).union().all(),
        state.share(shown),
        rule.share(),
        course.finishes(sitting));
  }

  private List<FilmScene.Pennant> pennants() {
    List<FilmScene.Pennant> pennants = new ArrayList<>();
    for (String question : sitting.draw().ids()) {
      boolean met =
          question.equals(sitting.now())
              || sitting.resultOf(question).isPresent()
              || sitting.effortFor(question).tries() > 0;
      if (knows || met) {
        pennants.add(
            new FilmScene.Pennant(
                question, course.momentOf(question), sitting.settled().contains(question)));
      }
    }
    return List.copyOf(pennants);
  }
}
