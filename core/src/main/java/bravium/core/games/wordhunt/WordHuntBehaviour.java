package bravium.core.games.wordhunt;

import bravium.core.activity.Activity;
import bravium.core.games.Behaviour;
import bravium.core.games.Twin;
import bravium.core.play.Opening;
import bravium.core.play.Play;
import bravium.core.question.Question;
import bravium.core.readiness.Finding;
import bravium.core.readiness.Mend;
import bravium.core.readiness.Prospects;
import bravium.core.readiness.ThinkingTime;
import bravium.core.readiness.TimeLine;
import bravium.core.readiness.Winnable;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

/** How a word hunt behaves. */
public final class WordHuntBehaviour implements Behaviour<WordHunt> {

  /** Seconds to spot a thing and type its name (common practice). */
  static final int SECONDS = 15;

  @Override
  public Optional<Play> play(Activity activity, WordHunt hunt) {
    return Optional.of(new HuntPlay(activity, hunt));
  }

  @Override
  public Prospects prospects(Activity activity, WordHunt hunt, List<Question> pool) {
    HuntOdds odds = HuntOdds.of(hunt);
    TimeLine time =
        TimeLine.of(
            activity,
            hunt.text(),
            hunt.findable().size(),
            new ThinkingTime("thing", SECONDS, SECONDS));
    return Prospects.ofItself(
        odds.winnable() ? Winnable.ALWAYS : Winnable.NEVER,
        odds.guessing(),
        time,
        hunt.findable().size());
  }

  @Override
  public List<Finding> findings(Activity activity, WordHunt hunt) {
    return WordHuntChecks.of(activity, hunt);
  }

  @Override
  public WordHunt mended(WordHunt hunt, Finding finding) {
    if (finding.mend() != Mend.OF_GAME || finding.own() == null) {
      return hunt;
    }
    return switch (finding.own()) {
      case WordHuntChecks.FEW_ENTRIES -> hunt.withEntries(HuntOdds.of(hunt).needed());
      case WordHuntChecks.SAME_NAME -> hunt.countingOneByOne(true);
      case WordHuntChecks.NO_NAME ->
          hunt.withThings(
              hunt.things().stream().filter(t -> !t.id().equals(finding.question())).toList());
      default -> hunt;
    };
  }

  /** Another name that takes as many letters and begins as this one. */
  @Override
  public Stream<Twin> twins(Activity activity, WordHunt hunt, Opening opening) {
    return hunt.findable().stream()
        .map(thing -> new Twin(activity.withGame(renamed(hunt, thing)), opening, thing.id()));
  }

  private static WordHunt renamed(WordHunt hunt, Thing renamed) {
    List<Thing> things = new ArrayList<>();
    for (Thing thing : hunt.things()) {
      things.add(thing == renamed ? thing.named(List.of(other(thing))) : thing);
    }
    return hunt.withThings(things);
  }

  private static String other(Thing thing) {
    StringBuilder other = new StringBuilder();
    for (String letter : Spelling.of(thing.called().getFirst())) {
      boolean first = other.isEmpty();
      other.append(first || !Spelling.covered(letter) ? letter : letter.equals("z") ? "x" : "z");
    }
    return other.toString();
  }
}
