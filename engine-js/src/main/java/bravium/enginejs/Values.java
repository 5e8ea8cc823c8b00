package bravium.enginejs;

import bravium.core.json.Format;
import bravium.core.json.FormatProblem;
import bravium.enginejs.ScriptTarget.Made;
import com.eclipsesource.json.JsonValue;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Supplier;
import org.teavm.jso.JSObject;

/** Values of the format from values of JavaScript, and back. */
final class Values {

  private static final ScriptTarget SCRIPT = ScriptTarget.SCRIPT;

  private Values() {}

  static <T> T read(Format<T> format, JSObject written) {
    return format.read(NativeJson.value(written));
  }

  static <T> List<T> readList(Format<T> format, JSObject written) {
    List<T> list = new ArrayList<>();
    items(written).forEach(item -> list.add(format.read(item)));
    return list;
  }

  static List<JsonValue> items(JSObject written) {
    JsonValue tree = NativeJson.value(written);
    if (!tree.isArray()) {
      throw new FormatProblem("$", "expected a list");
    }
    return tree.asArray().values();
  }

  static <T> Made list(Format<T> format, List<T> values) {
    return format.writeList(values, SCRIPT);
  }

  static Made number(int number) {
    return SCRIPT.number(number);
  }

  static JSObject done(Runnable work) {
    return answer(
        () -> {
          work.run();
          return SCRIPT.flag(true);
        });
  }

  static JSObject answer(Supplier<Made> work) {
    try {
      return work.get().value();
    } catch (FormatProblem e) {
      return SCRIPT.tree(Format.problem(e)).value();
    }
  }
}
