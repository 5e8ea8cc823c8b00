package bravium.core.games.wordhunt;

import bravium.core.activity.Activity;
import bravium.core.activity.Answers;
import bravium.core.answer.Comparison;
import bravium.core.play.Audience;
import bravium.core.play.Result;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Verdict;
import bravium.core.question.Outline;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;

/** Takes from a sitting what an audience may see of the hunt: no name before it is found. */
final class SceneOfHunt {

  private final HuntPlay play;
  private final WordHunt hunt;
  private final Sitting sitting;
  private final boolean givenAway;
  private final int price;
  private final boolean asksWho;

  SceneOfHunt(HuntPlay play, Activity activity, Sitting sitting, Audience audience) {
    this.play = play;
    this.hunt = play.hunt();
    this.sitting = sitting;
    this.givenAway =
        audience == Audience.TEACHER
            || sitting.stage() == Stage.END
                && sitting.opening().answersUnder(activity.rules()) != Answers.NEVER;
    this.price = activity.rules().costs().hint();
    this.asksWho = sitting.opening().inTeams() && play.byTeacher();
  }

  /** Before it begins there is nothing to look at. */
  private boolean begun() {
    return sitting.stage() != Stage.TITLE;
  }

  HuntScene scene() {
    int teams = sitting.opening().teams().size();
    boolean limited = hunt.entries() != null;
    Integer answering = sitting.front().answering();
    boolean one = limited && (teams == 0 || answering != null);
    boolean named = HuntPlay.state(sitting).named();
    boolean playing = sitting.stage() == Stage.PLAYING;
    return new HuntScene(
        begun() ? hunt.picture() : null,
        begun() ? hunt.text() : null,
        begun() ? lines() : List.of(),
        sitting.entries(),
        one ? play.left(sitting, answering) : null,
        hunt.entries(),
        limited
            ? IntStream.range(0, teams).map(team -> play.left(sitting, team)).boxed().toList()
            : List.of(),
        named && playing ? names() : List.of(),
        hunt.pick() && !named && playing,
        asksWho,
        price);
  }

  private List<HuntScene.Sought> lines() {
    List<HuntScene.Sought> lines = new ArrayList<>();
    for (Thing thing : play.things()) {
      lines.add(line(thing, play.items().get(lines.size()).hints().size()));
    }
    return List.copyOf(lines);
  }

  /** A thing on the list, of whose name so many letters can be uncovered. */
  private HuntScene.Sought line(Thing thing, int most) {
    String name = thing.called().getFirst();
    Result result = sitting.resultOf(thing.id()).orElse(null);
    boolean found = result != null && result.verdict() == Verdict.RIGHT;
    boolean shown = found || givenAway;
    int hints = sitting.effortFor(thing.id()).hints();
    int known = Covered.shownAtOnce(hunt) + hints;
    boolean blanks = hunt.list() != WordHunt.Unfound.HOW_MANY;
    return new HuntScene.Sought(
        thing.id(),
        shown ? name : null,
        found,
        found ? result.team() : null,
        blanks ? Covered.blanks(name, known) : Covered.start(name, known),
        !blanks,
        result == null && sitting.stage() == Stage.PLAYING && hints < most,
        shown ? Outline.of(thing.place()) : null);
  }

  /** The names and the decoys, each once, in the order of their letters: the same for everybody. */
  private List<String> names() {
    Set<String> all = new LinkedHashSet<>();
    play.things().forEach(thing -> all.add(thing.called().getFirst()));
    all.addAll(hunt.decoyNames());
    List<String> sorted = new ArrayList<>(all);
    sorted.sort(Comparator.comparing(Comparison::fair));
    return List.copyOf(sorted);
  }
}
