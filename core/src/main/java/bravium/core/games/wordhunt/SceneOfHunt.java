package bravium.core.games.wordhunt;

import bravium.core.activity.Activity;
import bravium.core.activity.Answers;
import bravium.core.activity.Teams;
import bravium.core.answer.Comparison;
import bravium.core.play.Audience;
import bravium.core.play.Result;
import bravium.core.play.Sitting;
import bravium.core.play.Stage;
import bravium.core.play.Verdict;
import bravium.core.question.Area;
import bravium.core.rich.Texts;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.IntStream;
import org.jspecify.annotations.Nullable;

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
    Answers own = sitting.opening().answers();
    Answers rule = own == null ? activity.rules().answers() : own;
    this.givenAway =
        audience == Audience.TEACHER || sitting.stage() == Stage.END && rule != Answers.NEVER;
    this.price = activity.rules().costs().hint();
    Teams teams = activity.rules().teams();
    this.asksWho =
        sitting.opening().inTeams() && teams != null && teams.turns() == Teams.Turns.BY_TEACHER;
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
        begun() ? play.things().stream().map(this::line).toList() : List.of(),
        sitting.entries(),
        one ? play.left(sitting, answering) : null,
        hunt.entries(),
        limited
            ? IntStream.range(0, teams).map(team -> play.left(sitting, team)).boxed().toList()
            : List.of(),
        named && playing ? names() : List.of(),
        hunt.pick() && !named && playing,
        asksWho,
        price,
        hunt.again());
  }

  private HuntScene.Sought line(Thing thing) {
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
        result == null && sitting.stage() == Stage.PLAYING && hints < most(name),
        shown ? outline(thing.place()) : null);
  }

  private int most(String name) {
    return Covered.hints(name, hunt).size();
  }

  private static HuntScene.@Nullable Outline outline(@Nullable Area place) {
    return place == null ? null : new HuntScene.Outline(place.form(), place.corners());
  }

  /** The names and the decoys, each once, in the order of their letters: the same for everybody. */
  private List<String> names() {
    Map<String, String> all = new LinkedHashMap<>();
    for (Thing thing : play.things()) {
      String name = thing.called().getFirst();
      all.putIfAbsent(name, name);
    }
    for (String decoy : hunt.decoys()) {
      String name = Texts.trimmed(decoy);
      if (!name.isEmpty()) {
        all.putIfAbsent(name, name);
      }
    }
    List<String> sorted = new ArrayList<>(all.values());
    sorted.sort(Comparator.comparing(Comparison::fair));
    return List.copyOf(sorted);
  }
}
