package bravium.core.games.escaperoom;

import bravium.core.activity.Activity;
import bravium.core.activity.Rules;
import bravium.core.play.Action;
import bravium.core.play.Attempts;
import bravium.core.play.Audience;
import bravium.core.play.Clocked;
import bravium.core.play.Deadline;
import bravium.core.play.Draw;
import bravium.core.play.End;
import bravium.core.play.Engine;
import bravium.core.play.Item;
import bravium.core.play.Markers;
import bravium.core.play.Opening;
import bravium.core.play.Outcome;
import bravium.core.play.PassMark;
import bravium.core.play.Play;
import bravium.core.play.Point;
import bravium.core.play.Prepared;
import bravium.core.play.Refusal;
import bravium.core.play.Scene;
import bravium.core.play.Scorecard;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.State;
import bravium.core.play.Turn;
import bravium.core.play.course.Asking;
import bravium.core.play.front.FrontMoves;
import bravium.core.question.Marking;
import bravium.core.question.Question;
import bravium.core.rich.Words;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

/** An escape room as it is played: every lock that was met is open to be tried. */
final class EscapePlay implements Play {

  private final Rules rules;
  private final Escape escape;
  private final List<Item> items;
  private final boolean canBePlayed;

  EscapePlay(Activity activity, EscapeRoom room) {
    this.rules = activity.rules();
    this.escape = new Escape(room);
    this.items = escape.locks().stream().flatMap(lock -> item(lock).stream()).toList();
    this.canBePlayed = escape.plan().opensAny();
  }

  private Optional<Item> item(Lock lock) {
    return switch (lock.by()) {
      case Opener.ByAnswer answer -> escape.question(lock).map(Item::of);
      case Opener.ByPieces pieces ->
          Optional.of(new Item(lock.id(), Words.of(lock.name()), pieces.hints(), Marking.AT_ONCE));
      case Opener.ByLocks locks -> Optional.empty();
    };
  }

  Escape escape() {
    return escape;
  }

  EscapePrices prices() {
    return escape.written().prices();
  }

  /** What nobody can play yet is tried out by its teacher alone. */
  @Override
  public Draw draw(Opening opening) {
    if (!canBePlayed && !opening.rehearsal()) {
      return Draw.NOTHING;
    }
    List<Draw.Drawn> drawn = new ArrayList<>();
    for (Lock lock : escape.locks()) {
      switch (lock.by()) {
        case Opener.ByAnswer answer ->
            escape
                .question(lock)
                .ifPresent(question -> drawn.add(Asking.drawn(question, rules, opening)));
        case Opener.ByPieces pieces ->
            drawn.add(new Draw.Drawn(lock.id(), List.of(), rules.worth(), true));
        case Opener.ByLocks locks -> {
          // It opens by itself: there is nothing to be right or wrong.
        }
      }
    }
    return new Draw(List.copyOf(drawn));
  }

  @Override
  public List<Item> items() {
    return items;
  }

  @Override
  public Optional<State> begin(Draw draw, Opening opening) {
    return Optional.of(EscapeState.NONE);
  }

  /** What the escape keeps of a sitting. */
  static EscapeState state(Sitting sitting) {
    return sitting.state() instanceof EscapeState state ? state : EscapeState.NONE;
  }

  /** What is there for who has come so far. */
  Found found(Sitting sitting) {
    return new Found(escape, state(sitting).opened());
  }

  @Override
  public Turn start(Point at) {
    if (at.sitting().draw().ids().isEmpty()) {
      return at.refused(Refusal.NOTHING_TO_ASK);
    }
    Sitting begun = at.game().begun(at.sitting(), at.at()).at(Stage.PLAYING, null);
    return Turn.of(new EscapeMoves(this, at.with(begun)).settled(begun));
  }

  @Override
  public Set<String> open(Sitting now) {
    Set<String> open = new LinkedHashSet<>();
    if (now.stage() == Stage.PLAYING) {
      Found found = found(now);
      for (Lock lock : found.met()) {
        boolean closed = now.clocks().find(EscapeMoves.closed(lock.id())).isPresent();
        if (!found.isOpen(lock) && !closed && canBeTried(lock, found)) {
          open.add(lock.id());
        }
      }
    }
    return open;
  }

  private boolean canBeTried(Lock lock, Found found) {
    return switch (lock.by()) {
      case Opener.ByAnswer answer -> escape.question(lock).filter(Escape::canBeOpened).isPresent();
      case Opener.ByPieces pieces -> {
        int slots = escape.order(pieces).size();
        long won = escape.written().pieces().stream().filter(found::isWon).count();
        yield slots > 0 && won >= slots;
      }
      case Opener.ByLocks locks -> false;
    };
  }

  @Override
  public List<String> asked(Sitting now) {
    if (now.stage() != Stage.PLAYING) {
      return List.of();
    }
    return found(now).met().stream()
        .filter(lock -> escape.question(lock).isPresent())
        .map(Lock::id)
        .toList();
  }

  @Override
  public Turn act(Point at, Action action) {
    if (at.sitting().stage() != Stage.PLAYING) {
      return at.refused(Refusal.NOT_OPEN);
    }
    return switch (action) {
      case Action.Own(EscapeAction.UsePieces use) -> new EscapeMoves(this, at).use(use);
      case Action.Own(EscapeAction.OpenLock open) -> new EscapeMoves(this, at).give(open.lock());
      case Action.Own(EscapeAction.StopEscaping stop) ->
          Turn.of(at.sitting().with(state(at.sitting()).asStopped()));
      default -> new FrontMoves(at).apply(action);
    };
  }

