package bravium.core.games.questionvideo;

import bravium.core.activity.Activity;
import bravium.core.measure.Stretch;
import bravium.core.measure.Stretches;
import bravium.core.play.Action;
import bravium.core.play.Audience;
import bravium.core.play.Draw;
import bravium.core.play.End;
import bravium.core.play.Mover;
import bravium.core.play.Outcome;
import bravium.core.play.OwnAction;
import bravium.core.play.Played;
import bravium.core.play.Point;
import bravium.core.play.Refusal;
import bravium.core.play.Scene;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.State;
import bravium.core.play.Turn;
import bravium.core.play.Watched;
import bravium.core.play.course.Course;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

/**
 * The film plays while the board is shown. What was watched is reported; where a report comes to a
 * stop that is not settled, that opens, and the film stands there. So no stop is missed, whatever
 * is reported.
 */
final class VideoCourse implements Course {

  /** So many milliseconds a report may lie beside where the film stood: players round. */
  static final int SLACK = 500;

  /** So many milliseconds more than time has passed may be watched: clocks don't run alike. */
  static final int AHEAD_OF_TIME = 2_000;

  private final QuestionVideo video;
  private final Stretch shown;
  private final Map<String, Stop> stops = new LinkedHashMap<>();

  VideoCourse(QuestionVideo video) {
    this.video = video;
    this.shown = video.shown();
    video.stops().forEach(stop -> stops.put(stop.question(), stop));
  }

  QuestionVideo video() {
    return video;
  }

  /** The activity as it is asked: all stops, in the order of the film. */
  static Activity arranged(Activity activity, QuestionVideo video) {
    return activity.withGame(video.inOrder()).withRules(activity.rules().askingAllInOrder());
  }

  int momentOf(String question) {
    return stops.get(question).at();
  }

  static FilmState state(Sitting sitting) {
    return sitting.state() instanceof FilmState state ? state : FilmState.at(0);
  }

  @Override
  public Optional<State> begin(Draw draw) {
    return Optional.of(FilmState.at(shown.from()));
  }

  /** A film that is edited stands where it stood, as far as it is still there. */
  @Override
  public Optional<State> followed(Sitting before) {
    FilmState state = state(before);
    return Optional.of(state.movedTo(Math.clamp(state.place(), shown.from(), shown.to())));
  }

  @Override
  public Optional<String> first(Draw draw) {
    return draw.ids().stream().filter(id -> momentOf(id) <= shown.from()).findFirst();
  }

  /** What else halts at the same moment; then the film goes on. */
  @Override
  public Optional<String> next(Draw draw, Set<String> settled, String now) {
    return draw.find(now).isEmpty()
        ? Optional.empty()
        : draw.ids().stream()
            .filter(id -> !settled.contains(id) && momentOf(id) == momentOf(now))
            .findFirst();
  }

  @Override
  public Optional<String> coming(Sitting sitting) {
    int place = state(sitting).place();
    return sitting.draw().ids().stream()
        .filter(id -> momentOf(id) >= place && !id.equals(sitting.now()))
        .filter(id -> sitting.resultOf(id).isEmpty())
        .findFirst();
  }

  private Optional<String> unsettled(Sitting sitting, int from, int to) {
    for (String id : sitting.draw().ids()) {
      int moment = momentOf(id);
      if (moment >= from && moment <= to && sitting.resultOf(id).isEmpty()) {
        return Optional.of(id);
      }
    }
    return Optional.empty();
  }

  /** The moment at which the film halts next, as long as it plays on; the end where none comes. */
  int halt(Sitting sitting) {
    return unsettled(sitting, state(sitting).place(), shown.to())
        .map(this::momentOf)
        .orElse(shown.to());
  }

  @Override
  public Optional<String> opensByItself(Sitting sitting) {
    int place = state(sitting).place();
    return unsettled(sitting, place, place);
  }

  /** The film stands where its stop is. */
  @Override
  public Sitting opened(Sitting sitting, String question) {
    return sitting.opening().only() != null || !stops.containsKey(question)
        ? sitting
        : sitting.with(state(sitting).movedTo(momentOf(question)));
  }

  /** A wrong answer that may be tried again leads back, where the teacher said so. */
  @Override
  public Optional<Sitting> ledBack(Sitting sitting, String question) {
    Stop stop = stops.get(question);
    return stop == null || !stop.leadsBack() || sitting.opening().only() != null
        ? Optional.empty()
        : Optional.of(
            sitting.with(
                state(sitting).movedTo(Math.clamp(stop.backTo(), shown.from(), shown.to()))));
  }

  @Override
  public boolean leaves(Sitting sitting, String question) {
    return video.watching().skip();
  }

  /** Whether the film has come to its end. */
  boolean over(FilmState state) {
    return state.place() >= shown.to();
  }

  /** Whether enough of it was watched. */
  boolean enough(FilmState state) {
    return state.share(shown) >= video.watching().share();
  }

  /** It plays on until it is over; then there may be something to watch yet. */
  @Override
  public boolean waits(Sitting sitting) {
    FilmState state = state(sitting);
    boolean more = !over(state) || video.watching().again() || !enough(state);
    return sitting.opening().only() == null
        && sitting.front().deciding().isEmpty()
        && !state.finished()
        && more;
  }

  /** Whether the film is over and can be finished; what is missing can then be gone to. */
  boolean finishes(Sitting sitting) {
    return sitting.stage() == Stage.BOARD && over(state(sitting)) && waits(sitting);
  }

