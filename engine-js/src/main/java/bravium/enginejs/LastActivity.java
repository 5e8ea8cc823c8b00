package bravium.enginejs;

import bravium.core.activity.Activity;
import bravium.core.json.Codec;
import bravium.core.json.FormatProblem;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSObject;
import org.teavm.jso.core.JSArrayReader;
import org.teavm.jso.core.JSString;

/**
 * Reads activities as {@link LastRead} does, and of one that was edited only the questions that
 * were not in the last one: on a long sheet a key press changes one of two hundred.
 */
final class LastActivity {

  private final LastRead<Activity> whole = new LastRead<>(Codec.ACTIVITY);
  private List<Question> questions = List.of();
  private @Nullable JSObject places;

  Activity of(String text) {
    if (!NativeJson.isThere()) {
      return whole.of(text);
    }
    if (!whole.has(text)) {
      Activity pieced = pieced(text);
      if (pieced != null) {
        whole.keep(text, pieced);
      }
    }
    return whole.of(text);
  }

  /** Put together from questions that are known and new ones; null where that can't be done. */
  private @Nullable Activity pieced(String text) {
    JSObject read = NativeJson.parse(text);
    if (NativeJson.isUndefined(read) || !hasQuestions(read)) {
      return null;
    }
    JSArrayReader<JSString> texts = takeQuestions(read);
    List<Question> pieces = new ArrayList<>();
    JSObject fresh = newPlaces();
    try {
      for (int i = 0; i < texts.getLength(); i++) {
        JSString piece = texts.get(i);
        int place = places == null ? -1 : placeOf(places, piece);
        pieces.add(
            place >= 0
                ? questions.get(place)
                : Codec.QUESTION.read(NativeJson.read(piece.stringValue())));
        setPlace(fresh, piece, i);
      }
      Activity pieced = Codec.ACTIVITY.read(NativeJson.value(read)).withQuestions(pieces);
      questions = pieces;
      places = fresh;
      return pieced.course().isPresent() ? pieced : null;
    } catch (FormatProblem e) {
      // Read as a whole, it says where in the whole the problem is.
      return null;
    }
  }

  @JSBody(
      params = "read",
      script =
          "return read !== null && typeof read === 'object' && read.game !== null"
              + " && typeof read.game === 'object' && read.game.kind === 'quiz-show'"
              + " && Array.isArray(read.game.questions);")
  private static native boolean hasQuestions(JSObject read);

  /** The texts of the questions, which are taken out of what was read. */
  @JSBody(
      params = "read",
      script =
          "var texts = read.game.questions.map(function (q) { return JSON.stringify(q); });"
              + " read.game.questions = []; return texts;")
  private static native JSArrayReader<JSString> takeQuestions(JSObject read);

  @JSBody(script = "return new Map();")
  private static native JSObject newPlaces();

  @JSBody(
      params = {"places", "text"},
      script = "var place = places.get(text); return place === undefined ? -1 : place;")
  private static native int placeOf(JSObject places, JSString text);

  @JSBody(
      params = {"places", "text", "place"},
      script = "places.set(text, place);")
  private static native void setPlace(JSObject places, JSString text, int place);
}
