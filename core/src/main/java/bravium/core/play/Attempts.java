package bravium.core.play;

import bravium.core.question.Marking;
import bravium.core.question.Misplaced;
import bravium.core.question.Question;
import bravium.core.question.Response;
import bravium.core.question.Sorting;
import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/** Tries at items, hints for them and marks given later: the same in every game. */
public final class Attempts {

  private final Point here;
  private final Prepared game;
  private final Sitting sitting;

  /** Tries at a point of a play. */
  public Attempts(Point here) {
    this.here = here;
    this.game = here.game();
    this.sitting = here.sitting();
  }

  Turn answer(Action.Answer answer) {
    String item = answer.question();
    boolean open = game.play().open(sitting).contains(item);
    Effort effort = sitting.effortFor(item);
    if (!open || answer.attempt() != effort.tries() + 1 || isOpened(item)) {
      return here.refused(Refusal.NOT_OPEN);
    }
    if (nobodyHasTheTurn()) {
      return here.refused(Refusal.NO_SUCH_TEAM);
    }
    Question question = game.question(item).orElse(null);
    if (question == null
        || !question.answerable()
        || !question.takes(answer.response())
        || isStruck(question, answer.response())) {
      return here.refused(Refusal.NO_SUCH_OPTION);
    }
    if (!question.reads(answer.response())) {
      return here.refused(Refusal.NO_FIGURE);
    }
    boolean atOnce = question instanceof Sorting sorting && sorting.atOnce();
    Response response =
        atOnce
            ? firstPlaces(effort.laidAt(answer.attempt()), answer.response())
            : answer.response();
    return tried(item, mayBeTriedAgain(question), triedWith(question, response));
  }

  /**
   * Cards that are marked at once. What lies wrong can be laid again only where it goes back; the
   * first place of each card is what counts.
   */
  Turn lay(Action.Lay lay) {
    String item = lay.question();
    Effort effort = sitting.effortFor(item);
    boolean open = game.play().open(sitting).contains(item) && lay.attempt() == effort.tries() + 1;
    boolean atOnce =
        game.question(item).orElse(null) instanceof Sorting s && s.atOnce() && s.answerable();
    if (!open || !atOnce || isOpened(item)) {
      return here.refused(Refusal.NOT_OPEN);
    }
    if (nobodyHasTheTurn()) {
      return here.refused(Refusal.NO_SUCH_TEAM);
    }
    Sorting sorting = (Sorting) game.question(item).orElseThrow();
    Response placed = new Response.Placed(lay.placings());
    if (!sorting.takes(placed)) {
      return here.refused(Refusal.NO_SUCH_OPTION);
    }
    Map<String, Set<String>> lying = Sorting.lying(placed);
    boolean back = sorting.misplaced() == Misplaced.GOES_BACK;
    List<Laid> before = effort.laidAt(lay.attempt());
    if (before.stream().anyMatch(l -> lying.containsKey(l.card()) && (l.right() || !back))) {
      return here.refused(Refusal.NOT_OPEN);
    }
    List<Laid> more =
        sorting.mark(placed).parts().stream()
            .map(part -> new Laid(part.id(), lay.attempt(), lying.get(part.id()), part.right()))
            .toList();
    Effort laid = effort.laying(more);
    List<Happening> happenings = new ArrayList<>();
    more.forEach(l -> happenings.add(new Happening.CardLaid(item, l.card(), l.right())));
    long done =
        laid.laidAt(lay.attempt()).stream()
            .filter(l -> l.right() || !back)
            .map(Laid::card)
            .distinct()
            .count();
    Sitting after = sitting.with(laid);
    if (done < sorting.items().size()) {
      return Turn.of(after, happenings);
    }
    Tried tried = triedWith(sorting, firstPlaces(laid.laidAt(lay.attempt()), null));
    return new Attempts(here.with(after))
        .tried(item, mayBeTriedAgain(sorting), tried)
        .after(happenings);
  }

