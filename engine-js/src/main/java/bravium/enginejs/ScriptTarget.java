package bravium.enginejs;

import bravium.core.json.Target;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.List;
import java.util.function.Function;
import org.teavm.jso.JSBody;
import org.teavm.jso.JSObject;
import org.teavm.jso.core.JSBoolean;
import org.teavm.jso.core.JSNumber;
import org.teavm.jso.core.JSString;

/** Writes values of JavaScript. */
final class ScriptTarget implements Target<ScriptTarget.Made> {

  static final ScriptTarget SCRIPT = new ScriptTarget();

  private ScriptTarget() {}

  /** A value of JavaScript in a hull of our own: as a bare one it would be looked up each time. */
  static final class Made {

    private final JSObject value;

    private Made(JSObject value) {
      this.value = value;
    }

    /** The value itself. */
    JSObject value() {
      return value;
    }
  }

  /**
   * What was made, of which all that says the same as before is the same object as before: so an
   * interface draws anew what changed, and nothing else.
   */
  @JSBody(
      params = {"before", "made"},
      script =
          "function share(a, b) {"
              + " if (a === b || typeof a !== 'object' || typeof b !== 'object'"
              + " || a === null || b === null) return b;"
              + " if (Array.isArray(b)) {"
              + " if (!Array.isArray(a)) return b;"
              + " var same = a.length === b.length;"
              + " for (var i = 0; i < b.length; i++) {"
              + " if (i < a.length) b[i] = share(a[i], b[i]);"
              + " same = same && a[i] === b[i]; }"
              + " return same ? a : b; }"
              + " var names = Object.keys(b);"
              + " var alike = Object.keys(a).length === names.length;"
              + " for (var k = 0; k < names.length; k++) {"
              + " var name = names[k];"
              + " b[name] = share(a[name], b[name]);"
              + " alike = alike && a[name] === b[name]; }"
              + " return alike ? a : b; }"
              + " return share(before, made);")
  static native JSObject shared(JSObject before, JSObject made);

  @Override
  public Made object() {
    return new Made(newObject());
  }

  @JSBody(script = "return {};")
  private static native JSObject newObject();

  @Override
  public void put(Made object, String name, Made member) {
    set(object.value, name, member.value);
  }

  @JSBody(
      params = {"object", "name", "member"},
      script = "object[name] = member;")
  private static native void set(JSObject object, String name, JSObject member);

  @Override
  public <T> Made list(List<T> items, Function<T, Made> writer) {
    JSObject list = newList();
    for (T item : items) {
      push(list, writer.apply(item).value);
    }
    return new Made(list);
  }

  @JSBody(script = "return [];")
  private static native JSObject newList();

  @JSBody(
      params = {"list", "item"},
      script = "list.push(item);")
  private static native void push(JSObject list, JSObject item);

  @Override
  public Made text(String text) {
    return new Made(JSString.valueOf(text));
  }

  @Override
  public Made number(long number) {
    int small = (int) number;
    return new Made(small == number ? JSNumber.valueOf(small) : JSNumber.valueOf((double) number));
  }

  @Override
  public Made flag(boolean flag) {
    return new Made(JSBoolean.valueOf(flag));
  }

  @Override
  public Made tree(JsonValue kept) {
    if (kept.isString()) {
      return text(kept.asString());
    }
    if (kept.isNumber()) {
      return new Made(JSNumber.valueOf(Double.parseDouble(kept.toString())));
    }
    if (kept.isArray()) {
      return list(kept.asArray().values(), this::tree);
    }
    if (kept.isObject()) {
      Made object = object();
      for (JsonObject.Member member : kept.asObject()) {
        put(object, member.getName(), tree(member.getValue()));
      }
      return object;
    }
    return kept.isNull() ? new Made(nothing()) : flag(kept.isTrue());
  }

  @JSBody(script = "return null;")
  private static native JSObject nothing();
}
