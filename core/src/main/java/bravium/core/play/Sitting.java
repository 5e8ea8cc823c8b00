package bravium.core.play;

import java.util.AbstractSet;
import java.util.ArrayList;
import java.util.Iterator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import org.jspecify.annotations.Nullable;

/**
 * Where a play stands.
 *
 * @param now the id of the item that alone is open, or whose feedback is shown; null on the title
 *     page, on the board, where several are open, and at the end
 * @param results in the order in which the items were settled
 * @param efforts what was done for each item that was tried or helped with, in the order of the
 *     first time
 * @param entries what was entered where an entry says by itself what it means, in that order
 * @param front what belongs to a play at the front of the class alone
 * @param state what the game keeps besides; null where it needs nothing
 * @param log every move that was applied, taken back ones too
 * @param outcome null until the end
 * @param end how it ended, whatever marks are given later; null until then
 */
public record Sitting(
    Opening opening,
    Draw draw,
    Stage stage,
    @Nullable String now,
    List<Result> results,
    List<Effort> efforts,
    List<Entry> entries,
    Clocks clocks,
    Front front,
    @Nullable State state,
    Log log,
    @Nullable Outcome outcome,
    @Nullable End end) {

  /** A sitting that stands on its title page. */
  public static Sitting onTitlePage(Opening opening, Draw draw, @Nullable State state) {
    return new Sitting(
        opening,
        draw,
        Stage.TITLE,
        null,
        List.of(),
        List.of(),
        List.of(),
        Clocks.NONE,
        Front.NONE,
        state,
        Log.EMPTY,
        null,
        null);
  }

  /** The result of an item, if it is settled. */
  public Optional<Result> resultOf(String item) {
    // Mostly it is asked for what came last.
    for (int i = results.size() - 1; i >= 0; i--) {
      if (results.get(i).question().equals(item)) {
        return Optional.of(results.get(i));
      }
    }
    return Optional.empty();
  }

  /** What was done for an item so far. */
  public Effort effortFor(String item) {
    int place = placeOfEffort(item);
    return place < 0 ? Effort.none(item) : efforts.get(place);
  }

  /** Its place among the efforts; -1 where nothing was done for it. */
  private int placeOfEffort(String item) {
    for (int i = efforts.size() - 1; i >= 0; i--) {
      if (efforts.get(i).question().equals(item)) {
        return i;
      }
    }
    return -1;
  }

  /** The ids of the items that are settled. */
  public Set<String> settled() {
    return new Asked(false);
  }

  /** The ids of the items that are settled, or were tried and may be tried again. */
  public Set<String> passed() {
    return new Asked(true);
  }

  /**
   * The ids of items that are settled or were tried: mostly only one is looked for, and so they are
   * not gathered before somebody asks for all.
   */
  private final class Asked extends AbstractSet<String> {

    private final boolean tried;

    Asked(boolean tried) {
      this.tried = tried;
    }

    @Override
    public boolean contains(Object id) {
      return id instanceof String item && (resultOf(item).isPresent() || tried && wasTried(item));
    }

    private boolean wasTried(String item) {
      int place = placeOfEffort(item);
      return place >= 0 && efforts.get(place).tries() > 0;
    }

    private Set<String> all() {
      Set<String> ids = new LinkedHashSet<>();
      results.forEach(result -> ids.add(result.question()));
      if (tried) {
        efforts.stream().filter(e -> e.tries() > 0).forEach(e -> ids.add(e.question()));
      }
      return ids;
    }

    @Override
    public Iterator<String> iterator() {
      return all().iterator();
    }

    @Override
    public int size() {
      return all().size();
    }
  }

  /** Whether the clocks stand: when trying out, and while no team has the turn. */
  public boolean stands() {
    return opening.rehearsal() || waitsForTeam();
  }

  /**
   * Whether teams play and none has the turn: where several items are open nobody is waited for.
   */
  public boolean waitsForTeam() {
    return opening.inTeams() && front.answering() == null && stage != Stage.PLAYING;
  }

  /** This sitting at another item. */
  public Sitting at(Stage stage, @Nullable String item) {
    return with(
        copy -> {
          copy.stage = stage;
          copy.now = item;
          copy.outcome = null;
          copy.end = null;
        });
  }

  /** This sitting at its end. */
  Sitting ended(Outcome outcome, End end) {
    return with(
        copy -> {
          copy.stage = Stage.END;
          copy.now = null;
          copy.outcome = outcome;
          copy.end = end;
        });
  }

  /** This sitting with other results. */
  public Sitting with(List<Result> results) {
    List<Result> changed = List.copyOf(results);
    return with(copy -> copy.results = changed);
  }

  /** This sitting with another draw. */
  public Sitting with(Draw draw) {
    return with(copy -> copy.draw = draw);
  }

  /** This sitting with another opening: of more teams. */
  public Sitting with(Opening opening) {
    return with(copy -> copy.opening = opening);
  }

  /** This sitting with other clocks. */
  public Sitting with(Clocks clocks) {
    return clocks == this.clocks ? this : with(copy -> copy.clocks = clocks);
  }

  /** This sitting with other things at the front of the class. */
  public Sitting with(Front front) {
    return front == this.front ? this : with(copy -> copy.front = front);
  }

  /** This sitting with another state of the game's own. */
  public Sitting with(@Nullable State state) {
    return with(copy -> copy.state = state);
  }

  /** This sitting with a further entry. */
  public Sitting with(Entry entry) {
    return with(copy -> copy.entries = longer(entries, entry));
  }

  /**
   * How many entries were used up.
   *
   * @param team the place of the team, from 0; null for all, and where there are no teams
   */
  public int entriesUsed(@Nullable Integer team) {
    return (int)
        entries.stream()
            .filter(entry -> entry.counted() && (team == null || team.equals(entry.team())))
            .count();
  }

  /** This sitting with what was done for one item. */
  public Sitting with(Effort effort) {
    int place = placeOfEffort(effort.question());
    if (place < 0) {
      return with(copy -> copy.efforts = longer(efforts, effort));
    }
    List<Effort> changed = new ArrayList<>(efforts);
    changed.set(place, effort);
    return with(copy -> copy.efforts = List.copyOf(changed));
  }

  /** This sitting with an item settled that brings nobody anything more. */
  public Sitting adding(Result result) {
    return with(copy -> copy.results = longer(results, result));
  }

  /** This sitting with an item settled, and what it brought given to the team that answered. */
  public Sitting settledWith(Result result) {
    return awardedFor(result).adding(result);
  }

  /** The team that answered gets what the item brought, as far as it hasn't brought it yet. */
  private Sitting awardedFor(Result result) {
    if (result.team() == null) {
      return this;
    }
    int more = result.points() - front.broughtBy(result.question());
    return with(front.awarding(new Award(result.team(), more, result.question())));
  }

  Sitting replacing(Result result) {
    List<Result> changed = new ArrayList<>(results);
    changed.replaceAll(r -> r.question().equals(result.question()) ? result : r);
    return awardedFor(result).with(changed);
  }

  /** This sitting as if an item had never been tried. */
  public Sitting without(String item) {
    List<Effort> others =
        efforts.stream().filter(effort -> !effort.question().equals(item)).toList();
    return with(results.stream().filter(result -> !result.question().equals(item)).toList())
        .with(front.without(item))
        .with(copy -> copy.efforts = others);
  }

  /** This sitting with all moves that were once taken, also those that would be refused now. */
  public Sitting withMoves(List<Played> moves) {
    return with(Log.of(moves));
  }

  Sitting with(Log log) {
    return with(copy -> copy.log = log);
  }

  private static <T> List<T> longer(List<T> list, T item) {
    @SuppressWarnings("unchecked")
    T[] longer = (T[]) list.toArray(new Object[list.size() + 1]);
    longer[list.size()] = item;
    return List.of(longer);
  }

  private Sitting with(Consumer<Copy> change) {
    Copy copy = new Copy(this);
    change.accept(copy);
    return copy.sitting();
  }

  /** A sitting of which a part is about to be changed. */
  private static final class Copy {

    private Opening opening;
    private Draw draw;
    private Stage stage;
    private @Nullable String now;
    private List<Result> results;
    private List<Effort> efforts;
    private List<Entry> entries;
    private Clocks clocks;
    private Front front;
    private @Nullable State state;
    private Log log;
    private @Nullable Outcome outcome;
    private @Nullable End end;

    Copy(Sitting sitting) {
      this.opening = sitting.opening;
      this.draw = sitting.draw;
      this.stage = sitting.stage;
      this.now = sitting.now;
      this.results = sitting.results;
      this.efforts = sitting.efforts;
      this.entries = sitting.entries;
      this.clocks = sitting.clocks;
      this.front = sitting.front;
      this.state = sitting.state;
      this.log = sitting.log;
      this.outcome = sitting.outcome;
      this.end = sitting.end;
    }

    Sitting sitting() {
      return new Sitting(
          opening, draw, stage, now, results, efforts, entries, clocks, front, state, log, outcome,
          end);
    }
  }
}
