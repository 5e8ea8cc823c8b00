package bravium.core.games.wordhunt;

import bravium.core.answer.Comparison;
import bravium.core.play.Attempts;
import bravium.core.play.Entry;
import bravium.core.play.Happening;
import bravium.core.play.Point;
import bravium.core.play.Refusal;
import bravium.core.play.Sitting;
import bravium.core.play.Tried;
import bravium.core.play.Turn;
import bravium.core.play.Verdict;
import bravium.core.question.Response;
import bravium.core.rich.Texts;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;

/** What an entry comes to. */
final class Entering {

  /** So many entries that cost nothing are kept beside those that count. */
  private static final int MOST_KEPT = 500;

  private final HuntPlay play;
  private final Point at;
  private final Sitting sitting;

  Entering(HuntPlay play, Point at) {
    this.play = play;
    this.at = at;
    this.sitting = at.sitting();
  }

  Turn enter(String written, @Nullable Integer said) {
    String text = Texts.trimmed(written);
    if (text.length() > Thing.LONGEST || Comparison.fair(text).isEmpty()) {
      return at.refused(Refusal.NO_NAME);
    }
    Integer team = said == null ? sitting.front().answering() : said;
    if (!mayEnter(said, team)) {
      return at.refused(Refusal.NO_SUCH_TEAM);
    }
    if (play.left(sitting, team) == 0 || sitting.entries().size() >= mostKept()) {
      return at.refused(Refusal.NO_ENTRY_LEFT);
    }
    Sitting speaking = team == null ? sitting : sitting.with(sitting.front().withTurn(team));
    return entered(speaking, text, team);
  }

  private List<String> words(String text) {
    return Comparison.words(text, play.hunt().comparing());
  }

  private int mostKept() {
    Integer entries = play.hunt().entries();
    int teams = Math.max(1, sitting.opening().teams().size());
    return MOST_KEPT + (entries == null ? WordHunt.MOST_ENTRIES : entries) * teams;
  }

  private boolean mayEnter(@Nullable Integer said, @Nullable Integer team) {
    int teams = sitting.opening().teams().size();
    if (teams == 0) {
      return said == null;
    }
    boolean there = team != null && team >= 0 && team < teams;
    return there && (play.byTeacher() || team.equals(sitting.front().answering()));
  }

  private Turn entered(Sitting speaking, String text, @Nullable Integer team) {
    List<Thing> named = play.names().named(text);
    List<Thing> found =
        named.stream().filter(thing -> speaking.resultOf(thing.id()).isEmpty()).toList();
    if (!found.isEmpty()) {
      return found(speaking, text, team, play.hunt().oneByOne() ? found.subList(0, 1) : found);
    }
    if (!named.isEmpty()) {
      return missed(speaking, new Said(text, named.getFirst().id(), Verdict.RIGHT, false), team);
    }
    List<String> words = words(text);
    Entry before =
        speaking.entries().stream()
            .filter(entry -> entry.item() == null && words(entry.text()).equals(words))
            .findFirst()
            .orElse(null);
    if (before != null) {
      return missed(speaking, new Said(text, null, before.verdict(), false), team);
    }
    WordHunt.Nearly nearly = play.hunt().nearly();
    boolean near = nearly != null && play.names().nearly(text);
    boolean counted = !near || nearly == WordHunt.Nearly.COSTS;
    return missed(
        speaking, new Said(text, null, near ? Verdict.PARTLY : Verdict.WRONG, counted), team);
  }

  /** An entry without who made it and when. */
  private record Said(String text, @Nullable String item, Verdict verdict, boolean counted) {}

  private Turn found(Sitting speaking, String text, @Nullable Integer team, List<Thing> found) {
    Said said = new Said(text, found.getFirst().id(), Verdict.RIGHT, true);
    Sitting now = with(speaking, said, team);
    List<Happening> happenings = new ArrayList<>();
    happenings.add(new Happening.Entered(said.verdict(), said.counted()));
    for (Thing thing : found) {
      int worth = at.game().turns().worthOf(thing.id(), now);
      Tried tried =
          new Tried(new Response.Typed(text), Verdict.RIGHT, worth, List.of(), null, null);
      Turn turn = new Attempts(at.with(now)).tried(thing.id(), true, tried);
      happenings.addAll(turn.happenings());
      now = turn.sitting();
    }
    return Turn.of(play.passed(at.game(), now), happenings);
  }

  private Turn missed(Sitting speaking, Said said, @Nullable Integer team) {
    Sitting now = with(speaking, said, team);
    return Turn.of(
        said.counted() || play.byTeacher() ? play.passed(at.game(), now) : now,
        new Happening.Entered(said.verdict(), said.counted()));
  }

  private Sitting with(Sitting speaking, Said said, @Nullable Integer team) {
    return speaking.with(
        Entry.of(said.text(), said.item(), said.verdict(), said.counted(), team, at.at()));
  }
}
