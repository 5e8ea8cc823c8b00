package bravium.core.play;

import bravium.core.activity.Team;
import bravium.core.activity.Teams;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;

/** What each move does that all games share; the others are the game's. */
final class Frame {

  private final Point here;
  private final Sitting sitting;

  Frame(Point here) {
    this.here = here;
    this.sitting = here.sitting();
  }

  Turn apply(Action action) {
    return switch (action) {
      case Action.Start start ->
          sitting.stage() == Stage.TITLE
              ? here.game().play().start(here)
              : here.refused(Refusal.NOT_OPEN);
      case Action.Answer answer -> new Attempts(here).answer(answer);
      case Action.Lay lay -> new Attempts(here).lay(lay);
      case Action.Hint hint -> new Attempts(here).hint(hint.question());
      case Action.Mark mark -> forTheTeacher(() -> new Attempts(here).mark(mark));
      case Action.GiveTurn give -> forTheTeacher(() -> giveTurn(give.team()));
      case Action.GivePoints give -> forTheTeacher(() -> givePoints(give));
      case Action.JoinTeam join -> forTheTeacher(() -> joinTeam(join.team()));
      case Action.HoldClock hold ->
          clock(hold.question(), name -> sitting.clocks().held(name, here.at()));
      case Action.RunClock run ->
          clock(run.question(), name -> sitting.clocks().runningOn(name, here.at()));
      case Action.AddTime add ->
          clock(add.question(), name -> sitting.clocks().withMore(name, add.seconds() * 1_000L));
      case Action.TakeBack takeBack -> throw new IllegalArgumentException("not a move forward");
      case Action.Continue leave -> here.game().play().act(here, action);
      case Action.Pick pick -> here.game().play().act(here, action);
      case Action.Settle settle -> here.game().play().act(here, action);
      case Action.GoTo goTo -> here.game().play().act(here, action);
      case Action.Strike strike -> here.game().play().act(here, action);
      case Action.Reveal reveal -> here.game().play().act(here, action);
      case Action.CountHands count -> here.game().play().act(here, action);
      case Action.Own own -> here.game().play().act(here, action);
    };
  }

  private Turn forTheTeacher(Supplier<Turn> move) {
    return here.by() == Mover.TEACHER ? move.get() : here.refused(Refusal.FOR_THE_TEACHER);
  }

  private Turn giveTurn(int team) {
    if (!isTeam(team)) {
      return here.refused(Refusal.NO_SUCH_TEAM);
    }
    Front front = sitting.front();
    boolean tried = sitting.now() != null && sitting.effortFor(sitting.now()).tries() > 0;
    boolean settled = !front.deciding().isEmpty() || front.taking() != null;
    boolean open =
        switch (sitting.stage()) {
          case QUESTION, BOARD, PLAYING -> true;
          case TITLE, FEEDBACK, END -> false;
        };
    if (!open || tried || settled || here.game().turns().inOrder()) {
      return here.refused(Refusal.NOT_OPEN);
    }
    Sitting given = sitting.with(front.withTurn(team));
    // The clocks stood while nobody had the turn: they begin now, unless the teacher holds them.
    return Turn.of(
        front.answering() == null ? given.with(given.clocks().begunAt(here.at())) : given,
        new Happening.TurnGiven(team, false));
  }

  private Turn givePoints(Action.GivePoints give) {
    if (!isTeam(give.team())) {
      return here.refused(Refusal.NO_SUCH_TEAM);
    }
    if (sitting.stage() == Stage.TITLE || sitting.stage() == Stage.END) {
      return here.refused(Refusal.NOT_OPEN);
    }
    Front front = sitting.front().awarding(new Award(give.team(), give.points(), null));
    int total = front.points(give.team());
    return Turn.of(
        sitting.with(front), new Happening.TeamAwarded(give.team(), give.points(), total));
  }

  /** Whoever comes late begins with nothing, and has what is left of the game. */
  private Turn joinTeam(Team team) {
    List<Team> teams = sitting.opening().teams();
    if (teams.isEmpty() || teams.size() >= Teams.MOST) {
      return here.refused(Refusal.NO_SUCH_TEAM);
    }
    if (sitting.stage() == Stage.END || !sitting.front().deciding().isEmpty()) {
      return here.refused(Refusal.NOT_OPEN);
    }
    List<Team> more = new ArrayList<>(teams);
    more.add(team);
    return Turn.of(sitting.with(sitting.opening().withTeams(more)));
  }

  private boolean isTeam(int team) {
    return team >= 0 && team < sitting.opening().teams().size();
  }

  /**
   * A clock held, run on, given more time.
   *
   * @param named the question that is open, which means every clock, or the name of a clock
   */
  private Turn clock(String named, Function<@Nullable String, Clocks> change) {
    return forTheTeacher(
        () -> {
          boolean all = sitting.stage() == Stage.QUESTION && named.equals(sitting.now());
          List<Clocked> running = sitting.clocks().running();
          boolean one = running.stream().anyMatch(clock -> clock.name().equals(named));
          boolean can = !running.isEmpty() && !sitting.opening().rehearsal() && (all || one);
          return can
              ? Turn.of(sitting.with(change.apply(all ? null : named)))
              : here.refused(Refusal.NOT_OPEN);
        });
  }
}
