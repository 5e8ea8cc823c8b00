package bravium.core.json;

import com.eclipsesource.json.JsonValue;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * What values are written to: a tree of JSON, or the values of the platform itself.
 *
 * @param <V> a value there: an object, a list, a text, a number, true or false
 */
public interface Target<V> {

  /** A new object without members. */
  V object();

  /** Gives an object a further member. */
  void put(V object, String name, V member);

  /** A list of what these items become. */
  <T> V list(List<T> items, Function<T, V> writer);

  /** A text. */
  V text(String text);

  /** A name that may be another one for whoever it is written for. */
  default V name(String name) {
    return text(name);
  }

  /** An id in whose place another may stand for whoever it is written for. */
  default V id(String id) {
    return text(id);
  }

  /** The id of a part of the question that is spoken of, in whose place another may stand. */
  default V part(String id) {
    return text(id);
  }

  /**
   * Where what is said of this question is written to.
   *
   * @param question null where none is spoken of: what is around stays
   */
  default Target<V> of(@Nullable String question) {
    return this;
  }

  /** A whole number; one of JavaScript's too, as it is no larger than 2^53. */
  V number(long number);

  /** True or false. */
  V flag(boolean flag);

  /** What was kept as it came. */
  V tree(JsonValue kept);
}