  /**
   * Where each card is marked at once, all have been said: only what opens by being right goes on.
   */
  private boolean mayBeTriedAgain(Question question) {
    boolean atOnce = question instanceof Sorting sorting && sorting.atOnce();
    return question.canBeRight() && (!atOnce || game.play().untilRight());
  }

  /** Where each card lay first; where cards were never laid, as the rest says. */
  private static Response firstPlaces(List<Laid> laid, @Nullable Response rest) {
    Map<String, Set<String>> first = new LinkedHashMap<>();
    laid.forEach(l -> first.putIfAbsent(l.card(), l.place()));
    if (rest != null) {
      Sorting.lying(rest).forEach(first::putIfAbsent);
    }
    return Sorting.placed(first);
  }

  /** Whether the teacher has given away what is right, and goes on from there. */
  private boolean isOpened(String item) {
    return sitting.stage() == Stage.QUESTION
        && sitting.front().talk(item).map(Talk::opened).orElse(false);
  }

  private boolean nobodyHasTheTurn() {
    return sitting.opening().inTeams() && sitting.front().answering() == null;
  }

  private boolean isStruck(Question question, Response response) {
    List<String> struck = sitting.front().struck(question.id());
    return switch (response) {
      case Response.Picked(String option) -> struck.contains(option);
      case Response.PickedAll(List<String> options) -> options.stream().anyMatch(struck::contains);
      default -> false;
    };
  }

  private Tried triedWith(Question question, Response response) {
    if (question.marking() != Marking.AT_ONCE) {
      return Tried.given(response);
    }
    int worth = game.turns().worthOf(question.id(), sitting);
    return Tried.of(response, question.mark(response), worth);
  }

  /** The time for a question ran out. */
  public Turn outOfTime(Question question) {
    return tried(question.id(), question.canBeRight(), Tried.outOfTime());
  }

  /**
   * What comes of a try at an item: a result, a further try, or another team's.
   *
   * @param canBeRight whether a further try could help
   */
  public Turn tried(String item, boolean canBeRight, Tried tried) {
    Referee referee = game.referee();
    Turns turns = game.turns();
    Effort effort = sitting.effortFor(item).with(tried.by(sitting.front().answering()));
    Sitting after = sitting.with(effort);
    if (tried.isMistake()) {
      after = turns.charged(after, item, referee.mistakePrice());
    }
    boolean open = tried.verdict() != Verdict.GIVEN && canBeRight && !referee.outOfLives(after);
    boolean again = open && turns.mayTryAgain(sitting) && referee.mayTryAgain(effort);
    boolean goesOn = open && !again && turns.goesOn(sitting, effort);
    Integer taker = goesOn ? turns.taker(sitting, game.play()) : null;
    List<Happening> happenings = new ArrayList<>();
    happenings.add(new Happening.AnswerMarked(item, tried.verdict()));
    if (taker != null) {
      after = after.with(after.front().takenOverBy(taker));
      happenings.add(new Happening.TurnGiven(taker, true));
    } else if (!again) {
      after = settled(after, effort, happenings);
    }
    if (tried.isMistake()) {
      referee.livesLeft(after).ifPresent(left -> happenings.add(new Happening.LifeLost(left)));
    }
    Turn led = game.play().judged(here.with(after), item);
    happenings.addAll(led.happenings());
    happenings.addAll(here.changes(led.sitting(), () -> touched(led, item)));
    return Turn.of(led.sitting(), happenings);
  }

  private Set<String> touched(Turn led, String item) {
    Set<String> touched = new LinkedHashSet<>();
    touched.add(item);
    touched.add(String.valueOf(sitting.now()));
    touched.add(String.valueOf(led.sitting().now()));
    return touched;
  }

