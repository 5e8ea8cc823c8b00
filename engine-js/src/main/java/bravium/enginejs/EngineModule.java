package bravium.enginejs;

import bravium.core.activity.Activity;
import bravium.core.activity.Difference;
import bravium.core.activity.Dress;
import bravium.core.activity.Looks;
import bravium.core.calculations.Calculations;
import bravium.core.codec.Codec;
import bravium.core.games.Games;
import bravium.core.json.Format;
import bravium.core.json.FormatProblem;
import bravium.core.readiness.Readiness;
import bravium.core.rehearsal.Aid;
import bravium.core.revision.Revisions;
import bravium.enginejs.ScriptTarget.Made;
import com.eclipsesource.json.JsonValue;
import java.util.ArrayList;
import java.util.List;
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
  private static final LastActivity ACTIVITIES = new LastActivity();
  private static final Plays PLAYS = new Plays(ACTIVITIES);

  private EngineModule() {}

  /** What a module needs to be one; nothing happens here. */
  public static void main(String[] args) {}

  /** {@link Plays#open}. */
  @JSExport
  public static JSObject open(JSObject activity, JSObject opening) {
    return PLAYS.open(activity, opening);
  }

  /** {@link Plays#rebuild}. */
  @JSExport
  public static JSObject rebuild(JSObject activity, JSObject opening, JSObject moves) {
    return PLAYS.rebuild(activity, opening, moves);
  }

  /** {@link Plays#close}. */
  @JSExport
  public static void close(int play) {
    PLAYS.close(play);
  }

  /** {@link Plays#play}. */
  @JSExport
  public static JSObject play(int play, JSObject move, double at) {
    return PLAYS.play(play, move, at);
  }

  /** {@link Plays#show}. */
  @JSExport
  public static JSObject show(int play, String audience, double at) {
    return PLAYS.show(play, audience, at);
  }

  /** {@link Plays#log}. */
  @JSExport
  public static JSObject log(int play) {
    return PLAYS.log(play);
  }

  /** Goes on in the edited activity. */
  @JSExport
  public static JSObject follow(int play, JSObject activity) {
    return done(() -> PLAYS.tables().follow(play, ACTIVITIES.prepared(activity)));
  }

  /** Uses a test aid. */
  @JSExport
  public static JSObject aid(int play, String aid, double at) {
    return done(
        () -> PLAYS.tables().aid(play, Aid.valueOf(aid.toUpperCase(Locale.ROOT)), (long) at));
  }

  /** {@link Games#readiness}: what is worth a look. */
  @JSExport
  public static JSObject readiness(JSObject activity) {
    return Answers.to(() -> Codec.READINESS.write(Games.readiness(activity(activity)), SCRIPT));
  }

  /** {@link Readiness#withMendsThatHold}: the same, for who looks at the findings. */
  @JSExport
  public static JSObject mends(JSObject activity) {
    return Answers.to(
        () -> Codec.READINESS.write(Games.readinessWithMends(activity(activity)), SCRIPT));
  }

  /** {@link Games#mended}: an activity. */
  @JSExport
  public static JSObject mend(JSObject activity, JSObject finding) {
    return Answers.to(
        () ->
            Codec.ACTIVITY.write(
                Games.mended(activity(activity), read(Codec.FINDING, finding)), SCRIPT));
  }

  /** {@link Revisions#differences}: a list of differences. */
  @JSExport
  public static JSObject differences(JSObject base, JSObject mine, JSObject theirs) {
    return Answers.to(
        () ->
            list(
                Codec.DIFFERENCE,
                Revisions.differences(
                    read(Codec.ACTIVITY, base),
                    read(Codec.ACTIVITY, mine),
                    read(Codec.ACTIVITY, theirs))));
  }

  /** {@link Revisions#merge} of what these differences name: an activity. */
  @JSExport
  public static JSObject merge(JSObject mine, JSObject theirs, JSObject fromTheirs) {
    return Answers.to(
        () ->
            Codec.ACTIVITY.write(
                Revisions.merge(
                    read(Codec.ACTIVITY, mine),
                    read(Codec.ACTIVITY, theirs),
                    readList(Codec.DIFFERENCE, fromTheirs).stream().map(Difference::path).toList()),
                SCRIPT));
  }

  /** {@link Calculations#ask}. */
  @JSExport
  public static JSObject ask(String name, JSObject given) {
    return Answers.to(() -> SCRIPT.tree(Calculations.ask(name, items(given))));
  }

  /** {@link Looks#ALL}: a list of named looks. */
  @JSExport
  public static JSObject looks() {
    return Answers.to(() -> list(Codec.NAMED, Looks.ALL));
  }

  /** {@link Dress#of}: a look as it is worn. */
  @JSExport
  public static JSObject dress(JSObject look) {
    return Answers.to(() -> Codec.DRESS.write(Dress.of(read(Codec.LOOK, look)), SCRIPT));
  }

  private static Activity activity(JSObject written) {
    return ACTIVITIES.of(written);
  }

  private static <T> T read(Format<T> format, JSObject written) {
    return format.read(NativeJson.value(written));
  }

  private static <T> List<T> readList(Format<T> format, JSObject written) {
    List<T> list = new ArrayList<>();
    items(written).forEach(item -> list.add(format.read(item)));
    return list;
  }

  private static List<JsonValue> items(JSObject written) {
    JsonValue tree = NativeJson.value(written);
    if (!tree.isArray()) {
      throw new FormatProblem("$", "expected a list");
    }
    return tree.asArray().values();
  }

  private static <T> Made list(Format<T> format, List<T> values) {
    return format.writeList(values, SCRIPT);
  }

  private static JSObject done(Runnable work) {
    return Answers.to(
        () -> {
          work.run();
          return SCRIPT.flag(true);
        });
  }
}
