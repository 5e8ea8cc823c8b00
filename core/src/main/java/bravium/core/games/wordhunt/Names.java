package bravium.core.games.wordhunt;

import bravium.core.answer.Comparing;
import bravium.core.answer.Comparison;
import bravium.core.answer.Judgement;
import java.util.ArrayList;
import java.util.List;

/** The names of all things of a hunt, to find out which one an entry means. */
final class Names {

  /** A thing and how its names are compared. */
  private record Called(Thing thing, Comparison names, List<String> fair) {

    static Called of(Thing thing, Comparing how) {
      return new Called(
          thing,
          Comparison.with(thing.called(), List.of(), how),
          thing.called().stream().map(Comparison::fair).toList());
    }
  }

  /** What an entry means, by one thing's names. */
  private record Meant(Thing thing, Judgement judgement) {

    /** From strict to free, as {@link Judgement.Reason} lists them. */
    int freedom() {
      return judgement.reason().ordinal();
    }
  }

  private final List<Called> all;

  private Names(List<Called> all) {
    this.all = all;
  }

  static Names of(WordHunt hunt) {
    return new Names(
        hunt.findable().stream().map(thing -> Called.of(thing, hunt.comparing())).toList());
  }

  /**
   * The things that an entry names, in the order they are written: those that it names most
   * strictly, so that nothing is found by a slip while something else is called just so.
   */
  List<Thing> named(String entry) {
    List<Meant> meant = new ArrayList<>();
    int least = Integer.MAX_VALUE;
    for (Called called : all) {
      Judgement judgement = called.names().right(entry).orElse(null);
      if (judgement != null) {
        Meant one = new Meant(called.thing(), judgement);
        meant.add(one);
        least = Math.min(least, one.freedom());
      }
    }
    int strictest = least;
    return meant.stream().filter(m -> m.freedom() == strictest).map(Meant::thing).toList();
  }

  /** Whether an entry is one slip away from a name. */
  boolean nearly(String entry) {
    String fair = Comparison.fair(entry);
    return all.stream()
        .flatMap(called -> called.fair().stream())
        .anyMatch(name -> Comparison.oneSlip(fair, name));
  }
}
