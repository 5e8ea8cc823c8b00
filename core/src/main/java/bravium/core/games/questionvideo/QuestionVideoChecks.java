package bravium.core.games.questionvideo;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.activity.Rules;
import bravium.core.measure.ReadingSpeed;
import bravium.core.measure.Stretch;
import bravium.core.question.Information;
import bravium.core.question.Question;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Mend;
import bravium.core.readiness.TimeLine;
import bravium.core.readiness.Weight;
import bravium.core.rich.Texts;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.function.UnaryOperator;

/** What is worth a look in a question video alone. */
final class QuestionVideoChecks {

  /** There is no film. */
  static final String NO_FILM = "video-no-film";

  /** Nothing is written of what is said, for those who can't hear it. */
  static final String NO_CAPTIONS = "video-no-captions";

  /** A question has no moment: it is not asked. */
  static final String NO_MOMENT = "video-no-moment";

  /** A stop lies outside the part that is shown: it is not asked. */
  static final String OUTSIDE = "video-outside";

  /**
   * Two stops with so little film between that nobody sits back. Values: its seconds, the least.
   */
  static final String NEAR = "video-near";

  /** A wrong answer leads back to where the stop is, or behind it. */
  static final String LEADS_ON = "video-leads-on";

  /** A wrong answer leads back, and there is one go only. */
  static final String ONE_GO = "video-one-go";

  /** A card takes long to read for the year. Values: its seconds, the most. */
  static final String LONG_CARD = "video-long-card";

  /** The clock of the game is shorter than the film. Values: the film's seconds, the clock's. */
  static final String CLOCK = "video-clock";

  /** Film and stops take longer than a lesson. Values: the film's minutes, a lesson's. */
  static final String LONG_FILM = "video-long-film";

  /** Next to nothing of the film is left to show between its start and its end. */
  static final String NOTHING_SHOWN = "video-nothing-shown";

  /** Less film than this is none, in milliseconds. */
  private static final int LEAST_SHOWN = 1_000;

  /** Seconds of film that are worth going on for between two stops (common practice). */
  private static final int LEAST_SECONDS = 3;

  /** So long nobody reads while a film waits, in seconds (common practice). */
  private static final int MOST_READING = 60;

  private final Activity activity;
  private final QuestionVideo video;
  private final List<Finding> found = new ArrayList<>();

  private QuestionVideoChecks(Activity activity, QuestionVideo video) {
    this.activity = activity;
    this.video = video;
  }

  static List<Finding> of(Activity activity, QuestionVideo video) {
    QuestionVideoChecks checks = new QuestionVideoChecks(activity, video);
    if (video.film() == null) {
      checks.found.add(Finding.own(NO_FILM, null, Weight.STOP));
      return checks.found;
    }
    checks.film();
    checks.stops();
    checks.between();
    return checks.found;
  }

  private void film() {
    if (video.captions().isEmpty()) {
      found.add(Finding.own(NO_CAPTIONS, null, Weight.LOOK));
    }
    if (video.shown().length() < LEAST_SHOWN && video.film().millis() >= LEAST_SHOWN) {
      found.add(Finding.own(NOTHING_SHOWN, null, Weight.STOP).mendedBy(Mend.OF_GAME));
    }
    int seconds = video.shown().length() / 1_000;
    Clock clock = activity.rules().clock();
    if (clock != null && clock.per() == Clock.Per.GAME && clock.seconds() < seconds) {
      found.add(Finding.own(CLOCK, null, Weight.LOOK, seconds, clock.seconds()));
    }
    if (seconds > TimeLine.LESSON_MINUTES * 60) {
      found.add(Finding.own(LONG_FILM, null, Weight.LOOK, seconds / 60, TimeLine.LESSON_MINUTES));
    }
  }

  private void stops() {
    Rules rules = activity.rules();
    for (Question question : video.inOrder().questions()) {
      if (question.off() || !question.started()) {
        continue;
      }
      String id = question.id();
      Optional<Stop> stop = video.stopOf(id);
      if (stop.isEmpty()) {
        found.add(Finding.own(NO_MOMENT, id, Weight.LOOK).mendedBy(Mend.OF_GAME));
        continue;
      }
      if (!video.shows(stop.get().at())) {
        found.add(Finding.own(OUTSIDE, id, Weight.LOOK).mendedBy(Mend.OF_GAME));
      }
      if (stop.get().backTo() != null) {
        if (!stop.get().leadsBack()) {
          found.add(Finding.own(LEADS_ON, id, Weight.LOOK).mendedBy(Mend.OF_GAME));
        } else if (rules.mostTries() == 1) {
          found.add(Finding.own(ONE_GO, id, Weight.LOOK));
        }
      }
      card(question);
    }
  }

  private void card(Question question) {
    Integer year = activity.titlePage().year();
    if (year == null || !(question instanceof Information)) {
      return;
    }
    int words = Texts.words(question.text().sentence());
    long seconds = ReadingSpeed.millis(words, ReadingSpeed.ofYear(year).slow()) / 1_000;
    if (seconds > MOST_READING) {
      found.add(Finding.own(LONG_CARD, question.id(), Weight.LOOK, seconds, MOST_READING));
    }
  }

  /** At one moment is a choice; a moment apart is a slip. */
  private void between() {
    Stop last = null;
    for (Question question : video.inOrder().questions()) {
      Stop stop = video.stopOf(question.id()).orElse(null);
      if (stop == null || question.off() || !video.asks(question)) {
        continue;
      }
      int apart = last == null ? 0 : stop.at() - last.at();
      if (apart > 0 && apart < LEAST_SECONDS * 1_000) {
        found.add(
            Finding.own(NEAR, question.id(), Weight.LOOK, apart / 1_000.0, LEAST_SECONDS)
                .mendedBy(Mend.OF_GAME));
      }
      last = stop;
    }
  }

  /** The video with one of these findings mended. */
  static QuestionVideo mended(QuestionVideo video, Finding finding) {
    String id = finding.question();
    String own = finding.own();
    if (NOTHING_SHOWN.equals(own) && finding.mend() == Mend.OF_GAME) {
      return video.with(Objects.requireNonNull(video.film()).trimmed(null, null));
    }
    if (id == null || own == null || finding.mend() != Mend.OF_GAME) {
      return video;
    }
    Stretch shown = video.shown();
    return switch (own) {
      case NO_MOMENT -> withStop(video, Stop.of(id, shown.to()));
      case OUTSIDE ->
          changed(video, id, stop -> stop.movedTo(Math.clamp(stop.at(), shown.from(), shown.to())));
      case LEADS_ON -> changed(video, id, stop -> stop.leadingBackTo(null));
      case NEAR -> changed(video, id, stop -> stop.movedTo(before(video, stop)));
      default -> video;
    };
  }

  /** The moment of the stop that comes before. */
  private static int before(QuestionVideo video, Stop stop) {
    return video.stops().stream()
        .filter(other -> video.shows(other.at()) && other.at() < stop.at())
        .mapToInt(Stop::at)
        .max()
        .orElse(stop.at());
  }

  private static QuestionVideo withStop(QuestionVideo video, Stop stop) {
    List<Stop> stops = new ArrayList<>(video.stops());
    stops.add(stop);
    return video.withStops(stops);
  }

  private static QuestionVideo changed(QuestionVideo video, String id, UnaryOperator<Stop> change) {
    return video.withStops(
        video.stops().stream()
            .map(stop -> stop.question().equals(id) ? change.apply(stop) : stop)
            .toList());
  }
}
