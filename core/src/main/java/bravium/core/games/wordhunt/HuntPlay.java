package bravium.core.games.wordhunt;

import bravium.core.activity.Activity;
import bravium.core.activity.Teams;
import bravium.core.play.Action;
import bravium.core.play.Attempts;
import bravium.core.play.Audience;
import bravium.core.play.Draw;
import bravium.core.play.End;
import bravium.core.play.Engine;
import bravium.core.play.Item;
import bravium.core.play.Opening;
import bravium.core.play.Outcome;
import bravium.core.play.PassMark;
import bravium.core.play.Play;
import bravium.core.play.Played;
import bravium.core.play.Point;
import bravium.core.play.Prepared;
import bravium.core.play.Refusal;
import bravium.core.play.Result;
import bravium.core.play.Scene;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.State;
import bravium.core.play.Turn;
import bravium.core.question.Marking;
import bravium.core.rich.Words;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

/** A word hunt as it is played: all things are open until the last is found. */
final class HuntPlay implements Play {

  /** How help is called that a learner is entitled to: a list of names to pick from. */
  static final String NAMES = "names";

  private final Activity activity;
  private final WordHunt hunt;
  private final List<Thing> things;
  private final List<Item> items;
  private final Names names;

  HuntPlay(Activity activity, WordHunt hunt) {
    this.activity = activity;
    this.hunt = hunt;
    this.things = hunt.findable();
    this.items = things.stream().map(this::item).toList();
    this.names = Names.of(hunt);
  }

  private Item item(Thing thing) {
    String name = thing.called().getFirst();
    return new Item(thing.id(), Words.of(name), Covered.hints(name, hunt), Marking.AT_ONCE);
  }

  WordHunt hunt() {
    return hunt;
  }

  List<Thing> things() {
    return things;
  }

  Names names() {
    return names;
  }

  @Override
  public Draw draw(Opening opening) {
    return new Draw(
        things.stream()
            .map(thing -> new Draw.Drawn(thing.id(), List.of(), worth(thing), true))
            .toList());
  }

  private int worth(Thing thing) {
    return thing.worth() == null ? activity.rules().worth() : thing.worth();
  }

  @Override
  public List<Item> items() {
    return items;
  }

  @Override
  public Optional<State> begin(Draw draw, Opening opening) {
    return Optional.of(new HuntState(opening.help().contains(NAMES), false));
  }

  /** What the hunt keeps of a sitting. */
  static HuntState state(Sitting sitting) {
    return sitting.state() instanceof HuntState state ? state : new HuntState(false, false);
  }

  @Override
  public Turn start(Point at) {
    if (things.isEmpty()) {
      return at.refused(Refusal.NOTHING_TO_ASK);
    }
    return Turn.of(at.game().begun(at.sitting(), at.at()).at(Stage.PLAYING, null));
  }

  @Override
  public Set<String> open(Sitting now) {
    Set<String> open = new LinkedHashSet<>();
    if (now.stage() == Stage.PLAYING) {
      open.addAll(now.draw().ids());
      open.removeAll(now.settled());
    }
    return open;
  }

  @Override
  public Turn act(Point at, Action action) {
    if (at.sitting().stage() != Stage.PLAYING || !(action instanceof Action.Own(var own))) {
      return at.refused(Refusal.NOT_OPEN);
    }
    return switch (own) {
      case HuntAction.Enter(String text, Integer team) -> new Entering(this, at).enter(text, team);
      case HuntAction.ShowNames show -> showNames(at);
      case HuntAction.GiveUp give -> Turn.of(at.sitting().with(new HuntState(false, true)));
      default -> at.refused(Refusal.NOT_OPEN);
    };
  }

  private Turn showNames(Point at) {
    HuntState before = state(at.sitting());
    return hunt.pick() && !before.named()
        ? Turn.of(at.sitting().with(new HuntState(true, before.givenUp())))
        : at.refused(Refusal.NOT_OPEN);
  }

  /** Whether the teacher says of each entry which team said it, where teams play. */
  boolean byTeacher() {
    Teams teams = activity.rules().teams();
    return teams != null && teams.turns() == Teams.Turns.BY_TEACHER;
  }

