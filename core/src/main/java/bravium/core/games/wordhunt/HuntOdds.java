package bravium.core.games.wordhunt;

import bravium.core.readiness.Guessing;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

/**
 * How far a hunt leads who knows everything, and who only guesses.
 *
 * @param hunt the hunt itself
 * @param names how many different names there are to enter
 * @param needed how many entries it takes to find everything: what is counted one by one takes one
 *     for each thing, otherwise a name finds all that it names
 * @param decoys how many names in the list are no thing's
 */
record HuntOdds(WordHunt hunt, int names, int needed, int decoys) {

  static HuntOdds of(WordHunt hunt) {
    Names all = Names.of(hunt);
    List<Thing> things = hunt.findable();
    Set<String> found = new LinkedHashSet<>();
    int names = 0;
    for (Thing thing : things) {
      if (!found.contains(thing.id())) {
        all.named(thing.called().getFirst()).forEach(other -> found.add(other.id()));
        names++;
      }
    }
    Set<String> listed =
        new LinkedHashSet<>(things.stream().map(t -> t.called().getFirst()).toList());
    Set<String> wrong = new LinkedHashSet<>();
    for (String name : hunt.decoyNames()) {
      if (!listed.contains(name) && all.named(name).isEmpty()) {
        wrong.add(name);
      }
    }
    int needed = hunt.oneByOne() ? things.size() : names;
    return new HuntOdds(hunt, names, needed, wrong.size());
  }

  /** Whether one who knows all names finds everything. */
  boolean winnable() {
    return needed > 0 && (hunt.entries() == null || hunt.entries() >= needed);
  }

  /**
   * The chance of one who picks from the list by chance, no name twice but those that name several
   * things: of all orders of names and decoys, those in which the last name comes before there are
   * more decoys than entries can be spared. With g names, d decoys and w to spare these are C(g +
   * w, g) of C(g + d, g). Typed names are never guessed.
   */
  Guessing guessing() {
    if (!hunt.pick() || !winnable()) {
      return Guessing.exactly(0);
    }
    if (hunt.entries() == null || hunt.entries() - needed >= decoys) {
      return Guessing.exactly(1);
    }
    int spare = hunt.entries() - needed;
    double chance = 1;
    for (int i = 1; i <= names; i++) {
      // In two steps: as a product with a quotient the JVM and the browser's engine differ.
      chance = chance * (spare + i);
      chance = chance / (decoys + i);
    }
    return Guessing.exactly(chance);
  }
}
