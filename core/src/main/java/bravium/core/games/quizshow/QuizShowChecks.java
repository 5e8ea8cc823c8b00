package bravium.core.games.quizshow;

import bravium.core.activity.Activity;
import bravium.core.activity.Teams;
import bravium.core.play.Draw;
import bravium.core.play.course.Asking;
import bravium.core.question.Question;
import bravium.core.readiness.Check;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Mend;
import bravium.core.readiness.Place;
import bravium.core.readiness.TimeLine;
import bravium.core.readiness.Weight;
import java.util.ArrayList;
import java.util.List;

/** What is worth a look in a quiz show alone. */
final class QuizShowChecks {

  /** A trail has no picture. */
  static final String NO_TRAIL_PICTURE = "no-trail-picture";

  /** A marker's question has gone. Value: that question's id. */
  static final String MARKER_WITHOUT_QUESTION = "marker-without-question";

  /** A question has no marker on the trail; it stands at the lower edge. */
  static final String QUESTION_WITHOUT_MARKER = "question-without-marker";

  /** More is asked than a trail has room for. Values: asked, room. */
  static final String TRAIL_TOO_LONG = "trail-too-long";

  /** A step is worth no more than the one below it. Values: the step, its worth, that below. */
  static final String CLIMB_FALLS = "climb-falls";

  /** A resting place is above the top. Values: its step, the top. */
  static final String REST_ABOVE_TOP = "rest-above-top";

  /** There are fewer questions than steps. Values: questions, steps. */
  static final String FEW_FOR_CLIMB = "few-for-climb";

  /** A question is not marked at once, so that a climb leaves it out. */
  static final String NOT_ON_CLIMB = "not-on-climb";

  /**
   * There are too few questions for every team to reach the top. Values: those that each team is
   * asked, steps.
   */
  static final String FEW_FOR_TEAMS = "few-for-teams";

  private final List<Finding> found = new ArrayList<>();
  private final Activity activity;
  private final QuizShow show;
  private final List<Question> pool;
  private final int asked;

  private QuizShowChecks(Activity activity, QuizShow show) {
    this.activity = activity;
    this.show = show;
    this.pool = Asking.pool(activity, false);
    this.asked = Draw.asked(activity.rules(), pool.size());
  }

  static List<Finding> of(Activity activity, QuizShow show) {
    QuizShowChecks checks = new QuizShowChecks(activity, show);
    checks.read();
    return checks.found;
  }

  private void read() {
    switch (show.board()) {
      case Line line -> {}
      case Trail trail -> trail(trail);
      case Climb climb -> climb(climb);
      case UnknownBoard unknown ->
          found.add(Finding.of(Check.UNKNOWN_GAME, Weight.STOP, Place.SHEET));
    }
    longGame();
    Teams teams = activity.rules().teams();
    if (teams != null && asked > 0 && !(show.board() instanceof Climb)) {
      turns(teams.list().size());
    }
    if (teams != null && asked > 0 && teams.decider()) {
      decider(teams.list().size());
    }
  }

  /** A game that a lesson has no time for. */
  private void longGame() {
    TimeLine time = TimeLine.of(activity, pool, asked);
    int lesson = TimeLine.LESSON_MINUTES * 60;
    if (time == null || time.most() <= lesson) {
      return;
    }
    int fitting = (int) ((long) asked * lesson / time.most());
    Finding finding =
        Finding.of(
            Check.LONG_GAME,
            Weight.LOOK,
            Place.ASK,
            asked,
            fitting,
            time.least(),
            time.most(),
            TimeLine.LESSON_MINUTES);
    found.add(fitting < 1 ? finding : finding.mendedBy(Mend.ASK_FEWER));
  }