  @Override
  public Turn judged(Point at, String item) {
    return new EscapeMoves(this, at).judged(item);
  }

  @Override
  public Turn helped(Point at, String item) {
    return new EscapeMoves(this, at).helped(item);
  }

  @Override
  public List<Deadline> deadlines(Sitting now) {
    return Play.super.deadlines(now).stream()
        .map(
            deadline ->
                new Deadline(
                    deadline.clock(), deadline.at(), !deadline.clock().equals(Clocked.GAME)))
        .toList();
  }

  @Override
  public Turn ranOut(Point at, Deadline deadline) {
    return deadline.clock().equals(Clocked.GAME)
        ? Play.super.ranOut(at, deadline)
        : new EscapeMoves(this, at).ranOut(deadline.clock());
  }

  @Override
  public Optional<End> over(Sitting now) {
    if (now.stage() != Stage.PLAYING) {
      return Optional.empty();
    }
    EscapeState state = state(now);
    if (state.outOfLives()) {
      return Optional.of(new End(Outcome.Ended.LIVES, false));
    }
    boolean out = found(now).isOut();
    if (out) {
      return Optional.of(new End(Outcome.Ended.PLAYED, true));
    }
    return state.stopped() ? Optional.of(new End(Outcome.Ended.GIVEN_UP, false)) : Optional.empty();
  }

  /** What is still shut was never answered. */
  @Override
  public Sitting settledAtTheEnd(Sitting now) {
    return Attempts.missed(
        now, now.draw().ids().stream().filter(id -> now.resultOf(id).isEmpty()).toList());
  }

  @Override
  public boolean untilRight() {
    return true;
  }

  @Override
  public boolean takenOver() {
    return false;
  }

  @Override
  public Optional<PassMark> passMark(Draw draw) {
    return Optional.empty();
  }

  /** Nobody learns from markers and sums how many locks she has not met. */
  private boolean tellsAll(Sitting now, Audience audience) {
    return audience == Audience.TEACHER || now.stage() == Stage.END;
  }

  private Set<String> met(Sitting now) {
    Set<String> met = new LinkedHashSet<>();
    found(now).met().forEach(lock -> met.add(lock.id()));
    return met;
  }

  @Override
  public Optional<Markers> ownMarkers(Sitting now, Audience audience) {
    Markers all = Markers.of(now);
    if (tellsAll(now, audience)) {
      return Optional.of(all);
    }
    Set<String> met = met(now);
    return Optional.of(
        new Markers(all.list().stream().filter(m -> met.contains(m.question())).toList()));
  }

  @Override
  public Scorecard sums(Scorecard all, Sitting now, Audience audience) {
    Set<String> met = met(now);
    int counted =
        (int) now.draw().counting().stream().filter(d -> met.contains(d.question())).count();
    return tellsAll(now, audience) ? all : all.ofSoMany(counted);
  }

  @Override
  public boolean looksBackAt(Sitting now, String item) {
    return met(now).contains(item);
  }

  /** With the last lock that was answered before it came into reach. */
  @Override
  public Optional<Reached> reached(Sitting now, String item) {
    int number = escape.number(item);
    List<String> opened = state(now).opened();
    String with = null;
    for (int i = 0; number >= 0 && i <= opened.size(); i++) {
      if (new Found(escape, opened.subList(0, i)).isMet(escape.lock(number))) {
        return Optional.of(new Reached(with));
      }
      if (i < opened.size() && now.draw().find(opened.get(i)).isPresent()) {
        with = opened.get(i);
      }
    }
    return Optional.empty();
  }

  @Override
  public Optional<Scene> scene(Sitting now, Audience audience) {
    return Optional.of(new SceneOfEscape(this, rules, now, audience).scene());
  }

  @Override
  public Optional<Action> aid(Sitting now, boolean right) {
    return switch (now.stage()) {
      case TITLE -> Optional.of(new Action.Start());
      case PLAYING ->
          now.opening().inTeams() && now.front().answering() == null
              ? Optional.of(
                  new Action.GiveTurn(now.results().size() % now.opening().teams().size()))
              : open(now).stream().flatMap(id -> aided(now, id, right).stream()).findFirst();
      default -> Optional.empty();
    };
  }

  private Optional<Action> aided(Sitting now, String id, boolean right) {
    Lock lock = escape.lock(escape.number(id));
    int attempt = now.effortFor(id).tries() + 1;
    if (lock.by() instanceof Opener.ByPieces pieces) {
      return KeyPieces.chosen(escape, found(now), escape.order(pieces), right)
          .map(used -> new Action.Own(new EscapeAction.UsePieces(id, attempt, used)));
    }
    Question question = escape.question(lock).orElseThrow();
    return (right ? question.rightResponse() : question.wrongResponse())
        .or(() -> right ? question.wrongResponse() : Optional.empty())
        .filter(question::takes)
        .map(response -> new Action.Answer(id, attempt, response));
  }

  @Override
  public Optional<Action> givingUp(Sitting now) {
    return now.stage() == Stage.PLAYING
        ? Optional.of(new Action.Own(new EscapeAction.StopEscaping()))
        : Optional.empty();
  }

  /** The same tries, judged anew. */
  @Override
  public Sitting follow(Prepared game, Sitting before, Opening opening) {
    return Engine.rebuild(game, opening, before.log().standing());
  }
}
