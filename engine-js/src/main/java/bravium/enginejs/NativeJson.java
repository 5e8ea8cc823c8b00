package bravium.enginejs;

import bravium.core.json.Node;
import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSObject;
import org.teavm.jso.core.JSArrayReader;
import org.teavm.jso.core.JSNumber;
import org.teavm.jso.core.JSString;

/**
 * Reads values of JavaScript as trees of JSON. What comes in here was made by the browser, so that
 * nothing is lost on the way through its numbers.
 */
final class NativeJson {

  private static final int NULL = 0;
  private static final int TRUE = 1;
  private static final int FALSE = 2;
  private static final int INTEGER = 3;
  private static final int NUMBER = 4;
  private static final int TEXT = 5;
  private static final int LIST = 6;
  private static final int NOTHING = 8;

  private NativeJson() {}

  /** The value as the codec reads it. */
  static Node node(JSObject value) {
    return Node.root(value(value));
  }

  static JsonValue value(JSObject value) {
    return switch (kind(value)) {
      case NULL -> Json.NULL;
      case TRUE -> Json.TRUE;
      case FALSE -> Json.FALSE;
      case INTEGER -> Json.value((long) ((JSNumber) value).doubleValue());
      case NUMBER -> Json.value(((JSNumber) value).doubleValue());
      case TEXT -> Json.value(((JSString) value).stringValue());
      case LIST -> list(value);
      case NOTHING -> Json.NULL;
      default -> object(value);
    };
  }

  private static JsonArray list(JSObject value) {
    JSArrayReader<JSObject> items = value.cast();
    JsonArray list = new JsonArray();
    for (int i = 0; i < items.getLength(); i++) {
      list.add(value(items.get(i)));
    }
    return list;
  }

  private static JsonObject object(JSObject value) {
    JSArrayReader<JSString> names = names(value);
    JsonObject object = new JsonObject();
    for (int i = 0; i < names.getLength(); i++) {
      JSString name = names.get(i);
      JSObject member = member(value, name);
      // As in a text of JSON, what is undefined is not there.
      if (kind(member) != NOTHING) {
        object.add(name.stringValue(), value(member));
      }
    }
    return object;
  }

  @JSBody(
      params = "v",
      script =
          "return v === undefined ? 8 : v === null ? 0 : v === true ? 1 : v === false ? 2"
              + " : typeof v === 'number' ? (Number.isSafeInteger(v) && !Object.is(v, -0) ? 3 : 4)"
              + " : typeof v === 'string' ? 5 : Array.isArray(v) ? 6 : 7;")
  private static native int kind(JSObject v);

  @JSBody(params = "value", script = "return Object.keys(value);")
  private static native JSArrayReader<JSString> names(JSObject value);

  @JSBody(
      params = {"value", "name"},
      script = "return value[name];")
  private static native JSObject member(JSObject value, JSString name);
}