  private void trail(Trail trail) {
    if (trail.picture() == null) {
      found.add(Finding.own(NO_TRAIL_PICTURE, null, Weight.LOOK));
    }
    List<String> ids = show.questions().stream().map(Question::id).toList();
    List<String> marked = trail.markers().stream().map(TrailMarker::question).toList();
    for (String question : marked) {
      if (!ids.contains(question)) {
        found.add(
            Finding.own(MARKER_WITHOUT_QUESTION, null, Weight.LOOK, question)
                .about(question)
                .mendedBy(Mend.OF_GAME));
      }
    }
    for (Question question : pool) {
      if (!marked.contains(question.id()) && marked.size() < Trail.MOST) {
        found.add(
            Finding.own(QUESTION_WITHOUT_MARKER, question.id(), Weight.LOOK)
                .mendedBy(Mend.OF_GAME));
      }
    }
    if (asked > Trail.MOST) {
      found.add(
          Finding.own(TRAIL_TOO_LONG, null, Weight.LOOK, asked, Trail.MOST)
              .mendedBy(Mend.ASK_FEWER));
    }
  }

  private void climb(Climb climb) {
    List<Integer> series = climb.series(activity.rules().worth());
    for (int step = 1; step < series.size(); step++) {
      if (series.getLast() > 0 && series.get(step) <= series.get(step - 1)) {
        falls(step + 1, series.get(step), series.get(step - 1));
        break;
      }
    }
    climb.rests().stream()
        .filter(rest -> rest > climb.steps())
        .findFirst()
        .ifPresent(
            rest ->
                found.add(
                    Finding.own(REST_ABOVE_TOP, null, Weight.LOOK, rest, climb.steps())
                        .mendedBy(Mend.OF_GAME)));
    if (asked > 0 && asked < climb.steps()) {
      Finding few = Finding.own(FEW_FOR_CLIMB, null, Weight.LOOK, asked, climb.steps());
      found.add(asked < Climb.FEWEST ? few : few.mendedBy(Mend.OF_GAME));
    }
    Teams teams = activity.rules().teams();
    int each = teams == null ? asked : asked / Math.max(1, teams.list().size());
    if (teams != null && asked >= climb.steps() && each < climb.steps()) {
      Finding few =
          Finding.own(FEW_FOR_TEAMS, null, Weight.LOOK, each, climb.steps(), teams.list().size());
      found.add(each < Climb.FEWEST ? few : few.mendedBy(Mend.OF_GAME));
    }
    for (Question question : show.questions()) {
      if (question.answerable() && !show.asks(question)) {
        found.add(Finding.own(NOT_ON_CLIMB, question.id(), Weight.LOOK));
      }
    }
  }

  private void falls(int step, int worth, int below) {
    Finding falls = Finding.own(CLIMB_FALLS, null, Weight.LOOK, step, worth, below);
    found.add(activity.rules().worth() > 0 ? falls.mendedBy(Mend.OF_GAME) : falls);
  }

  /** A tie is decided by a question that was not asked: one has to be left whatever was drawn. */
  private void decider(int teams) {
    int fit = (int) pool.stream().filter(Question::decides).count();
    if (fit > asked) {
      return;
    }
    int most = show.board() instanceof Climb ? fit - 1 : (fit - 1) / teams * teams;
    boolean enough = show.board() instanceof Climb climb ? most >= climb.steps() : most >= teams;
    Finding none = Finding.of(Check.NO_DECIDER_LEFT, Weight.LOOK, Place.TEAMS, most, teams);
    found.add(none.mendedBy(enough ? Mend.ASK_SO_MANY : Mend.NO_DECIDER));
  }

  /** Every team should have as many turns as the others. */
  private void turns(int teams) {
    int over = asked % teams;
    if (over == 0) {
      return;
    }
    Finding unequal =
        Finding.of(Check.UNEQUAL_TURNS, Weight.LOOK, Place.TEAMS, teams, asked - over, asked);
    found.add(asked < teams ? unequal : unequal.mendedBy(Mend.ASK_FEWER));
  }
}
