package bravium.enginejs;

import bravium.core.activity.Activity;
import bravium.core.activity.Difference;
import bravium.core.activity.Dress;
import bravium.core.activity.Looks;
import bravium.core.calculations.Calculations;
import bravium.core.codec.Codec;
import bravium.core.games.Games;
import bravium.core.play.Engine;
import bravium.core.play.showing.Showing;
import bravium.core.readiness.Readiness;
import bravium.core.rehearsal.Aid;
import bravium.core.revision.Revisions;
import java.util.Locale;
import org.teavm.jso.JSExport;
import org.teavm.jso.JSObject;

/**
 * The functions of the ES module. All take and return values of JavaScript as the format has them;
 * plays are kept here, under numbers. What doesn't follow the format is answered with an object
 * that has one member, {@code problem}, in words.
 *
 * <p>Times are milliseconds since 1970, as numbers of the browser.
 */
public final class EngineModule {

  private static final ScriptTarget SCRIPT = ScriptTarget.SCRIPT;

  private EngineModule() {}

  /** What a module needs to be one; nothing happens here. */
  public static void main(String[] args) {}

  /** {@link Engine#open}: the number of a new play. */
  @JSExport
  public static JSObject open(JSObject activity, JSObject opening) {
    return Plays.open(activity, opening);
  }

  /** {@link Engine#rebuild} from a list of applied moves: the number of a new play. */
  @JSExport
  public static JSObject rebuild(JSObject activity, JSObject opening, JSObject moves) {
    return Plays.rebuild(activity, opening, moves);
  }

  /** Forgets a play. */
  @JSExport
  public static void close(int play) {
    Plays.close(play);
  }

  /** {@link Engine#play}: what came about, and why not if it was refused. */
  @JSExport
  public static JSObject play(int play, JSObject move, double at) {
    return Plays.play(play, move, at);
  }

  /** {@link Showing#of}: a showing, whose parts are the same objects where they didn't change. */
  @JSExport
  public static JSObject show(int play, String audience, double at) {
    return Plays.show(play, audience, at);
  }

  /** Every move that was applied, in that order. */
  @JSExport
  public static JSObject log(int play) {
    return Plays.log(play);
  }

  /** Goes on in the edited activity. */
  @JSExport
  public static JSObject follow(int play, JSObject activity) {
    return Values.done(() -> Plays.TABLES.follow(play, Plays.ACTIVITIES.prepared(activity)));
  }

  /** Uses a test aid. */
  @JSExport
  public static JSObject aid(int play, String aid, double at) {
    return Values.done(
        () -> Plays.TABLES.aid(play, Aid.valueOf(aid.toUpperCase(Locale.ROOT)), (long) at));
  }

  /** {@link Games#readiness}: what is worth a look. */
  @JSExport
  public static JSObject readiness(JSObject activity) {
    return Values.answer(() -> Codec.READINESS.write(Games.readiness(activity(activity)), SCRIPT));
  }

  /** {@link Readiness#withMendsThatHold}: the same, for who looks at the findings. */
  @JSExport
  public static JSObject mends(JSObject activity) {
    return Values.answer(
        () -> Codec.READINESS.write(Games.readinessWithMends(activity(activity)), SCRIPT));
  }

  /** {@link Games#mended}: an activity. */
  @JSExport
  public static JSObject mend(JSObject activity, JSObject finding) {
    return Values.answer(
        () ->
            Codec.ACTIVITY.write(
                Games.mended(activity(activity), Values.read(Codec.FINDING, finding)), SCRIPT));
  }

  /** {@link Revisions#differences}: a list of differences. */
  @JSExport
  public static JSObject differences(JSObject base, JSObject mine, JSObject theirs) {
    return Values.answer(
        () ->
            Values.list(
                Codec.DIFFERENCE,
                Revisions.differences(
                    Values.read(Codec.ACTIVITY, base),
                    Values.read(Codec.ACTIVITY, mine),
                    Values.read(Codec.ACTIVITY, theirs))));
  }

  /** {@link Revisions#merge} of what these differences name: an activity. */
  @JSExport
  public static JSObject merge(JSObject mine, JSObject theirs, JSObject fromTheirs) {
    return Values.answer(
        () ->
            Codec.ACTIVITY.write(
                Revisions.merge(
                    Values.read(Codec.ACTIVITY, mine),
                    Values.read(Codec.ACTIVITY, theirs),
                    Values.readList(Codec.DIFFERENCE, fromTheirs).stream()
                        .map(Difference::path)
                        .toList()),
                SCRIPT));
  }

  /** {@link Calculations#ask}. */
  @JSExport
  public static JSObject ask(String name, JSObject given) {
    return Values.answer(() -> SCRIPT.tree(Calculations.ask(name, Values.items(given))));
  }

  /** {@link Looks#ALL}: a list of named looks. */
  @JSExport
  public static JSObject looks() {
    return Values.answer(() -> Values.list(Codec.NAMED, Looks.ALL));
  }

  /** {@link Dress#of}: a look as it is worn. */
  @JSExport
  public static JSObject dress(JSObject look) {
    return Values.answer(() -> Codec.DRESS.write(Dress.of(Values.read(Codec.LOOK, look)), SCRIPT));
  }

  private static Activity activity(JSObject written) {
    return Plays.ACTIVITIES.of(written);
  }
}