  @Override
  public Turn act(Point at, OwnAction action) {
    return switch (action) {
      case VideoAction.Watch watch -> watched(at, new Stretch(watch.from(), watch.to()));
      case VideoAction.FinishFilm finish ->
          finishes(at.sitting())
              ? Turn.of(at.sitting().with(state(at.sitting()).done()))
              : at.refused(Refusal.NOT_OPEN);
      default -> at.refused(Refusal.NOT_OPEN);
    };
  }

  private Turn watched(Point at, Stretch reported) {
    Sitting sitting = at.sitting();
    boolean there =
        switch (sitting.stage()) {
          case BOARD, QUESTION, FEEDBACK -> true;
          case TITLE, PLAYING, END -> false;
        };
    if (!there || sitting.opening().only() != null) {
      return at.refused(Refusal.NOT_OPEN);
    }
    Stretch stretch = reported.within(shown);
    boolean free = at.by() == Mover.TEACHER || sitting.opening().rehearsal();
    Optional<Refusal> refusal = free ? Optional.empty() : refusal(at, stretch);
    if (refusal.isPresent()) {
      return at.refused(refusal.get());
    }
    FilmState state = state(sitting).having(free ? stretch : counted(sitting, stretch));
    return Turn.of(
        sitting.with(
            sitting.stage() == Stage.BOARD ? state.movedTo(halted(sitting, stretch)) : state));
  }

  /**
   * As much of a stretch as can have been watched: where stops can't be passed by, nothing of what
   * lies behind one that was never answered.
   */
  private Stretch counted(Sitting sitting, Stretch stretch) {
    if (video.watching().skip()) {
      return stretch;
    }
    int halt =
        sitting.draw().ids().stream()
            .filter(id -> sitting.resultOf(id).isEmpty() && sitting.effortFor(id).tries() == 0)
            .mapToInt(this::momentOf)
            .min()
            .orElse(shown.to());
    return stretch.within(new Stretch(shown.from(), Math.max(shown.from(), halt)));
  }

  /** Where the film stands after a stretch: at the first stop on the way that is not settled. */
  private int halted(Sitting sitting, Stretch stretch) {
    int from = Math.min(state(sitting).place(), stretch.from());
    return unsettled(sitting, from, stretch.to()).map(this::momentOf).orElse(stretch.to());
  }

  private Optional<Refusal> refusal(Point at, Stretch stretch) {
    Sitting sitting = at.sitting();
    FilmState state = state(sitting);
    WatchRule rule = video.watching();
    boolean ahead = rule.ahead() || stretch.from() <= state.reach(shown) + SLACK;
    boolean back = rule.back() || finishes(sitting) || stretch.from() >= state.place() - SLACK;
    if (!ahead) {
      return Optional.of(Refusal.NOT_REACHED);
    }
    if (!back) {
      return Optional.of(Refusal.PASSED);
    }
    long watched = state.watched().length() + stretch.length();
    return watched > most(at) ? Optional.of(Refusal.TOO_SOON) : Optional.empty();
  }

  /**
   * The most that can have been watched by now, in milliseconds: the time since the play began, at
   * the fastest speed. So reports that come late are as good as others.
   */
  private long most(Point at) {
    long begun = at.sitting().opening().at();
    for (Played played : at.sitting().log()) {
      if (played.move().action() instanceof Action.Start) {
        begun = played.at();
        break;
      }
    }
    return (at.at() - begun) * video.watching().fastest() / 100 + AHEAD_OF_TIME;
  }

  /** Who has not watched enough has not won, whatever the answers brought. */
  @Override
  public End atTheEnd(Outcome.Ended how, Sitting sitting) {
    boolean decides = sitting.opening().inTeams() || sitting.opening().only() != null;
    return new End(how, decides || enough(state(sitting)) ? null : Boolean.FALSE);
  }

  /** Who goes back into a film that is over finds it as it stood. */
  @Override
  public Sitting reopened(Sitting sitting) {
    FilmState state = state(sitting);
    return sitting.with(new FilmState(state.place(), state.watched(), false));
  }

  /** What was not answered when the film was finished was missed. */
  @Override
  public Optional<Action> aid(Sitting sitting, boolean right) {
    if (sitting.stage() != Stage.BOARD) {
      return Optional.empty();
    }
    FilmState state = state(sitting);
    if (!over(state)) {
      return Optional.of(new Action.Own(new VideoAction.Watch(state.place(), halt(sitting))));
    }
    Stretches union = state.watched().within(shown).union();
    return Optional.of(
        new Action.Own(
            enough(state) || !right
                ? new VideoAction.FinishFilm()
                : new VideoAction.Watch(missing(union), shown.to())));
  }

  /** The first moment that was not watched. */
  private int missing(Stretches union) {
    boolean begun = !union.all().isEmpty() && union.all().getFirst().from() == shown.from();
    return begun ? union.all().getFirst().to() : shown.from();
  }

  @Override
  public Optional<Watched> watched(Sitting sitting) {
    FilmState state = state(sitting);
    return video.film() == null
        ? Optional.empty()
        : Optional.of(
            new Watched(
                shown,
                state.watched().all(),
                state.share(shown),
                video.watching().share(),
                state.place()));
  }

  @Override
  public Optional<Scene> scene(Sitting sitting, Audience audience) {
    return video.film() == null || sitting.opening().only() != null
        ? Optional.empty()
        : Optional.of(new SceneOfVideo(this, sitting, audience).scene());
  }

  Stretch shown() {
    return shown;
  }
}
