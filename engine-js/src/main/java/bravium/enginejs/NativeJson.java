package bravium.enginejs;

import com.eclipsesource.json.Json;
import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSObject;
import org.teavm.jso.core.JSArrayReader;
import org.teavm.jso.core.JSBoolean;
import org.teavm.jso.core.JSNumber;
import org.teavm.jso.core.JSString;

/**
 * Between values of JavaScript and trees of JSON. What comes in here was made by the browser, so
 * that nothing is lost on the way through its numbers.
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

  static JsonValue value(JSObject value) {
    return switch (kind(value)) {
      case NULL -> Json.NULL;
      case TRUE -> Json.TRUE;
      case FALSE -> Json.FALSE;
      case INTEGER -> Json.value((long) ((JSNumber) value).doubleValue());
      case NUMBER -> Json.parse(textOf(value));
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

  /**
   * The tree as a value of JavaScript, of which all that says the same as before is the same object
   * as before: so an interface draws anew what changed, and nothing else.
   *
   * @param before the value of before, or undefined
   */
  static JSObject object(JsonValue tree, JSObject before) {
    if (tree.isString()) {
      return JSString.valueOf(tree.asString());
    }
    if (tree.isNumber()) {
      return JSNumber.valueOf(Double.parseDouble(tree.toString()));
    }
    if (tree.isArray()) {
      return array(tree.asArray(), before);
    }
    return tree.isObject()
        ? object(tree.asObject(), before)
        : tree.isNull() ? nothing() : JSBoolean.valueOf(tree.isTrue());
  }

  private static JSObject array(JsonArray tree, JSObject before) {
    JSObject made = newArray();
    boolean same = isArray(before) && length(before) == tree.size();
    for (int i = 0; i < tree.size(); i++) {
      JSObject was = same ? item(before, i) : undefined();
      JSObject is = object(tree.get(i), was);
      same = same && isSame(is, was);
      push(made, is);
    }
    return same ? before : made;
  }

  private static JSObject object(JsonObject tree, JSObject before) {
    JSObject made = newObject();
    boolean there = isObject(before);
    boolean same = there && size(before) == tree.size();
    for (JsonObject.Member member : tree) {
      JSString name = JSString.valueOf(member.getName());
      JSObject was = there ? member(before, name) : undefined();
      JSObject is = object(member.getValue(), was);
      same = same && isSame(is, was);
      put(made, name, is);
    }
    return same ? before : made;
  }

  @JSBody(script = "return undefined;")
  static native JSObject undefined();

  @JSBody(script = "return null;")
  private static native JSObject nothing();

  @JSBody(script = "return [];")
  private static native JSObject newArray();

  @JSBody(script = "return {};")
  private static native JSObject newObject();

  @JSBody(params = "value", script = "return Array.isArray(value);")
  private static native boolean isArray(JSObject value);

  @JSBody(
      params = "value",
      script = "return typeof value === 'object' && value !== null && !Array.isArray(value);")
  private static native boolean isObject(JSObject value);

  @JSBody(params = "value", script = "return value.length;")
  private static native int length(JSObject value);

  @JSBody(params = "value", script = "return Object.keys(value).length;")
  private static native int size(JSObject value);

  @JSBody(
      params = {"value", "place"},
      script = "return value[place];")
  private static native JSObject item(JSObject value, int place);

  @JSBody(
      params = {"value", "item"},
      script = "value.push(item);")
  private static native void push(JSObject value, JSObject item);

  @JSBody(
      params = {"value", "name", "member"},
      script = "value[name] = member;")
  private static native void put(JSObject value, JSString name, JSObject member);

  @JSBody(
      params = {"one", "other"},
      script = "return one === other;")
  private static native boolean isSame(JSObject one, JSObject other);

  @JSBody(
      params = "v",
      script =
          "return v === undefined ? 8 : v === null ? 0 : v === true ? 1 : v === false ? 2"
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
