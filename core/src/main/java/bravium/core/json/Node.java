package bravium.core.json;

import com.eclipsesource.json.JsonArray;
import com.eclipsesource.json.JsonObject;
import com.eclipsesource.json.JsonValue;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Function;
import org.jspecify.annotations.Nullable;

/**
 * A value in a text being read. The path that leads to it is put together only when it is needed.
 */
public final class Node {

  /** The most characters of a text for which nothing less is said; more than anybody plays. */
  public static final int LONGEST = 50_000;

  /** The most items of a list for which nothing less is said: moves of a long lesson, say. */
  public static final int MOST_ITEMS = 50_000;

  private final JsonValue value;
  private final @Nullable Node parent;
  private final String name;
  private final int index;
  private final @Nullable List<String> notUnderstood;

  private Node(JsonValue value, @Nullable Node parent, String name, int index) {
    this(value, parent, name, index, parent == null ? null : parent.notUnderstood);
  }

  private Node(
      JsonValue value,
      @Nullable Node parent,
      String name,
      int index,
      @Nullable List<String> notUnderstood) {
    this.notUnderstood = notUnderstood;
    this.value = value;
    this.parent = parent;
    this.name = name;
    this.index = index;
  }

  /** The whole of what was written. */
  public static Node root(JsonValue value) {
    return new Node(value, null, "$", -1);
  }

  /** A root below which the paths of what is not understood are noted. */
  static Node root(JsonValue value, List<String> notUnderstood) {
    return new Node(value, null, "$", -1, notUnderstood);
  }

  void noteNotUnderstood() {
    if (notUnderstood != null) {
      notUnderstood.add(path());
    }
  }

  Node member(String name, JsonValue value) {
    return new Node(value, this, name, -1);
  }

  Node item(int index, JsonValue value) {
    return new Node(value, this, "", index);
  }

  JsonValue value() {
    return value;
  }

  /** The JSON path of this value. */
  String path() {
    if (parent == null) {
      return name;
    }
    return index < 0 ? parent.path() + "." + name : parent.path() + "[" + index + "]";
  }

  public Fields fields() {
    return new Fields(object(), this);
  }

  public String text() {
    return text(LONGEST);
  }

  /** A text of at most so many characters. */
  public String text(int longest) {
    if (!value.isString()) {
      throw expected("text");
    }
    String text = value.asString();
    if (text.length() > longest) {
      throw new FormatProblem(
          path(),
          "this text has " + text.length() + " characters; at most " + longest + " are kept");
    }
    return text;
  }

  public boolean isText() {
    return value.isString();
  }

  public boolean isList() {
    return value.isArray();
  }

  /** The items of a list of at most so many. */
  public <T> List<T> items(int most, Function<Node, T> reader) {
    if (!isList()) {
      throw expected("a list");
    }
    JsonArray array = value.asArray();
    if (array.size() > most) {
      throw new FormatProblem(
          path(), "this list has " + array.size() + " items; at most " + most + " are taken");
    }
    List<T> items = new ArrayList<>(array.size());
    for (int i = 0; i < array.size(); i++) {
      items.add(reader.apply(item(i, array.get(i))));
    }
    return List.copyOf(items);
  }

  public int integer() {
    long number = longInteger();
    if (number < Integer.MIN_VALUE || number > Integer.MAX_VALUE) {
      throw expected("a smaller number");
    }
    return (int) number;
  }

  public long longInteger() {
    if (!value.isNumber()) {
      throw expected("a whole number");
    }
    try {
      return Long.parseLong(value.toString());
    } catch (NumberFormatException e) {
      throw expected("a whole number");
    }
  }

  public boolean flag() {
    if (!value.isBoolean()) {
      throw expected("true or false");
    }
    return value.asBoolean();
  }

  public String kind() {
    return at("kind").text();
  }

  /** The member of this object with the given name; it must be there. */
  public Node at(String name) {
    JsonValue member = object().get(name);
    if (member == null) {
      throw missing(name);
    }
    return member(name, member);
  }

  public FormatProblem expected(String what) {
    return new FormatProblem(path(), "expected " + what);
  }

  FormatProblem missing(String member) {
    return new FormatProblem(path() + "." + member, "this is missing");
  }

  public FormatProblem refused(IllegalArgumentException reason) {
    return new FormatProblem(path(), String.valueOf(reason.getMessage()));
  }

  private JsonObject object() {
    if (!value.isObject()) {
      throw expected("an object");
    }
    return value.asObject();
  }
}