  /**
   * How many entries are left.
   *
   * @param team the place of the team, from 0; null where there are no teams
   * @return as many as there are whole numbers where any number is allowed
   */
  int left(Sitting sitting, Integer team) {
    if (hunt.entries() == null) {
      return Integer.MAX_VALUE;
    }
    return Math.max(0, hunt.entries() - sitting.entriesUsed(team));
  }

  private boolean anyLeft(Sitting sitting) {
    int teams = sitting.opening().teams().size();
    return teams == 0
        ? left(sitting, null) > 0
        : IntStream.range(0, teams).anyMatch(team -> left(sitting, team) > 0);
  }

  /** The sitting with the turn of the next team that has an entry left, if one has. */
  Sitting passed(Prepared game, Sitting sitting) {
    Sitting next = sitting;
    for (int i = 0; i < sitting.opening().teams().size(); i++) {
      next = game.turns().passed(next);
      Integer turn = next.front().turn();
      if (turn == null || left(next, turn) > 0) {
        return next;
      }
    }
    return next;
  }

  @Override
  public Optional<End> over(Sitting now) {
    if (now.stage() != Stage.PLAYING) {
      return Optional.empty();
    }
    boolean all = open(now).isEmpty();
    boolean none = state(now).givenUp() || !anyLeft(now);
    return all || none ? Optional.of(new End(Outcome.Ended.PLAYED, all)) : Optional.empty();
  }

  /** What was not found was missed. */
  @Override
  public Sitting settledAtTheEnd(Sitting now) {
    return Attempts.missed(now, open(now));
  }

  /** A letter takes its price from what the thing brings, whoever finds it, but not more. */
  @Override
  public boolean paysAtOnce() {
    return false;
  }

  @Override
  public Result scored(Result result, Sitting before) {
    return result.withPoints(Math.max(0, result.points() - result.bonus()));
  }

  @Override
  public boolean takenOver() {
    return false;
  }

  /** All has to be found, whatever it is worth. */
  @Override
  public Optional<PassMark> passMark(Draw draw) {
    return Optional.empty();
  }

  @Override
  public Optional<Scene> scene(Sitting now, Audience audience) {
    return Optional.of(new SceneOfHunt(this, activity, now, audience).scene());
  }

  @Override
  public Optional<Action> aid(Sitting now, boolean right) {
    return switch (now.stage()) {
      case TITLE -> Optional.of(new Action.Start());
      case PLAYING -> Optional.of(new Action.Own(aided(now, right)));
      default -> Optional.empty();
    };
  }

  private HuntAction.Enter aided(Sitting now, boolean right) {
    int count = now.opening().teams().size();
    Integer team = null;
    for (int i = 0; byTeacher() && team == null && i < count; i++) {
      team = left(now, i) > 0 ? Integer.valueOf(i) : null;
    }
    return new HuntAction.Enter(right ? firstOpen(now) : nothing(now), team);
  }

  private String firstOpen(Sitting now) {
    Set<String> open = open(now);
    return things.stream()
        .filter(thing -> open.contains(thing.id()))
        .findFirst()
        .map(thing -> thing.called().getFirst())
        .orElse("");
  }

  /** A word that is no thing's name and was not entered before. */
  private String nothing(Sitting now) {
    int number = now.entries().size();
    String word;
    do {
      word = "zzz" + ++number;
    } while (entered(now, word) || !names.named(word).isEmpty() || names.nearly(word));
    return word;
  }

  private static boolean entered(Sitting now, String word) {
    return now.entries().stream().anyMatch(entry -> entry.text().equals(word));
  }

  @Override
  public Optional<Action> givingUp(Sitting now) {
    return hunt.entries() == null && now.stage() == Stage.PLAYING
        ? Optional.of(new Action.Own(new HuntAction.GiveUp()))
        : Optional.empty();
  }

  /** The same entries, judged anew. */
  @Override
  public Sitting follow(Prepared game, Sitting before, Opening opening) {
    List<Played> standing = before.log().standing();
    return Engine.rebuild(game, opening, standing);
  }
}
