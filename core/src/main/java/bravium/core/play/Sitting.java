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
 * @param now the id of the question that is open or whose feedback is shown; null on the title page
 *     and at the end
 * @param results in the order in which the questions were settled
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
    List<Played> log,
    @Nullable Outcome outcome) {

  /** A sitting that stands on its title page. */
  static Sitting onTitlePage(Opening opening, Draw draw) {
    return new Sitting(opening, draw, Stage.TITLE, null, List.of(), List.of(), null);
  }

  /** The result of a question, if it is settled. */
  public Optional<Result> resultOf(String question) {
    return results.stream().filter(r -> r.question().equals(question)).findFirst();
  }

  /** The ids of the questions that are settled. */
  public Set<String> settled() {
    Set<String> ids = new LinkedHashSet<>();
    results.forEach(r -> ids.add(r.question()));
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
  public Sitting at(Stage stage, String question) {
    return new Sitting(opening, draw, stage, question, results, log, null);
  }

  /** This sitting at its end. */
  public Sitting ended(Outcome outcome) {
    return new Sitting(opening, draw, Stage.END, null, results, log, outcome);
  }

  /** This sitting with other results. */
  public Sitting with(List<Result> results) {
    return new Sitting(opening, draw, stage, now, List.copyOf(results), log, outcome);
  }

  Sitting with(Draw draw) {
    return new Sitting(opening, draw, stage, now, results, log, outcome);
  }

  Sitting adding(Result result) {
    List<Result> more = new ArrayList<>(results);
    more.add(result);
    return with(more);
  }

  Sitting without(String question) {
    return with(results.stream().filter(r -> !r.question().equals(question)).toList());
  }

  Sitting withLog(List<Played> log) {
    return new Sitting(opening, draw, stage, now, results, List.copyOf(log), outcome);
  }

  Sitting logging(Played played) {
    List<Played> longer = new ArrayList<>(log);
    longer.add(played);
    return withLog(longer);
  }
}
