package bravium.enginejs;

import bravium.core.json.Format;
import bravium.core.json.FormatProblem;
import bravium.enginejs.ScriptTarget.Made;
import java.util.function.Supplier;
import org.teavm.jso.JSObject;

/** What a function of a module answers. */
final class Answers {

  private Answers() {}

  /**
   * What the work makes, or an object with the problem where something doesn't follow the format.
   */
  static JSObject to(Supplier<Made> work) {
    try {
      return work.get().value();
    } catch (FormatProblem e) {
      return ScriptTarget.SCRIPT.tree(Format.problem(e)).value();
    }
  }
}
