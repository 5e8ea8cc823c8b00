package bravium.enginejs;

import bravium.core.codec.Reads;
import bravium.core.codec.Writes;
import bravium.core.json.Node;
import bravium.core.play.Audience;
import bravium.core.play.Engine;
import bravium.core.play.Opening;
import bravium.core.play.showing.Showing;
import java.util.LinkedHashMap;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.teavm.jso.JSObject;

/** The plays of a page, as JavaScript asks for them. */
final class Plays {

  private static final ScriptTarget SCRIPT = ScriptTarget.SCRIPT;

  private final LastActivity activities;
  private final Tables tables = new Tables();

  /** What was shown last of each play, to each audience. */
  private final Map<String, Shown> shown = new LinkedHashMap<>();

  Plays(LastActivity activities) {
    this.activities = activities;
  }

  /** What was shown last, in a hull of our own. */
  private static final class Shown {

    private @Nullable JSObject showing;
  }

  Tables tables() {
    return tables;
  }

  /** {@link Engine#open}: the number of a new play. */
  JSObject open(JSObject activity, JSObject opening) {
    return Answers.to(
        () -> SCRIPT.number(tables.open(activities.prepared(activity), readOpening(opening))));
  }

  /** {@link Engine#rebuild} from a list of applied moves: the number of a new play. */
  JSObject rebuild(JSObject activity, JSObject opening, JSObject moves) {
    return Answers.to(
        () ->
            SCRIPT.number(
                tables.rebuild(
                    activities.prepared(activity),
                    readOpening(opening),
                    NativeJson.node(moves).items(Node.MOST_ITEMS, Reads::readPlayed))));
  }

  private static Opening readOpening(JSObject opening) {
    return Reads.readOpening(NativeJson.node(opening));
  }

  /** Forgets a play. */
  void close(int play) {
    tables.close(play);
    for (Audience audience : Audience.values()) {
      shown.remove(audience + " " + play);
    }
  }

  /** {@link Engine#play}: what came about, and why not if it was refused. */
  JSObject play(int play, JSObject move, double at) {
    return Answers.to(
        () -> tables.play(play, Reads.readMove(NativeJson.node(move)), (long) at, SCRIPT));
  }

  /** {@link Showing#of}: a showing, whose parts are the same objects where they didn't change. */
  JSObject show(int play, String audience, double at) {
    Audience who = Audience.valueOf(audience.toUpperCase(Locale.ROOT));
    JSObject now = Answers.to(() -> Writes.writeShowing(tables.show(play, who, (long) at), SCRIPT));
    Shown last = shown.computeIfAbsent(who + " " + play, first -> new Shown());
    last.showing = last.showing == null ? now : ScriptTarget.shared(last.showing, now);
    return last.showing;
  }

  /** Every move that was applied, in that order. */
  JSObject log(int play) {
    return Answers.to(
        () -> SCRIPT.list(tables.log(play), played -> Writes.writePlayed(played, SCRIPT)));
  }
}
