package bravium.core.play;

import bravium.core.activity.Rules;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

/** What chance settled when a play opened: which questions, in which order, with which options. */
public record Draw(List<Drawn> questions) {

  /**
   * A question that is asked, or a card of information that is shown.
   *
   * @param question its id
   * @param options the ids of its options or cards, or the words of its bank, in the order they are
   *     shown
   * @param worth its worth in points
   * @param counts whether it counts as a question; information doesn't
   */
  public record Drawn(String question, List<String> options, int worth, boolean counts) {}

  /** Nothing. */
  public static final Draw NOTHING = new Draw(List.of());

  /** How many are asked of as many as there are. */
  public static int asked(Rules rules, int pool) {
    return rules.ask() == null ? pool : Math.min(rules.ask(), pool);
  }

  /** The ids of all that is drawn, in the order it comes. */
  public List<String> ids() {
    return questions.stream().map(Drawn::question).toList();
  }

  /** What counts as a question, in the order it comes. */
  public List<Drawn> counting() {
    return questions.stream().filter(Drawn::counts).toList();
  }

  /** The drawn question of that id. */
  public Optional<Drawn> find(String question) {
    for (Drawn drawn : questions) {
      if (drawn.question().equals(question)) {
        return Optional.of(drawn);
      }
    }
    return Optional.empty();
  }

  /** Its place among the questions that count, from 1; 0 where it counts as none. */
  public int numberOf(String question) {
    int number = 0;
    for (Drawn drawn : questions) {
      number += drawn.counts() ? 1 : 0;
      if (drawn.question().equals(question)) {
        return drawn.counts() ? number : 0;
      }
    }
    return 0;
  }

  /** Whether a drawn question counts. */
  public boolean counts(String question) {
    Optional<Drawn> drawn = find(question);
    return drawn.isPresent() && drawn.get().counts();
  }

  /** The worth of a drawn question, in points. */
  public int worthOf(String question) {
    Optional<Drawn> drawn = find(question);
    return drawn.isPresent() ? drawn.get().worth() : 0;
  }

  /** This draw with one more behind the others. */
  public Draw with(Drawn more) {
    List<Drawn> all = new ArrayList<>(questions);
    all.add(more);
    return new Draw(List.copyOf(all));
  }

  /** This draw without one question. */
  public Draw without(String question) {
    return new Draw(questions.stream().filter(d -> !d.question().equals(question)).toList());
  }

  /** This draw with one question that is worth nothing. */
  public Draw withoutWorthOf(String question) {
    List<Drawn> changed = new ArrayList<>(questions);
    changed.replaceAll(
        d -> d.question().equals(question) ? new Drawn(question, d.options(), 0, d.counts()) : d);
    return new Draw(List.copyOf(changed));
  }

  /** This draw with one question in another's place. */
  public Draw with(Drawn joining, String leaving) {
    List<Drawn> changed = new ArrayList<>(questions);
    changed.replaceAll(d -> d.question().equals(leaving) ? joining : d);
    return new Draw(List.copyOf(changed));
  }
}
