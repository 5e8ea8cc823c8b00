package bravium.core.games.escaperoom;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.activity.Rules;
import bravium.core.play.Action;
import bravium.core.play.Attempts;
import bravium.core.play.Audience;
import bravium.core.play.Clocked;
import bravium.core.play.Clocks;
import bravium.core.play.Deadline;
import bravium.core.play.Draw;
import bravium.core.play.Effort;
import bravium.core.play.End;
import bravium.core.play.Engine;
import bravium.core.play.Happening;
import bravium.core.play.Item;
import bravium.core.play.Markers;
import bravium.core.play.Mover;
import bravium.core.play.Opening;
import bravium.core.play.Outcome;
import bravium.core.play.PassMark;
import bravium.core.play.Play;
import bravium.core.play.Point;
import bravium.core.play.Prepared;
import bravium.core.play.Refusal;
import bravium.core.play.Result;
import bravium.core.play.Scene;
import bravium.core.play.Scorecard;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.State;
import bravium.core.play.Tried;
import bravium.core.play.Turn;
import bravium.core.play.Verdict;
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

  /** What the clocks of locks are called that are closed for a while, before their id. */
  static final String CLOSED = "closed ";

  /** What the clocks of locks are called at which help comes by itself, before their id. */
  static final String HELP = "help ";

  private static final long SECOND = 1_000;

  private final Rules rules;
  private final Escape escape;
  private final List<Item> items;

  EscapePlay(Activity activity, EscapeRoom room) {
    this.rules = activity.rules();
    this.escape = new Escape(room);
    this.items = escape.locks().stream().flatMap(lock -> item(lock).stream()).toList();
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

  @Override
  public Draw draw(Opening opening) {
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
    if (items.isEmpty()) {
      return at.refused(Refusal.NOTHING_TO_ASK);
    }
    Sitting sitting = at.game().turns().begun(at.sitting());
    Clock clock = rules.clock();
    if (clock != null && clock.per() == Clock.Per.GAME) {
      long millis = sitting.opening().millis(clock.seconds());
      sitting = sitting.with(sitting.clocks().started(Clocked.GAME, millis, at.at()));
    }
    return Turn.of(settled(sitting.at(Stage.PLAYING, null), at.at()));
  }

  /** The sitting with what opens by itself, and with the help that comes by itself. */
  private Sitting settled(Sitting sitting, long at) {
    EscapeState state = state(sitting);
    Found found = new Found(escape, state.opened());
    List<String> more = found.byThemselves();
    Clocks clocks = sitting.clocks();
    Integer wait = prices().helpAfter();
    if (wait != null) {
      for (Lock lock : found.met()) {
        boolean waits =
            clocks.find(HELP + lock.id()).isEmpty()
                && !found.isOpen(lock)
                && hintsLeft(sitting, lock.id());
        if (waits) {
          clocks = clocks.started(HELP + lock.id(), wait * SECOND, at);
        }
      }
    }
    return sitting.with(state.opening(more)).with(clocks);
  }

  private boolean hintsLeft(Sitting sitting, String lock) {
    int hints =
        items.stream()
            .filter(item -> item.id().equals(lock))
            .mapToInt(item -> item.hints().size())
            .sum();
    return sitting.effortFor(lock).hints() < hints;
  }

  @Override
  public Set<String> open(Sitting now) {
    Set<String> open = new LinkedHashSet<>();
    if (now.stage() == Stage.PLAYING) {
      Found found = found(now);
      for (Lock lock : found.met()) {
        boolean closed = now.clocks().find(CLOSED + lock.id()).isPresent();
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
      case Action.Own(EscapeAction.UsePieces use) -> use(at, use);
      case Action.Own(EscapeAction.OpenLock open) -> give(at, open.lock());
      case Action.Own(EscapeAction.StopEscaping stop) ->
          Turn.of(at.sitting().with(state(at.sitting()).asStopped()));
      default -> new FrontMoves(at).apply(action);
    };
  }

  private Turn use(Point at, EscapeAction.UsePieces use) {
    Sitting sitting = at.sitting();
    boolean open =
        open(sitting).contains(use.lock())
            && use.attempt() == sitting.effortFor(use.lock()).tries() + 1;
    if (!open || !(escape.lock(escape.number(use.lock())).by() instanceof Opener.ByPieces pieces)) {
      return at.refused(Refusal.NOT_OPEN);
    }
    if (sitting.opening().inTeams() && sitting.front().answering() == null) {
      return at.refused(Refusal.NO_SUCH_TEAM);
    }
    List<String> order = escape.order(pieces);
    Found found = found(sitting);
    boolean hers =
        use.pieces().size() == order.size()
            && new LinkedHashSet<>(use.pieces()).size() == order.size()
            && use.pieces().stream()
                .allMatch(piece -> escape.piece(piece).filter(found::isWon).isPresent());
    if (!hers) {
      return at.refused(Refusal.NO_SUCH_OPTION);
    }
    boolean right = KeyPieces.same(escape, use.pieces(), order);
    int worth = at.game().turns().worthOf(use.lock(), sitting);
    Tried tried =
        KeyPieces.tried(use.pieces(), right ? Verdict.RIGHT : Verdict.WRONG, right ? worth : 0);
    return new Attempts(at).tried(use.lock(), true, tried);
  }

  private Turn give(Point at, String id) {
    Sitting sitting = at.sitting();
    if (at.by() != Mover.TEACHER && !sitting.opening().rehearsal()) {
      return at.refused(Refusal.FOR_THE_TEACHER);
    }
    Found found = found(sitting);
    int number = escape.number(id);
    if (number < 0 || found.isOpen(escape.lock(number)) || !found.isMet(escape.lock(number))) {
      return at.refused(Refusal.NOT_OPEN);
    }
    List<Happening> happenings = new ArrayList<>();
    Sitting after = sitting.with(state(sitting).giving(id));
    if (sitting.draw().counts(id)) {
      Result result = new Result(id, null, Verdict.MISSED, 0, 0, null);
      after = Attempts.settled(after, result, happenings);
    }
    Sitting opened = opened(after, id, at.at());
    happenings.addAll(at.changes(opened, () -> Set.of(id)));
    return Turn.of(opened, happenings);
  }

  /** A lock opens, or its try was in vain; the turn passes either way. */
  @Override
  public Turn judged(Point at, String item) {
    Sitting sitting = at.sitting();
    Verdict verdict = sitting.resultOf(item).map(Result::verdict).orElse(null);
    Sitting after =
        verdict == Verdict.RIGHT || verdict == Verdict.GIVEN
            ? opened(sitting, item, at.at())
            : inVain(at, item);
    return Turn.of(at.game().turns().passed(after));
  }

  private Sitting opened(Sitting sitting, String lock, long at) {
    Clocks clocks = sitting.clocks().without(CLOSED + lock).without(HELP + lock);
    return settled(sitting.with(clocks).with(state(sitting).opening(List.of(lock))), at);
  }

  private Sitting inVain(Point at, String lock) {
    Sitting sitting = at.sitting();
    if (at.game().referee().outOfLives(sitting)) {
      return sitting.with(state(sitting).withoutLives());
    }
    Clocks clocks = sitting.clocks();
    if (prices().wrong() > 0) {
      clocks = clocks.shortened(Clocked.GAME, prices().wrong() * SECOND);
    }
    if (prices().closed() > 0 && !sitting.opening().rehearsal()) {
      clocks = clocks.started(CLOSED + lock, prices().closed() * SECOND, at.at());
    }
    return sitting.with(clocks);
  }

  /** A hint takes its time, and the next one comes by itself as long after it. */
  @Override
  public Turn helped(Point at, String item) {
    Clocks clocks = at.sitting().clocks();
    if (prices().hint() > 0) {
      clocks = clocks.shortened(Clocked.GAME, prices().hint() * SECOND);
    }
    return Turn.of(waiting(at.sitting().with(clocks), item, at.at()));
  }

  /** The sitting with the clock of the next hint begun anew, if one is left. */
  private Sitting waiting(Sitting sitting, String lock, long at) {
    Integer wait = prices().helpAfter();
    Clocks clocks = sitting.clocks().without(HELP + lock);
    return sitting.with(
        wait != null && hintsLeft(sitting, lock)
            ? clocks.started(HELP + lock, wait * SECOND, at)
            : clocks);
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
    String clock = deadline.clock();
    if (clock.startsWith(CLOSED)) {
      return Turn.of(at.sitting().with(at.sitting().clocks().without(clock)));
    }
    if (clock.startsWith(HELP)) {
      String lock = clock.substring(HELP.length());
      Effort effort = at.sitting().effortFor(lock).withHint();
      return Turn.of(
          waiting(at.sitting().with(effort), lock, at.at()),
          new Happening.HintGiven(lock, effort.hints()));
    }
    return at.game()
        .ended(at.sitting(), new End(Outcome.Ended.TIME, false))
        .after(List.of(new Happening.TimeRanOut(Clock.Per.GAME)));
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
    return out || state.stopped()
        ? Optional.of(new End(Outcome.Ended.PLAYED, out))
        : Optional.empty();
  }

  /** What is still shut was never answered. */
  @Override
  public Sitting settledAtTheEnd(Sitting now) {
    List<Result> results = new ArrayList<>(now.results());
    for (String id : now.draw().ids()) {
      if (now.resultOf(id).isEmpty()) {
        results.add(new Result(id, null, Verdict.MISSED, 0, 0, null));
      }
    }
    return now.with(results);
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
