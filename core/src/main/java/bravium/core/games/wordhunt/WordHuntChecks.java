package bravium.core.games.wordhunt;

import bravium.core.activity.Activity;
import bravium.core.activity.Clock;
import bravium.core.answer.Comparison;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Mend;
import bravium.core.readiness.Weight;
import java.util.ArrayList;
import java.util.List;

/** What is worth a look in a word hunt alone. */
final class WordHuntChecks {

  /** There is nothing to find. */
  static final String NO_THINGS = "no-things";

  /** There is nothing to look at, to read or to hear. */
  static final String NOTHING_SHOWN = "nothing-shown";

  /** A thing has no name; it is left out. */
  static final String NO_NAME = "no-name";

  /** There are fewer entries than it takes. Values: entries, how many it takes. */
  static final String FEW_ENTRIES = "few-entries";

  /** Two things share a name. Values: the other thing's name, the name they share. */
  static final String SAME_NAME = "same-name";

  /** One slip makes a name another's. Values: the name, the other's. */
  static final String SLIP_NAME = "slip-name";

  /** A thing has a place, and there is no picture. */
  static final String PLACE_WITHOUT_PICTURE = "place-without-picture";

  /** A decoy is a thing's name. Value: the decoy. */
  static final String DECOY_IS_NAME = "decoy-is-name";

  /** Whoever may pick sees nothing but names of things. */
  static final String NO_DECOYS = "no-decoys";

  /** Picking by chance finds everything too often. Values: the chance in billionths. */
  static final String PICKING_WINS = "picking-wins";

  /** The clock is short. Values: its seconds, how many it takes to spot and type everything. */
  static final String SHORT_CLOCK = "short-clock";

  /** What is said of the picture names a thing. Value: the name. */
  static final String DESCRIPTION_TELLS = "description-tells";

  /** From this chance on, in billionths, picking is worth a look: one in ten. */
  private static final long TOO_OFTEN = 100_000_000;

  /** The most findings about names that are alike: with more of them the first tell enough. */
  private static final int MOST_ALIKE = 20;

  private final Activity activity;
  private final WordHunt hunt;
  private final List<Thing> things;
  private final HuntOdds odds;
  private final List<Finding> found = new ArrayList<>();

  private WordHuntChecks(Activity activity, WordHunt hunt) {
    this.activity = activity;
    this.hunt = hunt;
    this.things = hunt.findable();
    this.odds = HuntOdds.of(hunt);
  }

  static List<Finding> of(Activity activity, WordHunt hunt) {
    WordHuntChecks checks = new WordHuntChecks(activity, hunt);
    checks.read();
    return checks.found;
  }

  private void read() {
    if (things.isEmpty()) {
      found.add(Finding.own(NO_THINGS, null, Weight.STOP));
    }
    if (hunt.picture() == null && (hunt.text() == null || hunt.text().blank())) {
      found.add(Finding.own(NOTHING_SHOWN, null, Weight.LOOK));
    }
    for (Thing thing : hunt.things()) {
      if (!thing.complete() && hunt.things().size() > 1) {
        found.add(Finding.own(NO_NAME, thing.id(), Weight.LOOK).mendedBy(Mend.OF_GAME));
      }
      if (thing.place() != null && hunt.picture() == null) {
        found.add(Finding.own(PLACE_WITHOUT_PICTURE, thing.id(), Weight.LOOK));
      }
    }
    description();
    entries();
    clock();
    alike();
    list();
  }

  private void description() {
    String said = hunt.picture() == null ? "" : " " + Comparison.fair(hunt.picture().alt()) + " ";
    for (Thing thing : things) {
      for (String name : thing.called()) {
        if (said.contains(" " + Comparison.fair(name) + " ")) {
          found.add(Finding.own(DESCRIPTION_TELLS, thing.id(), Weight.LOOK, name));
          break;
        }
      }
    }
  }

  private void clock() {
    Clock clock = activity.rules().clock();
    int needed = WordHuntBehaviour.SECONDS * things.size();
    if (clock != null && clock.per() == Clock.Per.GAME && clock.seconds() < needed) {
      found.add(Finding.own(SHORT_CLOCK, null, Weight.LOOK, clock.seconds(), needed));
    }
  }

  private void entries() {
    int needed = odds.needed();
    if (hunt.entries() != null && hunt.entries() < needed) {
      Finding few = Finding.own(FEW_ENTRIES, null, Weight.STOP, hunt.entries(), needed);
      found.add(few.mendedBy(Mend.OF_GAME));
    }
  }

  /** Names that several things have, and names that a slip turns into another's. */
  private void alike() {
    int before = found.size();
    for (int i = 0; i < things.size(); i++) {
      for (int j = 0; j < i && found.size() - before < MOST_ALIKE; j++) {
        alike(things.get(j), things.get(i));
      }
    }
  }

  private void alike(Thing one, Thing other) {
    Comparison names = Comparison.with(one.called(), List.of(), hunt.comparing().withoutSlips());
    for (String name : other.called()) {
      if (names.right(name).isPresent()) {
        boolean wanted = hunt.oneByOne() && names.right(other.called().getFirst()).isPresent();
        if (!wanted) {
          Finding same =
              Finding.own(SAME_NAME, other.id(), Weight.LOOK, one.called().getFirst(), name);
          found.add(hunt.oneByOne() ? same : same.mendedBy(Mend.OF_GAME));
        }
        return;
      }
    }
    if (!hunt.comparing().slips()) {
      return;
    }
    // As the game forgives them: short names forgive none.
    for (String name : other.called()) {
      for (String there : one.called()) {
        boolean near =
            Comparison.with(List.of(there), List.of(), hunt.comparing()).right(name).isPresent()
                || Comparison.with(List.of(name), List.of(), hunt.comparing())
                    .right(there)
                    .isPresent();
        if (near) {
          found.add(Finding.own(SLIP_NAME, other.id(), Weight.LOOK, name, there));
          return;
        }
      }
    }
  }

  private void list() {
    if (!hunt.pick() || things.isEmpty()) {
      return;
    }
    Names names = Names.of(hunt);
    List<String> decoys = hunt.decoyNames();
    for (String name : decoys) {
      if (!names.named(name).isEmpty()) {
        found.add(Finding.own(DECOY_IS_NAME, null, Weight.LOOK, name).about(name));
      }
    }
    long chance = odds.guessing().billionths();
    if (decoys.isEmpty()) {
      found.add(Finding.own(NO_DECOYS, null, Weight.LOOK));
    } else if (chance >= TOO_OFTEN) {
      found.add(Finding.own(PICKING_WINS, null, Weight.LOOK, chance));
    }
  }
}
