package bravium.enginejs;

import bravium.core.activity.Activity;
import bravium.core.activity.Dress;
import bravium.core.activity.Looks;
import bravium.core.games.quizshow.Climb;
import bravium.core.games.quizshow.Trail;
import bravium.core.json.Codec;
import bravium.core.json.Format;
import bravium.core.json.FormatProblem;
import bravium.core.play.Audience;
import bravium.core.play.Engine;
import bravium.core.play.Sitting;
import bravium.core.question.Numeric;
import bravium.core.question.TypedText;
import bravium.core.readiness.Mending;
import bravium.core.readiness.Readiness;
import bravium.core.rehearsal.Aid;
import bravium.core.rehearsal.LiveGame;
import bravium.core.rehearsal.TestAids;
import bravium.core.revision.Difference;
import bravium.core.revision.Revisions;
import java.util.Locale;
import java.util.function.Supplier;
import org.teavm.jso.JSExport;

/**
 * The functions of the ES module. All take and return JSON texts; a text that doesn't follow the
 * format is answered with an object that has one member, {@code problem}, in words.
 *
 * <p>Times are milliseconds since 1970, as numbers of the browser.
 */
public final class EngineModule {

  private static final LastActivity ACTIVITIES = new LastActivity();
  private static final LastRead<Sitting> SITTINGS = new LastRead<>(Codec.SITTING);

  private EngineModule() {}

  /** What a module needs to be one; nothing happens here. */
  public static void main(String[] args) {}

  /** {@link Engine#open}: a sitting. */
  @JSExport
  public static String open(String activity, String opening) {
    return sitting(() -> Engine.open(activity(activity), Codec.OPENING.read(opening)));
  }

  /** {@link Engine#play}: a turn. */
  @JSExport
  public static String play(String activity, String sitting, String move, double at) {
    return answer(
        Codec.TURN,
        () -> Engine.play(activity(activity), sitting(sitting), Codec.MOVE.read(move), (long) at));
  }

  /** {@link Engine#show}: a showing. */
  @JSExport
  public static String show(String activity, String sitting, String audience, double at) {
    return answer(
        Codec.SHOWING,
        () ->
            Engine.show(
                activity(activity),
                sitting(sitting),
                Audience.valueOf(audience.toUpperCase(Locale.ROOT)),
                (long) at));
  }

  /** {@link Engine#rebuild} from a list of applied moves: a sitting. */
  @JSExport
  public static String rebuild(String activity, String opening, String moves) {
    return answer(
        Codec.SITTING,
        () ->
            Engine.rebuild(
                activity(activity), Codec.OPENING.read(opening), Codec.PLAYED.readList(moves)));
  }

  /** {@link LiveGame#follow}: a sitting in the edited activity. */
  @JSExport
  public static String follow(String activity, String sitting) {
    return sitting(() -> LiveGame.follow(activity(activity), sitting(sitting)));
  }

  /** {@link TestAids#use}: a sitting. */
  @JSExport
  public static String aid(String activity, String sitting, String aid, double at) {
    return sitting(
        () ->
            TestAids.use(
                activity(activity),
                sitting(sitting),
                Aid.valueOf(aid.toUpperCase(Locale.ROOT)),
                (long) at));
  }

  /** {@link Readiness#of}: what is worth a look. */
  @JSExport
  public static String readiness(String activity) {
    return answer(Codec.READINESS, () -> Readiness.of(activity(activity)));
  }

  /** {@link Readiness#withMendsThatHold}: the same, for who looks at the findings. */
  @JSExport
  public static String mends(String activity) {
    return answer(Codec.READINESS, () -> Readiness.withMendsThatHold(activity(activity)));
  }

  /** {@link Numeric#numberRead}: how a number is read; null while there is none. */
  @JSExport
  public static String readNumber(String question) {
    return text(
        () ->
            Codec.QUESTION.read(question) instanceof Numeric number
                ? number.numberRead().map(Codec.NUMBER_READ::write).orElse("null")
                : "null");
  }

  /** {@link TypedText#examples}: a list of what each switch does. */
  @JSExport
  public static String examples(String question) {
    return text(
        () ->
            Codec.QUESTION.read(question) instanceof TypedText typed
                ? Codec.SWITCH_EXAMPLE.writeList(typed.examples())
                : "[]");
  }

  /** {@link Mending#mend}: an activity. */
  @JSExport
  public static String mend(String activity, String finding) {
    return answer(
        Codec.ACTIVITY, () -> Mending.mend(activity(activity), Codec.FINDING.read(finding)));
  }

  /** {@link Revisions#differences}: a list of differences. */
  @JSExport
  public static String differences(String base, String mine, String theirs) {
    return text(
        () ->
            Codec.DIFFERENCE.writeList(
                Revisions.differences(
                    Codec.ACTIVITY.read(base),
                    Codec.ACTIVITY.read(mine),
                    Codec.ACTIVITY.read(theirs))));
  }

  /** {@link Revisions#merge} of what these differences name: an activity. */
  @JSExport
  public static String merge(String mine, String theirs, String fromTheirs) {
    return answer(
        Codec.ACTIVITY,
        () ->
            Revisions.merge(
                Codec.ACTIVITY.read(mine),
                Codec.ACTIVITY.read(theirs),
                Codec.DIFFERENCE.readList(fromTheirs).stream().map(Difference::path).toList()));
  }

  /** How a text would be judged as the answer to a typed question: a judgement. */
  @JSExport
  public static String judge(String question, String text) {
    return text(
        () ->
            switch (Codec.QUESTION.read(question)) {
              case TypedText typed -> Codec.JUDGEMENT.write(typed.judge(text));
              case Numeric number -> number.judge(text).map(Codec.JUDGEMENT::write).orElse("null");
              default -> "null";
            });
  }

  /** {@link Climb#series}: a list of numbers. */
  @JSExport
  public static String series(String climb, double unit) {
    return text(() -> Codec.CLIMB.read(climb).series((int) unit).toString());
  }

  /** {@link Looks#ALL}: a list of named looks. */
  @JSExport
  public static String looks() {
    return text(() -> Codec.NAMED.writeList(Looks.ALL));
  }

  /** {@link Dress#of}: a look as it is worn. */
  @JSExport
  public static String dress(String look) {
    return answer(Codec.DRESS, () -> Dress.of(Codec.LOOK.read(look)));
  }

  /** {@link Trail#apart}: a trail whose markers touch nobody. */
  @JSExport
  public static String apart(String trail) {
    return answer(Codec.TRAIL, () -> Codec.TRAIL.read(trail).apart());
  }

  /** {@link Trail#along} a list of places: a trail. */
  @JSExport
  public static String along(String trail, String path) {
    return answer(Codec.TRAIL, () -> Codec.TRAIL.read(trail).along(Codec.SPOT.readList(path)));
  }

  private static Activity activity(String text) {
    return ACTIVITIES.of(text);
  }

  private static Sitting sitting(String text) {
    return SITTINGS.of(text);
  }

  /** A sitting, which is kept at hand: it is what the next call comes with. */
  private static String sitting(Supplier<Sitting> work) {
    return text(
        () -> {
          Sitting sitting = work.get();
          String text = Codec.SITTING.write(sitting);
          SITTINGS.keep(text, sitting);
          return text;
        });
  }

  private static <T> String answer(Format<T> format, Supplier<T> work) {
    return text(() -> format.write(work.get()));
  }

  private static String text(Supplier<String> work) {
    try {
      return work.get();
    } catch (FormatProblem e) {
      return Format.problem(e);
    }
  }
}
