package bravium.enginejs;

import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import org.jspecify.annotations.Nullable;
import org.teavm.interop.PlatformMarker;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSObject;
import org.teavm.jso.core.JSArrayReader;
import org.teavm.jso.core.JSNumber;
import org.teavm.jso.core.JSString;

/**
 * The browser's own reader of JSON, many times faster than one compiled to it. What comes in here
 * was made by the browser's own writer, so that nothing is lost on the way through its numbers.
 */
final class NativeJson {

  private static final int NULL = 0;
  private static final int TRUE = 1;
  private static final int FALSE = 2;
  private static final int INTEGER = 3;
  private static final int NUMBER = 4;
  private static final int TEXT = 5;
  private static final int LIST = 6;

  private NativeJson() {}

  /** Reads a text; null where it is no JSON, and on the JVM. */
  static @Nullable JsonValue read(String text) {
    if (!isThere()) {
      return null;
    }
    JSObject read = parse(text);
    return isUndefined(read) ? null : value(read);
  }

  /** TeaVM lets this answer true. */
  @PlatformMarker
  static boolean isThere() {
    return false;
  }

  static JsonValue value(JSObject value) {
    return switch (kind(value)) {
      case NULL -> Json.NULL;
      case TRUE -> Json.TRUE;
      case FALSE -> Json.FALSE;
      case INTEGER -> Json.value((long) ((JSNumber) value).doubleValue());
      case NUMBER -> Json.parse(textOf(value));
      case TEXT -> Json.value(((JSString) value).stringValue());
      case LIST -> list(value);
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
      object.add(name.stringValue(), value(member(value, name)));
    }
    return object;
  }

  @JSBody(
      params = "text",
      script = "try { return JSON.parse(text); } catch (e) { return undefined; }")
  static native JSObject parse(String text);

  @JSBody(params = "value", script = "return value === undefined;")
  static native boolean isUndefined(JSObject value);

  @JSBody(
      params = "v",
      script =
          "return v === null ? 0 : v === true ? 1 : v === false ? 2"
              + " : typeof v === 'number' ? (Number.isSafeInteger(v) && !Object.is(v, -0) ? 3 : 4)"
              + " : typeof v === 'string' ? 5 : Array.isArray(v) ? 6 : 7;")
  private static native int kind(JSObject v);

  @JSBody(params = "value", script = "return String(value);")
  private static native String textOf(JSObject value);

  @JSBody(params = "value", script = "return Object.keys(value);")
  private static native JSArrayReader<JSString> names(JSObject value);

  @JSBody(
      params = {"value", "name"},
      script = "return value[name];")
  private static native JSObject member(JSObject value, JSString name);
}
