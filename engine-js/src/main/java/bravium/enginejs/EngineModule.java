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
import bravium.core.play.Audience;
import bravium.core.play.Engine;
import bravium.core.play.Played;
import bravium.core.play.showing.Showing;
import bravium.core.readiness.Readiness;
import bravium.core.rehearsal.Aid;
import bravium.core.revision.Revisions;
import bravium.enginejs.ScriptTarget.Made;
import com.eclipsesource.json.JsonValue;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.function.Supplier;
import org.jspecify.annotations.Nullable;
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
  private static final Tables TABLES = new Tables();

  /** What was shown last of each play, to each audience. */
  private static final Map<String, Shown> SHOWN = new LinkedHashMap<>();

  private EngineModule() {}

  /** What a module needs to be one; nothing happens here. */
  public static void main(String[] args) {}

  /** {@link Engine#open}: the number of a new play. */
  @JSExport
  public static JSObject open(JSObject activity, JSObject opening) {
    return answer(
        () -> number(TABLES.open(ACTIVITIES.prepared(activity), read(Codec.OPENING, opening))));
  }

  /** {@link Engine#rebuild} from a list of applied moves: the number of a new play. */
  @JSExport
  public static JSObject rebuild(JSObject activity, JSObject opening, JSObject moves) {
    return answer(
        () -> {
          List<Played> played = readList(Codec.PLAYED, moves);
          return number(
              TABLES.rebuild(ACTIVITIES.prepared(activity), read(Codec.OPENING, opening), played));
        });
  }

  /** Forgets a play. */
  @JSExport
  public static void close(int play) {
    TABLES.close(play);
    for (Audience audience : Audience.values()) {
      SHOWN.remove(audience + " " + play);
    }
  }

  /** {@link Engine#play}: what came about, and why not if it was refused. */
  @JSExport
  public static JSObject play(int play, JSObject move, double at) {
    return answer(() -> TABLES.play(play, read(Codec.MOVE, move), (long) at, SCRIPT));
  }

  /** {@link Showing#of}: a showing, whose parts are the same objects where they didn't change. */
  @JSExport
  public static JSObject show(int play, String audience, double at) {
    Audience who = Audience.valueOf(audience.toUpperCase(Locale.ROOT));
    String key = who + " " + play;
    JSObject shown = answer(() -> Codec.SHOWING.write(TABLES.show(play, who, (long) at), SCRIPT));
    Shown last = SHOWN.computeIfAbsent(key, first -> new Shown());
    last.showing = last.showing == null ? shown : ScriptTarget.shared(last.showing, shown);
    return last.showing;
  }

  /** What was shown last, in a hull of our own. */
  private static final class Shown {

    private @Nullable JSObject showing;
  }

  /** Every move that was applied, in that order. */
  @JSExport
  public static JSObject log(int play) {
    return answer(() -> list(Codec.PLAYED, TABLES.log(play)));
  }

  /** Goes on in the edited activity. */
  @JSExport
  public static JSObject follow(int play, JSObject activity) {
    return done(() -> TABLES.follow(play, ACTIVITIES.prepared(activity)));
  }

  /** Uses a test aid. */
  @JSExport
  public static JSObject aid(int play, String aid, double at) {
    return done(() -> TABLES.aid(play, Aid.valueOf(aid.toUpperCase(Locale.ROOT)), (long) at));
  }

  /** {@link Games#readiness}: what is worth a look. */
  @JSExport
  public static JSObject readiness(JSObject activity) {
    return answer(() -> Codec.READINESS.write(Games.readiness(activity(activity)), SCRIPT));
  }

  /** {@link Readiness#withMendsThatHold}: the same, for who looks at the findings. */
  @JSExport
  public static JSObject mends(JSObject activity) {
    return answer(
        () -> Codec.READINESS.write(Games.readinessWithMends(activity(activity)), SCRIPT));
  }

  /** {@link Games#mended}: an activity. */
  @JSExport
  public static JSObject mend(JSObject activity, JSObject finding) {
    return answer(
        () ->
            Codec.ACTIVITY.write(
                Games.mended(activity(activity), read(Codec.FINDING, finding)), SCRIPT));
  }

  /** {@link Revisions#differences}: a list of differences. */
  @JSExport
  public static JSObject differences(JSObject base, JSObject mine, JSObject theirs) {
    return answer(
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
    return answer(
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
    return answer(() -> SCRIPT.tree(Calculations.ask(name, items(given))));
  }

  /** {@link Looks#ALL}: a list of named looks. */
  @JSExport
  public static JSObject looks() {
    return answer(() -> list(Codec.NAMED, Looks.ALL));
  }

  /** {@link Dress#of}: a look as it is worn. */
  @JSExport
  public static JSObject dress(JSObject look) {
    return answer(() -> Codec.DRESS.write(Dress.of(read(Codec.LOOK, look)), SCRIPT));
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

  private static Made number(int number) {
    return SCRIPT.number(number);
  }

  private static JSObject done(Runnable work) {
    return answer(
        () -> {
          work.run();
          return SCRIPT.flag(true);
        });
  }

  private static JSObject answer(Supplier<Made> work) {
    try {
      return work.get().value();
    } catch (FormatProblem e) {
      return SCRIPT.tree(Format.problem(e)).value();
    }
  }
}
