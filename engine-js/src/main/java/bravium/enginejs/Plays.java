package bravium.enginejs;

import bravium.core.codec.Codec;
import bravium.core.play.Audience;
import bravium.core.play.Engine;
import bravium.core.play.Played;
import bravium.core.play.showing.Showing;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import org.jspecify.annotations.Nullable;
import org.teavm.jso.JSObject;

/** What both modules do with plays: values of JavaScript in and out. */
final class Plays {

  static final LastActivity ACTIVITIES = new LastActivity();
  static final Tables TABLES = new Tables();

  private static final ScriptTarget SCRIPT = ScriptTarget.SCRIPT;

  /** What was shown last of each play, to each audience. */
  private static final Map<String, Shown> SHOWN = new LinkedHashMap<>();

  private Plays() {}

  /** {@link Engine#open}: the number of a new play. */
  static JSObject open(JSObject activity, JSObject opening) {
    return Values.answer(
        () ->
            Values.number(
                TABLES.open(ACTIVITIES.prepared(activity), Values.read(Codec.OPENING, opening))));
  }

  /** {@link Engine#rebuild} from a list of applied moves: the number of a new play. */
  static JSObject rebuild(JSObject activity, JSObject opening, JSObject moves) {
    return Values.answer(
        () -> {
          List<Played> played = Values.readList(Codec.PLAYED, moves);
          return Values.number(
              TABLES.rebuild(
                  ACTIVITIES.prepared(activity), Values.read(Codec.OPENING, opening), played));
        });
  }

  /** Forgets a play. */
  static void close(int play) {
    TABLES.close(play);
    for (Audience audience : Audience.values()) {
      SHOWN.remove(audience + " " + play);
    }
  }

  /** {@link Engine#play}: what came about, and why not if it was refused. */
  static JSObject play(int play, JSObject move, double at) {
    return Values.answer(() -> TABLES.play(play, Values.read(Codec.MOVE, move), (long) at, SCRIPT));
  }

  /** {@link Showing#of}: a showing, whose parts are the same objects where they didn't change. */
  static JSObject show(int play, String audience, double at) {
    Audience who = Audience.valueOf(audience.toUpperCase(Locale.ROOT));
    String key = who + " " + play;
    JSObject shown =
        Values.answer(() -> Codec.SHOWING.write(TABLES.show(play, who, (long) at), SCRIPT));
    Shown last = SHOWN.computeIfAbsent(key, first -> new Shown());
    last.showing = last.showing == null ? shown : ScriptTarget.shared(last.showing, shown);
    return last.showing;
  }

  /** What was shown last, in a hull of our own. */
  private static final class Shown {

    private @Nullable JSObject showing;
  }

  /** Every move that was applied, in that order. */
  static JSObject log(int play) {
    return Values.answer(() -> Values.list(Codec.PLAYED, TABLES.log(play)));
  }
}
