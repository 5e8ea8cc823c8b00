package bravium.core.play;

import bravium.core.json.Root;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import org.jspecify.annotations.Nullable;

/**
 * Where a play stands.
 *
 * @param now the id of the question that is open or whose feedback is shown; null on the title
 *     page, on the board and at the end
 * @param results in the order in which the questions were settled
 * @param efforts what was done for each question that was tried or helped with, in the order of the
 *     first time
 * @param front what belongs to a play at the front of the class alone
 * @param log every move that was applied, taken back ones too
 * @param outcome null until the end
 */
@Root
public record Sitting(
    Opening opening,
    Draw draw,
    Stage stage,
    @Nullable String now,
    List<Result> results,
    List<Effort> efforts,
    Watch watch,
    Front front,
    List<Played> log,
    @Nullable Outcome outcome) {

  /** A sitting that stands on its title page. */
  static Sitting onTitlePage(Opening opening, Draw draw) {
    return new Sitting(
        opening,
        draw,
        Stage.TITLE,
        null,
        List.of(),
        List.of(),
        Watch.NEW,
        Front.NONE,
        List.of(),
        null);
  }

  /** The result of a question, if it is settled. */
  public Optional<Result> resultOf(String question) {
    return results.stream().filter(r -> r.question().equals(question)).findFirst();
  }

  /** What was done for a question so far. */
  public Effort effortFor(String question) {
    return efforts.stream()
        .filter(e -> e.question().equals(question))
        .findFirst()
        .orElseGet(() -> Effort.none(question));
  }

  /** The ids of the questions that are settled. */
  public Set<String> settled() {
    Set<String> ids = new LinkedHashSet<>();
    results.forEach(r -> ids.add(r.question()));
    return ids;
  }

  /** The ids of the questions that were tried and may be tried again. */
  Set<String> waiting() {
    Set<String> ids = new LinkedHashSet<>();
    efforts.stream().filter(e -> e.tries() > 0).forEach(e -> ids.add(e.question()));
    ids.removeAll(settled());
    return ids;
  }

  /** The move with that key, if one was applied. */
  public Optional<Played> played(String key) {
    return log.stream().filter(p -> p.move().key().equals(key)).findFirst();
  }

  /** The moves that stand: without those that were taken back. */
  public List<Played> standing() {
    List<Played> standing = new ArrayList<>();
    for (Played played : log) {
      if (played.move().action() instanceof Action.TakeBack(String key)) {
        standing.removeIf(p -> p.move().key().equals(key));
      } else {
        standing.add(played);
      }
    }
    return standing;
  }

  /** This sitting at another question. */
  public Sitting at(Stage stage, @Nullable String question) {
    return new Sitting(opening, draw, stage, question, results, efforts, watch, front, log, null);
  }

  /** This sitting at its end. */
  public Sitting ended(Outcome outcome) {
    return new Sitting(
        opening, draw, Stage.END, null, results, efforts, watch, front, log, outcome);
  }

  /** This sitting with other results. */
  public Sitting with(List<Result> results) {
    return new Sitting(
        opening, draw, stage, now, List.copyOf(results), efforts, watch, front, log, outcome);
  }

  Sitting with(Draw draw) {
    return new Sitting(opening, draw, stage, now, results, efforts, watch, front, log, outcome);
  }

  /** This sitting with its clock elsewhere. */
  public Sitting with(Watch watch) {
    return new Sitting(opening, draw, stage, now, results, efforts, watch, front, log, outcome);
  }

  /** This sitting with other things at the front of the class. */
  public Sitting with(Front changed) {
    return new Sitting(opening, draw, stage, now, results, efforts, watch, changed, log, outcome);
  }

  /** This sitting with what was done for one question. */
  public Sitting with(Effort effort) {
    List<Effort> changed = new ArrayList<>(efforts);
    changed.replaceAll(e -> e.question().equals(effort.question()) ? effort : e);
    if (!changed.contains(effort)) {
      changed.add(effort);
    }
    return withEfforts(changed);
  }

  private Sitting withEfforts(List<Effort> efforts) {
    return new Sitting(
        opening, draw, stage, now, results, List.copyOf(efforts), watch, front, log, outcome);
  }

  Sitting adding(Result result) {
    List<Result> more = new ArrayList<>(results);
    more.add(result);
    return with(more);
  }

  /** This sitting with a question settled, and what it brought given to the team that answered. */
  Sitting settledWith(Result result) {
    return awardedFor(result).adding(result);
  }

  /** The team that answered gets what the question brought, as far as it hasn't brought it yet. */
  private Sitting awardedFor(Result result) {
    if (result.team() == null) {
      return this;
    }
    int more = result.points() - front.broughtBy(result.question());
    return with(front.awarding(new Award(result.team(), more, result.question())));
  }

  Sitting replacing(Result result) {
    return awardedFor(result)
        .with(
            results.stream()
                .map(r -> r.question().equals(result.question()) ? result : r)
                .toList());
  }

  Sitting without(String question) {
    return with(results.stream().filter(r -> !r.question().equals(question)).toList())
        .with(front.without(question))
        .withEfforts(efforts.stream().filter(e -> !e.question().equals(question)).toList());
  }

  /** This sitting with all moves that were once taken, also those that would be refused now. */
  public Sitting withMoves(List<Played> moves) {
    return withLog(moves);
  }

  Sitting withLog(List<Played> log) {
    return new Sitting(
        opening, draw, stage, now, results, efforts, watch, front, List.copyOf(log), outcome);
  }

  /** This sitting with a further move in its log. */
  public Sitting logging(Played played) {
    List<Played> longer = new ArrayList<>(log);
    longer.add(played);
    return withLog(longer);
  }
}