  private Sitting settled(Sitting before, Effort effort, List<Happening> happenings) {
    Clocked own =
        sitting.opening().rehearsal()
            ? null
            : sitting.clocks().find(Clocked.QUESTION).filter(Clocked::runs).orElse(null);
    long left = own == null ? 0 : sitting.stands() ? own.total() : own.left(here.at());
    Result result = game.referee().settle(effort, before, left, own == null ? 0 : own.total());
    return settled(before, result, happenings);
  }

  /** The sitting with that result, and the points that it brought. */
  public static Sitting settled(Sitting before, Result result, List<Happening> happenings) {
    Sitting after = before.settledWith(result);
    if (result.points() != 0) {
      int total = Scorecard.points(after.results());
      happenings.add(new Happening.PointsGiven(result.points(), total));
    }
    return after;
  }

  /** The sitting with these items missed: nobody answered them. */
  public static Sitting missed(Sitting now, Collection<String> items) {
    List<Result> results = new ArrayList<>(now.results());
    for (String item : items) {
      results.add(new Result(item, null, Verdict.MISSED, 0, 0, null));
    }
    return now.with(results);
  }

  Turn hint(String item) {
    if (!game.play().open(sitting).contains(item)) {
      return here.refused(Refusal.NOT_OPEN);
    }
    if (game.play().paysAtOnce() && nobodyHasTheTurn()) {
      return here.refused(Refusal.NO_SUCH_TEAM);
    }
    Item open = game.item(item).orElseThrow();
    Effort effort = sitting.effortFor(item).withHint();
    if (effort.hints() > open.hints().size()) {
      return here.refused(Refusal.NO_HINT_LEFT);
    }
    int price = game.referee().hintPrice(open, sitting.draw());
    Sitting helped = sitting.with(effort);
    if (game.play().paysAtOnce()) {
      helped = game.turns().charged(helped, item, price);
    }
    Happening given = new Happening.HintGiven(item, effort.hints());
    return game.play().helped(here.with(helped), item).after(List.of(given));
  }

  Turn mark(Action.Mark mark) {
    Result given = sitting.resultOf(mark.question()).orElse(null);
    if (given == null) {
      return here.refused(Refusal.NO_SUCH_QUESTION);
    }
    int worth = sitting.draw().worthOf(mark.question());
    boolean fits = given.response() != null && mark.points() >= 0 && mark.points() <= worth;
    return switch (game.item(mark.question()).orElseThrow().marking()) {
      case NONE -> here.refused(Refusal.NO_SUCH_QUESTION);
      case BY_TEACHER -> fits ? marked(firstMark(given, worth, mark)) : noSuchMark();
      case AT_ONCE ->
          !canBeMarkedAnew(mark.question())
              ? here.refused(Refusal.NO_SUCH_QUESTION)
              : fits ? marked(otherMark(given, worth, mark)) : noSuchMark();
    };
  }

  private Turn noSuchMark() {
    return here.refused(Refusal.NO_SUCH_MARK);
  }

  private boolean canBeMarkedAnew(String item) {
    return game.marksCanChange(item)
        && sitting.draw().worthOf(item) > 0
        && !sitting.front().deciding().contains(item);
  }

  private Result firstMark(Result given, int worth, Action.Mark mark) {
    int cost = game.referee().cost(sitting.effortFor(mark.question()));
    return game.referee().marked(given, worth, mark.points(), cost, mark.comment());
  }

  private Result otherMark(Result given, int worth, Action.Mark mark) {
    Tried best = sitting.effortFor(mark.question()).best();
    return Referee.markedAnew(given, best, worth, mark.points(), mark.comment());
  }

  /** What a mark changes: how the play went, and how it ended, stays. */
  private Turn marked(Result result) {
    Sitting marked = sitting.replacing(result);
    Happening said = new Happening.AnswerMarked(result.question(), result.verdict());
    End end = sitting.end();
    return end == null ? Turn.of(marked, said) : game.ended(marked, end).after(List.of(said));
  }
}
