package bravium.enginejs;

import bravium.core.activity.Activity;
import bravium.core.codec.Reads;
import bravium.core.games.Games;
import bravium.core.json.FormatProblem;
import bravium.core.play.Prepared;
import bravium.core.question.Question;
import java.util.ArrayList;
import java.util.List;
import org.jspecify.annotations.Nullable;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSObject;
import org.teavm.jso.core.JSArrayReader;

/**
 * Reads activities. One edit asks several functions with the same activity, and on a long sheet a
 * key press changes one question of two hundred: what is the same object as before is not read
 * again. Whoever changes an object in place instead of making another gets the old one.
 */
final class LastActivity {

  private @Nullable JSObject last;
  private @Nullable Activity activity;
  private @Nullable Prepared prepared;
  private List<Question> questions = List.of();
  private JSObject places = newPlaces();

  Activity of(JSObject read) {
    Activity known = activity;
    if (known == null || last == null || !isSame(read, last)) {
      known = pieced(read);
      activity = known;
      prepared = null;
      last = read;
    }
    return known;
  }

  /** The same, made ready to be played. */
  Prepared prepared(JSObject read) {
    Activity written = of(read);
    Prepared ready = prepared == null ? Games.prepared(written) : prepared;
    prepared = ready;
    return ready;
  }

  /** Put together from questions that are known and new ones. */
  private Activity pieced(JSObject read) {
    if (!hasQuestions(read)) {
      return whole(read);
    }
    JSArrayReader<JSObject> written = questionsOf(read);
    List<Question> pieces = new ArrayList<>();
    JSObject fresh = newPlaces();
    try {
      for (int i = 0; i < written.getLength(); i++) {
        JSObject piece = written.get(i);
        int place = placeOf(places, piece);
        pieces.add(place >= 0 ? questions.get(place) : Reads.readQuestion(NativeJson.node(piece)));
        setPlace(fresh, piece, i);
      }
      Activity pieced =
          Reads.readActivity(NativeJson.node(withoutQuestions(read))).withQuestions(pieces);
      if (pieced.game().questions().size() < pieces.size()) {
        return whole(read);
      }
      questions = pieces;
      places = fresh;
      return pieced;
    } catch (FormatProblem e) {
      // Read as a whole, it says where in the whole the problem is.
      return whole(read);
    }
  }

  private static Activity whole(JSObject read) {
    return Reads.readActivity(NativeJson.node(read));
  }

  @JSBody(
      params = {"one", "other"},
      script = "return one === other;")
  private static native boolean isSame(JSObject one, JSObject other);

  @JSBody(
      params = "read",
      script =
          "return read !== null && typeof read === 'object' && read.game !== null"
              + " && typeof read.game === 'object' && Array.isArray(read.game.questions);")
  private static native boolean hasQuestions(JSObject read);

  @JSBody(params = "read", script = "return read.game.questions;")
  private static native JSArrayReader<JSObject> questionsOf(JSObject read);

  @JSBody(
      params = "read",
      script =
          "return Object.assign({}, read, {"
              + " game: Object.assign({}, read.game, { questions: [] }) });")
  private static native JSObject withoutQuestions(JSObject read);

  @JSBody(script = "return new Map();")
  private static native JSObject newPlaces();

  @JSBody(
      params = {"places", "piece"},
      script = "var place = places.get(piece); return place === undefined ? -1 : place;")
  private static native int placeOf(JSObject places, JSObject piece);

  @JSBody(
      params = {"places", "piece", "place"},
      script = "places.set(piece, place);")
  private static native void setPlace(JSObject places, JSObject piece, int place);
}
