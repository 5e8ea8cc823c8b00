package bravium.core.calculations;

import bravium.core.codec.Codec;
import bravium.core.games.escaperoom.EscapePlan;
import bravium.core.games.picturereveal.Revealing;
import bravium.core.games.questionvideo.Captions;
import bravium.core.json.FormatProblem;
import bravium.core.question.FractionRead;
import bravium.core.question.FractionTask;
import bravium.core.question.Numeric;
import bravium.core.question.Spot;
import bravium.core.question.TypedText;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonValue;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.function.Function;

/**
 * What the core works out for who writes questions and games, each under a name: values of the
 * format in, a value of the format out. An interface asks for it without knowing the game.
 */
public final class Calculations {

  private static final Map<String, Function<List<JsonValue>, JsonValue>> ALL = all();

  private Calculations() {}

  /**
   * Works one of them out.
   *
   * @throws FormatProblem if what is given doesn't follow the format
   * @throws IllegalArgumentException if there is none of that name
   */
  public static JsonValue ask(String name, List<JsonValue> given) {
    Function<List<JsonValue>, JsonValue> calculation = ALL.get(name);
    if (calculation == null) {
      throw new IllegalArgumentException("there is no calculation " + name);
    }
    return calculation.apply(given);
  }

  private static Map<String, Function<List<JsonValue>, JsonValue>> all() {
    Map<String, Function<List<JsonValue>, JsonValue>> all = new LinkedHashMap<>();
    all.put("number-read", given -> numberRead(given.getFirst()));
    all.put("fraction-read", given -> fractionRead(given.getFirst()));
    all.put("switch-examples", given -> examples(given.getFirst()));
    all.put("judgement", given -> judgement(given.getFirst(), given.get(1).asString()));
    all.put(
        "climb-series",
        given -> series(Codec.CLIMB.read(given.getFirst()).series(given.get(1).asInt())));
    all.put("trail-apart", given -> Codec.TRAIL.tree(Codec.TRAIL.read(given.getFirst()).apart()));
    all.put(
        "trail-along",
        given -> Codec.TRAIL.tree(Codec.TRAIL.read(given.getFirst()).along(spots(given.get(1)))));
    all.put(
        "reveal-telling",
        given ->
            Codec.TELLING.tree(
                Revealing.telling(
                    Codec.PICTURE_REVEAL.read(given.getFirst()),
                    Codec.DETAIL_MAP.read(given.get(1)))));
    all.put(
        "reveal-under",
        given -> {
          JsonArray under = new JsonArray();
          Revealing.under(Codec.PICTURE_REVEAL.read(given.getFirst()))
              .forEach(one -> under.add(Codec.UNDER.tree(one)));
          return under;
        });
    all.put(
        "reveal-uneven",
        given ->
            Codec.PICTURE_REVEAL.tree(
                Revealing.uneven(
                    Codec.PICTURE_REVEAL.read(given.getFirst()),
                    Codec.DETAIL_MAP.read(given.get(1)),
                    given.get(2).asInt())));
    all.put(
        "reveal-guarded",
        given ->
            Codec.PICTURE_REVEAL.tree(
                Revealing.guarded(
                    Codec.PICTURE_REVEAL.read(given.getFirst()),
                    Codec.DETAIL_MAP.read(given.get(1)),
                    texts(given.get(2)))));
    all.put(
        "escape-plan",
        given -> Codec.ESCAPE_PLAN.tree(EscapePlan.of(Codec.ESCAPE_ROOM.read(given.getFirst()))));
    all.put(
        "escape-laid-out",
        given ->
            Codec.ESCAPE_ROOM.tree(
                Codec.ESCAPE_PATTERN
                    .read(given.get(1))
                    .laidOut(Codec.ESCAPE_ROOM.read(given.getFirst()))));
    all.put(
        "escape-orders",
        given ->
            Codec.ESCAPE_ORDERS.tree(EscapePlan.orders(Codec.ESCAPE_ROOM.read(given.getFirst()))));
    all.put(
        "captions-read",
        given -> Codec.CAPTIONS_READ.tree(Captions.read(given.getFirst().asString())));
    all.put(
        "captions-written",
        given -> Json.value(Captions.webVtt(Codec.QUESTION_VIDEO.read(given.getFirst()))));
    all.put(
        "captions-chapters",
        given -> Json.value(Captions.chapters(Codec.QUESTION_VIDEO.read(given.getFirst()))));
    return all;
  }

  private static List<String> texts(JsonValue list) {
    List<String> texts = new ArrayList<>();
    list.asArray().forEach(text -> texts.add(text.asString()));
    return texts;
  }

  /** How a number that a teacher writes is read; null while there is none. */
  private static JsonValue numberRead(JsonValue question) {
    return Codec.QUESTION.read(question) instanceof Numeric number
        ? number.numberRead().map(Codec.NUMBER_READ::tree).orElse(Json.NULL)
        : Json.NULL;
  }

  /** What follows from the figure of a fraction task; null for any other question. */
  private static JsonValue fractionRead(JsonValue question) {
    return Codec.QUESTION.read(question) instanceof FractionTask task
        ? Codec.FRACTION_READ.tree(FractionRead.of(task))
        : Json.NULL;
  }

  /** What each switch of comparing does to an answer of the teacher's own. */
  private static JsonValue examples(JsonValue question) {
    JsonArray examples = new JsonArray();
    if (Codec.QUESTION.read(question) instanceof TypedText typed) {
      typed.examples().forEach(example -> examples.add(Codec.SWITCH_EXAMPLE.tree(example)));
    }
    return examples;
  }

  /** How a text would be judged as the answer to a question; null where it can't be yet. */
  private static JsonValue judgement(JsonValue question, String text) {
    return switch (Codec.QUESTION.read(question)) {
      case TypedText typed -> Codec.JUDGEMENT.tree(typed.judge(text));
      case Numeric number -> number.judge(text).map(Codec.JUDGEMENT::tree).orElse(Json.NULL);
      default -> Json.NULL;
    };
  }

  private static JsonValue series(List<Integer> worths) {
    JsonArray series = new JsonArray();
    worths.forEach(series::add);
    return series;
  }

  private static List<Spot> spots(JsonValue path) {
    List<Spot> spots = new ArrayList<>();
    path.asArray().forEach(spot -> spots.add(Codec.SPOT.read(spot)));
    return spots;
  }
}
